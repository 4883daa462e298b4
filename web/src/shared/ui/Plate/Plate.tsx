import type { ReactNode } from 'react';
import classes from './Plate.module.css';

interface PlateProps {
  readonly id?: string;
  readonly label?: string;
  readonly className?: string;
  readonly children: ReactNode;
}

/** An enamel plate: white, with a thin deep-blue rim. */
export function Plate({ id, label, className, children }: PlateProps) {
  return (
    <section id={id} className={`${classes.plate} ${className ?? ''}`} aria-label={label}>
      {children}
    </section>
  );
}

import { Button } from '@mantine/core';
import { QuantityField } from '../../../shared/ui/QuantityField.js';
import classes from '../../../shared/ui/stations.module.css';

interface OwnMixProps<Part extends string> {
  /** The field of the spec that holds the parts. */
  readonly limit: string;
  readonly labels: Readonly<Record<Part, string>>;
  readonly own: Readonly<Record<NoInfer<Part>, number>> | undefined;
  /** What the parts start from. */
  readonly usual: Readonly<Record<NoInfer<Part>, number>> | undefined;
  /** What the button back says. */
  readonly back: string;
  readonly onChange: (own: Readonly<Record<NoInfer<Part>, number>> | undefined) => void;
}

/** A mix of one's own, by its parts to 100 of flour. */
export function OwnMix<Part extends string>({
  limit,
  labels,
  own,
  usual,
  back,
  onChange,
}: OwnMixProps<Part>) {
  const parts = Object.keys(labels) as Part[];
  const usualParts = (from: Readonly<Record<Part, number>>): Readonly<Record<Part, number>> =>
    Object.fromEntries(parts.map((part) => [part, from[part]])) as Record<Part, number>;
  if (!own) {
    return (
      <div>
        <Button variant="default" onClick={() => usual && onChange(usualParts(usual))}>
          A mix of my own
        </Button>
      </div>
    );
  }
  return (
    <div className={classes.row} role="group" aria-label="Parts to 100 of flour">
      {parts.map((part) => (
        <QuantityField
          key={part}
          limit={`${limit}.${part}`}
          label={labels[part]}
          unit="ratio"
          width={76}
          value={own[part]}
          onChange={(value) => value !== null && onChange({ ...own, [part]: value })}
        />
      ))}
      <span>to 100 flour</span>
      <Button variant="default" onClick={() => onChange(undefined)}>
        {back}
      </Button>
    </div>
  );
}

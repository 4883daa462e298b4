import type { Top } from '@mardle/core';
import classes from './SliceOnPlate.module.css';
import type { SliceShape } from './shape.js';

interface SliceTopProps {
  readonly top: Top;
  readonly shape: SliceShape;
  readonly colour: string;
}

/** What lies on the slice, from the rim at the left to the tip at the right. */
export function SliceTop({ top, shape, colour }: SliceTopProps) {
  const { lengthCm, crustCm, fillingCm, gapCm, baseCm, rimCm } = shape;
  const left = -lengthCm / 2;
  const right = lengthCm / 2;
  const y = -baseCm - fillingCm - gapCm;
  const draw = (d: string, key?: number) => <path key={key} d={d} className={classes.crust} fill={colour} />;
  const along = (count: number, each: (x: number, i: number) => string) => (
    <>{Array.from({ length: count }, (_, i) => draw(each(left + ((i + 0.5) * lengthCm) / count, i), i))}</>
  );
  switch (top.kind) {
    case 'lid':
    case 'parcel':
      return draw(
        `M${left - rimCm} ${y}Q${left - rimCm - 0.2} ${y - crustCm * 1.6} ${left - 0.2} ${y - crustCm}Q0 ${y - crustCm - 0.5} ${right} ${y - crustCm - 0.25}V${y - 0.25}Q0 ${y - 0.5} ${left} ${y}Z`,
      );
    case 'lattice':
    case 'cut_outs': {
      const pieces =
        top.kind === 'lattice'
          ? Math.max(1, Math.round(top.lattice.long.length / 2))
          : Math.max(1, Math.round(lengthCm / top.cutOuts.sizeCm));
      const half = (lengthCm / pieces / 2) * Math.sqrt(1 - top.openShare);
      return along(pieces, (x, i) => {
        const lift = i % 2 ? 0 : crustCm * 0.4;
        return `M${x - half} ${y + 0.1 - lift}V${y - crustCm - lift}H${x + half}V${y + 0.1 - lift}Z`;
      });
    }
    case 'crumb': {
      const count = Math.round(lengthCm / 0.7);
      const high = top.crumb.thicknessCm;
      return along(count, (x, i) => {
        const tall = high * (0.75 + 0.35 * ((i * 37) % 10) * 0.1);
        return `M${x - 0.42} ${y + 0.15}Q${x - 0.5} ${y - tall} ${x} ${y - tall}T${x + 0.42} ${y + 0.15}Z`;
      });
    }
    case 'border': {
      const reach = Math.min(lengthCm * 0.8, (top.freeForm.fillingCm - top.freeForm.apertureCm) / 2);
      return draw(
        `M${left - crustCm} ${-baseCm}L${left - crustCm} ${y - crustCm}L${left + reach} ${y - crustCm * 0.8}V${y}L${left} ${y}V${-baseCm}Z`,
      );
    }
    case 'scones': {
      const half = (lengthCm / 4) * (1 - top.openShare);
      return along(
        2,
        (x) => `M${x - half} ${y + 0.2}C${x - half} ${y - 2} ${x + half} ${y - 2} ${x + half} ${y + 0.2}Z`,
      );
    }
    case 'batter':
      return draw(
        `M${left} ${y + 0.3}V${y}Q0 ${y - 0.4} ${right} ${y}V${y + 0.3}Q0 ${y} ${left} ${y + 0.3}Z`,
      );
    case 'open':
      return null;
  }
}

import type { OwnTopping } from '@mardle/core';
import { OwnMix } from './OwnMix.js';

const parts = {
  butter: 'Butter',
  sugar: 'Sugar',
  milk: 'Milk',
  egg: 'Egg',
  leaven: 'Baking powder',
  salt: 'Salt',
  spice: 'Spice',
} as const satisfies Record<keyof OwnTopping, string>;

interface OwnToppingPartProps {
  readonly limit: string;
  /** The Larder's, from which a mix of one's own starts. */
  readonly row: OwnTopping;
  readonly own: OwnTopping | undefined;
  readonly onChange: (own: OwnTopping | undefined) => void;
}

/** Scones or batter of one's own. */
export function OwnToppingPart({ limit, row, own, onChange }: OwnToppingPartProps) {
  return (
    <OwnMix
      limit={limit}
      labels={parts}
      own={own}
      usual={row}
      back="As the Larder has it"
      onChange={onChange}
    />
  );
}

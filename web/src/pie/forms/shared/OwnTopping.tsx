import type { OwnTopping, ToppingAmounts, ToppingBatch } from '@mardle/core';
import { toppingAmounts } from '@mardle/core';
import classes from '../../../shared/ui/stations.module.css';
import { OwnAmounts } from './OwnAmounts.js';
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

/** What a baker mixes otherwise than the Larder has it: by parts, or by amounts. */
interface OwnChoice {
  readonly own?: OwnTopping | undefined;
  readonly amounts?: ToppingAmounts | undefined;
}

interface OwnToppingPartProps {
  /** Path of the part of the spec that holds the choice. */
  readonly path: string;
  /** The Larder's, from which a mix of one's own starts. */
  readonly row: OwnTopping;
  readonly chosen: OwnChoice;
  /** What is mixed now. */
  readonly mixed: ToppingBatch | undefined;
  readonly flourCupG: number | undefined;
  readonly onChange: (choice: OwnChoice) => void;
}

/** Scones or batter of one's own. */
export function OwnToppingPart({ path, row, chosen, mixed, flourCupG, onChange }: OwnToppingPartProps) {
  const { own, amounts } = chosen;
  return (
    <div className={classes.row}>
      {!amounts && (
        <OwnMix
          limit={`${path}.own`}
          labels={parts}
          own={own}
          usual={row}
          back="As the Larder has it"
          onChange={(next) => onChange({ own: next })}
        />
      )}
      {!own && (
        <OwnAmounts<ToppingAmounts>
          limit={`${path}.amounts`}
          flourCupG={flourCupG}
          amounts={amounts}
          mixed={mixed ? toppingAmounts(mixed) : null}
          back="As the Larder has it"
          onChange={(next) => onChange({ amounts: next })}
        />
      )}
    </div>
  );
}

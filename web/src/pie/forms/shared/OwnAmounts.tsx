import { Button } from '@mantine/core';
import { cupG, gPerMl } from '@mardle/core';
import { QuantityField } from '../../../shared/ui/QuantityField.js';
import classes from '../../../shared/ui/stations.module.css';

/** What a mixture is made of: what it is called, and what a cup of it weighs, g. */
const parts = {
  flourG: { label: 'Flour', cupG: cupG.flour },
  butterG: { label: 'Butter', cupG: cupG.butter },
  sugarG: { label: 'Sugar', cupG: cupG.whiteSugar },
  oatsG: { label: 'Oats', cupG: cupG.oats },
  nutsG: { label: 'Nuts', cupG: cupG.nuts },
  milkG: { label: 'Milk', cupG: 240 * gPerMl.milk },
  eggG: { label: 'Egg', cupG: cupG.egg },
  leavenG: { label: 'Baking powder', cupG: 240 * gPerMl.leaven },
  waterG: { label: 'Water', cupG: 240 },
  saltG: { label: 'Salt', cupG: cupG.salt },
  spiceG: { label: 'Spice', cupG: cupG.spice },
  otherG: { label: 'Yolk, vinegar', cupG: 240 },
} as const;
type Part = keyof typeof parts;

interface OwnAmountsProps<Amounts> {
  /** What the amounts are called, where there are others beside them. */
  readonly called?: string;
  /** The field of the spec that holds the amounts. */
  readonly limit: string;
  /** What a cup of this kitchen's flour weighs, g. */
  readonly flourCupG?: number | undefined;
  readonly amounts: Amounts | undefined;
  /** What they start from: what is mixed now; null while that is not known. */
  readonly mixed: Amounts | null;
  /** What the button back says. */
  readonly back: string;
  readonly onChange: (amounts: Amounts | undefined) => void;
}

/** A mixture by the amounts of a recipe, as they are said: cups, sticks, eggs, grams. */
export function OwnAmounts<Amounts extends Readonly<Partial<Record<Part, number>>>>({
  called = 'Amounts of my recipe',
  limit,
  flourCupG,
  amounts,
  mixed,
  back,
  onChange,
}: OwnAmountsProps<Amounts>) {
  if (!amounts) {
    return (
      <Button
        variant="default"
        className={classes.start}
        disabled={!mixed}
        onClick={() => mixed && onChange(mixed)}
      >
        {called}
      </Button>
    );
  }
  return (
    <div className={classes.row} role="group" aria-label={called}>
      {(Object.keys(parts) as Part[])
        .filter((part) => part in amounts)
        .map((part) => (
          <QuantityField
            key={part}
            limit={`${limit}.${part}`}
            label={parts[part].label}
            unit="g"
            width={112}
            size="sm"
            cupG={part === 'flourG' && flourCupG !== undefined ? flourCupG : parts[part].cupG}
            value={amounts[part] ?? 0}
            onChange={(value) => value !== null && onChange({ ...amounts, [part]: value })}
          />
        ))}
      <Button variant="default" onClick={() => onChange(undefined)}>
        {back}
      </Button>
    </div>
  );
}

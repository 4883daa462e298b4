import type { Larder } from '../larder/index.js';
import { larderRow } from '../larder/index.js';
import type { FillingSpec } from '../schema/index.js';

/** What liquids, jams and purees bring into a filling, g. */
export interface Brought {
  readonly massG: number;
  readonly waterG: number;
  /** Of the water, what is held by their own cells and pectin. */
  readonly heldWaterG: number;
  readonly sugarsG: number;
  readonly acidG: number;
  readonly fatG: number;
  readonly alcoholG: number;
  /** Their own thickening, as g of corn starch. */
  readonly bodyG: number;
  /** Grams times hydrogen ions by the litre: what the pH of the mix is reckoned from. */
  readonly ionsG: number;
}

/** Adds up what goes in beside the fruit. Throws for rows that the larder lacks; `checkSpec` finds those first. */
export function broughtBy({ additions = [] }: Pick<FillingSpec, 'additions'>, larder: Larder): Brought {
  const rows = additions.map(({ addition, massG }) => ({
    row: larderRow(larder.additions, addition),
    massG,
  }));
  const sum = (of: (at: (typeof rows)[number]) => number): number =>
    rows.reduce((all, at) => all + of(at), 0);
  return {
    massG: sum(({ massG }) => massG),
    waterG: sum(({ row, massG }) => row.water * massG),
    heldWaterG: sum(({ row, massG }) => row.water * massG * (1 - row.free)),
    sugarsG: sum(({ row, massG }) => row.sugars * massG),
    acidG: sum(({ row, massG }) => row.acid * massG),
    fatG: sum(({ row, massG }) => row.fat * massG),
    alcoholG: sum(({ row, massG }) => row.alcohol * massG),
    bodyG: sum(({ row, massG }) => row.body * massG),
    ionsG: sum(({ row, massG }) => massG * 10 ** -row.ph),
  };
}

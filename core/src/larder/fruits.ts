import { byId, numberIn, readTable, textIn } from '../units/index.js';
import { fruitComposition, fruitHandling } from './fruits.table.js';

export type FruitGroup =
  'apple' | 'pear' | 'stone fruit' | 'berry' | 'currant' | 'stalk' | 'other' | 'dried' | 'canned';

export type FruitPiece = 'whole' | 'opened' | 'cut';

/** One fruit. Percentages are of the edible mass; shares lie between 0 and 1. */
export interface Fruit {
  readonly id: string;
  readonly label: string;
  readonly group: FruitGroup;
  readonly waterPercent: number;
  readonly sugarsPercent: number;
  readonly juiceBrix: number;
  readonly acidPercent: number;
  readonly ph: number;
  /** 0 none to 3 sets by itself. */
  readonly pectinClass: number;
  /** The fruit's own thickening, as g of corn starch per 100 g of syrup. */
  readonly bodyPer100G: number;
  /** Share of its water that ends free when baked from raw; negative: g of juice drunk per g of dried fruit. */
  readonly releaseFirm: number;
  readonly releaseRipe: number;
  /** Half of the nine-in-ten band of the release, as a share of it. */
  readonly releaseSpread: number;
  /** Cooked volume over heaped raw volume. */
  readonly collapse: number;
  readonly firmsAt71C: boolean;
  readonly refuse: number;
  readonly refuseUnpeeled: number | null;
  readonly cupG: number;
  readonly piecesPerKg: number | null;
  /** How it usually goes in: whole in its skin, opened (stoned but else whole), or cut. */
  readonly piece: FruitPiece;
  readonly browns: boolean;
  readonly prepareMinPerKg: number;
  readonly hazards: readonly string[];
  readonly unsuited: string | null;
  readonly source: string;
}

export type FruitTable = ReadonlyMap<string, Fruit>;

const sourceWords: Readonly<Record<string, string>> = {
  tables: 'standard food composition tables, from memory',
  estimate: 'our estimate, held against facts of the trade',
};

function readFruits(): Fruit[] {
  const handling = byId(readTable(fruitHandling).map((row) => ({ id: textIn(row, 'id'), row })));
  return readTable(fruitComposition).map((row) => {
    const id = textIn(row, 'id');
    const hands = handling.get(id)?.row;
    if (!hands) throw new Error(`fruit ${id} has no handling row`);
    const optional = (column: string): number | null =>
      textIn(hands, column) === '' ? null : numberIn(hands, column);
    return {
      id,
      label: textIn(hands, 'label'),
      group: textIn(hands, 'group') as FruitGroup,
      waterPercent: numberIn(row, 'water_pct'),
      sugarsPercent: numberIn(row, 'sugars_pct'),
      juiceBrix: numberIn(row, 'juice_brix'),
      acidPercent: numberIn(row, 'acid_pct'),
      ph: numberIn(row, 'ph'),
      pectinClass: numberIn(row, 'pectin_class'),
      bodyPer100G: numberIn(row, 'body_g_per_100g'),
      releaseFirm: numberIn(row, 'release_firm'),
      releaseRipe: numberIn(row, 'release_ripe'),
      releaseSpread: numberIn(row, 'release_spread'),
      collapse: numberIn(row, 'collapse'),
      firmsAt71C: numberIn(row, 'firms_at_71c') === 1,
      refuse: numberIn(hands, 'refuse'),
      refuseUnpeeled: optional('refuse_unpeeled'),
      cupG: numberIn(hands, 'cup_g'),
      piecesPerKg: optional('pieces_per_kg'),
      piece: textIn(hands, 'piece') as FruitPiece,
      browns: numberIn(hands, 'browns') === 1,
      prepareMinPerKg: numberIn(hands, 'prepare_min_per_kg'),
      hazards: textIn(hands, 'hazards').split(';').filter(Boolean),
      unsuited: textIn(hands, 'unsuited') || null,
      source: `composition: ${sourceWords[textIn(row, 'source_composition')]}; juice release: ${
        sourceWords[textIn(row, 'source_release')]
      }`,
    };
  });
}

/** The built-in fruits, by id, in the order of the table. */
export const builtInFruits: FruitTable = byId(readFruits());

/** Soluble solids as % of the edible mass, from the juice's Brix: water x Brix / (100 - Brix). */
export const solublePercent = (fruit: Fruit): number =>
  (fruit.waterPercent * fruit.juiceBrix) / (100 - fruit.juiceBrix);

import type { CareId } from '../care.js';
import type { BuiltInFruit } from './composition.js';
import { fruitCompositions } from './composition.js';
import type { FruitGroup, FruitPiece } from './handling.js';
import { fruitHandlings } from './handling.js';
import type { FruitTraits } from './traits.js';
import { fruitTraits } from './traits.js';

/** One fruit. Percentages are of the edible mass; shares lie between 0 and 1. */
export interface Fruit extends FruitTraits {
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
  readonly hazards: readonly CareId[];
  readonly unsuited: string | null;
  readonly source: string;
}

export type FruitTable = ReadonlyMap<string, Fruit>;

const SOURCE =
  'composition: standard food composition tables, from memory; juice release: our estimate, held against facts of the trade';

function fruitOf(id: BuiltInFruit): Fruit {
  const [
    waterPercent,
    sugarsPercent,
    juiceBrix,
    acidPercent,
    ph,
    pectinClass,
    bodyPer100G,
    releaseFirm,
    releaseRipe,
    releaseSpread,
    collapse,
    firmsAt71C,
  ] = fruitCompositions[id];
  const [
    label,
    group,
    piece,
    refuse,
    refuseUnpeeled,
    cupG,
    piecesPerKg,
    browns,
    prepareMinPerKg,
    hazards = [],
    unsuited = null,
  ] = fruitHandlings[id];
  return {
    id,
    label,
    group,
    waterPercent,
    sugarsPercent,
    juiceBrix,
    acidPercent,
    ph,
    pectinClass,
    bodyPer100G,
    releaseFirm,
    releaseRipe,
    releaseSpread,
    collapse,
    firmsAt71C,
    refuse,
    refuseUnpeeled,
    cupG,
    piecesPerKg,
    piece,
    browns,
    prepareMinPerKg,
    hazards,
    unsuited,
    ...fruitTraits[id],
    source: SOURCE,
  };
}

/** The built-in fruits, by id, in the order of the table. */
export const builtInFruits: FruitTable = new Map(
  (Object.keys(fruitCompositions) as BuiltInFruit[]).map((id) => [id, fruitOf(id)]),
);

/** Soluble solids as % of the edible mass, from the juice's Brix: water x Brix / (100 - Brix). */
export const solublePercent = (fruit: Fruit): number =>
  (fruit.waterPercent * fruit.juiceBrix) / (100 - fruit.juiceBrix);

import type { Fruit, Larder } from '../larder/index.js';
import { lemon, solublePercent } from '../larder/index.js';
import type { FillingSpec, FruitPart } from '../schema/index.js';

/** One fruit of the batch with its mass. */
export interface BatchFruit {
  readonly fruit: Fruit;
  readonly part: FruitPart;
  readonly massG: number;
  /** Share of its water that ran off before it was weighed. */
  readonly dripped?: number;
}

/** The fruit on the bench, resolved against the larder, with its sums in g. */
export interface Batch {
  readonly fruits: readonly BatchFruit[];
  readonly massG: number;
  readonly waterG: number;
  readonly sugarsG: number;
  readonly acidG: number;
  readonly solublesG: number;
}

/**
 * Share of what a thawed fruit will ever let go that runs off while it thaws: cut or opened fruit drips freely, a whole skin
 * holds. Estimates.
 */
const dripOfRelease = { open: 0.4, whole: 0.15 } as const;

/** Share of its water that a thawed and drained fruit has lost; 0 for all others. */
function drippedShare(fruit: Fruit, part: FruitPart): number {
  if (part.state !== 'thawed_drained' || fruit.releaseFirm < 0) return 0;
  const release = fruit.releaseFirm + ((fruit.releaseRipe - fruit.releaseFirm) * (part.ripeness + 2)) / 4;
  const whole = fruit.piece === 'whole' && part.cut !== 'thin';
  return release * (whole ? dripOfRelease.whole : dripOfRelease.open);
}

function bindFruit(part: FruitPart, massG: number, larder: Larder): BatchFruit {
  const fruit = larder.fruits.get(part.fruit);
  if (!fruit) throw new Error(`unknown fruit ${part.fruit}`);
  const dripped = drippedShare(fruit, part);
  if (dripped === 0) return { fruit, part, massG, dripped };
  // What is left is weighed drained: richer in dry matter by the share of juice that is gone.
  const lost = (dripped * fruit.waterPercent) / 100;
  const waterPercent = (fruit.waterPercent * (1 - dripped)) / (1 - lost);
  return { fruit: { ...fruit, waterPercent }, part, massG, dripped };
}

/**
 * Divides a fruit mass among the parts of the spec by their shares.
 * @param spec the filling
 * @param fruitMassG g, ready for the bowl
 * @param larder with the fruits it names
 * @returns each part with its grams
 * @example makeBatch(starterSpec.filling, 1000, builtInLarder).fruits.length // 1
 */
export function makeBatch(spec: FillingSpec, fruitMassG: number, larder: Larder): Batch {
  const shares = spec.fruits.reduce((sum, part) => sum + part.share, 0);
  const fruits = spec.fruits.map((part) => bindFruit(part, (fruitMassG * part.share) / shares, larder));
  const total = (percentOf: (fruit: Fruit) => number): number =>
    fruits.reduce((sum, { fruit, massG }) => sum + (massG * percentOf(fruit)) / 100, 0);
  return {
    fruits,
    massG: fruitMassG,
    waterG: total((fruit) => fruit.waterPercent),
    sugarsG: total((fruit) => fruit.sugarsPercent),
    acidG: total((fruit) => fruit.acidPercent),
    solublesG: total(solublePercent),
  };
}

/** Grams as bought for grams of prepared fruit. */
export function boughtMassG({ fruit, part, massG }: BatchFruit): number {
  const refuse = !part.peeled && fruit.refuseUnpeeled !== null ? fruit.refuseUnpeeled : fruit.refuse;
  const bought = part.state === 'fresh' ? refuse : 0;
  return massG / (1 - bought);
}

/** What goes in beside fruit and lemon, as far as it is sour. */
interface Sour {
  readonly massG: number;
  readonly ionsG: number;
}

/** pH of the filling's juice: hydrogen ions average by mass, not pH itself. Lemon juice counts as fruit. */
export function batchPh(batch: Batch, lemonJuiceG: number, beside: Sour = { massG: 0, ionsG: 0 }): number {
  const ions = batch.fruits.reduce((sum, { fruit, massG }) => sum + massG * 10 ** -fruit.ph, 0);
  return -Math.log10(
    (ions + lemonJuiceG * 10 ** -lemon.ph + beside.ionsG) / (batch.massG + lemonJuiceG + beside.massG),
  );
}

/** Heaped volume of the raw prepared fruit, in mL. */
export const heapedVolumeMl = (batch: Batch): number =>
  batch.fruits.reduce((sum, { fruit, massG }) => sum + (massG * 240) / fruit.cupG, 0);

/** Volume of the same fruit when baked, in mL, before sugar and juice are counted. */
export const collapsedVolumeMl = (batch: Batch): number =>
  batch.fruits.reduce((sum, { fruit, massG }) => sum + ((massG * 240) / fruit.cupG) * fruit.collapse, 0);

/** Thickness of a piece by the word for its cut, mm: slices, small fruit whole or halved. Common practice, no source. */
const cutMm: Readonly<Record<FruitPart['cut'], number>> = { thin: 3, usual: 7, chunks: 22, halves: 38 };
/** Small fruit in its skin, or halved. Estimate. */
const SMALL_MM = { whole: 12, opened: 12, halved: 7 } as const;

/** How thick the pieces of a fruit are, mm. */
export function pieceThicknessMm(fruit: Fruit, part: FruitPart): number {
  if (part.cutMm !== undefined) return part.cutMm;
  if (fruit.piece === 'cut') return cutMm[part.cut];
  return part.cut === 'thin' ? SMALL_MM.halved : SMALL_MM[fruit.piece];
}

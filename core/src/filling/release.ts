import type { BatchFruit } from './batch.js';

/** How cutting small, freezing and sugar open the fruit; each multiplies the share of water that stays in. Estimates. */
const releaseEffects = {
  thin: 0.15,
  frozen: 0.3,
  sugar: 0.15,
  sugarHalf: 0.25,
  heldAt71C: 0.75,
  stewed: 0.3,
} as const;

interface ReleaseConditions {
  /** Added sugar solids per g of fruit. */
  readonly sugarPerFruit: number;
  readonly heldAt71C: boolean;
  readonly stewed: boolean;
  /** What a bench test taught about this batch: a factor on the built-in release. */
  readonly factor: number;
}

/**
 * Release fraction: the share of a fruit's water that ends free when it is baked, 0 to .97.
 * Dried fruit gives 0; what it drinks is `driedUptakeG`.
 */
export function releaseFraction(
  { fruit, part, dripped = 0 }: BatchFruit,
  conditions: ReleaseConditions,
): number {
  if (fruit.releaseFirm < 0) return 0;
  const { sugarPerFruit, heldAt71C, stewed, factor } = conditions;
  const atRipeness = fruit.releaseFirm + ((fruit.releaseRipe - fruit.releaseFirm) * (part.ripeness + 2)) / 4;
  const frozen = part.state === 'fresh' ? 0 : releaseEffects.frozen;
  const cellsBroken = Math.max(frozen, stewed ? releaseEffects.stewed : 0);
  const kept =
    (1 - atRipeness * factor) *
    (1 - (part.cut === 'thin' ? releaseEffects.thin : 0)) *
    (1 - cellsBroken) *
    (1 - (releaseEffects.sugar * sugarPerFruit) / (sugarPerFruit + releaseEffects.sugarHalf));
  const held = heldAt71C && fruit.firmsAt71C ? releaseEffects.heldAt71C : 1;
  // What has dripped off already comes no more.
  const release = ((1 - kept) * held - dripped) / (1 - dripped);
  return Math.min(0.97, Math.max(0, release));
}

/** Juice in g that the dried fruit of a batch drinks. */
export const driedUptakeG = (fruits: readonly BatchFruit[]): number =>
  fruits.reduce((sum, { fruit, massG }) => sum + massG * Math.max(0, -fruit.releaseFirm), 0);

/** Weeping: share of the water that will come free which sugar draws out in the bowl, and how fast. */
export const weepEffects = {
  atMost: 0.82,
  sugarHalf: 0.1,
  tauCutMin: 35,
  tauWholeMin: 120,
  drained: 0.85,
  sugarCarried: 0.7225,
  solublesPerWater: 0.11,
  laterRelease: 0.75,
} as const;

/**
 * Water in g that sugar draws from a fruit in the bowl. It is a share of what the fruit can release at all, so that a
 * fruit which weeps more is one that will run more (docs/decisions/0004-weep-test.md).
 */
export function drawnWaterG(
  { fruit, part, massG }: BatchFruit,
  release: number,
  sugarPerFruit: number,
  timeMin: number,
): number {
  const { atMost, sugarHalf, tauCutMin, tauWholeMin } = weepEffects;
  const skinWhole = fruit.piece === 'whole' && part.cut !== 'thin' && part.state === 'fresh';
  const tau = skinWhole ? tauWholeMin : tauCutMin;
  const drive = (atMost * sugarPerFruit) / (sugarPerFruit + sugarHalf);
  return (massG * fruit.waterPercent * release * drive * (1 - Math.exp(-timeMin / tau))) / 100;
}

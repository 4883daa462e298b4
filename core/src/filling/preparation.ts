import type { FillingSpec, Preparation, PreparationKind } from '../schema/index.js';
import type { Batch } from './batch.js';
import { drawnWaterG, releaseFraction, weepEffects } from './release.js';
import { syrupBoilingC, syrupDensity } from './syrup.js';

/** What each preparation does, in one table. Shares are of the free water; estimates held against facts of the trade. */
export const preparations: Readonly<
  Record<
    PreparationKind,
    {
      readonly label: string;
      readonly minutes: number;
      readonly what: string;
      /** Heaped volume of the fruit when it goes in, against raw: 0 means it lies as compact as when baked. */
      readonly heap: number;
      /** Minutes of boiling the juice down, and of boiling with the starch in it, before the oven. */
      readonly boilMin: number;
      readonly starchBoilMin: number;
      readonly coolMin: number;
      /** Heat that the fruit is kept at for its minutes, C; null where it stays raw. */
      readonly heldAtC: number | null;
      /** The fruit's own body over that of raw fruit: broken cells free their pectin. Estimate. */
      readonly freesBody: number;
      /** Cooked and thickened before it goes in. */
      readonly cooked: boolean;
      /** Goes into the oven; a glaze with raw fruit does not. */
      readonly baked: boolean;
    }
  >
> = {
  raw: {
    label: 'Raw',
    minutes: 0,
    what: 'Toss with sugar and thickener and fill.',
    heap: 1,
    boilMin: 0,
    starchBoilMin: 0,
    coolMin: 0,
    heldAtC: null,
    freesBody: 1,
    cooked: false,
    baked: true,
  },
  weep: {
    label: 'Weep and boil down',
    minutes: 45,
    what: 'Sugar and lemon draw the juice; drain it, boil it down, give it back.',
    heap: 0.85,
    boilMin: 10,
    starchBoilMin: 0,
    coolMin: 20,
    heldAtC: null,
    freesBody: 1,
    cooked: false,
    baked: true,
  },
  hold: {
    label: 'Hold warm',
    minutes: 20,
    what: 'Warm the fruit until its own pectin firms it and keep it there, never boiling: it keeps its shape when baked.',
    heap: 0,
    boilMin: 8,
    starchBoilMin: 1,
    coolMin: 60,
    heldAtC: 71,
    freesBody: 1,
    cooked: false,
    baked: true,
  },
  stew: {
    label: 'Stew',
    minutes: 12,
    what: 'Simmer, thicken with a cold slurry, cool.',
    heap: 0,
    boilMin: 0,
    starchBoilMin: 2,
    coolMin: 90,
    heldAtC: 95,
    freesBody: 2,
    cooked: true,
    baked: true,
  },
  glaze: {
    label: 'Glaze and raw fruit',
    minutes: 8,
    what: 'Cook a glaze from part of the fruit and fold the raw rest through it. It is not baked again.',
    heap: 0,
    boilMin: 0,
    starchBoilMin: 1,
    coolMin: 60,
    heldAtC: null,
    freesBody: 1,
    cooked: false,
    baked: false,
  },
  saute: {
    label: 'Fry in butter',
    minutes: 12,
    what: 'Fry in butter and sugar, deglaze, thicken, chill.',
    heap: 0,
    boilMin: 0,
    starchBoilMin: 1,
    coolMin: 60,
    heldAtC: 95,
    freesBody: 1,
    cooked: true,
    baked: true,
  },
};

/**
 * Share of the fruit that is cooked beforehand: all of it unless part goes in raw; none where nothing is heated.
 * @param options a preparation
 * @returns 0 to 1
 * @example cookedShare({ kind: 'stew' }) // 1
 */
export function cookedShare({ kind, cookedShare: told }: Preparation): number {
  return preparations[kind].heldAtC === null ? 0 : (told ?? 1);
}

/** Less cooked fruit than this is a raw filling with something cooked in it. Estimate. */
const COUNTS_AS_COOKED = 0.6;

/** Fried or stewed and thickened before it goes in, all or most of it. */
export const isCooked = ({ preparation }: Pick<FillingSpec, 'preparation'>): boolean =>
  preparations[preparation.kind].cooked && cookedShare(preparation) >= COUNTS_AS_COOKED;

/** The filling goes into the oven. */
export const isBaked = ({ preparation }: Pick<FillingSpec, 'preparation'>): boolean =>
  preparations[preparation.kind].baked;

/** Where fruit firms, C. Bartolome & Hoff 1972, Van Buren 1979 (from memory); 160 F in the trade. */
export const HOLD_C = 71;
/** Stewing, uncovered: g of water that a wide pan loses in a minute. Estimate. */
const STEW_LOSS_G_PER_MIN = 4.5;
/** Frying keeps this share of the free water. Estimate. */
const SAUTE_KEEPS = 0.4;
/** Holding at 71 C: share of the free water that pools, and what it is boiled down to. Estimate. */
const HOLD_POOLS = 0.75;
const HOLD_BOILED_TO = 0.6;
/** No boiling down goes past this: syrup turns to candy. */
export const HIGHEST_BRIX = 70;
export const USUAL_BRIX = 65;

/** Where a baker stops the pan: whichever comes first on scale, thermometer or jug. */
interface BoilStop {
  readonly juiceG: number;
  readonly juiceBrix: number;
  readonly stopMassG: number;
  readonly stopVolumeMl: number;
  readonly stopTempC: number;
  readonly stopBrix: number;
}

/** Water in g after the preparation: what came or will come free, what was boiled away before the oven. */
export interface Prepared {
  readonly freeFruitWaterG: number;
  readonly liquidWaterG: number;
  readonly boiledOffG: number;
  readonly starchBoilMin: number;
  readonly releases: readonly number[];
  readonly boilStop: BoilStop | null;
}

interface PreparationInputs {
  readonly batch: Batch;
  readonly preparation: Preparation;
  readonly sugarSolidsG: number;
  /** Water of lemon juice and liquid sugars. */
  readonly addedWaterG: number;
  readonly releaseFactor: number;
}

const total = (values: readonly number[]): number => values.reduce((sum, value) => sum + value, 0);

/** Boiling a juice down to a Brix or a share, never past candy; nothing to do when it is already there. */
export function boilDown(waterG: number, solidsG: number, targetBrix: number): BoilStop {
  const juiceG = waterG + solidsG;
  const juiceBrix = juiceG > 0 ? (100 * solidsG) / juiceG : 0;
  const stopBrix = Math.min(HIGHEST_BRIX, Math.max(targetBrix, juiceBrix));
  const stopMassG = stopBrix > 0 ? Math.min(juiceG, (100 * solidsG) / stopBrix) : juiceG;
  return {
    juiceG,
    juiceBrix,
    stopMassG,
    stopVolumeMl: stopMassG / syrupDensity(stopBrix),
    stopTempC: syrupBoilingC(stopBrix),
    stopBrix,
  };
}

function weepAndDrain(inputs: PreparationInputs, releases: readonly number[], minutes: number): Prepared {
  const { batch, preparation, sugarSolidsG, addedWaterG } = inputs;
  const perFruit = sugarSolidsG / batch.massG;
  const willRelease = total(
    batch.fruits.map((f, i) => (f.massG * f.fruit.waterPercent * (releases[i] ?? 0)) / 100),
  );
  const drawn = total(batch.fruits.map((f, i) => drawnWaterG(f, releases[i] ?? 0, perFruit, minutes)));
  const drainedWaterG = weepEffects.drained * (drawn + addedWaterG);
  const solidsG =
    drainedWaterG > 0
      ? weepEffects.sugarCarried * sugarSolidsG + weepEffects.solublesPerWater * drainedWaterG
      : 0;
  const boilStop = boilDown(drainedWaterG, solidsG, preparation.boilToBrix ?? USUAL_BRIX);
  return {
    freeFruitWaterG: drawn + weepEffects.laterRelease * (willRelease - drawn),
    liquidWaterG: addedWaterG,
    boiledOffG: boilStop.juiceG - boilStop.stopMassG,
    starchBoilMin: preparations.weep.starchBoilMin,
    releases,
    boilStop,
  };
}

/** Where the water stands when the filling goes into its pastry. */
export function prepare(inputs: PreparationInputs): Prepared {
  const { batch, preparation, sugarSolidsG, addedWaterG, releaseFactor } = inputs;
  const { kind } = preparation;
  const minutes = preparation.minutes ?? preparations[kind].minutes;
  const cooked = cookedShare(preparation);
  const releases = batch.fruits.map((fruit) => {
    const release = (heldAt71C: boolean, stewed: boolean): number =>
      releaseFraction(fruit, {
        sugarPerFruit: sugarSolidsG / batch.massG,
        heldAt71C,
        stewed,
        factor: releaseFactor,
      });
    return cooked * release(kind === 'hold', kind === 'stew') + (1 - cooked) * release(false, false);
  });
  if (kind === 'weep') return weepAndDrain(inputs, releases, minutes);
  const freeFruitWaterG = total(
    batch.fruits.map(({ massG, fruit }, i) => (massG * fruit.waterPercent * (releases[i] ?? 0)) / 100),
  );
  const stirredInG = preparation.liquidG ?? 0;
  const liquidWaterG = addedWaterG + stirredInG;
  const free = freeFruitWaterG + liquidWaterG;
  const boiledOff: Record<Exclude<PreparationKind, 'weep'>, number> = {
    raw: 0,
    hold: cooked * HOLD_POOLS * free * (1 - HOLD_BOILED_TO),
    stew: Math.min(0.6 * cooked * free, STEW_LOSS_G_PER_MIN * minutes),
    glaze: 0,
    saute: cooked * (1 - SAUTE_KEEPS) * freeFruitWaterG,
  };
  return {
    freeFruitWaterG,
    liquidWaterG,
    boiledOffG: boiledOff[kind],
    starchBoilMin: preparations[kind].starchBoilMin,
    releases,
    boilStop: null,
  };
}

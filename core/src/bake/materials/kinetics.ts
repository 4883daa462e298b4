import { constant } from './constants.js';
import { dryEnoughToBrown } from './crust.js';

const GAS = 8.314;
const STARCH_RATE = constant('starchRate');
const STARCH_EA = constant('starchEa');
const SOFTENING_RATE = constant('softeningRate');
const SOFTENING_EA = constant('softeningEa');
const BROWNING_RATE = constant('browningRate');
const BROWNING_EA = constant('browningEa');

/** Arrhenius rate in 1/s: `rate` holds at `atC`; activation energy in kJ/mol. */
export const arrhenius = (rate: number, activationKJ: number, atC: number, tempC: number): number =>
  rate * Math.exp(((-activationKJ * 1000) / GAS) * (1 / (tempC + 273.15) - 1 / (atC + 273.15)));

/** No starch swells faster, 1/s. */
const MOST_STARCH_RATE = 1;

const swellsInSyrupC = (swellsC: number, syrupShare: number): number =>
  swellsC + 20 * syrupShare + 30 * syrupShare ** 2;

/**
 * Starch swelling in 1/s; the middle of its range rises with the sugar share of the syrup by 20 s + 30 s^2.
 * @param tempC C
 * @param swellsC middle of its range in water, C
 * @param syrupShare sugar in the syrup, 0 to 1
 * @returns 1/s
 * @example starchRate(90, 68, 0.3) // 0.2009
 */
export const starchRate = (tempC: number, swellsC: number, syrupShare: number): number =>
  Math.min(MOST_STARCH_RATE, arrhenius(STARCH_RATE, STARCH_EA, swellsInSyrupC(swellsC, syrupShare), tempC));

/**
 * Fruit softening in 1/s.
 * @param tempC C
 * @param factor of the fruit, apple 1
 * @returns 1/s
 * @example softeningRate(95, 1) // 0.004049
 */
export const softeningRate = (tempC: number, factor: number): number =>
  factor * arrhenius(SOFTENING_RATE, SOFTENING_EA, 100, tempC);

/** Share of the softening that so many minutes at a heat do. */
export const softenedShare = (tempC: number, timeMin: number, factor: number): number =>
  1 - Math.exp(-60 * timeMin * softeningRate(tempC, factor));

/** How far the middle of a slice of half-thickness a lags behind its faces, s: a^2 / (pi^2 alpha) (Carslaw & Jaeger, from memory). */
export const pieceLag = (halfM: number): number => halfM ** 2 / (Math.PI ** 2 * constant('pieceDiffusivity'));

/** Browning in 1/s of what is dry. */
export const dryBrowningRate = (tempC: number, washFactor: number): number =>
  washFactor * arrhenius(BROWNING_RATE, BROWNING_EA, 150, tempC);

/**
 * Browning in 1/s: heat browns only what is nearly dry.
 * @param tempC C
 * @param waterActivity 0 to 1
 * @param washFactor of the wash, bare 1
 * @returns 1/s
 * @example browningRate(160, 0.1, 1) // 0.002183
 */
export const browningRate = (tempC: number, waterActivity: number, washFactor: number): number =>
  dryBrowningRate(tempC, washFactor) * dryEnoughToBrown(waterActivity);

/** A rate over temperature as a table, for sums that ask for it a million times. */
export interface RateTable {
  readonly rates: Float64Array;
  /** Factor on all of it, and the fastest that it gets, 1/s. */
  readonly times: number;
  readonly most: number;
}

const COLDEST_C = -40;
const HOTTEST_C = 320;
const PER_C = 4;

export const rateTable = (rate: (tempC: number) => number): RateTable => ({
  rates: Float64Array.from({ length: (HOTTEST_C - COLDEST_C) * PER_C + 1 }, (_, i) =>
    rate(COLDEST_C + i / PER_C),
  ),
  times: 1,
  most: Infinity,
});

/** A rate that is another one so many times: Arrhenius' laws of one activation energy differ by a factor alone. */
export const timesRate = (table: RateTable, times: number, most = table.most): RateTable => ({
  ...table,
  times: table.times * times,
  most,
});

export function rateAt({ rates, times, most }: RateTable, tempC: number): number {
  const i = ((tempC - COLDEST_C) * PER_C + 0.5) | 0;
  return Math.min(most, times * rates[i < 0 ? 0 : i >= rates.length ? rates.length - 1 : i]!);
}

const WATER_SWELLS_C = 70;
const inWater = rateTable((tempC) => arrhenius(STARCH_RATE, STARCH_EA, WATER_SWELLS_C, tempC));
const asApples = rateTable((tempC) => softeningRate(tempC, 1));

/** `starchRate` of one filling as a table. */
export const starchTable = (swellsC: number, syrupShare: number): RateTable =>
  timesRate(
    inWater,
    arrhenius(1, STARCH_EA, swellsInSyrupC(swellsC, syrupShare), WATER_SWELLS_C),
    MOST_STARCH_RATE,
  );

/** `softeningRate` of one fruit as a table. */
export const softeningTable = (factor: number): RateTable => timesRate(asApples, factor);

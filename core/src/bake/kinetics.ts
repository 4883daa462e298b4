import { constant } from './constants.js';

const GAS = 8.314;
const STARCH_RATE = constant('starch_rate');
const STARCH_EA = constant('starch_ea');
const SOFTENING_RATE = constant('softening_rate');
const SOFTENING_EA = constant('softening_ea');
const BROWNING_RATE = constant('browning_rate');
const BROWNING_EA = constant('browning_ea');

/** Arrhenius rate in 1/s: `rate` holds at `atC`; activation energy in kJ/mol. */
export const arrhenius = (rate: number, activationKJ: number, atC: number, tempC: number): number =>
  rate * Math.exp(((-activationKJ * 1000) / GAS) * (1 / (tempC + 273.15) - 1 / (atC + 273.15)));

/** Starch swelling in 1/s; the middle of its range rises with the sugar share of the syrup by 20 s + 30 s^2. */
export const starchRate = (tempC: number, swellsC: number, syrupShare: number): number =>
  Math.min(1, arrhenius(STARCH_RATE, STARCH_EA, swellsC + 20 * syrupShare + 30 * syrupShare ** 2, tempC));

/** Fruit softening in 1/s. */
export const softeningRate = (tempC: number, factor: number): number =>
  factor * arrhenius(SOFTENING_RATE, SOFTENING_EA, 100, tempC);

/** Browning in 1/s: heat browns only what is nearly dry. */
export const browningRate = (tempC: number, waterActivity: number, washFactor: number): number =>
  (washFactor * arrhenius(BROWNING_RATE, BROWNING_EA, 150, tempC)) /
  (1 + Math.exp((waterActivity - 0.88) / 0.06));

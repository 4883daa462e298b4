import { constant } from './constants.js';
import { boilingC } from './water.js';

/**
 * Water activity of pastry by its moisture (kg water per kg dry), Oswin's isotherm turned round:
 * X = A (a / (1 - a))^B.
 */
export function crustActivity(moisture: number): number {
  if (moisture <= 0) return 0.01;
  return 1 / (1 + (constant('oswin_a') / moisture) ** (1 / constant('oswin_b')));
}

/** Boiling point and water activity of crust over moisture, as tables: the step looks them up for every cell. */
export interface CrustTable {
  readonly perMoisture: number;
  readonly activity: Float64Array;
  readonly boilingC: Float64Array;
}

const ENTRIES = 512;
const HIGHEST_MOISTURE = 0.8;
/** Pastry hotter than this is charring; its last water is held for ever. */
const HIGHEST_C = 280;

export function crustTable(pressurePa: number): CrustTable {
  const moistures = Array.from({ length: ENTRIES }, (_, i) => (HIGHEST_MOISTURE * (i + 0.5)) / ENTRIES);
  return {
    perMoisture: ENTRIES / HIGHEST_MOISTURE,
    activity: Float64Array.from(moistures, crustActivity),
    boilingC: Float64Array.from(moistures, (x) =>
      Math.min(HIGHEST_C, boilingC(pressurePa, crustActivity(x))),
    ),
  };
}

export const crustIndex = (table: CrustTable, moisture: number): number => {
  const i = (moisture * table.perMoisture) | 0;
  return i < ENTRIES ? i : ENTRIES - 1;
};

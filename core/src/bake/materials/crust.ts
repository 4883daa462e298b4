import { constant } from './constants.js';
import { boilingC, saturationPa } from './water.js';

/**
 * Water activity of pastry by its moisture (kg water per kg dry), Oswin's isotherm turned round:
 * X = A (a / (1 - a))^B.
 * @param moisture kg of water per kg dry
 * @returns water activity, 0 to 1
 * @example crustActivity(0.1) // 0.6215
 */
export function crustActivity(moisture: number): number {
  if (moisture <= 0) return 0.01;
  return 1 / (1 + (constant('oswinA') / moisture) ** (1 / constant('oswinB')));
}

/** Boiling point and water activity of crust over moisture, as tables: the step looks them up for every cell. */
export interface CrustTable {
  readonly activity: Float64Array;
  readonly boilingC: Float64Array;
  /** Share of the browning rate that this much water leaves. */
  readonly browns: Float64Array;
  /** kg of water per kg dry that no heat of an oven drives out: bone-dry pastry has no boiling point. */
  readonly heldMoisture: number;
}

const ENTRIES = 1024;
const HIGHEST_MOISTURE = 0.8;
const PER_MOISTURE = ENTRIES / HIGHEST_MOISTURE;
/** Pastry hotter than this is charring; its last water is held for ever. */
const HIGHEST_C = 280;
/**
 * Browning waits until the crust is nearly dry: half at this activity, over this width; and it slows again where hardly any
 * water is left. Memory (Maillard, food texts).
 */
const BROWNS_AT = 0.86;
const BROWNS_OVER = 0.08;

export const dryEnoughToBrown = (waterActivity: number): number => {
  const dry = constant('brownsDry');
  const water = 1 - (1 - dry) * Math.exp(-waterActivity / constant('brownsOver'));
  return water / (1 + Math.exp((waterActivity - BROWNS_AT) / BROWNS_OVER));
};

/** Tables by the pressure in Pa that they were made for: a kitchen has one, a search asks for it a hundred times. */
const made = new Map<number, CrustTable>();
const MOST_MADE = 8;

export function crustTable(pressurePa: number): CrustTable {
  const before = made.get(pressurePa);
  if (before) return before;
  if (made.size >= MOST_MADE) made.clear();
  const table = makeCrustTable(pressurePa);
  made.set(pressurePa, table);
  return table;
}

function makeCrustTable(pressurePa: number): CrustTable {
  const charsBelow = pressurePa / saturationPa(HIGHEST_C);
  const activity = Float64Array.from({ length: ENTRIES + 2 }, (_, i) => crustActivity(i / PER_MOISTURE));
  return {
    activity,
    boilingC: activity.map((a) => (a > charsBelow ? boilingC(pressurePa, a) : HIGHEST_C)),
    browns: activity.map(dryEnoughToBrown),
    heldMoisture: activity.findIndex((a) => a > charsBelow) / PER_MOISTURE,
  };
}

/** The value of a table at a moisture, straight lines between its entries. */
export function crustAt(table: Float64Array, moisture: number): number {
  const at = moisture * PER_MOISTURE;
  if (at >= ENTRIES) return table[ENTRIES]!;
  if (at <= 0) return table[0]!;
  const i = at | 0;
  return table[i]! + (table[i + 1]! - table[i]!) * (at - i);
}

/** How steeply a table falls with moisture there. */
export function crustSlope(table: Float64Array, moisture: number): number {
  const i = Math.min(ENTRIES - 1, Math.max(0, (moisture * PER_MOISTURE) | 0));
  return (table[i + 1]! - table[i]!) * PER_MOISTURE;
}

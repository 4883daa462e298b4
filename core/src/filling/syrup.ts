/**
 * Density of a sucrose syrup at 20 C in g/mL for x in Brix.
 * Fit to published sucrose density tables (ICUMSA; NBS Circular 440, Bates 1942), checked in the tests.
 * @param brix sugar, % by mass
 * @returns g/mL
 * @example syrupDensity(40) // 1.179
 */
export const syrupDensity = (brix: number): number => 1 + 0.003838 * brix + 1.5625e-5 * brix ** 2;

/**
 * Boiling point of a sucrose syrup at sea level in C. Steps of the elevation table in Hugot, Handbook of Cane Sugar
 * Engineering (from memory), joined by straight lines.
 */
const elevations: readonly (readonly [brix: number, riseC: number])[] = [
  [0, 0],
  [10, 0.1],
  [20, 0.3],
  [30, 0.6],
  [40, 1.0],
  [50, 1.8],
  [60, 3.0],
  [70, 5.1],
  [80, 9.4],
];

/**
 * Boiling point of a sucrose syrup: fit to Hugot (from memory).
 * @param brix sugar, % by mass
 * @returns C at sea level
 * @example syrupBoilingC(65) // 104
 */
export function syrupBoilingC(brix: number): number {
  const upper = elevations.findIndex(([at]) => at >= brix);
  const [x1, y1] = elevations[Math.max(1, upper < 0 ? elevations.length - 1 : upper)] ?? [80, 9.4];
  const [x0, y0] = elevations[Math.max(1, upper < 0 ? elevations.length - 1 : upper) - 1] ?? [70, 5.1];
  return 100 + y0 + ((y1 - y0) * (brix - x0)) / (x1 - x0);
}

/** Sucrose and water, g/mol. */
const SUCROSE = 342.3;
const WATER = 18.015;

/**
 * Water activity of a sucrose syrup: Norrish 1966, constant 6.47 for sucrose (from memory).
 * @param brix sugar, % by mass
 * @returns 0 to 1
 * @example syrupWaterActivity(60) // 0.8953
 */
export function syrupWaterActivity(brix: number): number {
  const sucroseMol = brix / SUCROSE;
  const waterMol = (100 - brix) / WATER;
  const sucrose = sucroseMol / (sucroseMol + waterMol);
  return (1 - sucrose) * Math.exp(-6.47 * sucrose ** 2);
}

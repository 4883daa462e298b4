/**
 * Thermal properties of food by its components, after Choi & Okos 1986 (coefficients as printed in the ASHRAE Handbook,
 * Refrigeration, chapter on thermal properties of foods; from memory). T in C; W/(m K), J/(kg K), kg/m3.
 */
export interface Composition {
  readonly water: number;
  readonly protein: number;
  readonly fat: number;
  readonly carbohydrate: number;
  readonly fibre?: number;
  readonly ash?: number;
}

type Component = keyof Composition;
type Quadratic = readonly [number, number, number];

const conductivityOf: Readonly<Record<Component, Quadratic>> = {
  water: [5.7109e-1, 1.7625e-3, -6.7036e-6],
  protein: [1.7881e-1, 1.1958e-3, -2.7178e-6],
  fat: [1.8071e-1, -2.7604e-4, -1.7749e-7],
  carbohydrate: [2.0141e-1, 1.3874e-3, -4.3312e-6],
  fibre: [1.8331e-1, 1.2497e-3, -3.1683e-6],
  ash: [3.2962e-1, 1.4011e-3, -2.9069e-6],
};

const densityOf: Readonly<Record<Component, Quadratic>> = {
  water: [9.9718e2, 3.1439e-3, -3.7574e-3],
  protein: [1.3299e3, -5.184e-1, 0],
  fat: [9.2559e2, -4.1757e-1, 0],
  carbohydrate: [1.5991e3, -3.1046e-1, 0],
  fibre: [1.3115e3, -3.6589e-1, 0],
  ash: [2.4238e3, -2.8063e-1, 0],
};

const specificHeatOf: Readonly<Record<Component, Quadratic>> = {
  water: [4.1762e3, -9.0864e-2, 5.4731e-3],
  protein: [2.0082e3, 1.2089, -1.3129e-3],
  fat: [1.9842e3, 1.4733, -4.8008e-3],
  carbohydrate: [1.5488e3, 1.9625, -5.9399e-3],
  fibre: [1.8459e3, 1.8306, -4.6509e-3],
  ash: [1.0926e3, 1.8896, -3.6817e-3],
};

const at = ([a, b, c]: Quadratic, tempC: number): number => a + b * tempC + c * tempC * tempC;
const entries = (food: Composition): [Component, number][] => Object.entries(food) as [Component, number][];

export const density = (food: Composition, tempC: number): number =>
  1 / entries(food).reduce((sum, [part, share]) => sum + share / at(densityOf[part], tempC), 0);

/**
 * Choi and Okos 1986: heat capacities weighted by mass.
 * @param food mass shares of water, carbohydrate, protein, fat, fibre, ash
 * @param tempC C
 * @returns J/(kg K)
 * @example specificHeat({ water: 1 }, 20) // 4177
 */
export const specificHeat = (food: Composition, tempC: number): number =>
  entries(food).reduce((sum, [part, share]) => sum + share * at(specificHeatOf[part], tempC), 0);

/**
 * Parallel model: conductivities weighted by volume.
 * @param food mass shares as in `specificHeat`
 * @param tempC C
 * @returns W/(m K)
 * @example conductivity({ water: 1 }, 20) // 0.6037
 */
export function conductivity(food: Composition, tempC: number): number {
  const rho = density(food, tempC);
  return entries(food).reduce(
    (sum, [part, share]) =>
      sum + ((share * rho) / at(densityOf[part], tempC)) * at(conductivityOf[part], tempC),
    0,
  );
}

/** Voids between pieces of conductivity k: Maxwell's two-phase form for a share e of spheres of conductivity v. */
export const withVoids = (k: number, voidK: number, share: number): number =>
  (k * (voidK + 2 * k - 2 * share * (k - voidK))) / (voidK + 2 * k + share * (k - voidK));

/** Conductivity of dry air, W/(m K). Handbook. */
const AIR_K = 0.026;

/** The same with still air in the voids. */
export const withAir = (k: number, airShare: number): number => withVoids(k, AIR_K, airShare);

/**
 * Moist air carries latent heat from its hot side to its cold one: conductivity and vapour diffusion together, W/(m K):
 * .09 at 20 C, .6 at 60, 1.9 at 80, as an exponential. From memory of the moist porous media literature.
 * @param tempC C
 * @returns W/(m K)
 * @example moistAirK(60) // 0.665
 */
export const moistAirK = (tempC: number): number => Math.min(3, 0.09 * Math.exp((tempC - 20) * 0.05));

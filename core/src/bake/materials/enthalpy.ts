import { FUSION_J_KG, ICE_J_KG_K, WATER_J_KG_K } from './water.js';

/**
 * Temperature of a cell from its enthalpy. Zero is liquid at 0 C. Below its freezing point part of the water is ice, by
 * the depression law T_f / T: a closed form.
 * @param enthalpyJ enthalpy in J
 * @param dryJK heat capacity of everything but water, J/K
 * @param waterKg water in kg
 * @param freezesC freezing point, at or below 0 C
 * @returns C
 * @example temperatureC(4180 * 20, 0, 1, 0) // 20
 */
export function temperatureC(enthalpyJ: number, dryJK: number, waterKg: number, freezesC: number): number {
  const capacity = dryJK + WATER_J_KG_K * waterKg;
  const liquid = enthalpyJ / capacity;
  if (liquid >= freezesC) return liquid;
  const ice = 0.95 * waterKg;
  const a = capacity + (ICE_J_KG_K - WATER_J_KG_K) * ice;
  const b = -(ICE_J_KG_K - WATER_J_KG_K) * ice * freezesC - FUSION_J_KG * ice - enthalpyJ;
  const c = FUSION_J_KG * ice * freezesC;
  return (-b - Math.sqrt(b * b - 4 * a * c)) / (2 * a);
}

/** Enthalpy in J of a cell at a temperature: the inverse of `temperatureC`. */
export function enthalpyJ(tempC: number, dryJK: number, waterKg: number, freezesC: number): number {
  const capacity = dryJK + WATER_J_KG_K * waterKg;
  if (tempC >= freezesC) return capacity * tempC;
  const ice = 0.95 * waterKg;
  return (
    capacity * tempC +
    (ICE_J_KG_K - WATER_J_KG_K) * ice * (tempC - freezesC) -
    FUSION_J_KG * ice * (1 - freezesC / tempC)
  );
}

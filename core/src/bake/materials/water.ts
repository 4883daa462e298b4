/** Water and steam. Pressures in Pa, temperatures in C, energies in J/kg. */

/**
 * Saturation pressure over water: Buck 1996 equation (from memory), within .2 % of steam tables from 0 to 110 C.
 * @param tempC C
 * @returns Pa
 * @example saturationPa(100) // 101300
 */
export const saturationPa = (tempC: number): number =>
  611.21 * Math.exp((18.678 - tempC / 234.5) * (tempC / (257.14 + tempC)));

/**
 * Temperature at which water of an activity boils under a pressure: the inverse of `saturationPa`, by Newton's method.
 * @param pressurePa Pa
 * @param waterActivity 0 to 1
 * @returns C
 * @example boilingC(101_325) // 100
 */
export function boilingC(pressurePa: number, waterActivity = 1): number {
  const wanted = Math.log(pressurePa / waterActivity / 611.21);
  let tempC = 100;
  for (let i = 0; i < 8; i++) {
    const value = (18.678 - tempC / 234.5) * (tempC / (257.14 + tempC));
    const slope =
      (18.678 - (2 * tempC) / 234.5) / (257.14 + tempC) -
      ((18.678 - tempC / 234.5) * tempC) / (257.14 + tempC) ** 2;
    tempC -= (value - wanted) / slope;
  }
  return tempC;
}

/**
 * Air pressure at a height in m: International Standard Atmosphere.
 * @param altitudeM m
 * @returns Pa
 * @example airPressurePa(1600) // 83520
 */
export const airPressurePa = (altitudeM: number): number => 101325 * (1 - 2.25577e-5 * altitudeM) ** 5.25588;

/** Freezing point in C of water with so much dissolved in it, mol/kg: 1.86 K for each. Handbook value. */
export const freezingC = (molality: number): number => -1.86 * molality;

/** Heat of vaporisation, linear fit to steam tables 0-120 C (2501 at 0, 2257 at 100 kJ/kg). */
export const vaporisationJKg = (tempC: number): number => 2.501e6 - 2440 * tempC;

export const WATER_J_KG_K = 4180;
export const ICE_J_KG_K = 2050;
export const FUSION_J_KG = 333.6e3;

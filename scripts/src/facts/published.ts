import {
  acidNeutralisedG,
  airPressurePa,
  boilingC,
  cmToInches,
  conductivity,
  fahrenheitToCelsius,
  saturationPa,
  specificHeat,
  syrupBoilingC,
  syrupDensity,
  syrupWaterActivity,
} from '@mardle/core';
import type { Fact } from './fact.js';
import { around, fact } from './fact.js';

const near = (
  id: string,
  figure: string,
  unit: string,
  predicted: number,
  value: number,
  share: number,
  source: string,
): Fact => fact({ id, figure, unit, predicted, ...around(value, share), source });

const STEAM = 'steam tables (IAPWS-IF97 values, from memory)';
const SUCROSE = 'sucrose density at 20 C, ICUMSA / NBS Circular 440 (from memory)';
const BOILING = 'boiling point elevation of sucrose, Hugot, Handbook of Cane Sugar Engineering (from memory)';

export const publishedFacts = (): Fact[] => [
  near('steam.20', 'saturation pressure at 20 C', 'Pa', saturationPa(20), 2339, 0.005, STEAM),
  near('steam.60', 'saturation pressure at 60 C', 'Pa', saturationPa(60), 19946, 0.005, STEAM),
  near('steam.100', 'saturation pressure at 100 C', 'Pa', saturationPa(100), 101420, 0.005, STEAM),
  near(
    'boil.1600',
    'water boils at 1600 m',
    'C',
    boilingC(airPressurePa(1600)),
    94.7,
    0.005,
    'standard atmosphere and steam tables, from memory',
  ),
  near('sucrose.20', 'density of 20 Brix', 'g/mL', syrupDensity(20), 1.081, 0.003, SUCROSE),
  near('sucrose.40', 'density of 40 Brix', 'g/mL', syrupDensity(40), 1.1764, 0.003, SUCROSE),
  near('sucrose.60', 'density of 60 Brix', 'g/mL', syrupDensity(60), 1.2865, 0.003, SUCROSE),
  near('sucrose.70', 'density of 70 Brix', 'g/mL', syrupDensity(70), 1.3472, 0.004, SUCROSE),
  near('boil.60bx', 'syrup of 60 Brix boils at', 'C', syrupBoilingC(60), 103, 0.005, BOILING),
  near('boil.70bx', 'syrup of 70 Brix boils at', 'C', syrupBoilingC(70), 105.5, 0.01, BOILING),
  near(
    'aw.60',
    'water activity of a 60 Brix sucrose syrup',
    'ratio',
    syrupWaterActivity(60),
    0.89,
    0.02,
    'measured sucrose solutions, as cited with Norrish 1966, from memory',
  ),
  near(
    'aw.40',
    'water activity of a 40 Brix sucrose syrup',
    'ratio',
    syrupWaterActivity(40),
    0.955,
    0.02,
    'measured sucrose solutions, from memory',
  ),
  near(
    'bicarbonate.malic',
    'malic acid that 1 g of bicarbonate neutralises',
    'g',
    acidNeutralisedG(1),
    0.8,
    0.01,
    'stoichiometry: NaHCO3 84.01, malic acid 134.09 with two protons',
  ),
  near('unit.inch', 'inches in 30 cm', 'in', cmToInches(30), 11.811, 0.0005, 'international inch, 1959'),
  near('unit.425F', '425 F', 'C', fahrenheitToCelsius(425), 218.33, 0.0005, 'definition'),
  near(
    'choi.water.k',
    'conductivity of water at 20 C',
    'W/mK',
    conductivity({ water: 1, protein: 0, fat: 0, carbohydrate: 0 }, 20),
    0.604,
    0.02,
    'ASHRAE Handbook, Refrigeration, after Choi & Okos 1986, from memory',
  ),
  near(
    'choi.apple.cp',
    'specific heat of apple above freezing',
    'J/kgK',
    specificHeat({ water: 0.84, protein: 0.002, fat: 0.004, carbohydrate: 0.154 }, 20),
    3810,
    0.03,
    'ASHRAE Handbook, Refrigeration, table of foods, from memory',
  ),
];

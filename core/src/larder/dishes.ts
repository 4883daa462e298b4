import { makeTable } from '../units/index.js';

/** What a dish is made of. */
export interface DishMaterial {
  readonly id: string;
  readonly label: string;
  /** W/(m K) */
  readonly conductivity: number;
  /** J/(kg K) */
  readonly specificHeat: number;
  /** kg/m3 */
  readonly density: number;
  readonly wallMm: number;
  readonly emissivity: number;
  /** Cracks when it goes from cold to hot. */
  readonly brittle: boolean;
  /** So thin that it sags round the bars of a rack. */
  readonly sags: boolean;
}

/** Thermal values in SI units, from memory of engineering handbooks. */
export const builtInMaterials = makeTable<DishMaterial>({
  enamelled_steel: {
    label: 'Enamelled steel',
    conductivity: 45,
    specificHeat: 480,
    density: 7850,
    wallMm: 0.8,
    emissivity: 0.9,
    brittle: false,
    sags: false,
  },
  aluminium: {
    label: 'Aluminium, used',
    conductivity: 160,
    specificHeat: 900,
    density: 2700,
    wallMm: 0.8,
    emissivity: 0.6,
    brittle: false,
    sags: false,
  },
  bright_aluminium: {
    label: 'Bright aluminium',
    conductivity: 160,
    specificHeat: 900,
    density: 2700,
    wallMm: 0.8,
    emissivity: 0.2,
    brittle: false,
    sags: false,
  },
  dark_metal: {
    label: 'Dark metal',
    conductivity: 45,
    specificHeat: 480,
    density: 7850,
    wallMm: 0.8,
    emissivity: 0.9,
    brittle: false,
    sags: false,
  },
  glass: {
    label: 'Glass',
    conductivity: 1.1,
    specificHeat: 830,
    density: 2230,
    wallMm: 5,
    emissivity: 0.9,
    brittle: true,
    sags: false,
  },
  stoneware: {
    label: 'Stoneware',
    conductivity: 1.5,
    specificHeat: 900,
    density: 2300,
    wallMm: 7,
    emissivity: 0.9,
    brittle: true,
    sags: false,
  },
  cast_iron: {
    label: 'Cast iron',
    conductivity: 50,
    specificHeat: 480,
    density: 7200,
    wallMm: 4,
    emissivity: 0.9,
    brittle: false,
    sags: false,
  },
  foil: {
    label: 'Foil',
    conductivity: 160,
    specificHeat: 900,
    density: 2700,
    wallMm: 0.12,
    emissivity: 0.3,
    brittle: false,
    sags: true,
  },
});

/** A dish by inside measures in cm: across the top, the shorter side of an oblong one, across the base, depth. */
export interface KnownDish {
  readonly id: string;
  readonly label: string;
  readonly shape: string;
  readonly topCm: number;
  readonly widthCm: number;
  readonly baseCm: number;
  readonly depthCm: number;
  readonly material: string;
}

/** Common sizes, no source. */
export const builtInDishes = makeTable<KnownDish>({
  round_20: {
    label: '20 cm glass',
    shape: 'round',
    topCm: 20.3,
    widthCm: 20.3,
    baseCm: 16,
    depthCm: 3.2,
    material: 'glass',
  },
  round_23: {
    label: '23 cm enamel',
    shape: 'round',
    topCm: 22.9,
    widthCm: 22.9,
    baseCm: 18.3,
    depthCm: 3.5,
    material: 'enamelled_steel',
  },
  round_23_deep: {
    label: '23 cm deep glass',
    shape: 'round',
    topCm: 22.9,
    widthCm: 22.9,
    baseCm: 18,
    depthCm: 4.8,
    material: 'glass',
  },
  round_25_deep: {
    label: '25 cm deep stoneware',
    shape: 'round',
    topCm: 25.4,
    widthCm: 25.4,
    baseCm: 20.3,
    depthCm: 5,
    material: 'stoneware',
  },
  skillet_26: {
    label: '26 cm skillet',
    shape: 'round',
    topCm: 26,
    widthCm: 26,
    baseCm: 21,
    depthCm: 4.8,
    material: 'cast_iron',
  },
  tin_23: {
    label: '23 cm cake tin',
    shape: 'round',
    topCm: 23,
    widthCm: 23,
    baseCm: 23,
    depthCm: 5,
    material: 'dark_metal',
  },
  square_20: {
    label: '20 cm square',
    shape: 'square',
    topCm: 20.3,
    widthCm: 20.3,
    baseCm: 20.3,
    depthCm: 5,
    material: 'aluminium',
  },
  oblong_33: {
    label: '33 x 23 cm oblong',
    shape: 'rectangle',
    topCm: 33,
    widthCm: 23,
    baseCm: 31,
    depthCm: 5,
    material: 'glass',
  },
  oval_30: {
    label: '30 x 20 cm oval',
    shape: 'oval',
    topCm: 30,
    widthCm: 20,
    baseCm: 26,
    depthCm: 5,
    material: 'stoneware',
  },
  sheet_40: {
    label: '40 x 30 cm sheet',
    shape: 'rectangle',
    topCm: 40,
    widthCm: 30,
    baseCm: 40,
    depthCm: 1.5,
    material: 'aluminium',
  },
  foil_23: {
    label: '23 cm foil shell',
    shape: 'round',
    topCm: 22,
    widthCm: 22,
    baseCm: 17,
    depthCm: 3,
    material: 'foil',
  },
});

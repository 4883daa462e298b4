import { byId, numberIn, readTable, textIn } from '../units/index.js';

/** What a dish is made of. Thermal values in SI units, from memory of engineering handbooks. */
const materialTable = `
id,label,conductivity,specific_heat,density,wall_mm,emissivity,brittle
enamelled_steel,Enamelled steel,45,480,7850,.8,.9,0
aluminium,Bright aluminium,160,900,2700,.8,.2,0
dark_metal,Dark metal,45,480,7850,.8,.9,0
glass,Glass,1.1,830,2230,5,.9,1
stoneware,Stoneware,1.5,900,2300,7,.9,1
cast_iron,Cast iron,50,480,7200,4,.9,0
foil,Foil,160,900,2700,.12,.2,0
`;

/**
 * Dishes by inside measures in cm: across the top, the shorter side of an oblong one, across the base, depth. Common sizes,
 * no source.
 */
const dishTable = `
id,label,shape,top_cm,width_cm,base_cm,depth_cm,material
round_20,20 cm glass,round,20.3,20.3,16,3.2,glass
round_23,23 cm enamel,round,22.9,22.9,18.3,3.5,enamelled_steel
round_23_deep,23 cm deep glass,round,22.9,22.9,18,4.8,glass
round_25_deep,25 cm deep stoneware,round,25.4,25.4,20.3,5,stoneware
skillet_26,26 cm skillet,round,26,26,21,4.8,cast_iron
tin_23,23 cm cake tin,round,23,23,23,5,dark_metal
square_20,20 cm square,square,20.3,20.3,20.3,5,aluminium
oblong_33,33 x 23 cm oblong,rectangle,33,23,31,5,glass
oval_30,30 x 20 cm oval,oval,30,20,26,5,stoneware
sheet_40,40 x 30 cm sheet,rectangle,40,30,40,1.5,aluminium
foil_23,23 cm foil shell,round,22,22,17,3,foil
`;

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
}

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

export const dishMaterials: ReadonlyMap<string, DishMaterial> = byId(
  readTable(materialTable).map((row) => ({
    id: textIn(row, 'id'),
    label: textIn(row, 'label'),
    conductivity: numberIn(row, 'conductivity'),
    specificHeat: numberIn(row, 'specific_heat'),
    density: numberIn(row, 'density'),
    wallMm: numberIn(row, 'wall_mm'),
    emissivity: numberIn(row, 'emissivity'),
    brittle: numberIn(row, 'brittle') === 1,
  })),
);

export const builtInDishes: ReadonlyMap<string, KnownDish> = byId(
  readTable(dishTable).map((row) => ({
    id: textIn(row, 'id'),
    label: textIn(row, 'label'),
    shape: textIn(row, 'shape'),
    topCm: numberIn(row, 'top_cm'),
    widthCm: numberIn(row, 'width_cm'),
    baseCm: numberIn(row, 'base_cm'),
    depthCm: numberIn(row, 'depth_cm'),
    material: textIn(row, 'material'),
  })),
);

import { byId, numberIn, readTable, textIn } from '../units/index.js';

/**
 * Constants of the bake model. `fit`: chosen so that facts of the trade come out, and held in docs/facts.md; `memory`:
 * recalled from the literature named; `estimate`: engineering judgement.
 */
const table = `
id|value|unit|what|source
still_h|12.5|W/m2K|heat transfer coefficient of a still oven|fit (lumps stirring by convection; handbook 5 to 15)
fan_h|30|W/m2K|heat transfer coefficient of a fan oven|estimate (handbook 20 to 40)
still_radiant|14|K|walls and elements above the air, still oven|fit
fan_radiant|4.2|K|the same, fan oven|fit
air_dip|.3|share|drop of the air over the room when the door opens|estimate
air_recovers|120|s|time constant of the air's recovery|estimate
walls_fall|600|s|time constant of the walls cooling to a lower setting, still|estimate
walls_rise|300|s|the same, rising|estimate
fan_walls|.6|ratio|a fan shortens both|estimate
steel_plate|.006|m|hot steel on the shelf|common practice, no source
steel_contact|250|W/m2K|dish on hot steel|estimate
steel_emissivity|.8|share|seasoned steel|memory (handbook tables)
tray_share|.5|share|convection that reaches a dish on a tray|estimate
rack_shift|.4|share|how much of the walls' extra radiation a low or high rack moves from top to base or back|estimate
foil_emissivity|.08|share|bright foil over the top|memory (handbook tables)
foil_share|.4|share|convection that reaches the top under loose foil|estimate
weights_share|.12|share|convection that reaches a shell under its weights|estimate
dish_contact|300|W/m2K|dough against the dish|estimate
lid_gap|.038|m2K/W|air between heap and lid|fit
food_emissivity|.9|share|pastry and fruit|memory (handbook tables)
crust_k_dry|.07|W/mK|pastry, dry|memory (measured bread crust .05 to .1)
crust_k_wet|.305|W/mK|pastry, raw|memory
stir_gain|9|ratio|how much free thin juice raises the filling's conductivity|fit (percolation and bubbling)
stir_set|.55|share|of that gain which set starch takes away|fit
percolation|300|s|juice evens out over the filling|estimate
lid_vent_share|.7|share|vapour under a lid that finds the vents; the rest meets the lid|estimate
oswin_a|.08|kg/kg|sorption of pastry near 100 C, Oswin's A|memory (starchy foods fall from .11 at 25 C)
oswin_b|.45|-|Oswin's exponent|memory
diffusion_depth|.0004|m|depth that surface water must cross as the crust dries|estimate
crust_diffusivity|2.6e-6|m2/s|vapour through dry pastry (a tenth of free air)|estimate
fruit_skin|380|s/m|vapour through skins and syrup of bare fruit|fit (the ledger's open evaporation, .0085 g/cm2 min per 100 C)
starch_rate|.0111|1/s|starch swelling at the middle of its range|memory (1/90 s)
starch_ea|230|kJ/mol|its activation energy|memory
softening_rate|.00333|1/s|softening at 100 C (.2 a minute)|memory (texture kinetics of cooked vegetables)
softening_ea|80|kJ/mol|its activation energy|memory
browning_rate|.0004|1/s|browning at 150 C, unwashed (1/2500 s)|fit over W1, W3, W5 to W10
browning_ea|60|kJ/mol|its activation energy|fit (Zanoni 1995 about 64, from memory)
too_dark|4|index|browning that is too dark|estimate
bubbling_flux|250|W/m2|vapour leaving the filling that is seen as bubbling|estimate
`;

export interface Constant {
  readonly id: string;
  readonly value: number;
  readonly unit: string;
  readonly what: string;
  readonly source: string;
}

export const bakeConstants: ReadonlyMap<string, Constant> = byId(
  readTable(table, '|').map((row) => ({
    id: textIn(row, 'id'),
    value: numberIn(row, 'value'),
    unit: textIn(row, 'unit'),
    what: textIn(row, 'what'),
    source: textIn(row, 'source'),
  })),
);

/** The value of a constant; throws for an unknown name. */
export function constant(id: string): number {
  const found = bakeConstants.get(id);
  if (!found) throw new Error(`no constant called ${id}`);
  return found.value;
}

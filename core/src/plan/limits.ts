import { numberIn, readTable, textIn } from '../units/index.js';

/**
 * The least and the most that a choice can be, in one place for forms, server and command line. Wide on purpose: they keep
 * out what no baker means, not what is unwise.
 */
const table = `
path|least|most|remedy
form.vents|0|40|Cut between 0 and 40 vents.
form.ventLengthCm|0|12|A vent is at most 12 cm long.
form.lattice.strips|2|15|Between 2 and 15 strips each way.
form.lattice.widthCm|0.5|6|Strips are .5 to 6 cm wide.
form.lattice.secondWidthCm|0.5|6|Every second strip is .5 to 6 cm wide.
form.crumb.lumpCm|0.2|3|Lumps of crumb are .2 to 3 cm.
form.cutOut.sizeCm|2|15|A cut-out is 2 to 15 cm long.
form.freeForm.discCm|14|60|Roll a disc of 14 to 60 cm.
form.freeForm.borderCm|1|10|Fold in a border of 1 to 10 cm.
form.shell.weightsMin|0|60|Weights stay in 0 to 60 minutes.
form.cobbler.cover|0.3|1|Scones cover .3 to 1 of the top.
form.handPie.discCm|8|25|Cut discs of 8 to 25 cm.
form.handPie.count|1|60|Make 1 to 60 hand pies.
form.crumb.cover|0.3|3|Cover is 1 for the usual crumb; .3 to 3.
dish.topCm|6|60|Measure the inside of the dish across the top, in cm.
dish.widthCm|4|60|Measure the shorter side inside the dish, in cm.
dish.waterMl|50|20000|Fill the dish to the brim and weigh the water: 1 g is 1 mL.
dish.baseCm|4|60|Measure the inside of the dish across the base, in cm.
dish.depthCm|1|15|Measure the depth inside the dish, in cm.
filling.fruitMassG|20|20000|Weigh the prepared fruit in g, or leave it empty to fill the dish.
filling.fruits.share|0.001|100000|Give each fruit a part above 0, or take it out.
filling.fruits.ripeness|-2|2|Ripeness runs from -2, firm, to 2, dripping.
filling.sugar.style|0|0.6|The style runs from .05, very lean, to .30, very sweet; .6 is the most.
filling.sugar.massG|0|10000|Weigh the sugar in g, or leave it empty to use the style.
filling.thickenerMassG|0|2000|Weigh the thickener in g, or leave it empty for the dose.
filling.thickeners.share|0.001|100000|Give each thickener a part above 0, or take it out.
filling.lemonJuiceG|0|1000|Lemon juice in g: one lemon gives about 45.
filling.lemonZestG|0|100|Zest in g: one lemon gives about 6.
filling.bicarbonateG|0|20|A pinch of bicarbonate is .3 g.
filling.butterG|0|1000|Butter in g.
filling.seasonings.massG|0|500|Seasoning in g.
filling.preparation.minutes|1|600|Minutes of the preparation, 1 to 600.
filling.preparation.boilToBrix|10|70|Boil juice down to between 10 and 70 Brix; past 70 it turns to candy.
filling.preparation.liquidG|0|5000|Liquid in g.
filling.preparation.cookedShare|0|0.9|Cook at most .9 of the fruit into the glaze.
filling.weepTest.drainedG|0|100|Weigh what drained from 100 g of fruit: 0 to 100 g.
pastry.batch|1|60|Mix dough for 1 to 60 pies at a time.
pastry.thicknessMm|1.5|10|Roll between 1.5 and 10 mm.
kitchen.oven.places|1|40|An oven takes 1 to 40 dishes at once.
bake.oven.offsetC|-60|60|An oven further off than 60 °C wants repair before baking.
bake.oven.warmUpMin|1|120|Warm-up takes 1 to 120 minutes.
bake.startC|-30|45|The pie goes in between -30 °C, frozen, and 45 °C.
bake.altitudeM|-400|5000|Altitude between -400 and 5000 m.
bake.stages.tempC|120|290|Bake between 120 and 290 °C.
bake.stages.timeMin|0|240|A stage lasts 0 to 240 minutes.
`;

export interface Limit {
  readonly path: string;
  readonly least: number;
  readonly most: number;
  readonly remedy: string;
}

export const limits: ReadonlyMap<string, Limit> = new Map(
  readTable(table, '|').map((row) => [
    textIn(row, 'path'),
    {
      path: textIn(row, 'path'),
      least: numberIn(row, 'least'),
      most: numberIn(row, 'most'),
      remedy: textIn(row, 'remedy'),
    },
  ]),
);

/** The limit of a choice; throws for an unknown path, since an unlimited input must not slip in. */
export function limitOf(path: string): Limit {
  const found = limits.get(path);
  if (!found) throw new Error(`no limit for ${path}`);
  return found;
}

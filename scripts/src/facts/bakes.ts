import type { BakeEvents, Cooling, DishSpec, PieSpec, Stage } from '@mardle/core';
import {
  coolDown,
  doneMin,
  draftPlan,
  fahrenheitToCelsius,
  noInterventions,
  simulateBake,
  starterSpec,
} from '@mardle/core';
import { filling, only } from './pies.js';

const stage = (tempF: number, timeMin: number): Stage => ({ tempC: fahrenheitToCelsius(tempF), timeMin });
/** One temperature, watched for two hours. */
const single = (tempF: number): [Stage, Stage] => [stage(tempF, 60), stage(tempF, 60)];

/** A pie of the trade at its own settings: what happens when, watched long and without foil; then cooled from its own end. */
interface TradeBake {
  readonly events: BakeEvents;
  readonly doneMin: number | null;
  readonly cooling: Cooling;
}

const ROOM_C = 21;

/** The stages cut off after some minutes. */
function until(stages: readonly [Stage, Stage], outMin: number): [Stage, Stage] {
  const firstMin = Math.min(stages[0].timeMin, outMin);
  return [
    { ...stages[0], timeMin: firstMin },
    { ...stages[1], timeMin: outMin - firstMin },
  ];
}

function baked(part: Partial<PieSpec>, stages: [Stage, Stage], outMin: number): TradeBake {
  const bake = { ...starterSpec.bake, altitudeM: 0, ...part.bake, stages };
  const drafted = draftPlan({ ...starterSpec, ...part, bake });
  if (!drafted.ok) throw new Error(drafted.problems.map(({ message }) => message).join(' '));
  const { body, weightsMin, turnedOutMin } = drafted.plan.work;
  const interventions = { ...noInterventions, weightsMin: body.filling ? 0 : weightsMin };
  const { events } = simulateBake(body, bake, stages, undefined, interventions);
  const { run } = simulateBake(body, bake, until(stages, outMin), undefined, interventions);
  return {
    events,
    doneMin: doneMin(events, body.done),
    cooling: coolDown(run, { roomC: ROOM_C, outAfterMin: turnedOutMin }),
  };
}

export const dishes = {
  glass23: { label: '23 cm', topCm: 22.9, baseCm: 18.3, depthCm: 3.5, material: 'glass' },
  deep25: { label: '25 cm deep', topCm: 25.4, baseCm: 20.3, depthCm: 5, material: 'stoneware' },
  sheet: {
    label: 'sheet',
    shape: 'rectangle',
    topCm: 40,
    widthCm: 30,
    baseCm: 40,
    depthCm: 1.5,
    material: 'aluminium',
  },
  twoLitres: { label: '2 L', shape: 'square', topCm: 20.5, baseCm: 20, depthCm: 4.9, material: 'glass' },
  skillet: { label: 'skillet', topCm: 26, baseCm: 21, depthCm: 4.8, material: 'cast_iron' },
  pan23: { label: 'pan', topCm: 23, baseCm: 20, depthCm: 4.5, material: 'cast_iron' },
  tin23: { label: 'tin', topCm: 23, baseCm: 23, depthCm: 5, material: 'dark_metal' },
} as const satisfies Record<string, DishSpec>;

const plain = { ...starterSpec.pastry, wash: 'none', coarseSugar: false };
const room = { ...starterSpec.bake, startC: 15 };
const form = (part: Partial<PieSpec['form']>): PieSpec['form'] => ({ ...starterSpec.form, ...part });
const white = (massG: number | null, style = 0.16): PieSpec['filling']['sugar'] => ({
  sugar: 'white',
  style,
  massG,
});

/** The pies of the trade, baked as the trade bakes them. */
export function tradeBakes() {
  return {
    w1: baked(
      {
        form: form({ kind: 'cut_out', cutOut: { shape: 'disc', sizeCm: 5 } }),
        dish: dishes.glass23,
        pastry: plain,
        filling: filling({
          fruits: only('apple_mixed'),
          fruitMassG: 1155,
          lemonJuiceG: 22,
          thickenerMassG: 0,
          sugar: white(null, 0.12),
        }),
        bake: room,
      },
      [stage(425, 15), stage(350, 75)],
      55,
    ),
    w2: baked(
      {
        dish: dishes.deep25,
        pastry: { ...starterSpec.pastry, wash: 'yolk_cream', coarseSugar: true },
        filling: filling({
          fruits: only('apple_firm_tart'),
          fruitMassG: 1061,
          lemonJuiceG: 45,
          butterG: 28,
          thickenerMassG: 0,
          sugar: white(125),
        }),
        bake: { ...starterSpec.bake, startC: 2 },
      },
      [stage(400, 18), stage(350, 80)],
      60,
    ),
    w3: baked(
      {
        dish: dishes.glass23,
        pastry: { ...plain, wash: 'whole_egg' },
        filling: filling({
          fruits: only('apple_mixed'),
          fruitMassG: 580,
          thickeners: [{ thickener: 'plain_flour', share: 1 }],
          set: 'spoonable',
          sugar: { sugar: 'light_brown', style: 0.16, massG: null },
        }),
        bake: { ...starterSpec.bake, startC: 8 },
      },
      [stage(400, 20), stage(350, 60)],
      40,
    ),
    w4: baked(
      {
        form: form({ kind: 'lattice' }),
        dish: dishes.deep25,
        pastry: plain,
        filling: filling({
          fruits: only('sour_cherry'),
          fruitMassG: 930,
          sugar: white(200),
          thickenerMassG: 32,
        }),
        bake: room,
      },
      [stage(400, 30), stage(375, 90)],
      105,
    ),
    w5: baked(
      {
        form: form({ kind: 'lattice' }),
        dish: dishes.glass23,
        pastry: { ...plain, wash: 'milk' },
        filling: filling({
          fruits: only('apple_mixed'),
          fruitMassG: 750,
          sugar: { sugar: 'light_brown', style: 0.16, massG: 165 },
        }),
        bake: room,
      },
      single(375),
      48,
    ),
    w6: baked(
      {
        form: form({ kind: 'crumb_top' }),
        dish: dishes.glass23,
        pastry: plain,
        filling: filling({ fruits: only('apple_mixed'), fruitMassG: 354, sugar: white(100) }),
        bake: room,
      },
      single(350),
      45,
    ),
    w7: baked(
      {
        form: form({ kind: 'crumb_top', crumb: { school: 'melted', cover: 1.6 } }),
        dish: dishes.glass23,
        pastry: plain,
        filling: filling({ fruits: only('apple_firm_tart'), fruitMassG: 880, sugar: white(205) }),
        bake: room,
      },
      single(375),
      52,
    ),
    w8: baked(
      {
        form: form({ kind: 'free_form', freeForm: { discCm: 28, borderCm: 1.3 } }),
        dish: dishes.sheet,
        pastry: plain,
        filling: filling({
          fruits: only('apple_firm_sweet', { cut: 'thin' }),
          fruitMassG: 430,
          sugar: white(67),
          thickenerMassG: 8,
          lemonJuiceG: 22,
        }),
        bake: room,
      },
      single(375),
      45,
    ),
    w9: baked(
      {
        form: form({ kind: 'open_shell', shell: { weightsMin: 25 } }),
        dish: dishes.glass23,
        pastry: plain,
        filling: filling({
          fruits: only('blueberry'),
          preparation: { kind: 'glaze', liquidG: 180, cookedShare: 0.08 },
        }),
        bake: { ...starterSpec.bake, startC: -15, colour: 'straw' },
      },
      single(390),
      35,
    ),
    w10: baked(
      {
        form: form({ kind: 'crisp', crumb: { school: 'oat_nut', cover: 1 } }),
        dish: dishes.twoLitres,
        pastry: plain,
        filling: filling({
          fruits: only('apple_firm_tart', { cut: 'thin' }),
          fruitMassG: 660,
          sugar: white(200),
          thickenerMassG: 16,
          thickeners: [{ thickener: 'plain_flour', share: 1 }],
        }),
        bake: room,
      },
      single(350),
      55,
    ),
    w11: baked(
      {
        form: form({ kind: 'upside_down' }),
        dish: dishes.pan23,
        pastry: { ...plain, dough: 'puff' },
        filling: filling({
          fruits: only('apple_firm_tart'),
          fruitMassG: 865,
          butterG: 113,
          sugar: white(150),
          preparation: { kind: 'saute' },
        }),
        bake: { ...starterSpec.bake, startC: 40, colour: 'deep_gold' },
      },
      single(390),
      23,
    ),
    w12: baked(
      {
        form: form({ kind: 'cobbler', cobbler: { cover: 0.65 } }),
        dish: dishes.skillet,
        pastry: plain,
        filling: filling({
          fruits: [...only('cranberry'), ...only('apple_mixed')],
          fruitMassG: 600,
          sugar: white(100),
          preparation: { kind: 'stew', liquidG: 480 },
        }),
        bake: { ...starterSpec.bake, startC: 45 },
      },
      single(400),
      25,
    ),
    w13: baked(
      {
        form: form({ kind: 'buckle' }),
        dish: dishes.tin23,
        pastry: plain,
        filling: filling({ fruits: only('blueberry'), fruitMassG: 425, sugar: white(50) }),
        bake: { ...starterSpec.bake, startC: 18 },
      },
      single(350),
      50,
    ),
    frozen: baked(
      {
        dish: dishes.glass23,
        pastry: plain,
        filling: filling({ fruits: only('apple_mixed'), fruitMassG: 1155, sugar: white(null, 0.12) }),
        bake: { ...starterSpec.bake, startC: -18 },
      },
      [stage(425, 15), stage(350, 120)],
      110,
    ),
  };
}

export type TradeBakes = ReturnType<typeof tradeBakes>;

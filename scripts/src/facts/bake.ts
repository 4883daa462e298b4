import {
  coolDown,
  draftPlan,
  filledMin,
  noInterventions,
  planPie,
  simulateBake,
  starterSpec,
} from '@mardle/core';
import type { BakeSpec, PieSpec, Stage } from '@mardle/core';
import type { Fact } from './fact.js';
import { fact } from './fact.js';

const never = 150;

function bakeOf(spec: PieSpec) {
  const planned = planPie(spec);
  if (!planned.ok || !planned.plan.bake) throw new Error(`${spec.name} cannot be planned`);
  return planned.plan.bake;
}

const firstStage: Stage = { tempC: 205, timeMin: 20 };

/** A plain apple pie at one pair of heats, one thing changed. */
const apples: PieSpec = {
  ...starterSpec,
  filling: {
    ...starterSpec.filling,
    fruits: [{ ...starterSpec.filling.fruits[0]!, fruit: 'apple_firm_tart', peeled: true }],
    fruitMassG: 850,
    set: 'soft',
  },
  bake: {
    ...starterSpec.bake,
    startC: 15,
    altitudeM: 0,
    stages: [firstStage, { tempC: 180, timeMin: 100 }],
  },
};

/** When the filling is done, whatever its top looks like. */
function doneOf(spec: PieSpec): number {
  const drafted = draftPlan(spec);
  if (!drafted.ok) throw new Error(`${spec.name} cannot be planned`);
  const { body } = drafted.plan.work;
  const { events } = simulateBake(body, spec.bake, spec.bake.stages ?? [], undefined, noInterventions);
  return filledMin(events, body.done) ?? never;
}

const withBake = (part: Partial<BakeSpec>): PieSpec => ({ ...apples, bake: { ...apples.bake, ...part } });
const withDish = (material: string): PieSpec => ({ ...apples, dish: { ...apples.dish, material } });
const withFilling = (part: Partial<PieSpec['filling']>): PieSpec => ({
  ...apples,
  filling: { ...apples.filling, ...part },
});
const cut = (word: 'thin' | 'chunks'): PieSpec =>
  withFilling({ fruits: apples.filling.fruits.map((part) => ({ ...part, cut: word })) });

/** Colour of the base when the pie is taken out after 20 and 30 minutes. */
const baseOf = (spec: PieSpec): number =>
  bakeOf({
    ...spec,
    bake: { ...spec.bake, stages: [firstStage, { tempC: 180, timeMin: 30 }] },
  }).atEnd.baseBrowning;

const ROOM_C = 21;

/** Hours until a deep raw-fruit pie slices clean. */
function coolsH(): number {
  const spec = {
    ...withBake({}),
    dish: { ...apples.dish, topCm: 25.4, baseCm: 20.3, depthCm: 5, material: 'stoneware' },
  };
  const drafted = draftPlan({ ...spec, filling: { ...spec.filling, fruitMassG: null } });
  if (!drafted.ok) throw new Error('the deep pie cannot be planned');
  const stages = [firstStage, { tempC: 180, timeMin: 40 }];
  const { run } = simulateBake(drafted.plan.work.body, spec.bake, stages, undefined, noInterventions);
  return (coolDown(run, { roomC: ROOM_C }).sliceMin ?? 720) / 60;
}

/** How things change a bake: what bakers say of trays, tins, cuts, the cold and preparations. */
// eslint-disable-next-line max-lines-per-function -- one list of facts
export function bakeFacts(): Fact[] {
  const plain = doneOf(apples);
  const minutes = (id: string, figure: string, predicted: number, low: number, high: number): Fact =>
    fact({ id, figure, unit: 'min', predicted, low, high });
  return [
    minutes(
      'S.tray',
      'a tray under the dish costs a few minutes',
      doneOf(withBake({ beneath: 'tray' })) - plain,
      0.5,
      8,
    ),
    minutes(
      'S.frozen',
      'from frozen through instead of the bench: later by',
      doneOf(withBake({ startC: -18 })) - plain,
      15,
      35,
    ),
    minutes(
      'S.freezer',
      'half an hour in the freezer first: later by',
      doneOf(withBake({ chill: { place: 'freezer', minutes: 30 } })) - plain,
      1,
      12,
    ),
    minutes('S.cuts', 'chunks done after thin slices by', doneOf(cut('chunks')) - doneOf(cut('thin')), 1, 15),
    minutes(
      'S.held',
      'apples held at 71 C for 20 minutes are done sooner by',
      plain - doneOf(withFilling({ preparation: { kind: 'hold' } })),
      1,
      30,
    ),
    minutes(
      'S.stewed',
      'stewed ones sooner than held ones by',
      doneOf(withFilling({ preparation: { kind: 'hold' } })) -
        doneOf(withFilling({ preparation: { kind: 'stew' } })),
      0,
      30,
    ),
    minutes(
      'S.beside',
      'three more pies beside it: later by',
      doneOf(withBake({ beside: 3 })) - plain,
      1,
      15,
    ),
    minutes(
      'S.ready',
      'an oven that has only just reached its heat: later by',
      doneOf(withBake({ ready: 'just_reached' })) - plain,
      0.5,
      8,
    ),
    fact({
      id: 'S.dark',
      figure: 'base in dark metal over base in bright aluminium: colour',
      unit: 'ratio',
      predicted: baseOf(withDish('dark_metal')) / Math.max(0.01, baseOf(withDish('bright_aluminium'))),
      low: 1.3,
      high: 50,
    }),
    fact({
      id: 'S.base_dark',
      figure: 'base on dark metal: golden',
      unit: 'index',
      predicted: baseOf(withDish('dark_metal')),
      low: 0.8,
      high: 3,
    }),
    fact({
      id: 'S.base_steel',
      figure: 'base in glass on hot steel: golden',
      unit: 'index',
      predicted: baseOf({ ...withDish('glass'), bake: { ...apples.bake, beneath: 'hot_steel' } }),
      low: 0.8,
      high: 4,
    }),
    fact({
      id: 'S.base_enamel',
      figure: 'base in enamel: straw to gold',
      unit: 'index',
      predicted: baseOf(apples),
      low: 0.4,
      high: 2,
    }),
    fact({
      id: 'S.base_glass',
      figure: 'base in glass: straw to gold',
      unit: 'index',
      predicted: baseOf(withDish('glass')),
      low: 0.35,
      high: 2,
    }),
    fact({
      id: 'R13.raw',
      figure: 'deep raw-fruit pie cools until it slices clean',
      unit: 'h',
      predicted: coolsH(),
      low: 3,
      high: 4.5,
    }),
  ];
}

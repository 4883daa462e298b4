import type { Bake, PiePlan } from '@mardle/core';
import type { Fact } from '../fact.js';
import { fact } from '../fact.js';
import type { WholePie } from './pies.js';
import { planOf, specOf } from './plan.js';

const MATERIAL_WORDS: Readonly<Record<string, string>> = {
  enamelled_steel: 'enamel',
  aluminium: 'used aluminium',
  foil: 'foil',
};

const NOT_TOLD = ['enamelled_steel', 'glass', 'aluminium'] as const;

/** What must be reached: three quarters tender, nine tenths set, hot through, or dried. Practice in words; our numbers for them. */
const asked = {
  tender: {
    figure: 'softened where a pick goes',
    unit: 'share',
    low: 0.64,
    high: 1,
    of: (b: Bake) => b.atEnd.tender,
  },
  set: { figure: 'set, nine tenths of it', unit: 'share', low: 0.9, high: 1, of: (b: Bake) => b.atEnd.set },
  hot: { figure: 'coldest of the filling', unit: 'C', low: 75, high: 110, of: (b: Bake) => b.atEnd.coldestC },
  dry: {
    figure: 'moisture of the shell',
    unit: 'kg/kg',
    low: 0,
    high: 0.06,
    of: (b: Bake) => b.atEnd.baseMoisture,
  },
} as const;

/** At the heats that are told with them: what was so when it was taken out. Of several dishes the worst is shown. */
// eslint-disable-next-line max-lines-per-function -- one list of facts
export function ownHeats(pie: WholePie): Fact[] {
  const spec = specOf(pie.id);
  const dishes = pie.dishTold ? [spec.dish] : NOT_TOLD.map((material) => ({ ...spec.dish, material }));
  const bakes = dishes.map((dish) => planOf({ ...spec, dish }));
  const tops = bakes.map(({ bake }) => bake.atEnd.topBrowning);
  const [palest, darkest] = [Math.min(...tops), Math.max(...tops)];
  const { figure, unit, low, high, of } = asked[pie.filling];
  const reached = bakes.map(({ bake }) => of(bake));
  const first = bakes[0]!;
  const whole = wholeMassG(first.plan);
  return [
    fact({
      id: `${pie.id}.top`,
      figure: `${pie.what}, at its own heats: colour of the top at out (golden 1, too dark 4)`,
      unit: 'index',
      predicted: darkest >= pie.top[1] ? darkest : palest,
      low: pie.top[0],
      high: pie.top[1],
    }),
    fact({
      id: `${pie.id}.bare`,
      figure: 'the same: minutes under foil that was not told',
      unit: 'min',
      predicted: Math.max(
        ...bakes.map(({ bake }) => (bake.foilMin === null ? 0 : bake.outMin - bake.foilMin)),
      ),
      low: 0,
      high: 0,
    }),
    fact({
      id: `${pie.id}.filling`,
      figure: `the same: ${figure}`,
      unit,
      predicted: pie.filling === 'dry' ? Math.max(...reached) : Math.min(...reached),
      low,
      high,
    }),
    ...(pie.bubbles
      ? [
          fact({
            id: `${pie.id}.bubbles`,
            figure: 'the same: minutes that its edge had bubbled for',
            unit: 'min',
            predicted: Math.min(...bakes.map(({ bake }) => bubbledMin(bake))),
            low: 1,
            high: bakes[0]!.bake.outMin,
          }),
        ]
      : []),
    ...(pie.filling === 'dry'
      ? []
      : [
          fact({
            id: `${pie.id}.loss`,
            figure: 'the same: weight lost, of the whole pie',
            unit: '%',
            predicted: (100 * first.bake.atEnd.lostG) / whole,
            low: 4,
            high: pie.open ? 15 : 10,
            source: 'food-service and test-kitchen practice, from memory',
          }),
          fact({
            id: `${pie.id}.middle`,
            figure: 'the same: middle of the filling',
            unit: 'C',
            predicted: Math.min(...bakes.map(({ bake }) => bake.atEnd.centreC)),
            low: 82,
            high: 103,
            source: 'food-service and test-kitchen practice, from memory',
          }),
        ]),
    ...(pie.filling !== 'dry' && first.plan.work.body.baseCrustM > 0
      ? [
          fact({
            id: `${pie.id}.base`,
            figure: `the same: outside of the base, in ${MATERIAL_WORDS[spec.dish.material] ?? 'metal'}`,
            unit: 'C',
            predicted: first.bake.atEnd.baseC,
            low: 120,
            high: 150,
            source: 'food-service and test-kitchen practice, from memory',
          }),
        ]
      : []),
  ];
}

const bubbledMin = ({ outMin, events: { edgeBubblingMin } }: Bake): number =>
  edgeBubblingMin === null ? 0 : outMin - edgeBubblingMin;

/** One pie's filling and pastry before the oven, g. */
function wholeMassG({ work, build, filling }: PiePlan): number {
  const { body } = work;
  const fillingG = (body.filling?.massKg ?? filling.massG / 1000) * 1000;
  const toppingG = body.top ? body.top.thicknessM * body.top.densityKgM3 * body.top.cover * 1000 : 0;
  const topG = toppingG * (build.dish.topAreaCm2 / build.vessel.count / 1e4);
  const baseG = body.baseCrustM * 1140 * 1000 * (build.crustAreaCm2 / build.vessel.count / 1e4);
  return fillingG + topG + baseG;
}

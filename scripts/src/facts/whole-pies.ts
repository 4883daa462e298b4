import { readFileSync } from 'node:fs';
import type { Bake, PiePlan, PieSpec, Stage } from '@mardle/core';
import { planPie, readSpec } from '@mardle/core';
import { inRoot } from '../system/paths.js';
import type { Fact } from './fact.js';
import { fact } from './fact.js';

/** What practice says of a whole pie, beside its file in docs/whole-pies. Common practice, no source. */
interface WholePie {
  readonly id: string;
  readonly what: string;
  /** Minutes that it was baked for, from and to. */
  readonly takesMin: readonly [number, number];
  /** Browning index between which its top was as told: golden 1, deep 2, too dark 4. */
  readonly top: readonly [number, number];
  /** What its filling had to have come to. */
  readonly filling: 'tender' | 'set' | 'hot' | 'dry';
  /** Its dish was told; else it must hold in enamel, glass and dull tin. */
  readonly dishTold?: true;
  /** Mostly baked at one heat. */
  readonly oneHeat?: true;
  /** Crumb tops and crisps are set lower. */
  readonly crumb?: true;
  /** Open tops lose more. */
  readonly open?: true;
}

const GOLDEN = [0.95, 4] as const;

const wholePies: readonly WholePie[] = [
  { id: 'W1', what: 'cut-out lid over mounded apples', takesMin: [55, 55], top: GOLDEN, filling: 'tender' },
  {
    id: 'W2',
    what: 'deep apple pie, half an hour in the freezer',
    takesMin: [55, 65],
    top: GOLDEN,
    filling: 'tender',
  },
  { id: 'W3', what: 'apple pie with one vent', takesMin: [40, 40], top: GOLDEN, filling: 'tender' },
  {
    id: 'W3b',
    what: 'the same under a lattice',
    takesMin: [40, 40],
    top: GOLDEN,
    filling: 'tender',
    open: true,
  },
  {
    id: 'W4',
    what: 'deep sour cherry lattice',
    takesMin: [90, 120],
    top: GOLDEN,
    filling: 'tender',
    open: true,
  },
  {
    id: 'W5',
    what: 'apple lattice in a bought crust',
    takesMin: [45, 50],
    top: GOLDEN,
    filling: 'tender',
    dishTold: true,
    open: true,
  },
  {
    id: 'W6',
    what: 'few apples under a crumb',
    takesMin: [45, 45],
    top: GOLDEN,
    filling: 'tender',
    dishTold: true,
    crumb: true,
  },
  {
    id: 'W7',
    what: 'many apples under a thick crumb',
    takesMin: [50, 55],
    top: GOLDEN,
    filling: 'tender',
    crumb: true,
  },
  {
    id: 'W8',
    what: 'free-form of fanned apples',
    takesMin: [40, 50],
    top: GOLDEN,
    filling: 'tender',
    dishTold: true,
    oneHeat: true,
    open: true,
  },
  {
    id: 'W9',
    what: 'frozen shell, baked blind',
    takesMin: [35, 35],
    top: [0.5, 2.2],
    filling: 'dry',
    dishTold: true,
    oneHeat: true,
  },
  {
    id: 'W10',
    what: 'apple crisp with oats and nuts',
    takesMin: [55, 55],
    top: GOLDEN,
    filling: 'tender',
    oneHeat: true,
    crumb: true,
    open: true,
  },
  {
    id: 'W11',
    what: 'upside-down apples under puff',
    takesMin: [20, 25],
    top: [1.5, 4],
    filling: 'hot',
    dishTold: true,
    oneHeat: true,
  },
  {
    id: 'W12',
    what: 'cobbler over a simmered filling',
    takesMin: [25, 25],
    top: GOLDEN,
    filling: 'hot',
    dishTold: true,
    oneHeat: true,
    open: true,
  },
  {
    id: 'W13',
    what: 'buckle of mixed berries',
    takesMin: [50, 50],
    top: GOLDEN,
    filling: 'set',
    dishTold: true,
    oneHeat: true,
    crumb: true,
  },
  {
    id: 'W14',
    what: 'hand pies of fried apples',
    takesMin: [20, 25],
    top: GOLDEN,
    filling: 'hot',
    dishTold: true,
    oneHeat: true,
  },
];

const NOT_TOLD = ['enamelled_steel', 'glass', 'aluminium'] as const;

function specOf(id: string): PieSpec {
  const read = readSpec(JSON.parse(readFileSync(inRoot('docs', 'whole-pies', `${id}.json`), 'utf8')));
  if (!read.ok) throw new Error(`${id}: ${read.problems[0]?.message ?? ''}`);
  return read.spec;
}

function planOf(spec: PieSpec): { readonly plan: PiePlan; readonly bake: Bake } {
  const planned = planPie(spec);
  if (!planned.ok || !planned.plan.bake) throw new Error(`${spec.name} cannot be planned`);
  return { plan: planned.plan, bake: planned.plan.bake };
}

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

/** At the practitioners' own heats: what was so when it was taken out. Of several dishes the worst is shown. */
function ownHeats(pie: WholePie): Fact[] {
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
  ];
}

/** One pie's filling and pastry before the oven, g. */
function wholeMassG({ work, build, filling }: PiePlan): number {
  const { body } = work;
  const fillingG = (body.filling?.massKg ?? filling.massG / 1000) * 1000;
  const toppingG = body.top ? body.top.thicknessM * body.top.densityKgM3 * body.top.cover * 1000 : 0;
  const topG = toppingG * (build.dish.topAreaCm2 / build.vessel.count / 1e4);
  const baseG = body.baseCrustM * 1140 * 1000 * (build.crustAreaCm2 / build.vessel.count / 1e4);
  return fillingG + topG + baseG;
}

/** How far heats lie outside of what practice sets, C; 0 within. */
function outsidePractice(stages: readonly [Stage, Stage], { crumb }: WholePie): number {
  const [first, second] = stages;
  const [low, high] = crumb ? [168, 202] : [168, 222];
  const over = (value: number, least: number, most: number): number =>
    Math.max(0, least - value, value - most);
  if (first.tempC === second.tempC) return over(first.tempC, low, high);
  return Math.max(
    over(first.tempC, low, high),
    over(second.tempC, 165, 222),
    over(first.timeMin, 10, 30),
    over(first.tempC - second.tempC, 14, 46),
    over(second.timeMin, 10, 240),
  );
}

/** With the stages left to Mardle: heats, total and colour as a baker would follow them. */
function ownSchedule(pie: WholePie): Fact[] {
  const spec = specOf(pie.id);
  const { bake } = planOf({ ...spec, bake: { ...spec.bake, singleStage: undefined, stages: null } });
  const [first, second] = bake.stages;
  const [shortest, longest] = pie.takesMin;
  return [
    fact({
      id: `${pie.id}.heats`,
      figure: `${pie.what}, stages left to Mardle (${words(first)}, ${words(second)}): outside of practice`,
      unit: 'C or min',
      predicted: outsidePractice(bake.stages, pie),
      low: 0,
      high: 0,
    }),
    ...(pie.oneHeat
      ? [
          fact({
            id: `${pie.id}.one`,
            figure: 'the same: one heat, as practice mostly has it (difference of the two)',
            unit: 'C',
            predicted: first.tempC - second.tempC,
            low: 0,
            high: 0,
          }),
        ]
      : []),
    fact({
      id: `${pie.id}.total`,
      figure: 'the same: whole time, .75 to 1.3 of practice',
      unit: 'min',
      predicted: bake.outMin,
      low: 0.75 * shortest,
      high: 1.3 * longest,
    }),
    fact({
      id: `${pie.id}.colour`,
      figure: 'the same: colour of the top',
      unit: 'index',
      predicted: bake.atEnd.topBrowning,
      low: pie.top[0],
      high: Math.min(pie.top[1], 3),
    }),
  ];
}

const words = ({ tempC, timeMin }: Stage): string => `${Math.round(tempC)} C ${timeMin} min`;

/** Whole pies as practitioners made them, at their heats and at ours. */
export const wholePieFacts = (): Fact[] =>
  wholePies.flatMap((pie) => [...ownHeats(pie), ...ownSchedule(pie)]);

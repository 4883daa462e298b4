import { starterSpec } from '../../schema/index.js';
import { draftPlan } from '../../plan/index.js';
import { learnFrom, learnLog } from './learn.js';
import { learnedDose } from './learned-dose.js';
import { nothingTasted } from '../log/log.js';
import { probeFault } from '../log/probe.js';
import { logFile, readLog } from '../log/read-log.js';
import { sampleLog, sampleTruth } from '../models/sample-log.js';
import type { LoggedPie } from '../models/set.js';
import { bakedHere, plainBake } from '../test/kitchen.js';

let pies: readonly LoggedPie[] = [];
beforeAll(() => {
  pies = bakedHere();
});

const first = (): LoggedPie => {
  const [pie] = pies;
  if (!pie) throw new Error('nothing is baked here');
  return pie;
};
/** The same damson pie so many times, each with the same word. */
const damsons = (set: 'loose' | 'right' | 'gluey', times: number, oven = 'Corner oven'): LoggedPie[] =>
  Array.from({ length: times }, (_, i) => ({
    table: first().table,
    bake: plainBake({
      id: `${set} ${i}`,
      oven,
      tasting: { ...nothingTasted, cooledMin: 240, set },
    }),
  }));
const setOf = (log: readonly LoggedPie[]) => learnFrom(log).find(({ kind }) => kind === 'set');

describe('what a log teaches', () => {
  it('nothing, when nothing is in it', () => {
    expect(learnLog({ bakes: [] })).toEqual({ figures: [], unread: [] });
  });

  it('loose slices ask for more thickener, each a little more surely', () => {
    const two = setOf(damsons('loose', 2));
    const ten = setOf(damsons('loose', 10));
    expect(two?.learned.value).toBeGreaterThan(1.03);
    expect(ten?.learned.value).toBeGreaterThan(two?.learned.value ?? 0);
    const width = (figure = two): number => (figure ? figure.learned.high - figure.learned.low : 0);
    expect(width(ten)).toBeLessThan(width(two));
    expect(ten?.bakes).toHaveLength(10);
    expect(ten?.words).toMatch(/Damson sets \d+ % looser here than in the book, by 10 bakes/);
  });

  it('slices that are right leave the book as it is, and narrow it', () => {
    const figure = setOf(damsons('right', 12));
    expect(figure?.learned.value).toBeCloseTo(1, 1);
    expect(figure?.learned.high).toBeLessThan(figure?.builtIn.high ?? 0);
  });

  it('only the sum is told: the split stays nearly as unsure as it was', () => {
    const figure = setOf(damsons('loose', 20));
    const [juice] = figure?.split ?? [];
    const ratio = (part: { readonly low: number; readonly high: number } | undefined): number =>
      Math.log((part?.high ?? 1) / (part?.low ?? 1));
    expect(ratio(juice)).toBeGreaterThan(0.75 * 2 * 1.645 * 0.12);
    expect(ratio(figure?.learned)).toBeLessThan(ratio(figure?.builtIn) * 0.6);
  });

  it('one odd word after good ones moves the dose by no more than a tenth, and is asked about', () => {
    const good = damsons('right', 2);
    const odd = damsons('gluey', 1);
    const before = setOf(good)?.used ?? 1;
    const after = setOf([...good, ...odd]);
    expect(Math.abs(Math.log((after?.used ?? 1) / before))).toBeLessThanOrEqual(Math.log(1.1) + 1e-9);
    const leapt = Math.abs(Math.log((after?.learned.value ?? 1) / before)) > Math.log(1.1);
    expect(after?.odd).toBe(leapt ? 'gluey 0' : null);
  });

  it('an odd word that stands is used whole, and one that was a slip says nothing', () => {
    const good = damsons('right', 2).map(({ bake }) => bake);
    const [slip] = damsons('gluey', 1).map(({ bake }) => bake);
    const told = (stands?: boolean) =>
      learnLog({
        bakes: [
          ...good,
          { ...slip!, tasting: { ...slip!.tasting!, ...(stands === undefined ? {} : { stands }) } },
        ],
      }).figures.find(({ kind }) => kind === 'set');
    const without = learnLog({ bakes: good }).figures.find(({ kind }) => kind === 'set');
    expect(told(false)?.learned).toEqual(without?.learned);
    expect(told(true)?.odd).toBeNull();
    expect(told(true)?.used).toBeCloseTo(told()?.learned.value ?? NaN, 9);
    expect(told(true)!.used).toBeLessThanOrEqual(told()!.used);
  });

  it('a loose slice that was cut hot says less than a cold one', () => {
    const cutHot = damsons('loose', 4).map(({ table, bake }) => ({
      table,
      bake: { ...bake, tasting: { ...nothingTasted, cooledMin: 20, set: 'loose' as const } },
    }));
    expect(Math.abs(Math.log(setOf(cutHot)?.learned.value ?? 1))).toBeLessThan(
      Math.log(setOf(damsons('loose', 4))?.learned.value ?? 1),
    );
  });

  it('a wet season is told beside the year after', () => {
    const wet = damsons('loose', 8).map(({ table, bake }) => ({
      table,
      bake: { ...bake, id: `w${bake.id}`, season: '2025' },
    }));
    const figure = setOf([...wet, ...damsons('right', 8)]);
    expect(figure?.seasons.map(({ season }) => season)).toEqual(['2025', '2026']);
    expect(figure?.seasons[0]?.value).toBeGreaterThan(figure?.seasons[1]?.value ?? 9);
  });

  it('an oven 9 C hot is found, with the bakes that tell it', () => {
    const truth = sampleTruth(5, { 'oven Corner oven': 9, 'colour Corner oven': 0 });
    const log = sampleLog(pies, truth, 11, 40, ['2025', '2026']);
    const oven = learnFrom(log).find(({ kind, of }) => kind === 'oven' && of === 'Corner oven');
    expect(oven?.learned.low).toBeLessThan(9);
    expect(oven?.learned.high).toBeGreaterThan(9);
    expect(oven?.learned.value).toBeGreaterThan(4);
    expect(oven?.words).toMatch(/as if it were \d+ °C hotter/);
  });

  it('a bake whose plan cannot be made is named, and the rest is learned from', () => {
    const bad = plainBake({
      id: 'bad',
      plan: { ...starterSpec, filling: { ...starterSpec.filling, fruits: [] } },
    });
    const good = damsons('loose', 2).map(({ bake }) => bake);
    const learned = learnLog({ bakes: [bad, ...good] });
    expect(learned.unread.map(({ id }) => id)).toEqual(['bad']);
    expect(learned.figures.length).toBeGreaterThan(0);
  });
});

describe('a pie that knows what was learned', () => {
  const figures = () => learnFrom(damsons('loose', 12));
  const planned = (change: Partial<typeof starterSpec.filling> = {}) => {
    const filling = { fruitMassG: 900, ...change };
    const drafted = draftPlan({ ...starterSpec, filling: { ...starterSpec.filling, ...filling } });
    if (!drafted.ok) throw new Error('cannot be planned');
    return drafted.plan;
  };

  it('takes so much more thickener, with a narrower band, and says by which bakes', () => {
    const learned = learnedDose(figures(), starterSpec.filling);
    if (!learned) throw new Error('nothing was learned');
    const book = planned();
    const here = planned({ learned });
    expect(here.filling.dose.massG / book.filling.dose.massG).toBeCloseTo(learned.dose, 3);
    const width = ({ filling: { dose } }: typeof book): number => (dose.highG - dose.lowG) / dose.massG;
    expect(width(here)).toBeLessThan(width(book));
    const words = here.figures['thickener.dose']?.why.sum.filter((word) => typeof word === 'string').join('');
    expect(words).toContain('12 bakes of this kitchen taught');
    // The set is still the one that was asked for.
    expect(here.filling.reached).toBeCloseTo(book.filling.reached, 6);
  });

  it('half of a mix that was never baked here is half by the book, and less sure', () => {
    const [part] = starterSpec.filling.fruits;
    if (!part) throw new Error('the starter has no fruit');
    const mix = { ...starterSpec.filling, fruits: [part, { ...part, fruit: 'quince' }] };
    const whole = learnedDose(figures(), starterSpec.filling);
    const half = learnedDose(figures(), mix);
    expect(Math.log(half?.dose ?? 1)).toBeCloseTo(Math.log(whole?.dose ?? 1) / 2, 2);
    expect(half?.deviation).toBeGreaterThan((whole?.deviation ?? 0) / 2);
    expect(learnedDose(figures(), { ...mix, fruits: [{ ...part, fruit: 'quince' }] })).toBeNull();
  });
});

describe('a log as a file', () => {
  it('is read back as it was written', () => {
    const log = sampleLog(pies, sampleTruth(2), 3, 6, ['2026']).map(({ bake }) => bake);
    const read = readLog(JSON.parse(JSON.stringify(logFile({ bakes: log }))));
    expect(read).toEqual({ ok: true, log: { bakes: log } });
  });

  const file = (bake: Record<string, unknown>): unknown => ({
    format: 'mardle-log',
    version: 1,
    bakes: [{ id: 'a', plan: starterSpec, ...bake }],
  });
  it.each([
    ['', 7],
    ['format', { bakes: [] }],
    ['version', { format: 'mardle-log', version: 9 }],
    ['bakes', { format: 'mardle-log', version: 1 }],
    ['bakes.0.plan', file({ plan: 'damson' })],
    ['bakes.0.tasting.set', file({ tasting: { set: 'wobbly' } })],
    ['bakes.0.tasting.stands', file({ tasting: { stands: 'yes' } })],
    ['bakes.0.tasting.colour', file({ tasting: { colour: 'pale' } })],
    ['bakes.0.weighed.inG', file({ weighed: { inG: -4 } })],
    ['bakes.0.events.0.atMin', file({ events: [{ kind: 'out', atMin: 'late' }] })],
    ['bakes.0.events.0.kind', file({ events: [{ kind: 'dropped', atMin: 3 }] })],
    ['bakes.0.readings.0.airC', file({ readings: [{ atMin: 1, airC: 1e9 }] })],
    ['bakes.0.stages', file({ stages: [{ tempC: 200, timeMin: 40 }] })],
    ['bakes.0.weepTest.drainedG', file({ weepTest: { drainedG: 500 } })],
    ['bakes.0.saucerTest.result', file({ saucerTest: { result: 'flies' } })],
    [
      'bakes.1.id',
      {
        format: 'mardle-log',
        version: 1,
        bakes: [
          { id: 'a', plan: starterSpec },
          { id: 'a', plan: starterSpec },
        ],
      },
    ],
  ])('says what is wrong at "%s"', (field, plain) => {
    const read = readLog(plain);
    if (read.ok) throw new Error('it was taken');
    expect(read.problems.map((problem) => problem.field.split('.plan')[0])).toContain(
      field.split('.plan')[0],
    );
    for (const { message, remedy } of read.problems) expect(`${message}${remedy}`).not.toBe('');
  });
});

describe('readings that make no sense', () => {
  it.each([
    [[60, 61, 62], true, null],
    [[60, null], true, 'no reading'],
    [[60, 900], true, 'out of range'],
    [[60, NaN], true, 'out of range'],
    [[60, 180], true, 'slipped out'],
    [Array.from({ length: 8 }, () => 71.3), true, 'stuck'],
    [Array.from({ length: 7 }, () => 71.3), true, null],
    [[150, 195], false, null],
    [[], false, null],
  ] as const)('%j (in the filling: %s): %s', (temps, inFilling, fault) => {
    expect(probeFault(temps, inFilling)).toBe(fault);
  });
});

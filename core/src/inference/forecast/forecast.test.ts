import { soak } from '../../test/soak.js';
import { finishNow } from '../../units/index.js';
import { changeForm, draftPlan } from '../../plan/index.js';
import { starterSpec } from '../../schema/index.js';
import { chanceFrom, normalFrom } from '../../units/index.js';
import type { LoggedEvent } from '../log/log.js';
import type { Bank } from './bank.js';
import { bankSteps, momentsAt } from './bank.js';
import { emulate, features } from './emulator.js';
import type { SeenSoFar } from './forecast.js';
import { forecast } from './forecast.js';
import { unknowns } from './unknowns.js';

const stages = [
  { tempC: 210, timeMin: 20 },
  { tempC: 180, timeMin: 35 },
] as const;
const kinds = ['double_crust', 'lattice'] as const;
const BAKES = soak(80, 400);

describe('a quadratic through runs', () => {
  it('is exact for what is quadratic', () => {
    const chance = chanceFrom(4);
    const inputs = Array.from({ length: 60 }, () => [
      normalFrom(chance),
      normalFrom(chance),
      normalFrom(chance),
    ]);
    const law = ([a = 0, b = 0, c = 0]: readonly number[]): number => 3 + a - 2 * b + 0.5 * a * c - c * c;
    const through = emulate(inputs, inputs.map(law));
    for (const at of [
      [0, 0, 0],
      [1, -1, 0.5],
      [0.3, 2, -1],
    ])
      expect(through(features(at))).toBeCloseTo(law(at), 2);
  });
});

/** How far off the forecast was at a share of the bake, and how often its band held. */
interface Score {
  squares: number;
  held: number;
  all: number;
}
const ways = ['nothing', 'taps', 'probe', 'both'] as const;
const shares = [0.25, 0.5, 0.75] as const;

describe(`${BAKES} bakes whose oven, dish and fruit nobody knows`, () => {
  const scores = new Map<string, Score>();
  const banks: Bank[] = [];
  beforeAll(() => {
    const plans = kinds.map((kind) => {
      const drafted = draftPlan(changeForm(starterSpec, kind).spec);
      if (!drafted.ok) throw new Error('cannot be planned');
      return drafted.plan;
    });
    for (const { work, spec } of plans) banks.push(finishNow(bankSteps(work.body, spec.bake, stages, null)));
    for (let n = 0; n < BAKES; n++) {
      const chance = chanceFrom(7919 * (n + 1));
      const normal = (): number => normalFrom(chance);
      const { work, spec } = plans[n % plans.length]!;
      const bank = banks[n % plans.length]!;
      const at = unknowns.map(normal);
      const { moments, readings } = momentsAt(work.body, spec.bake, stages, null, at);
      const [habit, height, hot] = [1.5 * normal(), 0.05 * normal(), 2.5 * normal()];
      const taps: LoggedEvent[] = [
        { kind: 'bubbling', atMin: moments.bubblingMin + habit + 3 * normal() },
        { kind: 'colour_golden', atMin: moments.goldenMin + habit + 3 * normal() },
      ];
      const probe = readings
        .filter(({ timeMin }) => timeMin > 0 && timeMin % 3 === 0)
        .map(({ timeMin, centreC }) => ({
          atMin: timeMin,
          fillingC: centreC + height * Math.max(0, centreC - 15) + normal(),
          airC: (timeMin < 20 ? 210 : 180) + 14 * at[0]! + hot + normal(),
        }));
      for (const share of shares) {
        const now = share * bank.usual.outMin;
        const events = taps.filter(({ atMin }) => atMin <= now);
        const read = probe.filter(({ atMin }) => atMin <= now);
        const seen: Record<(typeof ways)[number], SeenSoFar> = {
          nothing: { events: [], readings: [] },
          taps: { events, readings: [] },
          probe: { events: [], readings: read.map((one) => ({ ...one, airC: null })) },
          both: { events, readings: read },
        };
        for (const way of ways) {
          const { done, out } = forecast(bank, seen[way]);
          for (const [what, window, truth] of [
            ['done', done, moments.doneMin],
            ['out', out, moments.outMin],
          ] as const) {
            const key = `${way} ${share} ${what}`;
            const score = scores.get(key) ?? { squares: 0, held: 0, all: 0 };
            score.squares += (window.value - truth) ** 2;
            score.held += Number(truth >= window.low && truth <= window.high);
            score.all++;
            scores.set(key, score);
          }
        }
      }
    }
  });

  const errorMin = (way: string, share: number, what = 'done'): number => {
    const score = scores.get(`${way} ${share} ${what}`);
    return Math.sqrt((score?.squares ?? 0) / (score?.all ?? 1));
  };

  it('taps and probes together halve the error of the finish by half time, in an oven that nobody knows', () => {
    expect(errorMin('both', 0.5)).toBeLessThan(0.5 * errorMin('nothing', 0.5));
  });

  it('each look later tells more, and both tell more than one', () => {
    for (const way of ['taps', 'probe', 'both']) {
      expect(errorMin(way, 0.75)).toBeLessThanOrEqual(errorMin(way, 0.25) + 0.05);
    }
    expect(errorMin('both', 0.5)).toBeLessThan(errorMin('taps', 0.5));
    expect(errorMin('both', 0.5)).toBeLessThan(errorMin('probe', 0.5));
  });

  it.each(ways.flatMap((way) => shares.map((share) => [way, share] as const)))(
    'with %s at %f of the bake, the band of “out” holds nine times in ten',
    (way, share) => {
      const score = scores.get(`${way} ${share} out`);
      const held = (score?.held ?? 0) / (score?.all ?? 1);
      expect(held).toBeGreaterThanOrEqual(0.85);
      expect(held).toBeLessThanOrEqual(0.95);
    },
  );

  it('bad readings are left out: a wire that slipped into the air does not end the bake', () => {
    const bank = banks[0]!;
    const readings = [3, 6, 9, 12].map((atMin) => ({ atMin, fillingC: 8 + 2 * atMin, airC: null }));
    const slipped = [...readings, { atMin: 15, fillingC: 195, airC: null }];
    const before = forecast(bank, { events: [], readings }).out.value;
    expect(forecast(bank, { events: [], readings: slipped }).out.value).toBeCloseTo(before, 6);
  });

  it('golden seen early means a sooner or a darker pie, never a later one', () => {
    const bank = banks[0]!;
    const early: LoggedEvent = { kind: 'colour_golden', atMin: 0.7 * bank.usual.goldenMin };
    const told = forecast(bank, { events: [early], readings: [] });
    const book = forecast(bank, { events: [], readings: [] });
    expect(told.out.value).toBeLessThan(book.out.value);
    expect(told.offsetC.value).toBeGreaterThan(book.offsetC.value);
  });
});

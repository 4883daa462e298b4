import type { LoggedBake, PieTables } from '@mardle/core';
import {
  bankSteps,
  builtInLarder,
  draftPlan,
  finishNow,
  forecast,
  learnLog,
  makePieTable,
  nothingTasted,
  nothingWeighed,
  sampleLog,
  sampleTruth,
  starterSpec,
} from '@mardle/core';
import type { Benchmark } from './measure.js';
import { compare, medianMs, onceMs } from './measure.js';

const stages = [
  { tempC: 210, timeMin: 20 },
  { tempC: 180, timeMin: 35 },
] as const;
const BAKES = 500;
const fruits = ['damson', 'gooseberry_green', 'greengage', 'blackcurrant', 'apricot'];

function pieOf(fruit: string, i: number): LoggedBake {
  const [part] = starterSpec.filling.fruits;
  if (!part) throw new Error('the starter has no fruit');
  return {
    id: fruit,
    season: '',
    plan: { ...starterSpec, filling: { ...starterSpec.filling, fruits: [{ ...part, fruit }] } },
    stages,
    oven: i % 2 ? 'Long oven' : 'Corner oven',
    weighed: nothingWeighed,
    weepDrainedG: null,
    saucer: null,
    events: [],
    readings: [],
    tasting: nothingTasted,
  };
}

/** What a log teaches, and the forecast of a running bake: how long a look takes beside what is worked out once. */
export function learningBenchmarks(): Benchmark[] {
  const pies = fruits.map((fruit, i) => {
    const bake = pieOf(fruit, i);
    return { bake, table: makePieTable(bake, builtInLarder) };
  });
  const bakes = sampleLog(pies, sampleTruth(3), 7, BAKES, ['2024', '2025', '2026']).map(({ bake }) => bake);
  const tables: PieTables = new Map();
  const first = onceMs(() => learnLog({ bakes }, builtInLarder, tables));
  const again = medianMs(() => learnLog({ bakes }, builtInLarder, tables), 7);
  const drafted = draftPlan(starterSpec);
  if (!drafted.ok) throw new Error('the starter spec cannot be planned');
  const { work, spec } = drafted.plan;
  const steps = () => finishNow(bankSteps(work.body, spec.bake, stages, null));
  const bankMs = onceMs(steps);
  const bank = steps();
  const readings = Array.from({ length: 15 }, (_, i) => ({ atMin: 3 * i, fillingC: 12 + 5 * i, airC: 205 }));
  const look = medianMs(
    () => forecast(bank, { events: [{ kind: 'colour_golden', atMin: 24 }], readings }),
    9,
  );
  return [
    compare(
      `${BAKES} bakes learned from anew (150 ms wanted)`,
      again,
      'the same when no pie was seen before',
      first,
      0.3,
    ),
    compare('a look at a running bake', look, 'its hundred bakes, once', bankMs, 0.1),
  ];
}

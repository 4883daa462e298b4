import {
  bakeModel,
  bakeWork,
  draftPlan,
  finishNow,
  findStages,
  buildMesh,
  meshSizes,
  roughBake,
  simulateBake,
  starterSpec,
} from '@mardle/core';
import { browserBenchmarks } from './bench/browser.js';
import { dayBenchmarks } from './bench/days.js';
import { learningBenchmarks } from './bench/learning.js';
import { listBenchmarks } from './bench/lists.js';
import type { Benchmark } from './bench/measure.js';
import { buildServer, buildWeb } from './system/build.js';
import { needPrograms } from './system/packages.js';
import { coldAndWarmMs, compare, medianMs, onceMs } from './bench/measure.js';
import { plainBake } from '@mardle/research';

const drafted = draftPlan(starterSpec);
if (!drafted.ok) throw new Error('the starter spec cannot be planned');
const { work, spec } = drafted.plan;
const { body } = work;
const stages = [
  { tempC: 215, timeMin: 20 },
  { tempC: 180, timeMin: 100 },
];
const twoHours = (size: keyof typeof meshSizes): number =>
  medianMs(() => simulateBake(body, spec.bake, stages, meshSizes[size]), 5);

/** Half an hour is enough of the plain one: it takes seconds. */
const halfHour = [
  { tempC: 215, timeMin: 15 },
  { tempC: 180, timeMin: 15 },
];

function run(): Benchmark[] {
  const { coldMs, warmMs: coarse } = coldAndWarmMs(() =>
    simulateBake(body, spec.bake, stages, meshSizes.coarse),
  );
  const setUp = coldAndWarmMs(() => bakeModel(buildMesh(body, meshSizes.coarse), body, 101_325));
  const usual = twoHours('usual');
  const fine = twoHours('fine');
  const draft = medianMs(() => draftPlan(starterSpec), 60);
  const search = medianMs(() => finishNow(findStages(body, spec.bake)), 3);
  const whole = medianMs(() => bakeWork(work, spec.bake), 3);
  const before = bakeWork(work, spec.bake);
  if (!before) throw new Error('the starter spec cannot be baked');
  const rough = medianMs(() => roughBake(work, spec.bake, before), 5);
  const thawed = { ...body, startC: 20, chill: null };
  const quick = medianMs(() => simulateBake(thawed, spec.bake, halfHour, meshSizes.coarse), 5);
  const plain = onceMs(() => plainBake(thawed, spec.bake, halfHour));
  return [
    compare('half an hour, search mesh', quick, 'the same laws written down plainly', plain, 0.02),
    compare('two hours of baking, search mesh (8 ms wanted)', coarse, 'the same on the fine mesh', fine, 0.2),
    compare('two hours of baking, usual mesh', usual, 'the same on the fine mesh', fine, 0.45),
    compare('the same with cold code, search mesh', coldMs, 'two hours of baking, search mesh', coarse, 20),
    compare(
      'set-up, search mesh (1 ms wanted)',
      setUp.warmMs,
      'two hours of baking, search mesh',
      coarse,
      0.12,
    ),
    compare('plan without the bake', draft, 'two hours of baking, search mesh', coarse, 0.1),
    compare('two-stage search', search, 'two hours of baking, search mesh', coarse, 24),
    compare('first rough answer (50 ms wanted)', rough, 'two-stage search', search, 0.25),
    compare('search, bake and cooling together (500 ms wanted)', whole, 'two-stage search', search, 2),
  ];
}

const digits = (value: number): string => value.toPrecision(3);
await needPrograms('mariadbd', 'chromium');
await buildServer();
await buildWeb();
const benchmarks = [
  ...run(),
  ...(await dayBenchmarks()),
  ...learningBenchmarks(),
  ...(await listBenchmarks()),
  ...(await browserBenchmarks()),
];
if (process.argv.includes('--json')) {
  process.stdout.write(`${JSON.stringify(benchmarks, null, 2)}\n`);
} else {
  for (const b of benchmarks) {
    const unit = b.unit ?? ' ms';
    process.stdout.write(
      `${b.met ? 'met   ' : 'missed'} ${b.name}: ${digits(b.value)}${unit}, ${digits(b.ratio)} x ${b.against} (${digits(b.reference)}${unit}), goal ${b.goal}\n`,
    );
  }
}

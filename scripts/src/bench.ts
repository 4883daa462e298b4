import {
  bakeWork,
  draftPlan,
  finishNow,
  findStages,
  meshSizes,
  simulateBake,
  starterSpec,
} from '@mardle/core';
import type { Benchmark } from './bench/measure.js';
import { compare, medianMs } from './bench/measure.js';

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

function run(): Benchmark[] {
  const coarse = twoHours('coarse');
  const usual = twoHours('usual');
  const fine = twoHours('fine');
  const draft = medianMs(() => draftPlan(starterSpec), 60);
  const search = medianMs(() => finishNow(findStages(body, spec.bake)), 3);
  const whole = medianMs(() => bakeWork(work, spec.bake), 3);
  return [
    compare('two hours of baking, search mesh', coarse, 'the same on the fine mesh', fine, 0.2),
    compare('two hours of baking, usual mesh', usual, 'the same on the fine mesh', fine, 0.45),
    compare('plan without the bake', draft, 'two hours of baking, search mesh', coarse, 0.1),
    compare('two-stage search', search, 'two hours of baking, search mesh', coarse, 24),
    compare('search, bake and cooling together', whole, 'two-stage search', search, 2),
  ];
}

const digits = (value: number): string => value.toPrecision(3);
const benchmarks = run();
if (process.argv.includes('--json')) {
  process.stdout.write(`${JSON.stringify(benchmarks, null, 2)}\n`);
} else {
  for (const b of benchmarks) {
    process.stdout.write(
      `${b.met ? 'met   ' : 'missed'} ${b.name}: ${digits(b.value)} ms, ${digits(b.ratio)} x ${b.against} (${digits(b.reference)} ms), goal ${b.goal}\n`,
    );
  }
}

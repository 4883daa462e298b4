import { spawnSync } from 'node:child_process';
import { soak } from './test/soak.js';
import { inRoot } from './system/paths.js';

const BAKES = soak(1000, 10_000);

/** Short bakes on the search mesh of a pie that is laid anew each time; prints MB in use after each tenth. */
const program = `
import { draftPlan, meshSizes, simulateBake, starterSpec } from '${inRoot('core', 'dist', 'index.js')}';
const { work, spec } = draftPlan(starterSpec).plan;
const usedMB = [];
for (let i = 1; i <= ${BAKES}; i++) {
  const body = { ...work.body, startC: work.body.startC + (i % 7) };
  simulateBake(body, { ...spec.bake, altitudeM: i % 50 }, [{ tempC: 200, timeMin: 3 }], meshSizes.coarse);
  if (i % ${BAKES / 10} !== 0) continue;
  gc();
  usedMB.push(process.memoryUsage().heapUsed / 1e6);
}
console.log(JSON.stringify(usedMB));
`;

it(`memory stays level over ${BAKES} bakes`, () => {
  const { stdout, stderr, status } = spawnSync(
    process.execPath,
    ['--expose-gc', '--input-type=module', '-e', program],
    { encoding: 'utf8' },
  );
  expect(`${stderr}${status}`).toBe('0');
  const usedMB = JSON.parse(stdout) as number[];
  const [first = NaN] = usedMB;
  expect(Math.max(...usedMB) - first).toBeLessThan(2);
}, 3_600_000);

import { compiled } from './system/compiled.js';
import { soak } from './test/soak.js';

const PIES = soak(150, 3000);
const SCHEDULES = soak(24, 500);

/** A band that is too narrow lies, one that is too wide says nothing. */
it(`the windows shown hold the truth of ${PIES} seeded pies 85 to 95 times in a hundred`, () => {
  for (const share of Object.values(
    compiled<Record<string, number>>('scripts/dist/facts/windows.js', `windowsHeld(${PIES})`),
  )) {
    expect(share).toBeGreaterThanOrEqual(0.85);
    expect(share).toBeLessThanOrEqual(0.95);
  }
}, 3_600_000);

it(`${SCHEDULES} seeded pies baked by their own schedule, unseen, come out good four times in five`, () => {
  expect(
    compiled<number>('scripts/dist/facts/windows.js', `schedulesHeld(${SCHEDULES})`),
  ).toBeGreaterThanOrEqual(0.8);
}, 3_600_000);

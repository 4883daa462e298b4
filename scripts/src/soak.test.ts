import { compiled } from './system/compiled.js';
import { soak } from './test/soak.js';

const SEED = 20261125;

/** Pies from a seed: none may crash, hang, or give a senseless figure; what is impossible must say why. */
const PIES = soak(5000, 100_000);

it(`${PIES} pies from a seed are planned or refused with a reason`, () => {
  expect(
    compiled<string | null>('scripts/dist/soak/faults.js', `firstPlannedWrong(${PIES}, ${SEED})`),
  ).toBeNull();
}, 3_600_000);

/**
 * Pies and ovens from a seed, baked: no crash, nothing that is not a number, nothing hotter than its oven, and heat that
 * comes in is heat that is there or left as steam.
 */
const BAKES = soak(300, 2000);

it(`${BAKES} pies from a seed are baked without losing heat or sense`, () => {
  expect(
    compiled<string | null>('scripts/dist/soak/faults.js', `firstBakedWrong(${BAKES}, ${SEED})`),
  ).toBeNull();
}, 3_600_000);

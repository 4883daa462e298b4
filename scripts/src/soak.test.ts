import { compiled } from './system/compiled.js';

const SEED = 20261125;

/**
 * Pies from a seed: none may crash, hang, or give a senseless figure; what is impossible must say why. Outside continuous
 * integration the first tenth is run.
 */
const PIES = process.env['CI'] ? 100_000 : 10_000;

it(`${PIES} pies from a seed are planned or refused with a reason`, () => {
  expect(compiled<string | null>('soak/faults.js', `firstPlannedWrong(${PIES}, ${SEED})`)).toBeNull();
}, 900_000);

/**
 * Pies and ovens from a seed, baked: no crash, nothing that is not a number, nothing hotter than its oven, and heat that
 * comes in is heat that is there or left as steam. Continuous integration bakes some of them, `MARDLE_BAKES` any number.
 */
const BAKES = Number(process.env['MARDLE_BAKES'] ?? (process.env['CI'] ? 2000 : 300));

it(`${BAKES} pies from a seed are baked without losing heat or sense`, () => {
  expect(compiled<string | null>('soak/faults.js', `firstBakedWrong(${BAKES}, ${SEED})`)).toBeNull();
}, 2_400_000);

/**
 * How much of a long test is run: a slice in `npm test`, all of it in `npm run soak`.
 * @param slice for each change
 * @param all for the soak, whose last result stands in docs/soak.md
 */
export const soak = (slice: number, all: number): number =>
  process.env['MARDLE_SOAK'] === undefined ? slice : all;

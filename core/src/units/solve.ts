/**
 * The place between two bounds where a question turns from no to yes, by halving: `over` must be no at `low` and yes at `high`.
 * @param within how near is near enough, in the unit of the bounds
 * @returns the largest place found that is still no
 * @example bisect(0, 2, 1e-6, (x) => x * x > 2) // 1.41421
 */
export function bisect(low: number, high: number, within: number, over: (at: number) => boolean): number {
  let no = low;
  let yes = high;
  while (yes - no > within) {
    const middle = (no + yes) / 2;
    if (over(middle)) yes = middle;
    else no = middle;
  }
  return no;
}

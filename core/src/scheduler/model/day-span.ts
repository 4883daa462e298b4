/** When pies of one hour are first touched. */
export interface TouchedStretch {
  readonly hour: number;
  readonly start: number;
}

/** How long a day is. */
export interface DaySpan {
  /** From a first touch to an hour, each minute once. */
  readonly dayMin: number;
  /** Minutes that count again for each further hour whose pies are under way. */
  readonly overlapMin: number;
}

/**
 * What the hours of a day come to together. Who is there anyway loses nothing when another hour's pies are begun: only a minute in
 * which none were under way makes the day longer.
 * @param minutesOf between two moments, as far as they count
 */
export function makeDaySpan(
  touched: readonly TouchedStretch[],
  minutesOf: (from: number, to: number) => number,
): DaySpan {
  let [dayMin, all, reached] = [0, 0, Infinity];
  for (const { hour, start } of [...touched].sort((a, b) => b.hour - a.hour)) {
    all += minutesOf(start, hour);
    if (start < reached) dayMin += minutesOf(start, Math.min(hour, reached));
    reached = Math.min(reached, start);
  }
  return { dayMin, overlapMin: all - dayMin };
}

/** What that costs. */
export const spanCost = (
  weights: { readonly dayMin: number; readonly overlapMin: number },
  { dayMin, overlapMin }: DaySpan,
): number => weights.dayMin * dayMin + weights.overlapMin * overlapMin;

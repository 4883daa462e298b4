import type { Band, OtherSchedule } from './bands.js';
import { isSingle } from './bands.js';

/** How a way differs from the one chosen, in the baker's words; empty when it comes to the same. */
interface WayInWords {
  readonly way: OtherSchedule;
  readonly differs: string;
}

/** What the chosen way comes to, to compare with. */
interface Chosen {
  readonly browning: number;
  readonly baseBrowning: number;
  readonly foilMin: number | null;
}

/** A colour so many times another is seen to be darker; a time so many minutes longer is felt. Estimates. */
const SEEN: Band = { low: 0.8, high: 1.25 };
const FELT_MIN = 4;
/** Ways whose top is further off than this are no ways to bake the pie (log of the ratio). */
export const RIGHT_OFF = 0.3;
const MOST_WAYS = 3;

const shade = (what: string, now: number, before: number): string[] => {
  if (before < 0.05 && now < 0.05) return [];
  const ratio = now / Math.max(0.05, before);
  if (ratio < SEEN.low) return [`the ${what} stays paler`];
  return ratio > SEEN.high ? [`the ${what} gets darker`] : [];
};

function differences(way: OtherSchedule, chosen: Chosen): string {
  const longer = Math.round(way.longerMin);
  return [
    ...(longer >= FELT_MIN ? [`${longer} minutes longer`] : []),
    ...(longer <= -FELT_MIN ? [`${-longer} minutes sooner`] : []),
    ...shade('top', way.browning, chosen.browning),
    ...shade('base', way.baseBrowning, chosen.baseBrowning),
    ...(way.foilMin !== null && chosen.foilMin === null ? [`foil from minute ${way.foilMin}`] : []),
    ...(way.foilMin === null && chosen.foilMin !== null ? ['no foil'] : []),
  ].join(', ');
}

/**
 * Two or three other ways that would do, cheapest first: one heat among them where there is one.
 * @param others schedules that work as well
 * @param chosen the one that is shown
 * @returns stages with what is different about each
 * @example otherWaysInWords(bake.others, bake)
 */
export function otherWaysInWords(others: readonly OtherSchedule[], chosen: Chosen): WayInWords[] {
  const right = others.filter(({ colourOff }) => Math.abs(colourOff) <= RIGHT_OFF);
  const first = right.slice(0, MOST_WAYS - 1);
  const single = right.find((way) => isSingle(way) && !first.includes(way));
  const picked = single ? [...first, single] : right.slice(0, MOST_WAYS);
  return picked.map((way) => ({ way, differs: differences(way, chosen) }));
}

import type { Day } from '../model/index.js';

/** Room that a plan leaves where one is found that does, min. From a trial: it is what makes most days hold. */
const reserveMin = { beforeGoing: 20, beforeBreak: 10, fruit: 6, built: 6 } as const;
/** A break that is so long is a night at home, or an afternoon: who goes then goes. */
const LONG_BREAK_MIN = 120;

/**
 * The same day with room before what must not be late: everybody is to be done before they go, and what waits for its crust or
 * its oven waits less than it may. A plan of it is one of the day, too.
 * @param day worked out
 * @returns null where no room is to be left
 * @example withReserves(day)?.pies[0].fruitMost
 */
export function withReserves(day: Day): Day | null {
  if (day.slack.readySooner === 0) return null;
  const hands = day.kitchen.hands.map((worker) => ({
    ...worker,
    to: worker.to - reserveMin.beforeGoing,
    breaks: worker.breaks.map(([from, to]): readonly [number, number] => [
      from - (to - from < LONG_BREAK_MIN ? reserveMin.beforeBreak : reserveMin.beforeGoing),
      to,
    ]),
  }));
  const pies = day.pies.map((pie) => ({
    ...pie,
    fruitMost: Math.max(0, pie.fruitMost - reserveMin.fruit),
    lastMost: Math.max(pie.lastChill, pie.lastMost - reserveMin.built),
  }));
  return { ...day, pies, kitchen: { ...day.kitchen, hands } };
}

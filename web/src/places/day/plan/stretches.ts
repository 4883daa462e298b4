import type { DayPlan } from '@mardle/core';

/** A part of the day in which something is done; between them nothing is for a while. */
export interface Stretch {
  readonly from: number;
  readonly to: number;
}

const GAP_MIN = 60;
const EDGE_MIN = 5;

/** The parts of a day that are drawn: nights and long waits are left out. */
export function makeStretches({ tasks, runs }: Pick<DayPlan, 'tasks' | 'runs'>): Stretch[] {
  const spans = [
    ...tasks.map(({ start, end }) => ({ from: start, to: end })),
    ...runs.map(({ start, pies }) => ({ from: start, to: start + Math.max(...pies.map(({ out }) => out)) })),
  ].sort((a, b) => a.from - b.from);
  const found: { from: number; to: number }[] = [];
  for (const span of spans) {
    const last = found.at(-1);
    if (last && span.from - last.to <= GAP_MIN) last.to = Math.max(last.to, span.to);
    else found.push({ ...span });
  }
  return found.map(({ from, to }) => ({ from: from - EDGE_MIN, to: to + EDGE_MIN }));
}

/** Space between two stretches, as a share of the whole width. */
const BETWEEN = 0.02;

/** Where a minute lies from left to right, 0 to 1; nothing for one that is not drawn. */
export function placing(stretches: readonly Stretch[]): (minute: number) => number | null {
  const all = stretches.reduce((sum, { from, to }) => sum + to - from, 0);
  const wide = 1 - BETWEEN * Math.max(0, stretches.length - 1);
  return (minute) => {
    let before = 0;
    for (const [i, { from, to }] of stretches.entries()) {
      if (minute < from) return null;
      if (minute <= to) return (wide * (before + minute - from)) / all + BETWEEN * i;
      before += to - from;
    }
    return null;
  };
}

/** The minute that lies at a share of the width: the inverse of `placing`, at the nearest that is drawn. */
export function minuteAt(stretches: readonly Stretch[], share: number): number {
  const all = stretches.reduce((sum, { from, to }) => sum + to - from, 0);
  const wide = 1 - BETWEEN * Math.max(0, stretches.length - 1);
  let left = share;
  for (const [i, { from, to }] of stretches.entries()) {
    const width = (wide * (to - from)) / all;
    const last = i + 1 === stretches.length;
    if (left <= width || last) return from + (Math.min(Math.max(left, 0), width) / width) * (to - from);
    left -= width;
    // Between two stretches nothing is drawn: the nearer edge.
    if (left < BETWEEN) return left < BETWEEN / 2 ? to : (stretches[i + 1]?.from ?? to);
    left -= BETWEEN;
  }
  return 0;
}

import { roundTo } from '../units/index.js';
import type { PieBody } from './body.js';
import type { MeshSize } from './mesh.js';
import { meshSizes } from './mesh.js';
import type { Reading } from './readings.js';
import type { Run } from './simulate.js';
import { advance, branch, doneMin, eventsIn, reading, startRun, TENDER } from './simulate.js';
import type { BakeSpec, Stage } from './spec.js';
import { colourTargets } from './spec.js';

/** The settings tried for a still oven; a fan oven is tried lower. Common practice, no source. */
export const searchGrid = {
  firstC: [205, 215, 225],
  firstMin: [10, 20, 30],
  secondC: [165, 175, 185, 195],
  fanLowerC: 12,
  longestMin: 150,
} as const;

export interface FoundStages {
  readonly stages: readonly [Stage, Stage];
  readonly doneMin: number;
  readonly browning: number;
}

interface Branch {
  readonly firstC: number;
  readonly firstMin: number;
  readonly secondC: number;
  readonly doneMin: number;
  readonly browning: number;
}

/** Bakes on at the second setting until the filling is done; null when it never is. */
function finish(
  run: Run,
  secondC: number,
  before: readonly Reading[],
): { doneMin: number; browning: number } | null {
  const readings = [...before];
  while (run.state.timeS < searchGrid.longestMin * 60) {
    advance(run, secondC);
    if (run.state.timeS % 60 !== 0) continue;
    const now = reading(run);
    readings.push(now);
    if (!now.centreBubbling || now.tender < TENDER) continue;
    const done = doneMin(eventsIn(readings));
    if (done !== null && now.timeMin >= done) return { doneMin: done, browning: now.topBrowning };
  }
  return null;
}

/**
 * A long sum that hands back the share done so far at each pause, so that whoever drives it can show progress or stop.
 */
export type Paused<T> = Generator<number, T, void>;

/** Drives a paused sum to its end. */
export function finishNow<T>(sum: Paused<T>): T {
  for (;;) {
    const step = sum.next();
    if (step.done) return step.value;
  }
}

/** The search's share of a whole bake; simulating what was found and cooling it take the rest. */
export const SEARCH_SHARE = 0.9;

/**
 * The two stages that bring filling and colour home together: a run for each first temperature, branched at three moments
 * into each second temperature until the filling is done; between moments the colour is interpolated. Colour within 5 % of
 * the target counts as met, then the shortest bake wins. Null when nothing gets done.
 */
export function* findStages(
  body: PieBody,
  spec: BakeSpec,
  size: MeshSize = meshSizes.coarse,
): Paused<FoundStages | null> {
  const lower = spec.oven.kind === 'fan' ? searchGrid.fanLowerC : 0;
  const firstLower = lower + body.top.startsLowerC;
  const target = colourTargets[spec.colour].index;
  const rows: Branch[][] = [];
  let tried = 0;
  const total = searchGrid.firstC.length * searchGrid.firstMin.length * searchGrid.secondC.length;
  for (const first of searchGrid.firstC) {
    const firstC = roundTo(first - firstLower, 5);
    const run = startRun(body, spec.oven, firstC, spec.altitudeM, size);
    const before: Reading[] = [reading(run)];
    const bySecond = new Map<number, Branch[]>();
    for (const firstMin of searchGrid.firstMin) {
      while (run.state.timeS < firstMin * 60) {
        advance(run, firstC);
        if (run.state.timeS % 60 === 0) before.push(reading(run));
      }
      for (const second of searchGrid.secondC) {
        yield (SEARCH_SHARE * tried++) / total;
        const secondC = roundTo(second - lower, 5);
        const end = finish(branch(run), secondC, before);
        if (!end) continue;
        bySecond.set(secondC, [...(bySecond.get(secondC) ?? []), { firstC, firstMin, secondC, ...end }]);
      }
    }
    rows.push(...bySecond.values());
  }
  const best = rows
    .flatMap((row) => interpolate(row))
    .sort((a, b) => cost(a, target) - cost(b, target))
    .at(0);
  if (!best) return null;
  const firstMin = Math.round(best.firstMin);
  const doneAt = Math.max(firstMin + 5, Math.round(best.doneMin));
  return {
    stages: [
      { tempC: best.firstC, timeMin: firstMin },
      { tempC: best.secondC, timeMin: doneAt - firstMin },
    ],
    doneMin: best.doneMin,
    browning: best.browning,
  };
}

/** A branch each minute between the moments that were simulated. */
function interpolate(row: readonly Branch[]): Branch[] {
  const filled: Branch[] = [...row];
  for (let i = 0; i + 1 < row.length; i++) {
    const a = row[i]!;
    const b = row[i + 1]!;
    for (let t = a.firstMin + 1; t < b.firstMin; t++) {
      const share = (t - a.firstMin) / (b.firstMin - a.firstMin);
      filled.push({
        ...a,
        firstMin: t,
        doneMin: a.doneMin + (b.doneMin - a.doneMin) * share,
        browning: a.browning + (b.browning - a.browning) * share,
      });
    }
  }
  return filled;
}

/** Colour off by more than 5 % costs most; then minutes; a wide drop between the stages breaks ties. */
function cost(at: Branch, target: number): number {
  const off = Math.abs(Math.log(at.browning / target));
  return 400 * Math.max(0, off - 0.05) + at.doneMin + 0.02 * at.secondC;
}

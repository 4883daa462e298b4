import type { Day, ObjectiveEmphasis, DayPie, DayPlan } from '@mardle/core';
import { checkPlan, finishDay, isComplete, lowerBound, sampleDay, shellId, solveDay } from '@mardle/core';
import type { Highs } from 'highs';
import { createRequire } from 'node:module';
import { GRID_MIN } from './columns.js';
import { dayProgramme } from './day-programme.js';
import { provenPlan } from './proven-plan.js';

// It has types for one kind of module and code for the other.
const loadSolver = createRequire(import.meta.url)('highs') as () => Promise<Highs>;

/** So long the solver may look for a proof, s of the clock: what it has not proven by then is not counted as proven. */
const LONGEST_S = 60;
/** Worth less than this, two plans are the same: all worths here are whole tenths of a minute. */
export const SAME_WORTH = 0.05;

const isOnGrid = ({ tasks }: DayPlan): boolean => tasks.every(({ start }) => start % GRID_MIN === 0);

const onGrid = (minutes: number): number => Math.ceil(minutes / GRID_MIN) * GRID_MIN;

/**
 * A small day out of the hat on the grid of the programme: two who can do everything, with one break for both; ovens that climb
 * and fall a degree a minute.
 */
export function gridDay(seed: number, pies: number): Day {
  const { kitchen, doughs, ...day } = sampleDay(seed, pies, { hands: 2 });
  const breaks = kitchen.hands[0]!.breaks;
  return {
    ...day,
    doughs: Object.fromEntries(
      Object.entries(doughs).map(([id, dough]) => [id, { ...dough, perPieMin: onGrid(dough.perPieMin) }]),
    ),
    kitchen: {
      ...kitchen,
      hands: kitchen.hands.map((hand) => ({ ...hand, breaks })),
      ovens: kitchen.ovens.map((oven) => ({ ...oven, upCPerMin: 1, downCPerMin: 1, fullMin: GRID_MIN })),
      loadMin: GRID_MIN,
      doorMin: GRID_MIN,
    },
    pies: day.pies.map((pie) => ({
      ...pie,
      prepare: onGrid(pie.prepare),
      cook: onGrid(pie.cook),
      line: onGrid(pie.line),
      build: onGrid(pie.build),
      cool: onGrid(pie.cool),
      warm: pie.warm === null ? null : onGrid(pie.warm),
      pack: onGrid(pie.pack),
      ways: Object.fromEntries(
        Object.entries(pie.ways).map(([oven, ways]) => [
          oven,
          ways.map((way) => ({ ...way, out: onGrid(way.out) })),
        ]),
      ),
    })),
  };
}

/** So much later all is wanted when shells are baked first, min. */
const SHELL_MIN = 120;

/** The same day with the first pie that is lined in a dish filled into a shell that was baked before. */
function withShell(day: Day): Day {
  const first = day.pies.find(({ line, dish }) => line > 0 && dish !== null);
  return {
    ...day,
    pies: day.pies.flatMap((one): DayPie[] => {
      const pie = { ...one, ready: { ...one.ready, at: one.ready.at + SHELL_MIN } };
      if (one !== first) return [pie];
      const shell: DayPie = {
        ...pie,
        id: shellId(pie.id),
        shellOf: pie.id,
        ...{ prepare: 0, cook: 0, onHob: false, build: GRID_MIN, lastChill: 0 },
        ...{ cool: 0, warm: null, pack: GRID_MIN },
        ways: Object.fromEntries(
          Object.keys(pie.ways).map((oven) => [
            oven,
            [{ heat: [190, 0, 190], out: 30, cost: 0, foil: null }],
          ]),
        ),
      };
      return [{ ...pie, line: 0, baseChill: 0, dough: null }, shell];
    }),
  };
}

/** What days are looked at, but the usual ones. */
export interface Unusual {
  /** One pie of each is filled into a shell that is baked before. */
  readonly shell?: boolean;
  readonly matters?: ObjectiveEmphasis;
}

/** A day beside its proof. */
export interface Proven {
  readonly seed: number;
  readonly pies: number;
  readonly plan: DayPlan;
  /** The best plan that there is; null when that was not proven in time. */
  readonly best: DayPlan | null;
}

/**
 * Our plan of a small day beside the best that there is, as a general solver of whole-number programmes proves it.
 * @param seed of the day and of the search
 * @param pies two to four
 * @param unusual how the day is not as usual
 * @returns null for a day that our search does not bring home
 * @throws when the solver's plan breaks a rule, or is worth something else than it says: then the programme is wrong
 */
export async function provenDay(
  seed: number,
  pies: number,
  { shell = false, matters = {} }: Unusual = {},
): Promise<Proven | null> {
  const plain = { ...gridDay(seed, pies), matters };
  const day = shell ? withShell(plain) : plain;
  const plan = finishDay(solveDay(day, { seed }));
  if (!isComplete(plan)) return null;
  const programme = dayProgramme(day, plan.score.total);
  const { solve } = await loadSolver();
  const answer = solve(programme.text, {
    time_limit: LONGEST_S,
    mip_rel_gap: 0,
    mip_abs_gap: SAME_WORTH / 2,
  });
  if (answer.Status === 'Infeasible') throw new Error(`day ${seed} of ${pies} pies: nothing can be done`);
  if (answer.Status !== 'Optimal') return { seed, pies, plan, best: null };
  const chosen = Object.values(answer.Columns).flatMap(({ Name, Primal }) =>
    (Primal ?? 0) > 0.5 ? [Name] : [],
  );
  const best = provenPlan(day, new Set(chosen));
  const wrong = checkPlan(day, best);
  if (Math.abs(best.score.total - answer.ObjectiveValue - programme.constant) > SAME_WORTH) {
    wrong.push(`worth ${best.score.total}, said to be ${answer.ObjectiveValue + programme.constant}`);
  }
  // A knob may be turned in the last minute before a break: then a plan that is off the grid can be better than the best on it.
  if (best.score.total > plan.score.total + SAME_WORTH && isOnGrid(plan)) {
    wrong.push('our plan is better than the best');
  }
  if (lowerBound(day) > best.score.total + SAME_WORTH) wrong.push('the best plan is under the bound');
  if (wrong.length > 0) throw new Error(`day ${seed} of ${pies} pies: ${wrong.join('; ')}`);
  return { seed, pies, plan, best };
}

/** How our plans of some days stand beside the best ones. */
export interface BesideBest {
  /** Days whose best plan was proven. */
  readonly proven: number;
  readonly equal: number;
  /** Days that somebody could do, with no proof in time. */
  readonly open: number;
  /** Of each day that is not equal: which, and by how much ours is worse, as a share. */
  readonly gaps: readonly { readonly seed: number; readonly pies: number; readonly share: number }[];
}

/**
 * Our plans of seeded days beside the best that there are.
 * @param pies two to four
 * @param seeds of the days, from 1
 * @param unusual how the days are not as usual
 * @returns counts, and each gap
 */
export async function besideBest(pies: number, seeds: number, unusual: Unusual = {}): Promise<BesideBest> {
  let [proven, equal, open] = [0, 0, 0];
  const gaps: { seed: number; pies: number; share: number }[] = [];
  for (let seed = 1; seed <= seeds; seed++) {
    const day = await provenDay(seed, pies, unusual);
    if (!day) continue;
    if (!day.best) {
      open += 1;
      continue;
    }
    proven += 1;
    const share = day.plan.score.total / day.best.score.total - 1;
    if (share * day.best.score.total < SAME_WORTH)
      equal += 1; // or better, off the grid
    else gaps.push({ seed, pies, share });
  }
  return { proven, equal, open, gaps };
}

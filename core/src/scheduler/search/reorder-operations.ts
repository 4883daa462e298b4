import type { Day, DayPlan, OptionTable } from '../model/index.js';
import type { OperationScheduler, OperationSequence, Operation } from '../timetable/index.js';
import { inOrder, makeOperationScheduler, makeOperationSequence, toPlan } from '../timetable/index.js';

/** How much worse an order may be taken at first, min: less where a day has so many steps that it would never cool down. */
const warmFor = (pies: number): number => 5 * Math.min(1, 12 / pies) ** 2;
/** It cools down geometrically to so much of that. */
const COLD_SHARE = 1 / 40;
const YIELD_EVERY = 64;
/** A step is moved so far at most. */
const FARTHEST = 12;

interface ReorderState {
  readonly day: Day;
  readonly layer: OperationScheduler;
  readonly ways: OptionTable;
  /** In [0, 1). */
  chance(): number;
}

const picked = <T>(of: readonly T[], chance: () => number): T | undefined =>
  of[Math.floor(chance() * of.length)];

function swapped(steps: OperationSequence, old: Operation, ...now: readonly Operation[]): Operation[] {
  const at = steps.indexOf(old);
  return at < 0 ? [...steps] : [...steps.slice(0, at), ...now, ...steps.slice(at + 1)];
}

type RunStep = Extract<Operation, { kind: 'run' }>;
type MixStep = Extract<Operation, { kind: 'mix' }>;

const runSteps = (steps: OperationSequence): RunStep[] =>
  steps.filter((step): step is RunStep => step.kind === 'run');

/** It need no longer stay where it lay. */
const free = ({ kept: _, ...step }: Operation): Operation => step;

/** One step, or all within a stretch, need no longer stay where they lay. */
function freed(steps: OperationSequence, { chance }: ReorderState): OperationSequence {
  const from = Math.floor(chance() * steps.length);
  const to = from + 1 + Math.floor(chance() ** 2 * steps.length);
  return steps.map((step, k) => (k >= from && k < to && step.kept ? free(step) : step));
}

/** One step chooses its place sooner or later than it did. */
function moved(steps: OperationSequence, { chance }: ReorderState): OperationSequence {
  const from = Math.floor(chance() * steps.length);
  const by = 1 + Math.floor(chance() * FARTHEST);
  const to = chance() < 0.5 ? from - by : from + by;
  const left = [...steps];
  const [step] = left.splice(from, 1);
  if (step) left.splice(Math.max(0, Math.min(left.length, to)), 0, free(step));
  return left;
}

/** A pie goes into another run, or one of its own. */
function rebaked(steps: OperationSequence, { day, ways, chance }: ReorderState): OperationSequence {
  const i = Math.floor(chance() * day.pies.length);
  const runs = runSteps(steps);
  const old = runs.find(({ run }) => run.pies.includes(i));
  if (!old) return steps;
  const others = runs.filter(
    ({ run }) =>
      run !== old.run &&
      run.pies.length < day.kitchen.ovens[run.oven]!.places &&
      ways[run.oven]![i]!.has(run.heat),
  );
  const left = old.run.pies.filter((pie) => pie !== i);
  const rest: Operation[] = left.length > 0 ? [{ kind: 'run', run: { ...old.run, pies: left } }] : [];
  const joined = chance() < 0.8 ? picked(others, chance) : undefined;
  if (joined) {
    const run = { ...joined.run, pies: [...joined.run.pies, i] };
    return swapped(swapped(steps, joined, { kind: 'run', run }), old, ...rest);
  }
  const oven = Math.floor(chance() * day.kitchen.ovens.length);
  const heat = picked([...ways[oven]![i]!.keys()], chance);
  if (heat === undefined) return steps;
  return swapped(steps, old, { kind: 'run', run: { oven, heat, pies: [i], sooner: 0 } }, ...rest);
}

/** A run begins as soon as all its pies may go in, or as late as it can. */
function settled(steps: OperationSequence, { layer, chance }: ReorderState): OperationSequence {
  const old = picked(runSteps(steps), chance);
  if (!old) return steps;
  layer.lay(steps);
  const wait = layer.waitOf(old.run);
  const sooner = wait > 0 ? old.run.sooner + wait : 0;
  return sooner === old.run.sooner
    ? steps
    : swapped(steps, old, { kind: 'run', run: { ...old.run, sooner } });
}

/** A run at another programme, perhaps in another oven. */
function reheated(steps: OperationSequence, { day, ways, chance }: ReorderState): OperationSequence {
  const old = picked(runSteps(steps), chance);
  if (!old) return steps;
  const oven = Math.floor(chance() * day.kitchen.ovens.length);
  const heats = [...ways[oven]![old.run.pies[0]!]!.keys()].filter((heat) =>
    old.run.pies.every((i) => ways[oven]![i]!.has(heat)),
  );
  const heat = picked(heats, chance);
  if (heat === undefined || old.run.pies.length > day.kitchen.ovens[oven]!.places) return steps;
  return swapped(steps, old, { kind: 'run', run: { ...old.run, oven, heat } });
}

/** A pie's dough is mixed with another batch, or on its own. */
function remixed(steps: OperationSequence, { day, chance }: ReorderState): OperationSequence {
  const mixes = steps.filter((step): step is MixStep => step.kind === 'mix');
  const old = picked(mixes, chance);
  if (!old) return steps;
  const { kind, dough } = old;
  const i = picked(old.pies, chance);
  if (i === undefined) return steps;
  const left = old.pies.filter((pie) => pie !== i);
  const rest: Operation[] = left.length > 0 ? [{ kind, dough, pies: left }] : [];
  const others = mixes.filter(
    (other) => other !== old && other.dough === dough && other.pies.length < day.doughs[dough]!.most,
  );
  const joined = chance() < 0.6 ? picked(others, chance) : undefined;
  if (joined)
    return swapped(swapped(steps, joined, { kind, dough, pies: [...joined.pies, i] }), old, ...rest);
  return rest.length > 0 ? swapped(steps, old, ...rest, { kind, dough, pies: [i] }) : steps;
}

function turned(steps: OperationSequence, turning: ReorderState): OperationSequence {
  const kind = turning.chance();
  if (kind < 0.15) return rebaked(steps, turning);
  if (kind < 0.25) return reheated(steps, turning);
  if (kind < 0.35) return remixed(steps, turning);
  if (kind < 0.4) return settled(steps, turning);
  if (kind < 0.5) return freed(steps, turning);
  return moved(steps, turning);
}

/** What a search for a better order tells while it goes on. */
export interface Reordering {
  readonly share: number;
  readonly better: DayPlan | null;
}

/**
 * Looks for a better order of a plan that is in time: its steps are laid in another one, pies baked or mixed with others.
 * @returns better plans one after another, each better than all before
 */
export function* reorderOperations(
  { day, ways, chance }: Omit<ReorderState, 'layer'>,
  plan: DayPlan,
  looks: number,
): Generator<Reordering, void> {
  const layer = makeOperationScheduler(day, ways);
  const turning: ReorderState = { day, ways, chance, layer };
  let now = makeOperationSequence(day, layer.timetable.fromMin, plan);
  let laid = layer.lay(now);
  // Late things, and what uses up the room that was to be left, have no place here.
  if (!laid) return;
  let best = plan.score.total;
  const warm = warmFor(day.pies.length);
  for (let look = 0; look < looks; look++) {
    const heat = warm * COLD_SHARE ** (look / looks);
    const next = inOrder(day, turned(now, turning));
    const found = next && layer.lay(next);
    const taken =
      found && (found.outlook <= laid.outlook || chance() < Math.exp((laid.outlook - found.outlook) / heat));
    if (next && taken) [now, laid] = [next, found];
    const better = taken && found.total < best - 1e-6;
    if (better) best = found.total;
    if (better || look % YIELD_EVERY === 0)
      yield {
        share: look / looks,
        better: better ? toPlan(day, layer.timetable, ways, layer.laid()) : null,
      };
  }
}

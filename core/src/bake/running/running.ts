import type { Stage } from '../../schema/index.js';
import { MINUTE_MS } from '../../units/index.js';

/** What can happen to a bake. `more_time` and `undo` carry a little more. */
export const bakeEventKinds = [
  'loaded',
  'lowered',
  'turned',
  'foil_on',
  'foil_off',
  /** Weights lifted out of an empty shell. */
  'weights_out',
  'door_opened',
  'bubbling',
  'tender',
  'colour_pale',
  'colour_golden',
  'colour_deep',
  'colour_dark',
  'more_time',
  'out',
  'cooled',
  'cut',
  /** It was never in the oven: started by mistake. */
  'cancelled',
  'undo',
] as const;
export type BakeEventKind = (typeof bakeEventKinds)[number];

/** An event as it was written down; never changed, only undone by another. */
export interface BakeEvent {
  readonly id: string;
  readonly kind: BakeEventKind;
  /** ISO 8601. */
  readonly at: string;
  readonly minutes?: number;
  readonly undoes?: string;
  readonly note?: string;
}

/** The sign to look for before a pie comes out: the question, the tap that answers it, and when it is due. */
export interface DoneSign {
  readonly label: string;
  readonly kind: BakeEventKind;
  /** Minutes from loading; null when it is not to be expected within the bake. */
  readonly dueMin: number | null;
}

/** When things are due in a bake, in minutes from loading (cooling: from out). */
export interface BakeTimes {
  readonly stages: readonly [Stage, Stage];
  readonly turnMin: number;
  readonly foilMin: number | null;
  /** Weights are lifted out of an empty shell; null where none lie in it. */
  readonly weightsMin: number | null;
  readonly sign: DoneSign | null;
  /** What can be tapped as seen or done beside the stages. */
  readonly taps: readonly BakeEventKind[];
  /** It comes out so much later than planned (negative: sooner), by what was really done. */
  readonly shiftMin?: number;
  /** Minutes from the oven until it is eaten as planned, and what comes then; null until that is worked out. */
  readonly coolMin: number | null;
  readonly then?: string;
}

/** Until it is worked out how long a pie cools, its slice is asked for no sooner, min. Common practice, no source. */
const USUAL_COOL_MIN = 180;
const FIRST_SLICE = 'First slice';
/** What a hand does when it is ready. */
const readyWords = (then: string): string => (then === FIRST_SLICE ? 'Cut the first slice' : then);

type BakePhase = 'stage1' | 'stage2' | 'one_heat' | 'cooling' | 'ready' | 'eaten' | 'cancelled';

/** A touch, and when it is due, ms since 1970. */
export interface NextTouch {
  readonly kind: BakeEventKind;
  readonly label: string;
  readonly dueAt: number;
}

export interface RunningBake {
  readonly phase: BakePhase;
  readonly loadedAt: number;
  readonly outDueAt: number;
  readonly outAt: number | null;
  /** Null until it is worked out how long it cools. */
  readonly sliceAt: number | null;
  /** What comes at `sliceAt`. */
  readonly then: string;
  /** The touch that leads: of those due the gravest, of equals the latest; else the one that is due first. */
  readonly next: NextTouch | null;
  /** All touches that wait for a hand while it is in the oven, what is due first before what comes later. */
  readonly touches: readonly NextTouch[];
  /** Other interventions that can be tapped now. */
  readonly seen: readonly BakeEventKind[];
  /** What was tapped so far beside the stages, in order. */
  readonly done: readonly { readonly kind: BakeEventKind; readonly at: number }[];
  readonly setTempC: number;
}

/**
 * Events that stand: those not undone, each id once, in the order they happened.
 * @param events as logged, in any order
 * @returns in order of time
 * @example standing([])
 */
export function standing(events: readonly BakeEvent[]): BakeEvent[] {
  const once = [...new Map(events.map((event) => [event.id, event])).values()];
  const undone = new Set(
    once.flatMap((event) => (event.kind === 'undo' && event.undoes ? [event.undoes] : [])),
  );
  return once
    .filter((event) => event.kind !== 'undo' && !undone.has(event.id))
    .sort((a, b) => Date.parse(a.at) - Date.parse(b.at) || a.id.localeCompare(b.id));
}

/**
 * Whether nobody has to do anything about a bake any more: it was sliced, cancelled, or its loading was taken back.
 * @param events as logged, in any order
 * @returns true when it is over
 * @example isFinished([]) // true
 */
export function isFinished(events: readonly BakeEvent[]): boolean {
  const stood = standing(events);
  const loaded = stood.some(({ kind }) => kind === 'loaded');
  return !loaded || stood.some(({ kind }) => kind === 'cut' || kind === 'cancelled');
}

/**
 * Whether a bake belongs into the log: it is over, was in an oven, and was no mistake.
 * @param events as logged, in any order
 * @returns false for one that was cancelled, or whose loading was taken back
 * @example isLogged([]) // false
 */
export function isLogged(events: readonly BakeEvent[]): boolean {
  const kinds = new Set(standing(events).map(({ kind }) => kind));
  return kinds.has('loaded') && kinds.has('cut') && !kinds.has('cancelled');
}

/** Taps that end or move a bake are told by its stages; all others are listed as done, once tapped. */
const partOfStages: ReadonlySet<BakeEventKind> = new Set([
  'loaded',
  'lowered',
  'more_time',
  'out',
  'cooled',
  'cut',
  'cancelled',
  'undo',
]);

/** How much harm a forgotten touch does; what is not named does least. */
const gravity: Readonly<Partial<Record<BakeEventKind, number>>> = {
  out: 4,
  lowered: 3,
  weights_out: 3,
  foil_on: 2,
  turned: 0,
};
const touchPriority = ({ kind }: NextTouch): number => gravity[kind] ?? 1;

/** The touch that a hand should do first: of those due the gravest, of equals the latest; else what is due first. */
function leading(touches: readonly NextTouch[], nowMs: number): NextTouch | null {
  const due = touches.filter(({ dueAt }) => dueAt <= nowMs);
  const [gravest] = due.sort((a, b) => touchPriority(b) - touchPriority(a) || b.dueAt - a.dueAt);
  return gravest ?? touches[0] ?? null;
}

/** Touches of a pie in the oven that nobody has tapped yet, what is due first before what comes later. */
function openTouches(
  { stages: [first, second], turnMin, foilMin, weightsMin, sign }: BakeTimes,
  isTapped: (kind: BakeEventKind) => boolean,
  { lowerDueAt, outDueAt, dueAt }: { lowerDueAt: number; outDueAt: number; dueAt(minute: number): number },
): NextTouch[] {
  const touch = (kind: BakeEventKind, label: string, minute: number | null): NextTouch[] =>
    minute === null || isTapped(kind) ? [] : [{ kind, label, dueAt: dueAt(minute) }];
  const lowered: NextTouch = {
    kind: 'lowered',
    label: second.tempC < first.tempC ? 'Lower the oven' : 'Turn the oven up',
    dueAt: lowerDueAt,
  };
  return [
    ...(first.tempC === second.tempC || isTapped('lowered') ? [] : [lowered]),
    ...touch('weights_out', 'Lift the weights out', weightsMin),
    ...touch('turned', 'Turn the pie', turnMin),
    ...touch('foil_on', 'Foil if it is golden', foilMin),
    ...(sign ? touch(sign.kind, sign.label, sign.dueMin) : []),
    { kind: 'out' as const, label: 'Out', dueAt: outDueAt },
  ].sort((a, b) => a.dueAt - b.dueAt);
}

/**
 * The state of a bake at a moment, from its plan and its events alone, so that any screen after any restart shows the
 * same. Times in ms since 1970. Throws when the bake was never loaded.
 * @param times what the plan said
 * @param events as logged
 * @param nowMs ms since 1970
 * @returns phase, next hand, minutes to go
 * @example runningBake(timesOf(plan), bake.events, Date.now()).phase
 */
export function runningBake(times: BakeTimes, events: readonly BakeEvent[], nowMs: number): RunningBake {
  const stood = standing(events);
  const when = (kind: BakeEventKind): number | null => {
    const found = stood.find((event) => event.kind === kind);
    return found ? Date.parse(found.at) : null;
  };
  const loadedAt = when('loaded');
  if (loadedAt === null) throw new Error('the bake has no loaded event');
  const [first, second] = times.stages;
  /** Minutes added up to a moment: they move all that was still to come then. */
  const moreMin = (untilMs: number): number =>
    stood.reduce(
      (sum, { kind, at, minutes = 0 }) =>
        sum + (kind === 'more_time' && Date.parse(at) <= untilMs ? minutes : 0),
      0,
    );
  // At one heat nothing is lowered: the pie is in its last stage from the start.
  const oneHeat = first.tempC === second.tempC;
  const loweredAt = oneHeat ? loadedAt : when('lowered');
  const lowerDueAt = loadedAt + (first.timeMin + moreMin(when('lowered') ?? Infinity)) * MINUTE_MS;
  const wholeMin = first.timeMin + second.timeMin + (times.shiftMin ?? 0);
  const outDueAt = loadedAt + (wholeMin + moreMin(Infinity)) * MINUTE_MS;
  const outAt = when('out');
  // It cannot have come out before now while nobody has taken it out.
  const leavesAt = outAt ?? Math.max(outDueAt, nowMs);
  const sliceAt = times.coolMin === null ? null : leavesAt + times.coolMin * MINUTE_MS;
  const cutAt = when('cut');
  const done = stood.flatMap(({ kind, at }) =>
    partOfStages.has(kind) ? [] : [{ kind, at: Date.parse(at) }],
  );
  const base = { loadedAt, outDueAt, outAt, sliceAt, then: times.then ?? FIRST_SLICE, done, touches: [] };

  if (when('cancelled') !== null) {
    return { ...base, phase: 'cancelled', next: null, seen: [], setTempC: second.tempC };
  }

  if (cutAt !== null) {
    return { ...base, phase: 'eaten', next: null, seen: [], setTempC: second.tempC };
  }
  if (outAt !== null) {
    const ready = (sliceAt !== null && nowMs >= sliceAt) || when('cooled') !== null;
    return {
      ...base,
      phase: ready ? 'ready' : 'cooling',
      next: {
        kind: 'cut',
        label: ready ? readyWords(base.then) : 'Slice it',
        dueAt: sliceAt ?? leavesAt + USUAL_COOL_MIN * MINUTE_MS,
      },
      seen: [],
      setTempC: second.tempC,
    };
  }
  // What comes after the minutes that were added is later by them, so long as it had not come yet.
  const dueAt = (minute: number): number =>
    stood.reduce(
      (due, { kind, at, minutes = 0 }) =>
        kind === 'more_time' && Date.parse(at) < due ? due + minutes * MINUTE_MS : due,
      loadedAt + minute * MINUTE_MS,
    );
  const touches = openTouches(times, (kind) => when(kind) !== null, { lowerDueAt, outDueAt, dueAt });
  return {
    ...base,
    phase: oneHeat ? 'one_heat' : loweredAt === null ? 'stage1' : 'stage2',
    next: leading(touches, nowMs),
    touches,
    seen: times.taps.filter((kind) => kind === 'door_opened' || when(kind) === null),
    setTempC: loweredAt === null ? first.tempC : second.tempC,
  };
}

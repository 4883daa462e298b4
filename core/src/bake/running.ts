import type { Stage } from '../spec/index.js';

/** What can happen to a bake. `more_time` and `undo` carry a little more. */
export const bakeEventKinds = [
  'loaded',
  'lowered',
  'turned',
  'foil_on',
  'foil_off',
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

/** When things are due in a bake, in minutes from loading (cooling: from out). */
export interface BakeTimes {
  readonly stages: readonly [Stage, Stage];
  readonly turnMin: number;
  readonly foilMin: number | null;
  readonly bubblingMin: number | null;
  /** Minutes from the oven until it is eaten as planned, and what comes then. */
  readonly coolMin: number;
  readonly then?: string;
}

const FIRST_SLICE = 'First slice';
/** What a hand does when it is ready. */
const readyWords = (then: string): string => (then === FIRST_SLICE ? 'Cut the first slice' : then);

type BakePhase = 'stage1' | 'stage2' | 'one_heat' | 'cooling' | 'ready' | 'eaten' | 'cancelled';

/** The touch that is next, and when. */
interface NextTouch {
  readonly kind: BakeEventKind;
  readonly label: string;
  readonly dueAt: number;
}

export interface RunningBake {
  readonly phase: BakePhase;
  readonly loadedAt: number;
  readonly outDueAt: number;
  readonly outAt: number | null;
  readonly sliceAt: number;
  /** What comes at `sliceAt`. */
  readonly then: string;
  readonly next: NextTouch | null;
  /** Other interventions that can be tapped now. */
  readonly seen: readonly BakeEventKind[];
  /** What was tapped so far beside the stages, in order. */
  readonly done: readonly { readonly kind: BakeEventKind; readonly at: number }[];
  readonly setTempC: number;
}

const MINUTE_MS = 60_000;

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

/** What is shown as seen, once tapped. */
const seeable: readonly BakeEventKind[] = [
  'turned',
  'bubbling',
  'tender',
  'colour_golden',
  'foil_on',
  'door_opened',
];

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
  // Lowered late, the pie had more heat already: the end does not move by itself.
  const outDueAt = loadedAt + (first.timeMin + second.timeMin + moreMin(Infinity)) * MINUTE_MS;
  const outAt = when('out');
  const sliceAt = (outAt ?? outDueAt) + times.coolMin * MINUTE_MS;
  const cutAt = when('cut');
  const done = stood.flatMap(({ kind, at }) =>
    seeable.includes(kind) ? [{ kind, at: Date.parse(at) }] : [],
  );
  const base = { loadedAt, outDueAt, outAt, sliceAt, then: times.then ?? FIRST_SLICE, done };

  if (when('cancelled') !== null) {
    return { ...base, phase: 'cancelled', next: null, seen: [], setTempC: second.tempC };
  }

  if (cutAt !== null) {
    return { ...base, phase: 'eaten', next: null, seen: [], setTempC: second.tempC };
  }
  if (outAt !== null) {
    const ready = nowMs >= sliceAt || when('cooled') !== null;
    return {
      ...base,
      phase: ready ? 'ready' : 'cooling',
      next: { kind: 'cut', label: ready ? readyWords(base.then) : 'Slice it', dueAt: sliceAt },
      seen: [],
      setTempC: second.tempC,
    };
  }
  const due: NextTouch[] = [];
  if (loweredAt === null) {
    const label = second.tempC < first.tempC ? 'Lower the oven' : 'Turn the oven up';
    due.push({ kind: 'lowered', label, dueAt: lowerDueAt });
  } else {
    // What comes after the minutes that were added is later by them, so long as it had not come yet.
    const minute = (min: number): number =>
      stood.reduce(
        (due, { kind, at, minutes = 0 }) =>
          kind === 'more_time' && Date.parse(at) < due ? due + minutes * MINUTE_MS : due,
        loadedAt + min * MINUTE_MS,
      );
    if (when('turned') === null)
      due.push({ kind: 'turned', label: 'Turn the pie', dueAt: minute(times.turnMin) });
    if (times.foilMin !== null && when('foil_on') === null) {
      due.push({ kind: 'foil_on', label: 'Foil if it is golden', dueAt: minute(times.foilMin) });
    }
    if (times.bubblingMin !== null && when('bubbling') === null) {
      due.push({
        kind: 'bubbling',
        label: 'Look: thick bubbles all round?',
        dueAt: minute(times.bubblingMin),
      });
    }
  }
  due.push({ kind: 'out', label: 'Out', dueAt: outDueAt });
  due.sort((a, b) => a.dueAt - b.dueAt);
  return {
    ...base,
    phase: oneHeat ? 'one_heat' : loweredAt === null ? 'stage1' : 'stage2',
    next: due[0] ?? null,
    seen: seeable.filter((kind) => kind === 'door_opened' || when(kind) === null),
    setTempC: loweredAt === null ? first.tempC : second.tempC,
  };
}

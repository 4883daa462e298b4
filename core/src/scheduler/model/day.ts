import type { ObjectiveEmphasis } from './objective-weights.js';

/**
 * A programme of an oven: first heat in C, minutes at it, second heat in C. One heat all through has 0 minutes at the first.
 */
export type BakeProgramme = readonly [firstC: number, firstMin: number, secondC: number];

/** One way to bake a pie in an oven: out after so many minutes; what it costs against the best way of all, in minutes of patience. */
export interface BakeOption {
  readonly heat: BakeProgramme;
  readonly out: number;
  readonly cost: number;
  /** Loose foil from this minute on, without which the top gets too dark; null for none. */
  readonly foil: number | null;
  /** It is turned round at this minute, where the oven or the pie asks for that. */
  readonly turn?: number;
}

/** What hands can be asked for. */
export const skills = ['dough', 'fruit', 'line', 'build', 'oven', 'pack'] as const;
export type Skill = (typeof skills)[number];

/** Somebody on the bench. Times in whole minutes from the day's zero, as everywhere in a day. */
export interface Worker {
  readonly id: string;
  /** Null for all. */
  readonly skills: readonly Skill[] | null;
  readonly from: number;
  readonly to: number;
  readonly breaks: readonly (readonly [from: number, to: number])[];
}

export interface DayOven {
  readonly id: string;
  readonly places: number;
  readonly warmUpMin: number;
  readonly upCPerMin: number;
  readonly downCPerMin: number;
  /** From so many pies on all take so much longer. */
  readonly fullFrom: number;
  readonly fullMin: number;
}

export interface DayKitchen {
  readonly hands: readonly Worker[];
  readonly ovens: readonly DayOven[];
  readonly hobRings: number;
  /** 0: dough is made by hand, as many at once as there are hands. */
  readonly mixers: number;
  readonly fridgePlaces: number;
  readonly rackPlaces: number;
  /** Hands at the oven, to put a run in and to take out of it what is done at one minute, min. */
  readonly loadMin: number;
  /** What those that stay lose when one leaves before them, min. */
  readonly doorMin: number;
  /** How many there are of each dish. */
  readonly dishes: Readonly<Record<string, number>>;
}

export interface DoughRule {
  readonly mixMin: number;
  /** For each pie after the first. */
  readonly perPieMin: number;
  /** Pies of one batch at most. */
  readonly most: number;
  readonly chillLeast: number;
  readonly chillMost: number;
}

export const readyKinds = ['cold', 'warm', 'out_of_dish'] as const;
export type ReadyAs = (typeof readyKinds)[number];

/** A pie of the day with all its durations, min. Made from its plan; nothing of it is typed. */
export interface DayPie {
  readonly id: string;
  readonly label: string;
  /** Null: it is baked on a tray that is always there. */
  readonly dish: string | null;
  /** Null: no dough is mixed for it here. */
  readonly dough: string | null;
  readonly prepare: number;
  /** A wait that follows at once: weeping, stewing, cooling. */
  readonly cook: number;
  readonly onHob: boolean;
  /** So long may fruit wait for its crust after that. */
  readonly fruitMost: number;
  /** 0: nothing is rolled before it is built. */
  readonly line: number;
  readonly baseChill: number;
  readonly lineMost: number;
  readonly build: number;
  readonly lastChill: number;
  /** So long may it wait between building and oven. */
  readonly lastMost: number;
  readonly cool: number;
  /** So long from the oven it is still warm; null when that does not matter. */
  readonly warm: number | null;
  readonly pack: number;
  /**
   * Filled when its shell is baked and cold: so long it sets after that. Its hour here is that much sooner. Null for what is
   * baked with its filling.
   */
  readonly sets: number | null;
  readonly ready: { readonly at: number; readonly as: ReadyAs };
  readonly ways: Readonly<Record<string, readonly BakeOption[]>>;
  /**
   * The pie whose empty shell this is: baked before that one is filled, and in its dish. Missing for a pie of its own; its hour
   * is that of its pie, and no more than that.
   */
  readonly shellOf?: string;
}

/** A day worked out: all that the rules need, and nothing else. */
export interface Day {
  readonly format: 'mardle-day';
  readonly version: 1;
  /** The instant that minutes are counted from, ISO 8601 with its offset. */
  readonly zero: string;
  /** IANA name; labels are told in it. */
  readonly timeZone: string;
  /** Nothing is done before. */
  readonly earliest: number;
  readonly kitchen: DayKitchen;
  readonly doughs: Readonly<Record<string, DoughRule>>;
  readonly pies: readonly DayPie[];
  /** How much room the plan leaves, min: all is ready so much sooner, each pie built so much before its oven. */
  readonly slack: { readonly readySooner: number; readonly beforeLoad: number };
  /** Missing: everybody sleeps at night where a plan is found that lets them. */
  readonly nights?: 'open';
  /** Missing: all of it as usual. */
  readonly matters?: ObjectiveEmphasis;
}

export const taskKinds = ['mix', 'prepare', 'line', 'build', 'load', 'out', 'pack'] as const;
export type TaskKind = (typeof taskKinds)[number];

/** The skill that each task asks for. */
export const skillFor: Readonly<Record<TaskKind, Skill>> = {
  mix: 'dough',
  prepare: 'fruit',
  line: 'line',
  build: 'build',
  load: 'oven',
  out: 'oven',
  pack: 'pack',
};

/** Name of a task: its kind and whom it is for, as `build:damson-1`. */
export type TaskId = `${TaskKind}:${string}`;

/**
 * The name of a task.
 * @param kind of work
 * @param owner a pie's id; a batch's for mixing, a run's for loading
 * @returns its name in the plan
 * @example taskId('build', 'damson-1') // 'build:damson-1'
 */
export const taskId = (kind: TaskKind, owner: string): TaskId => `${kind}:${owner}`;

/** Work for one pair of hands; `id` as `taskId` makes it. */
export interface DayTask {
  readonly id: string;
  readonly kind: TaskKind;
  /** A pie's id; a batch's for mixing, a run's for loading. */
  readonly of: string;
  readonly start: number;
  readonly end: number;
  readonly hands: string;
}

export interface DayRun {
  readonly id: string;
  readonly oven: string;
  readonly heat: BakeProgramme;
  readonly start: number;
  /** Minutes from its start at which each is taken out. */
  readonly pies: readonly {
    readonly pie: string;
    readonly out: number;
    /** Foil over it from this minute; null for none. */
    readonly foil: number | null;
    readonly turn?: number;
  }[];
}

export interface DayBatch {
  readonly id: string;
  readonly dough: string;
  readonly pies: readonly string[];
}

/** What a day came to, each a sum over it. The least of `total` is wanted. */
export interface DayScore {
  readonly total: number;
  readonly lateMin: number;
  readonly heatCost: number;
  /** From a first touch to an hour, each minute once; without hours at which nobody is there. */
  readonly dayMin: number;
  /** Minutes in which pies of one hour are under way while those of another are, too. */
  readonly overlapMin: number;
  /** Pies waiting for their oven, over what they need. */
  readonly waitingMin: number;
  readonly ovenMin: number;
  readonly runs: number;
  /** Mixings of dough. */
  readonly mixes: number;
}

export interface DayPlan {
  readonly format: 'mardle-day-plan';
  readonly version: 1;
  readonly tasks: readonly DayTask[];
  readonly runs: readonly DayRun[];
  readonly batches: readonly DayBatch[];
  readonly late: readonly { readonly pie: string; readonly byMin: number }[];
  /** Pies that find no place in this day at all: the rest is planned without them. */
  readonly leftOut: readonly string[];
  readonly score: DayScore;
}

/** A pie that is not baked at all is as bad as one so late: nobody waits longer for it. Estimate. */
export const LEFT_OUT_MIN = 240;

/**
 * Whether all is ready by its hour and nothing is left out.
 * @param plan null when there is none
 * @returns true for a day that works
 * @example isComplete(null) // false
 */
export const isComplete = (plan: DayPlan | null): plan is DayPlan =>
  plan !== null && plan.late.length === 0 && plan.leftOut.length === 0;

/**
 * Whether two programmes are the same.
 * @param a first heat, minutes, second heat
 * @param b another
 * @returns true when a run can serve both
 * @example isSameProgramme([210, 15, 180], [210, 15, 180]) // true
 */
export const isSameProgramme = (a: BakeProgramme, b: BakeProgramme): boolean =>
  a[0] === b[0] && a[1] === b[1] && a[2] === b[2];

/**
 * Minutes that an oven needs from the end of one run to the beginning of the next.
 * @param oven with its rates, C a minute
 * @param before the heat of the run before
 * @param next the heat it must come to
 * @returns whole min
 * @example turnoverMin(oven, [210, 15, 180], [210, 15, 180])
 */
export function turnoverMin(oven: DayOven, before: BakeProgramme, next: BakeProgramme): number {
  const upC = next[0] - before[2];
  return Math.ceil(upC > 0 ? upC / oven.upCPerMin : -upC / oven.downCPerMin);
}

/**
 * Minutes of a run, from its start, at which somebody must be there for a moment: to turn the knob, to lay foil, to turn a pie.
 * @param heat of the run
 * @param pies of the run, with when each gets foil and is turned
 * @returns min
 * @example batchTimes([210, 15, 180], [{ foil: null, turn: 30 }, { foil: 25 }]).length // 3
 */
export const batchTimes = (
  [, firstMin]: BakeProgramme,
  pies: readonly Pick<BakeOption, 'foil' | 'turn'>[],
): number[] => [
  ...(firstMin > 0 ? [firstMin] : []),
  ...pies.flatMap(({ foil, turn }) => [foil, turn]).filter((minute) => typeof minute === 'number'),
];

/**
 * Work for dough of so many pies at once.
 * @param dough with its minutes for the first pie and for each one after it
 * @param pies how many
 * @returns min
 * @example batchMixMin({ mixMin: 15, perPieMin: 3, most: 6, chillLeast: 30, chillMost: 1440 }, 3) // 21
 */
export const batchMixMin = ({ mixMin, perPieMin }: DoughRule, pies: number): number =>
  mixMin + perPieMin * (pies - 1);

/** So much of the time that a warm pie stays warm is left for those who eat it, min. */
const WARM_SPARE_MIN = 5;

/** How much sooner than its hour a pie is to be ready: warm ones are not to cool down in the room that was left. */
export const readyBufferMin = ({ warm, cool, pack }: DayPie, { readySooner }: Day['slack']): number =>
  warm === null ? readySooner : Math.max(0, Math.min(readySooner, warm - cool - pack - WARM_SPARE_MIN));

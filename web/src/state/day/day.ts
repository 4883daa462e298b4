import type { TickRequest } from '@mardle/contract';
import type { DayPlan, DayTask, Actuals, Remedy, StockedItem } from '@mardle/core';
import {
  emptyFreezer,
  portionIds,
  nothingStocked,
  readDay,
  shellsIn,
  usualBuying,
  usualDay,
} from '@mardle/core';
import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import type { SolvedDay } from '../../shared/workers/day.js';
import type { DayFile } from './dayFile.js';
import { wholeDayFile } from './wholeDayFile.js';

interface DayStore {
  /** Null until a day was begun. */
  readonly file: DayFile | null;
  readonly solved: SolvedDay | null;
  /** The file was changed since it was solved. */
  readonly changed: boolean;
  /** Tasks that were done, by id. */
  readonly done: readonly string[];
  /** Bakes that were started for pies of the day, by pie; of a shared day those of all its screens. */
  readonly inOven: Readonly<Record<string, string>>;
  /** Where the kitchen's screens share it, and which version of its plan this one has; null for a day of this browser alone. */
  readonly shared: { readonly id: string; readonly version: number } | null;
  /** Whether the plan of a shared day is newer than what the others have got. */
  readonly untold: boolean;
  /** Ticks of a shared day that the others have not got yet. */
  readonly waiting: readonly TickRequest[];
  /** The day that was put away last. */
  readonly before: DayState | null;
  begin(file: DayFile): void;
  change(part: Partial<DayFile>): void;
  /** What there is of a thing, and how it is sold: nothing of the plan hangs on it. */
  stock(label: string, stocked: StockedItem): void;
  /** A pie is cut into so many slices. */
  cut(slices: number): void;
  /** What came of a file, which may have been changed meanwhile. */
  take(solved: SolvedDay, of: DayFile): void;
  tick(id: string): void;
  /** A pie of the day went in as this bake. */
  load(pie: string, bake: string): void;
  /** A plan that goes on from what slipped. */
  follow(plan: DayPlan): void;
  /** Puts the day away; `bringBack` undoes that, or a file that took its place. */
  clear(): void;
  /** A day that the kitchen shares. */
  open(day: Pick<DayStore, 'file' | 'solved' | 'shared' | 'done' | 'inOven'>): void;
  /** The others have this, as that version. */
  told(shared: NonNullable<DayStore['shared']>, sent: Pick<DayStore, 'file' | 'solved' | 'inOven'>): void;
  /** From now on a day of this browser alone. */
  leave(): void;
  /** What is done by all, and what of it is still to be sent. */
  hear(done: readonly string[], waiting: readonly TickRequest[]): void;
  bringBack(): void;
}

/** What stands on the page. */
type DayState = Pick<
  DayStore,
  'file' | 'solved' | 'changed' | 'done' | 'inOven' | 'shared' | 'untold' | 'waiting'
>;

const nothing: DayState = {
  file: null,
  solved: null,
  changed: false,
  done: [],
  inOven: {},
  shared: null,
  untold: false,
  waiting: [],
};

const stateOf = ({ file, solved, changed, done, inOven, shared, untold, waiting }: DayState): DayState => ({
  file,
  solved,
  changed,
  done,
  inOven,
  shared,
  untold,
  waiting,
});

const ticked = (done: readonly string[], task: string, so: boolean): readonly string[] => [
  ...done.filter((one) => one !== task),
  ...(so ? [task] : []),
];

/** What is done by all, with what was ticked here and is still on its way. */
export const doneWith = (done: readonly string[], waiting: readonly TickRequest[]): readonly string[] =>
  waiting.reduce((all, { task, done: so }) => ticked(all, task, so), done);

const same = (a: readonly string[], b: readonly string[]): boolean =>
  a.length === b.length && a.every((one) => b.includes(one));

const bought = (file: DayFile, part: NonNullable<DayFile['buying']>): DayFile => ({
  ...file,
  buying: { ...usualBuying, ...file.buying, ...part },
});

/** Packs and prices are those of the day before; what is there has to be looked at anew. */
const soldAs = ({ slices, items = {} }: NonNullable<DayFile['buying']>): DayFile['buying'] => ({
  slices: slices ?? usualBuying.slices,
  items: Object.fromEntries(
    Object.entries(items).map(([label, item]) => [label, { ...nothingStocked, ...item, haveG: null }]),
  ),
});

/** The bake day of this browser: kept here, and taken elsewhere as a file. */
export const useDay = create<DayStore>()(
  persist(
    (set) => ({
      ...nothing,
      before: null,
      begin: (told) =>
        set((now) => {
          const file = wholeDayFile(told);
          const last = now.file ?? now.before?.file;
          return {
            ...nothing,
            file: file.buying || !last?.buying ? file : { ...file, buying: soldAs(last.buying) },
            changed: true,
            before: now.file ? stateOf(now) : now.before,
          };
        }),
      change: (part) => set(({ file }) => ({ file: file && { ...file, ...part }, changed: true })),
      stock: (label, stocked) =>
        set(({ file, shared }) => ({
          file: file && bought(file, { items: { ...file.buying?.items, [label]: stocked } }),
          untold: shared !== null,
        })),
      cut: (slices) =>
        set(({ file, shared }) => ({ file: file && bought(file, { slices }), untold: shared !== null })),
      // What was done of a day that others share stays done.
      take: (solved, of) =>
        set(({ file, shared, done, inOven }) => ({
          solved,
          changed: file !== of,
          done: shared ? done : [],
          inOven: shared ? inOven : {},
          untold: shared !== null,
        })),
      tick: (id) =>
        set(({ done, shared, waiting }) => {
          const so = !done.includes(id);
          const tick = { task: id, done: so, at: new Date().toISOString() };
          return { done: ticked(done, id, so), waiting: shared ? [...waiting, tick] : [] };
        }),
      load: (pie, bake) =>
        set(({ inOven, shared }) => ({ inOven: { ...inOven, [pie]: bake }, untold: shared !== null })),
      follow: (plan) =>
        set(({ solved, shared }) => ({
          untold: shared !== null,
          // What was reckoned for the plan before does not hold for this one.
          solved: solved && { ...solved, plan, holds: null, remedies: null },
        })),
      open: (day) =>
        set((now) => {
          const same = now.shared?.id === day.shared?.id;
          // What went in from here while somebody else planned is told to them next.
          const inOven = same ? { ...day.inOven, ...now.inOven } : day.inOven;
          return {
            ...nothing,
            ...day,
            file: day.file && wholeDayFile(day.file),
            inOven,
            untold: Object.keys(inOven).length > Object.keys(day.inOven).length,
            waiting: same ? now.waiting : [],
            before: now.file && !now.shared ? stateOf(now) : now.before,
          };
        }),
      told: (shared, sent) =>
        set(({ file, solved, inOven }) => ({
          shared,
          untold: file !== sent.file || solved !== sent.solved || inOven !== sent.inOven,
        })),
      leave: () => set({ shared: null, untold: false, waiting: [] }),
      hear: (done, waiting) =>
        set((now) =>
          same(now.done, done) && now.waiting.length === waiting.length ? now : { done, waiting },
        ),
      clear: () => set((now) => ({ ...nothing, before: now.file ? stateOf(now) : now.before })),
      bringBack: () => set(({ before }) => (before ? { ...before, before: null } : {})),
    }),
    {
      name: 'mardle.day',
      // A day that this version cannot read is not shown: nothing would come of it.
      merge: (kept, now) => {
        const known = kept as Partial<DayState> | undefined;
        return known?.file && readDay(known.file).ok
          ? { ...now, ...known, file: wholeDayFile(known.file) }
          : now;
      },
    },
  ),
);

/**
 * What was asked, as a remedy changed it: hours, hands, dishes and ovens of the day that was worked out, and no more of what is
 * done without. Another oven is like the one that it is named after.
 */
export function withRemedy(
  file: DayFile,
  { day: { earliest, kitchen, pies }, without = [] }: Pick<Remedy, 'day' | 'without'>,
): DayFile {
  const idOf = (one: object): string => ('id' in one ? String(one.id) : '');
  return {
    ...file,
    earliest,
    kitchen: {
      ...file.kitchen,
      hands: kitchen.hands.map(({ id, from, to, breaks, skills }) => ({ id, from, to, breaks, skills })),
      // The day knows only those that no shell stands in.
      dishes: Object.fromEntries(
        Object.entries(kitchen.dishes).map(([label, free]) => [
          label,
          free + shellsIn({ ...emptyFreezer, ...file.freezer }, label),
        ]),
      ),
      fridgePlaces: kitchen.fridgePlaces,
      ovens: kitchen.ovens.map(
        ({ id }) =>
          file.kitchen.ovens.find((one) => idOf(one) === id) ?? {
            ...file.kitchen.ovens.find((one) => id.endsWith(idOf(one))),
            id,
          },
      ),
    },
    pies: file.pies.flatMap((wanted) => {
      const ids = portionIds(wanted.id, wanted.count);
      const count = ids.filter((id) => !without.includes(id)).length;
      // More or fewer may be asked for since.
      const names = [...ids, wanted.id, `${wanted.id}-1`];
      const found = pies.find(({ id }) => names.includes(id));
      const left = { ...wanted, count };
      if (count === 0) return [];
      return found ? [{ ...left, ready: { ...left.ready, at: found.ready.at + (found.sets ?? 0) } }] : [left];
    }),
  };
}

/** One task takes so much longer. */
export const longer = ({ id, start, end }: DayTask, byMin: number): Actuals => ({
  lasts: new Map([[id, end - start + byMin]]),
});

/** Places in the fridge where nothing else is said. */
export const USUAL_FRIDGE = usualDay.fridgePlaces;

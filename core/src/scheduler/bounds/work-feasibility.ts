import type { Day, DayPie, Worker, Skill, BakeOption } from '../model/index.js';
import { batchMixMin, isSameProgramme, skills } from '../model/index.js';

/** Work that no plan can do without, and between which moments it must be done. */
export interface RequiredWork {
  readonly skill: Skill;
  readonly lastsMin: number;
  /** So long after the first touch of its pies it can begin, min. */
  readonly afterMin: number;
  /** Its last moment, min of the day. */
  readonly by: number;
}

/** Pies that are wanted at one hour. */
export interface Wave {
  readonly hour: number;
  readonly pies: readonly DayPie[];
}

/** How much of the mixing of its dough each pie takes at the least: its batch is full, min. */
function mixShareMin(day: Day, { dough: id }: DayPie): number {
  const dough = id === null ? undefined : day.doughs[id];
  if (!dough) return 0;
  const pies = Math.min(dough.most, day.pies.filter((other) => other.dough === id).length);
  return batchMixMin(dough, pies) / pies;
}

/** How much of a go at the door of its oven each pie takes at the least, with all that can go in, or come out, at its minute, min. */
function doorDelayMin(
  { kitchen: { loadMin, ovens }, pies }: Day,
  pie: DayPie,
  same: (a: BakeOption, b: BakeOption) => boolean,
): number {
  const most = ovens.flatMap(({ id, places }) =>
    (pie.ways[id] ?? []).map((way) =>
      Math.min(places, pies.filter((other) => other.ways[id]?.some((its) => same(way, its))).length),
    ),
  );
  return loadMin / Math.max(...most);
}

const bakedTogether = (a: BakeOption, b: BakeOption): boolean => isSameProgramme(a.heat, b.heat);
const outTogether = (a: BakeOption, b: BakeOption): boolean => bakedTogether(a, b) && a.out === b.out;

export const shortestOption = (pie: DayPie, what: 'out' | 'cost'): number =>
  Math.min(...Object.values(pie.ways).flatMap((ways) => ways.map((way) => way[what])));

/** From building to ready, min. */
export const tailMin = (pie: DayPie): number =>
  pie.lastChill + shortestOption(pie, 'out') + pie.cool + pie.pack;

/** Until its dough has rested, min. */
export function restedMin(day: Day, pie: DayPie): number {
  const dough = pie.dough === null ? undefined : day.doughs[pie.dough];
  return dough ? dough.mixMin + dough.chillLeast : 0;
}

/** From the first touch until its shell is cold, and until its fruit is: the later one is when it can be built, min. */
export function headMin(day: Day, pie: DayPie): number {
  const shell = restedMin(day, pie) + (pie.line > 0 ? pie.line + pie.baseChill : 0);
  return Math.max(shell, pie.prepare > 0 ? pie.prepare + pie.cook : 0);
}

/** From the first touch until it can go into an oven, min. */
export const loadedAfterMin = (day: Day, pie: DayPie): number =>
  headMin(day, pie) + pie.build + pie.lastChill;

/** The last moment at which it can be lined, so that it is ready at its hour. */
const linedBy = (pie: DayPie): number =>
  pie.ready.at - tailMin(pie) - pie.build - (pie.line > 0 ? pie.baseChill : 0);

/** The last moment at which its dough can be mixed. */
export const mixedBy = (pie: DayPie, chillLeast: number): number => linedBy(pie) - pie.line - chillLeast;

/** What each pie asks of hands for sure. `mixMin`: its share of the mixing of its dough. */
function requiredWork(day: Day, pie: DayPie, mixMin: number): RequiredWork[] {
  const { loadMin } = day.kitchen;
  const { at } = pie.ready;
  const dough = pie.dough === null ? undefined : day.doughs[pie.dough];
  const builtBy = at - tailMin(pie);
  const built = headMin(day, pie) + pie.build;
  const outAt = loadedAfterMin(day, pie) + shortestOption(pie, 'out');
  // Cut fruit keeps so long, and no longer.
  const soonest = headMin(day, pie) - pie.cook - pie.fruitMost - pie.prepare;
  const all: RequiredWork[] = [
    { skill: 'dough', lastsMin: mixMin, afterMin: 0, by: mixedBy(pie, dough?.chillLeast ?? 0) },
    {
      skill: 'fruit',
      lastsMin: pie.prepare,
      afterMin: Math.max(0, soonest),
      by: builtBy - pie.build - pie.cook,
    },
    { skill: 'line', lastsMin: pie.line, afterMin: restedMin(day, pie), by: linedBy(pie) },
    { skill: 'build', lastsMin: pie.build, afterMin: built - pie.build, by: builtBy },
    {
      skill: 'oven',
      lastsMin: doorDelayMin(day, pie, bakedTogether),
      afterMin: loadedAfterMin(day, pie),
      by: at - tailMin(pie) + pie.lastChill + loadMin,
    },
    {
      skill: 'oven',
      lastsMin: doorDelayMin(day, pie, outTogether),
      afterMin: outAt,
      by: at - pie.pack - pie.cool + loadMin,
    },
    { skill: 'pack', lastsMin: pie.pack, afterMin: outAt + pie.cool, by: at },
  ];
  return all.filter(({ lastsMin }) => lastsMin > 0);
}

/**
 * Whether hands may be enough when each wave is first touched at its moment: whatever must begin and end within a stretch of
 * time is no more work than there are hands for it, and no more mixing than there are mixers. Necessary, not sufficient: work is
 * taken to be cut into pieces at will.
 */
export function makeWorkCheck(day: Day, waves: readonly Wave[]): (firsts: readonly number[]) => boolean {
  const { hands, mixers } = day.kitchen;
  const all = waves.flatMap(({ pies }, wave) =>
    pies.flatMap((pie) => requiredWork(day, pie, mixShareMin(day, pie)).map((piece) => ({ ...piece, wave }))),
  );
  all.sort((a, b) => a.by - b.by);
  const lastMin = Math.max(...waves.map(({ hour }) => hour));
  const able = (skill: Skill): string =>
    hands.map(({ skills: can }) => (can === null || can.includes(skill) ? '1' : '0')).join('');
  // Skills that the same hands have are one; each such set of hands must do at least what nobody else can.
  const groups = [...new Set(skills.map(able))].map((who) => ({
    of: all.filter(({ skill }) => [...able(skill)].every((can, k) => can === '0' || who[k] === '1')),
    there: attendance(day, who, lastMin),
  }));
  if (mixers > 0)
    groups.push({
      of: all.filter(({ skill }) => skill === 'dough'),
      there: (from, to) => mixers * Math.max(0, to - from),
    });
  return (firsts) => groups.every(({ of, there }) => workFits(of, firsts, there));
}

/**
 * Whether no stretch of time asks for more work than there is. Work that can lie partly outside counts with what lies inside at
 * the least, whether it is begun as soon or as late as it may be.
 */
function workFits(
  of: readonly (RequiredWork & { readonly wave: number })[],
  firsts: readonly number[],
  there: (from: number, to: number) => number,
): boolean {
  const pieces = of.map(({ wave, afterMin, lastsMin, by }) => ({
    soonest: firsts[wave]! + afterMin,
    latest: by - lastsMin,
    lastsMin,
  }));
  const froms = new Set(pieces.map(({ soonest }) => soonest));
  return [...froms].every((from) => {
    // Seen from there, each piece grows at one minute a minute with the end of the stretch, from `starts` on, up to `most`.
    const growing = pieces.flatMap(({ soonest, latest, lastsMin }) => {
      const most = Math.min(lastsMin, soonest + lastsMin - from);
      return most > 0 ? [{ at: Math.max(latest, from), most }] : [];
    });
    const turns = growing
      .flatMap(({ at, most }) => [
        { at, by: 1 },
        { at: at + most, by: -1 },
      ])
      .sort((a, b) => a.at - b.at);
    let [work, rate, last] = [0, 0, from];
    return turns.every(({ at, by }) => {
      work += rate * (at - last);
      [rate, last] = [rate + by, at];
      return by > 0 || work <= there(from, at) + 1e-9;
    });
  });
}

/** Minutes of hands that are there between two moments. */
function attendance(day: Day, who: string, lastMin: number): (from: number, to: number) => number {
  const { earliest, kitchen } = day;
  const here = kitchen.hands.filter((_, k) => who[k] === '1');
  const isThere = (hand: Worker, t: number): boolean =>
    t >= hand.from && t < hand.to && !hand.breaks.some(([a, b]) => t >= a && t < b);
  /** Minutes of hands up to each minute of the day. */
  const upTo = new Float64Array(Math.max(1, lastMin - earliest + 1));
  for (let t = earliest; t < lastMin; t++)
    upTo[t - earliest + 1] = upTo[t - earliest]! + here.filter((hand) => isThere(hand, t)).length;
  const at = (minute: number): number => upTo[Math.max(0, Math.min(upTo.length - 1, minute - earliest))]!;
  return (from, to) => Math.max(0, at(Math.ceil(to)) - at(Math.floor(from)));
}

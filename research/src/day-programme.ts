import type { Day, DayPie, BakeOption } from '@mardle/core';
import { objectiveWeights, batchMixMin, batchTimes, isSameProgramme, turnoverMin } from '@mardle/core';
import type { Column } from './columns.js';
import { columnsOf, GRID_MIN, inSteps, subsets } from './columns.js';
import type { Programme, LinearSum } from './linear.js';
import { minus, nought, number, plus, programmeWriter, times } from './linear.js';

/**
 * The rules of a day (docs/day-format.md) written as a programme of whole numbers: for each thing a row of steps, 1 from the
 * step on at which it has begun, and a choice for each set of pies that could share a run or a dough, at each step. Nothing here
 * knows of the search that it is to check. For days on a grid, with hands that can all do everything and are there at the same
 * hours: then as many things at once as there are hands can always be given to them.
 */

/** Whether something has begun by a step, from its row; before and after its window that is known. */
type Begun = (step: number) => LinearSum;

const span = (steps: number): number[] => Array.from({ length: steps }, (_, k) => k);

/**
 * The programme whose least value no plan of a day can be under, and that the best one reaches.
 * @param day on the grid, all in time, without room to leave
 * @param known the worth of some plan: nothing is looked at that alone costs more
 * @returns its text in LP format, and what is to be added to its value
 */
// eslint-disable-next-line complexity, max-lines-per-function -- one programme: all rules speak of the same variables
export function dayProgramme(day: Day, known: number): Programme {
  const { kitchen, pies, doughs } = day;
  const weights = objectiveWeights(day);
  const { choice, part, atMost, same, costs, written } = programmeWriter();
  const lastStep = inSteps(Math.max(...pies.map(({ ready }) => ready.at)));
  const away = (step: number): boolean => {
    const { from, to, breaks } = kitchen.hands[0]!;
    const at = step * GRID_MIN;
    return at < from || at >= to || breaks.some(([a, b]) => at >= a && at < b);
  };
  const awayMin = span(lastStep).filter(away).length * GRID_MIN;
  const firstStep = Math.max(
    inSteps(day.earliest),
    Math.floor(
      (Math.min(...pies.map(({ ready }) => ready.at)) - known / weights.dayMin - awayMin) / GRID_MIN,
    ),
  );
  const steps = span(lastStep - firstStep + 1).map((k) => firstStep + k);
  const over = (from: number, name: string, make: (name: string) => LinearSum): Begun => {
    const row = new Map(steps.filter((t) => t >= from).map((t) => [t, make(`${name}_${t}`)]));
    return (t) => row.get(Math.min(t, lastStep)) ?? nought;
  };
  const begins = (name: string): Begun => {
    const begun = over(firstStep, name, choice);
    for (const t of steps.slice(1)) atMost(begun(t - 1), begun(t));
    return begun;
  };
  /** Each of a set is 1 at one step at most: `sum` tells by which step it has been. */
  const gathers = (name: string, at: (step: number) => LinearSum): Begun => {
    const begun = over(firstStep, name, part);
    for (const t of steps) same(minus(begun(t), begun(t - 1)), at(t));
    return begun;
  };
  const busy: ((step: number) => LinearSum)[] = [];
  const lasting =
    (begun: Begun, lasts: number) =>
    (t: number): LinearSum =>
      minus(begun(t), begun(t - lasts));
  const fridge: ((step: number) => LinearSum)[] = [];
  const hob: ((step: number) => LinearSum)[] = [];
  const dishes = new Map<string, ((step: number) => LinearSum)[]>();
  /** `after` begins when `lasts` and `least` are over since `before` began, and before `most` are. */
  const follows = (before: Begun, after: Begun, lasts: number, least: number, most: number): void => {
    for (const t of steps) {
      atMost(after(t), before(t - lasts - least));
      if (most < lastStep) atMost(before(t - lasts - most), after(t));
    }
  };

  const columns = columnsOf(day);
  const startOf = (c: Column): ((step: number) => LinearSum) => {
    const earliest = inSteps(day.earliest + c.oven.warmUpMin);
    const coldBy = c.pies.map((i, k) => {
      const { warm, ready } = pies[i]!;
      return warm === null ? 0 : inSteps(ready.at - warm) - c.outs[k]!;
    });
    const latest = c.pies.map((i, k) => {
      const { ready, pack, cool } = pies[i]!;
      return inSteps(ready.at - pack - cool) - c.outs[k]!;
    });
    const moments = batchTimes(c.way.heat, []).map(inSteps);
    const [from, to] = [Math.max(firstStep, earliest, ...coldBy), Math.min(...latest)];
    const row = new Map(
      steps
        .filter((t) => t >= from && t <= to && moments.every((moment) => !away(t + moment)))
        .map((t) => [t, choice(`x${c.name}_${t}`)]),
    );
    costs(times(c.cost, plus(...row.values())));
    return (t) => row.get(t) ?? nought;
  };
  const runs = columns.map((column) => ({ column, at: startOf(column) }));
  const loadSteps = inSteps(kitchen.loadMin);
  // Somebody puts each run in, and takes out at one go what is done at one minute.
  for (const { column, at } of runs) {
    for (const after of new Set([0, ...column.outs]))
      busy.push((t) => plus(...span(loadSteps).map((back) => at(t - after - back))));
  }

  /** Whether pies of any hour are under way. */
  const underWay = over(firstStep, 'u', part);
  for (const t of steps)
    if (t < lastStep && !away(t)) costs(times((weights.dayMin - weights.overlapMin) * GRID_MIN, underWay(t)));
  const waves = new Map<number, Begun>();
  const touches = (i: number, begun: Begun): void => {
    const hour = pies[i]!.ready.at;
    const wave = waves.get(hour) ?? over(firstStep, `v${hour}`, part);
    if (!waves.has(hour)) {
      waves.set(hour, wave);
      const there = steps.filter((t) => t < inSteps(hour) && !away(t));
      costs(times(weights.overlapMin * GRID_MIN, plus(...there.map(wave))));
      for (const t of there) atMost(wave(t), underWay(t));
      for (const t of steps.slice(1)) atMost(wave(t - 1), wave(t));
    }
    for (const t of steps) atMost(begun(t), wave(t));
  };

  const filling = new Map<string, Begun>();
  const wants = pies.map((pie, i): Begun => {
    const of = runs.filter(({ column }) => column.pies.includes(i));
    same(plus(...of.flatMap(({ at }) => steps.map(at))), number(1));
    const load = gathers(`l${i}`, (t) => plus(...of.map(({ at }) => at(t))));
    const out = gathers(`o${i}`, (t) =>
      plus(...of.map(({ column, at }) => at(t - column.outs[column.pies.indexOf(i)]!))),
    );
    return layPie(pie, i, load, out);
  });

  /** All hands' work of one pie; answers when its dough is wanted. */
  function layPie(pie: DayPie, i: number, load: Begun, out: Begun): Begun {
    const lasts = {
      prepare: inSteps(pie.prepare),
      line: inSteps(pie.line),
      build: inSteps(pie.build),
      pack: inSteps(pie.pack),
    };
    const build = begins(`b${i}`);
    const pack = begins(`p${i}`);
    filling.set(pie.id, build);
    same(pack(inSteps(pie.ready.at) - lasts.pack), number(1));
    busy.push(lasting(build, lasts.build), lasting(pack, lasts.pack));
    follows(build, load, lasts.build, inSteps(pie.lastChill), inSteps(pie.lastMost));
    follows(out, pack, 0, Math.max(inSteps(pie.cool), loadSteps), Infinity);
    fridge.push((t) => minus(build(t - lasts.build), load(t)));
    const waits = minus(plus(...steps.map(build)), plus(...steps.map(load)));
    costs(times(weights.waitingMin * GRID_MIN, minus(waits, number(lasts.build + inSteps(pie.lastChill)))));
    if (pie.prepare > 0) {
      const prepare = begins(`f${i}`);
      busy.push(lasting(prepare, lasts.prepare));
      follows(prepare, build, lasts.prepare + inSteps(pie.cook), 0, inSteps(pie.fruitMost));
      touches(i, prepare);
      if (pie.onHob) {
        hob.push((t) => minus(prepare(t - lasts.prepare), prepare(t - lasts.prepare - inSteps(pie.cook))));
      }
    }
    let first = build;
    if (pie.line > 0) {
      const line = begins(`n${i}`);
      busy.push(lasting(line, lasts.line));
      follows(line, build, lasts.line, inSteps(pie.baseChill), inSteps(pie.lineMost));
      fridge.push((t) => minus(line(t - lasts.line), build(t)));
      first = line;
    }
    touches(i, first);
    if (pie.dish !== null) {
      const taken = dishes.get(pie.dish) ?? [];
      // A shell is in its dish until it is filled.
      const leaves = (t: number): LinearSum => filling.get(pie.shellOf ?? '')?.(t) ?? pack(t - lasts.pack);
      dishes.set(pie.dish, [...taken, (t) => minus(first(t), leaves(t))]);
    }
    const filled = filling.get(pie.shellOf ?? '');
    if (filled) follows(pack, filled, lasts.pack, 0, Infinity);
    return first;
  }

  const mixing: ((step: number) => LinearSum)[] = [];
  for (const [dough, rule] of Object.entries(doughs)) {
    const of = pies.flatMap((pie, i) => (pie.dough === dough ? [i] : []));
    const batches = subsets(of, rule.most).map((set) => ({
      set,
      lasts: inSteps(batchMixMin(rule, set.length)),
      begun: begins(`y${dough}${set.join('_')}`),
    }));
    for (const { set, lasts, begun } of batches) {
      busy.push(lasting(begun, lasts));
      mixing.push(lasting(begun, lasts));
      costs(times(weights.mix, begun(lastStep)));
      for (const i of set) touches(i, begun);
      const held = over(firstStep, `h${dough}${set.join('_')}`, part);
      for (const t of steps) for (const i of set) atMost(minus(begun(t - lasts), wants[i]!(t)), held(t));
      fridge.push(held);
    }
    for (const i of of) {
      const mine = batches.filter(({ set }) => set.includes(i));
      same(plus(...mine.map(({ begun }) => begun(lastStep))), number(1));
      const rested = inSteps(rule.chillLeast);
      for (const t of steps) {
        atMost(wants[i]!(t), plus(...mine.map(({ begun, lasts }) => begun(t - lasts - rested))));
        const most = inSteps(rule.chillMost);
        if (most < lastStep) {
          atMost(plus(...mine.map(({ begun, lasts }) => begun(t - lasts - most))), wants[i]!(t));
        }
      }
    }
  }

  for (const oven of kitchen.ovens) {
    const own = runs.filter(({ column }) => column.oven === oven);
    const heats = own.filter(
      ({ column }, k) =>
        own.findIndex((other) => isSameProgramme(other.column.way.heat, column.way.heat)) === k,
    );
    const inIt = (t: number): LinearSum =>
      plus(...own.flatMap(({ column, at }) => span(column.lasts).map((back) => at(t - back))));
    const shortest = Math.min(...own.map(({ column }) => column.lasts));
    const ofHeat = (heat: BakeOption['heat']): typeof own =>
      own.filter(({ column }) => isSameProgramme(column.way.heat, heat));
    for (const t of steps) {
      atMost(inIt(t), number(1));
      for (const next of heats) {
        const starts = plus(...ofHeat(next.column.way.heat).map(({ at }) => at(t)));
        for (const before of heats) {
          const wait = inSteps(turnoverMin(oven, before.column.way.heat, next.column.way.heat));
          // Of runs that end within a shorter time than any lasts there is one at most.
          for (let back = 0; back < wait; back += shortest) {
            const ended = ofHeat(before.column.way.heat).flatMap(({ column, at }) =>
              span(Math.min(shortest, wait - back)).map((more) => at(t - column.lasts - back - more)),
            );
            atMost(plus(...ended, starts), number(1));
          }
        }
      }
    }
  }
  for (const t of steps) {
    const atOnce = (of: readonly ((step: number) => LinearSum)[]): LinearSum =>
      plus(...of.map((at) => at(t)));
    atMost(atOnce(busy), number(away(t) ? 0 : kitchen.hands.length));
    atMost(atOnce(fridge), number(kitchen.fridgePlaces));
    atMost(atOnce(hob), number(kitchen.hobRings));
    if (kitchen.mixers > 0) atMost(atOnce(mixing), number(kitchen.mixers));
    for (const [dish, taken] of dishes) atMost(atOnce(taken), number(kitchen.dishes[dish] ?? 0));
  }
  return written();
}

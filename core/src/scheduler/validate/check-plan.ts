import type { Day, DayPie, DayPlan, DayTask, Worker, TaskKind } from '../model/index.js';
import {
  batchMixMin,
  batchTimes,
  unloadTimes,
  isSameProgramme,
  shellIds,
  skillFor,
  turnoverMin,
} from '../model/index.js';

/** Something from a moment to another. */
interface Span {
  readonly from: number;
  readonly to: number;
}

/** The most that lie over each other at any moment. */
function mostAtOnce(spans: readonly Span[]): number {
  const edges = spans
    .filter(({ from, to }) => to > from)
    .flatMap(({ from, to }) => [[from, 1] as const, [to, -1] as const])
    .sort((a, b) => a[0] - b[0] || a[1] - b[1]);
  let now = 0;
  let most = 0;
  for (const [, change] of edges) most = Math.max(most, (now += change));
  return most;
}

/**
 * Everything in which a plan breaks the rules of its day; nothing is known here of how it was found.
 * @param day worked out
 * @param plan of anybody
 * @returns one sentence a broken rule; empty for a plan that can be worked
 * @example checkPlan(day, plan)
 */
export function checkPlan(day: Day, plan: DayPlan): string[] {
  const { kitchen } = day;
  const wrong: string[] = [];
  const must = (holds: boolean, said: string): void => {
    if (!holds) wrong.push(said);
  };
  const found = new Map(plan.tasks.map((task) => [task.id, task]));
  const task = (kind: TaskKind, of: string): DayTask | undefined => found.get(`${kind}:${of}`);
  must(found.size === plan.tasks.length, 'two tasks have the same name');

  for (const { id, kind, start, end, hands } of plan.tasks) {
    const hand = kitchen.hands.find((known) => known.id === hands);
    if (!hand) {
      wrong.push(`${id}: nobody is called ${hands}`);
      continue;
    }
    must(start >= day.earliest, `${id} begins before the earliest hour`);
    must(start >= hand.from && end <= hand.to, `${id} lies outside the hours of ${hands}`);
    must(!hand.breaks.some(([a, b]) => start < b && end > a), `${id} lies in a break of ${hands}`);
    must(hand.skills === null || hand.skills.includes(skillFor[kind]), `${hands} cannot do ${id}`);
  }
  for (const { id } of kitchen.hands) {
    const spans = plan.tasks
      .filter(({ hands }) => hands === id)
      .map(({ start, end }) => ({ from: start, to: end }));
    must(mostAtOnce(spans) <= 1, `${id} does two things at once`);
  }

  const shells = shellIds(day);
  const fridge: Span[] = [];
  const rack: Span[] = [];
  const hob: Span[] = [];
  const dishes = new Map<string, Span[]>();
  const runOf = new Map(
    plan.runs.flatMap((run) => run.pies.map(({ pie, out }) => [pie, { run, out }] as const)),
  );
  const batchOf = new Map(plan.batches.flatMap((batch) => batch.pies.map((pie) => [pie, batch] as const)));

  for (const pie of day.pies) {
    if (plan.leftOut.includes(pie.id)) continue;
    const prepare = task('prepare', pie.id);
    const line = task('line', pie.id);
    const build = task('build', pie.id);
    const out = task('out', pie.id);
    const pack = task('pack', pie.id);
    const baked = runOf.get(pie.id);
    if (!build || !out || !pack || !baked || (pie.prepare > 0 && !prepare) || (pie.line > 0 && !line)) {
      wrong.push(`${pie.id}: something of it is missing`);
      continue;
    }
    lasts(must, pie, { prepare, line, build, pack });
    const comesAlong = baked.run.pies.some(({ pie: id, out: minute }) => {
      const other = id === pie.id ? undefined : task('out', id);
      return (
        minute === baked.out && other?.hands === out.hands && other.end - other.start === kitchen.loadMin
      );
    });
    const outMin = out.end - out.start;
    must(
      outMin === kitchen.loadMin || (outMin === 0 && comesAlong),
      `${pie.id} is taken out in another time than it takes`,
    );
    if (prepare) {
      const waited = build.start - prepare.end - pie.cook;
      must(waited >= 0, `${pie.id} is built before its fruit is ready`);
      must(waited <= pie.fruitMost, `the fruit of ${pie.id} waits ${waited} minutes`);
      if (pie.onHob) hob.push({ from: prepare.end, to: prepare.end + pie.cook });
    }
    if (line) {
      const waited = build.start - line.end;
      must(waited >= pie.baseChill, `the base of ${pie.id} is not cold`);
      must(waited <= pie.lineMost, `the base of ${pie.id} waits too long`);
      fridge.push({ from: line.end, to: build.start });
    }
    const waited = baked.run.start - build.end;
    must(waited >= pie.lastChill, `${pie.id} goes in too soon`);
    must(waited <= pie.lastMost, `${pie.id} waits ${waited} minutes for its oven`);
    fridge.push({ from: build.end, to: baked.run.start });
    must(
      out.start === baked.run.start + baked.out,
      `${pie.id} is taken out at another minute than its run says`,
    );
    must(pack.start >= out.start + pie.cool, `${pie.id} is packed before it has cooled`);
    rack.push({ from: out.start, to: pack.start });
    const late = Math.max(0, pack.end - pie.ready.at);
    must(
      (plan.late.find((one) => one.pie === pie.id)?.byMin ?? 0) === late,
      `${pie.id} is late by ${late}, and that is not said`,
    );
    if (pie.warm !== null && late === 0) {
      must(pie.ready.at - out.start <= pie.warm, `${pie.id} is cold by its hour`);
    }
    const filled = pie.shellOf === undefined ? undefined : task('build', pie.shellOf);
    if (pie.shellOf !== undefined) {
      must(
        filled !== undefined && filled.start >= pack.end,
        `${pie.shellOf} is filled before its shell is baked`,
      );
    }
    const shell = shells.get(pie.id);
    must(
      shell === undefined || task('pack', shell) !== undefined,
      `${pie.id} has no shell to be filled into`,
    );
    if (pie.dish !== null) {
      const spans = dishes.get(pie.dish) ?? [];
      // A shell stays in its dish until it is filled.
      dishes.set(pie.dish, [...spans, { from: (line ?? build).start, to: filled?.start ?? pack.end }]);
    }
    const dough = pie.dough === null ? null : day.doughs[pie.dough];
    if (dough) {
      const batch = batchOf.get(pie.id);
      const mix = batch && task('mix', batch.id);
      must(batch?.dough === pie.dough && mix !== undefined, `no dough is mixed for ${pie.id}`);
      const rests = (line ?? build).start - (mix?.end ?? 0);
      must(
        rests >= dough.chillLeast && rests <= dough.chillMost,
        `the dough of ${pie.id} rests ${rests} minutes`,
      );
    }
  }

  for (const batch of plan.batches) {
    const rule = day.doughs[batch.dough];
    const mix = task('mix', batch.id);
    if (!rule || !mix) {
      wrong.push(`${batch.id}: it is not mixed`);
      continue;
    }
    must(batch.pies.length <= rule.most, `${batch.id} is too large`);
    must(
      mix.end - mix.start === batchMixMin(rule, batch.pies.length),
      `${batch.id} takes another time to mix`,
    );
    const last = Math.max(...batch.pies.map((pie) => (task('line', pie) ?? task('build', pie))?.start ?? 0));
    fridge.push({ from: mix.end, to: last });
  }
  must(mostAtOnce(fridge) <= kitchen.fridgePlaces, 'the fridge is too full');
  must(mostAtOnce(rack) <= kitchen.rackPlaces, 'the rack is too full');
  must(mostAtOnce(hob) <= kitchen.hobRings, 'the hob is too full');
  for (const [dish, spans] of dishes) {
    must(mostAtOnce(spans) <= (kitchen.dishes[dish] ?? 0), `there are too few of ${dish}`);
  }
  if (kitchen.mixers > 0) {
    const mixing = plan.tasks
      .filter(({ kind }) => kind === 'mix')
      .map(({ start, end }) => ({ from: start, to: end }));
    must(mostAtOnce(mixing) <= kitchen.mixers, 'too much is mixed at once');
  }
  wrong.push(...checkOvens(day, plan, task));
  return wrong;
}

/** Each task lasts as long as its pie says. */
function lasts(
  must: (holds: boolean, said: string) => void,
  pie: DayPie,
  tasks: Partial<Record<'prepare' | 'line' | 'build' | 'pack', DayTask | undefined>>,
): void {
  for (const kind of ['prepare', 'line', 'build', 'pack'] as const) {
    const one = tasks[kind];
    must(
      (one ? one.end - one.start : 0) === pie[kind],
      `${kind} of ${pie.id} lasts another time than it takes`,
    );
  }
}

/** Whether somebody who can see to an oven is in the kitchen, busy or not. */
const isThere = (hands: readonly Worker[], minute: number): boolean =>
  hands.some(
    ({ from, to, breaks, skills }) =>
      minute >= from &&
      minute < to &&
      !breaks.some(([a, b]) => minute >= a && minute < b) &&
      (skills === null || skills.includes('oven')),
  );

function checkOvens(
  day: Day,
  plan: DayPlan,
  task: (kind: TaskKind, of: string) => DayTask | undefined,
): string[] {
  const { kitchen } = day;
  const wrong: string[] = [];
  const pieOf = new Map(day.pies.map((pie) => [pie.id, pie]));
  for (const run of plan.runs) {
    const oven = kitchen.ovens.find(({ id }) => id === run.oven);
    const load = task('load', run.id);
    if (!oven || !load) {
      wrong.push(`${run.id} has no oven or is not loaded`);
      continue;
    }
    if (load.start !== run.start) wrong.push(`${run.id} is loaded at another minute`);
    if (load.end - load.start !== kitchen.loadMin)
      wrong.push(`${run.id} is loaded in another time than it takes`);
    if (run.pies.length > oven.places) wrong.push(`${run.id} has too many pies for ${oven.id}`);
    for (const minute of batchTimes(run.heat, run.pies)) {
      if (!isThere(kitchen.hands, run.start + minute))
        wrong.push(`nobody is there to see to ${run.id} after ${minute} minutes`);
    }
    if (run.start < day.earliest + oven.warmUpMin) wrong.push(`${run.id} begins before ${oven.id} is hot`);
    const alone = run.pies.map(
      ({ pie }) =>
        pieOf.get(pie)?.ways[run.oven]?.find(({ heat }) => isSameProgramme(heat, run.heat))?.out ?? NaN,
    );
    unloadTimes(oven, kitchen.doorMin, alone).forEach((out, k) => {
      if (run.pies[k]!.out !== out) wrong.push(`${run.pies[k]!.pie} does not bake right in ${run.id}`);
    });
  }
  for (const oven of kitchen.ovens) {
    const runs = plan.runs.filter((run) => run.oven === oven.id).sort((a, b) => a.start - b.start);
    for (let r = 1; r < runs.length; r++) {
      const before = runs[r - 1]!;
      const ends = before.start + Math.max(...before.pies.map(({ out }) => out));
      if (runs[r]!.start < ends + turnoverMin(oven, before.heat, runs[r]!.heat)) {
        wrong.push(`${runs[r]!.id} begins before ${oven.id} has come to its heat`);
      }
    }
  }
  return wrong;
}

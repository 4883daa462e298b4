import { preparations } from '../../filling/index.js';
import { formOf } from '../../forms/index.js';
import type { Larder } from '../../larder/index.js';
import { larderRow } from '../../larder/index.js';
import type { PiePlan } from '../../plan/index.js';
import { servingRules } from '../../plan/index.js';
import type { PieSpec } from '../../schema/index.js';
import type { BakeOption, DayPie, DoughRule } from '../model/index.js';
import { shellId } from '../model/index.js';
import type { InOven } from './bake-options.js';
import { programmeFrom, turned } from './bake-options.js';
import type { PiesRequest } from './day-request.js';
import { usualDay } from './day-request.js';

const lastsMin = (plan: PiePlan, ...ids: readonly string[]): number =>
  plan.clock.reduce((sum, { id, startMin, endMin }) => sum + (ids.includes(id) ? endMin - startMin : 0), 0);

/** Minutes on the rack until it is what was asked for; null when it never is. */
function coolMin({ bake, work }: PiePlan, as: PiesRequest['ready']['as']): number | null {
  if (!bake) return null;
  const rule = as === 'warm' ? servingRules.sliced_warm : servingRules.sliced_cold;
  const min = rule.ready(bake.cooling, work.turnedOutMin);
  return min === null ? null : Math.ceil(min);
}

/** How long its fruit may wait: raw it browns and runs, cooked it keeps half a day in the cold. */
function fruitMostMin({ filling: { preparation } }: PieSpec): number {
  const { cooked, heldAtC, minutes } = preparations[preparation.kind];
  if (cooked || heldAtC !== null) return usualDay.cookedFruitMostMin;
  return minutes > 0 ? usualDay.weepingFruitMostMin : usualDay.rawFruitMostMin;
}

export function doughRule(id: string, plan: PiePlan, larder: Larder): DoughRule {
  const { chillLeastMin, chillMostMin } = larderRow(larder.doughs, id);
  return {
    mixMin: lastsMin(plan, 'mix'),
    perPieMin: usualDay.perPieDoughMin,
    most: usualDay.mostInABatch,
    chillLeast: chillLeastMin,
    chillMost: chillMostMin,
  };
}

/** By the id of its pie; a shell is told by it. */
export const named = (id: string, { shellOf }: DayPie): Pick<DayPie, 'id' | 'shellOf'> =>
  shellOf === undefined ? { id } : { id: shellId(id), shellOf: id };

/** A pie, and before it the shell that it is filled into, where that is baked empty. */
export function bakedBefore(pie: DayPie, ovens: ReadonlyMap<string, InOven>): DayPie[] {
  const [first] = [...ovens.values()];
  if (!first?.plan.bake?.blind) return [pie];
  const ways = [...ovens].flatMap(([oven, { plan }]) => {
    const shell = plan.bake?.blind;
    if (!shell) return [];
    const way: BakeOption = {
      heat: programmeFrom(shell),
      out: shell.outMin,
      cost: 0,
      foil: null,
      ...turned(plan, shell.turnMin),
    };
    return [[oven, [way]] as const];
  });
  return [
    { ...pie, line: 0, baseChill: 0, dough: null },
    {
      ...pie,
      prepare: 0,
      cook: 0,
      onHob: false,
      build: usualDay.weighDownMin,
      lastChill: 0,
      cool: 0,
      warm: null,
      pack: usualDay.sealShellMin,
      ready: { ...pie.ready, as: 'cold' },
      ways: Object.fromEntries(ways),
      shellOf: pie.id,
    },
  ];
}

interface NoDayPie {
  readonly ok: false;
  readonly field: string;
  readonly message: string;
  readonly remedy: string;
}
type MadeDayPie = { readonly ok: true; readonly pie: DayPie } | NoDayPie;

const refuse = (field: string, message: string, remedy: string): NoDayPie => ({
  ok: false,
  field,
  message,
  remedy,
});

/** A kind of pie that this kitchen cannot make, or cannot have as it is wanted; or how long it cools, min. */
function coolOrRefuse(
  ready: PiesRequest['ready'],
  plan: PiePlan,
  dishes: readonly string[],
  sets: number | null,
): NoDayPie | { readonly ok: true; readonly cool: number } {
  const { name, dish, form } = plan.spec;
  if (formOf(form.kind).filled === 'dish' && !dishes.includes(dish.label)) {
    return refuse(
      '.dish.label',
      `The kitchen of this day has no dish called "${dish.label}".`,
      `Write how many there are under kitchen.dishes, or take one of: ${dishes.join(', ') || 'none yet'}.`,
    );
  }
  if (sets !== null && ready.as === 'warm') {
    return refuse(
      '.ready.as',
      `"${name}" is filled when its shell is cold: it is never warm.`,
      'Ask for it cold.',
    );
  }
  const cool = sets === null ? coolMin(plan, ready.as) : lastsMin(plan, 'cool_shell');
  if (cool !== null) return { ok: true, cool };
  return refuse(
    '.ready.as',
    `"${name}" has not cooled for that within half a day.`,
    'Ask for it warm, or take a smaller dish.',
  );
}

export function makeDayPie(
  { id, ready }: PiesRequest,
  plan: PiePlan,
  ways: Readonly<Record<string, readonly BakeOption[]>>,
  dishes: readonly string[],
  larder: Larder,
): MadeDayPie {
  const { spec } = plan;
  const { label } = spec.dish;
  // Filled when its shell is cold, it sets for so long.
  const sets = plan.work.body.filling ? null : lastsMin(plan, 'set_cold');
  const cooled = coolOrRefuse(ready, plan, dishes, sets);
  if (!cooled.ok) return cooled;
  const { cool } = cooled;
  const preparation = preparations[spec.filling.preparation.kind];
  const mixes = lastsMin(plan, 'mix') > 0;
  const line = lastsMin(plan, 'line');
  const pie: DayPie = {
    id,
    label: spec.name,
    dish: dishes.includes(label) ? label : null,
    dough: mixes ? larderRow(larder.doughs, spec.pastry.dough).id : null,
    prepare: lastsMin(plan, 'prepare'),
    cook: lastsMin(plan, 'preparation'),
    onHob: preparation.heldAtC !== null || preparation.boilMin > 0,
    fruitMost: sets === null ? fruitMostMin(spec) : usualDay.cookedFruitMostMin,
    line,
    baseChill: line > 0 ? lastsMin(plan, 'chill_base') : 0,
    lineMost: usualDay.linedMostMin,
    build: sets === null ? lastsMin(plan, 'topping', 'fill', 'lid') : usualDay.weighDownMin,
    lastChill: sets === null ? lastsMin(plan, 'last_chill', 'thaw_pie', 'bench') : 0,
    lastMost: usualDay.builtMostMin,
    cool,
    warm: ready.as === 'warm' ? Math.max(cool + 45, Math.floor(plan.bake?.cooling.sliceMin ?? 0)) : null,
    pack: usualDay.packMin + (sets === null ? 0 : lastsMin(plan, 'fill')),
    sets,
    ready: { ...ready, at: ready.at - (sets ?? 0) },
    ways,
  };
  return { ok: true, pie };
}

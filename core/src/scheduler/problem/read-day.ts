import type { Larder } from '../../larder/index.js';
import { builtInLarder } from '../../larder/index.js';
import { readSpec } from '../../plan/index.js';
import type { FieldProblem, PieSpec } from '../../schema/index.js';
import { instantMs, isPlain, readFile } from '../../schema/index.js';
import type { StockedItem } from '../lists/index.js';
import { nothingStocked, usualBuying } from '../lists/index.js';
import type { ObjectiveEmphasis } from '../model/index.js';
import { dayConflicts } from './day-conflicts.js';
import type { DayRequest, OvenRequest, PiesRequest } from './day-request.js';
import { usualDay, usualEarliest } from './day-request.js';
import type { DayFileSpec } from './day-schema.js';
import { daySchema } from './day-schema.js';
import { emptyFreezer } from './freezer.js';

type ReadDay =
  | { readonly ok: true; readonly asked: DayRequest }
  | { readonly ok: false; readonly problems: readonly FieldProblem[] };

/** The steepest that an oven is taken to climb, C a minute. */
const STEEPEST_C_PER_MIN = 60;

const ovenRequest = (oven: DayFileSpec['kitchen']['ovens'][number]): OvenRequest => ({
  id: oven.id,
  kind: oven.kind ?? 'still',
  offsetC: oven.offsetC ?? 0,
  hotSide: oven.hotSide ?? 'none',
  warmUpMin: oven.warmUpMin,
  places: oven.places,
  upCPerMin: oven.upCPerMin ?? Math.min(STEEPEST_C_PER_MIN, usualDay.warmUpC / oven.warmUpMin),
  downCPerMin: oven.downCPerMin ?? usualDay.downCPerMin,
});

function kitchenRequest({ kitchen }: DayFileSpec): DayRequest['kitchen'] {
  return {
    hands: kitchen.hands.map(({ id, skills = null, from, to, breaks = [] }) => ({
      id,
      skills,
      from,
      to,
      breaks,
    })),
    hobRings: kitchen.hobRings ?? usualDay.hobRings,
    mixers: kitchen.mixers ?? usualDay.mixers,
    fridgePlaces: kitchen.fridgePlaces ?? usualDay.fridgePlaces,
    rackPlaces: kitchen.rackPlaces ?? usualDay.rackPlaces,
    loadMin: kitchen.loadMin ?? usualDay.loadMin,
    doorMin: usualDay.doorMin,
    dishes: kitchen.dishes ?? {},
  };
}

const stockedItem = (item: Partial<StockedItem>): StockedItem => ({ ...nothingStocked, ...item });

/** What matters more or less than usual; what is as usual is left out. */
const emphasised = (matters: DayFileSpec['matters'] = {}): ObjectiveEmphasis =>
  Object.fromEntries(Object.entries(matters).filter(([, emphasis]) => emphasis !== 'usual'));

/** The day as it is asked for; pies in the order of the file, read. */
const dayRequest = (file: DayFileSpec, specs: readonly PieSpec[]): DayRequest => ({
  zero: file.zero,
  timeZone: file.timeZone ?? 'UTC',
  earliest: file.earliest ?? usualEarliest(file.kitchen.hands),
  nights: file.nights ?? 'shut',
  kitchen: kitchenRequest(file),
  ovens: file.kitchen.ovens.map(ovenRequest),
  pies: file.pies.map(({ id, count = 1, ready }, i): PiesRequest => ({
    id,
    count,
    ready: { at: ready.at, as: ready.as ?? 'cold' },
    spec: specs[i]!,
  })),
  slack: {
    readySooner: file.slack?.readySooner ?? usualDay.readySooner,
    beforeLoad: file.slack?.beforeLoad ?? usualDay.beforeLoad,
  },
  matters: emphasised(file.matters),
  buying: {
    slices: file.buying?.slices ?? usualBuying.slices,
    items: Object.fromEntries(
      Object.entries(file.buying?.items ?? {}).map(([name, item]) => [name, stockedItem(item)]),
    ),
  },
  freezer: { ...emptyFreezer, ...file.freezer },
});

/**
 * A day from a file: kitchen, pies with counts, hours; each pie a whole pie file under `pie`. Times are whole minutes from
 * `zero`, or instants with their offset.
 * @param plain anything
 * @param larder as for a plan
 * @returns the day as it is asked for, or all that is wrong by field; never throws
 * @example readDay({ format: 'mardle-day', version: 1 }).ok // false
 */
export function readDay(plain: unknown, larder: Larder = builtInLarder): ReadDay {
  const specs = new Map<unknown, PieSpec>();
  const file = readFile(daySchema, plain, {
    larder,
    zeroMs: instantMs(isPlain(plain) ? plain['zero'] : null),
    pieProblems: (pie) => {
      const read = readSpec(pie, larder);
      if (!read.ok) return read.problems;
      specs.set(pie, read.spec);
      return [];
    },
  });
  if (!file.ok) return file;
  const asked = dayRequest(
    file.value,
    file.value.pies.flatMap(({ pie }) => specs.get(pie) ?? []),
  );
  const problems = dayConflicts(asked, larder);
  return problems.length > 0 ? { ok: false, problems } : { ok: true, asked };
}

import type { Day, DayPie } from './day.js';
import { weights } from './day.js';

const leastOf = (pie: DayPie, what: 'out' | 'cost'): number =>
  Math.min(...Object.values(pie.ways).flatMap((ways) => ways.map((way) => way[what])));

/** From building to ready, min. */
const tailMin = (pie: DayPie): number => pie.lastChill + leastOf(pie, 'out') + pie.cool + pie.pack;

/** From the first touch until it can be built, min. */
function headMin(day: Day, pie: DayPie): number {
  const dough = pie.dough === null ? undefined : day.doughs[pie.dough];
  const pastry = (dough ? dough.mixMin + dough.chillLeast : 0) + pie.line + pie.baseChill;
  return Math.max(pastry, pie.prepare + pie.cook);
}

/** Hands that each pie takes before its oven for sure, min; a batch's mixing is shared by as many as it may hold. */
function handsMin(day: Day, pie: DayPie): number {
  const dough = pie.dough === null ? undefined : day.doughs[pie.dough];
  const mixing = dough ? (dough.mixMin + dough.perPieMin * (dough.most - 1)) / dough.most : 0;
  return pie.prepare + pie.line + pie.build + mixing;
}

/** How long a wave of pies lasts at the least: its longest pie, its hands, its dishes, its ovens. */
function waveMin(day: Day, pies: readonly DayPie[]): number {
  const { hands, ovens, dishes } = day.kitchen;
  const least = (of: (pie: DayPie) => number): number => Math.min(...pies.map(of));
  const sum = (of: (pie: DayPie) => number, some = pies): number =>
    some.reduce((all, pie) => all + of(pie), 0);
  const longest = Math.max(...pies.map((pie) => headMin(day, pie) + pie.build + tailMin(pie)));
  const byHands = sum((pie) => handsMin(day, pie)) / hands.length + least(tailMin);
  const places = ovens.reduce((all, oven) => all + oven.places, 0);
  const byOvens =
    least((pie) => headMin(day, pie) + pie.build + pie.lastChill) +
    sum((pie) => leastOf(pie, 'out')) / places +
    least((pie) => pie.cool + pie.pack);
  const byDishes = Object.entries(dishes).map(([dish, count]) => {
    const of = pies.filter((pie) => pie.dish === dish);
    if (of.length === 0 || count === 0) return 0;
    const held = sum((pie) => (pie.line > 0 ? pie.line + pie.baseChill : 0) + pie.build + tailMin(pie), of);
    return held / count;
  });
  return Math.max(longest, byHands, byOvens, ...byDishes);
}

/**
 * What no plan of a day can be under: each wave lasts at least as its longest pie, and as its hands, ovens and dishes allow; an
 * oven is turned on as often as its places ask for. A bound, no plan.
 * @param day worked out
 * @returns in the units of `plan.score.total`
 * @example lowerBound(day)
 */
export function lowerBound(day: Day): number {
  const hours = new Map<number, DayPie[]>();
  for (const pie of day.pies) hours.set(pie.ready.at, [...(hours.get(pie.ready.at) ?? []), pie]);
  const dayMin = [...hours.values()].reduce((sum, pies) => sum + waveMin(day, pies), 0);
  const heatCost = day.pies.reduce((sum, pie) => sum + leastOf(pie, 'cost'), 0);
  const runs = Math.ceil(day.pies.length / Math.max(...day.kitchen.ovens.map(({ places }) => places)));
  const mixes = Object.entries(day.doughs).reduce(
    (sum, [id, { most }]) => sum + Math.ceil(day.pies.filter(({ dough }) => dough === id).length / most),
    0,
  );
  const shortest = Math.min(...day.pies.map((pie) => leastOf(pie, 'out')));
  return (
    weights.dayMin * dayMin +
    weights.heatCost * heatCost +
    weights.run * runs +
    weights.mix * mixes +
    weights.ovenMin * runs * shortest
  );
}

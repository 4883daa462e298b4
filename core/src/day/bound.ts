import type { Day, DayPie } from './day.js';
import { weights } from './day.js';

/** Minutes of one pie from its first touch to its hour when nothing is in its way. */
function chainMin(day: Day, pie: DayPie): number {
  const out = Math.min(...Object.values(pie.ways).flatMap((ways) => ways.map((way) => way.out)));
  const dough = pie.dough === null ? undefined : day.doughs[pie.dough];
  const pastry = (dough ? dough.mixMin + dough.chillLeast : 0) + pie.line + pie.baseChill;
  return Math.max(pastry, pie.prepare + pie.cook) + pie.build + pie.lastChill + out + pie.cool + pie.pack;
}

/** Hands that each pie takes for sure, min; a batch's mixing is shared by as many as it may hold. */
function handsMin(day: Day, pie: DayPie): number {
  const dough = pie.dough === null ? undefined : day.doughs[pie.dough];
  const mixing = dough ? (dough.mixMin + dough.perPieMin * (dough.most - 1)) / dough.most : 0;
  return pie.prepare + pie.line + pie.build + pie.pack + day.kitchen.loadMin + mixing;
}

/**
 * What no plan of a day can be under: each wave lasts at least as its longest pie, and as the hands it takes; an oven is
 * turned on as often as its places ask for. A bound, no plan.
 * @param day worked out
 * @returns in the units of `plan.score.total`
 * @example lowerBound(day)
 */
export function lowerBound(day: Day): number {
  const { hands, ovens } = day.kitchen;
  const hours = new Map<number, DayPie[]>();
  for (const pie of day.pies) hours.set(pie.ready.at, [...(hours.get(pie.ready.at) ?? []), pie]);
  const dayMin = [...hours.values()].reduce((sum, pies) => {
    const work = pies.reduce((all, pie) => all + handsMin(day, pie), 0) / hands.length;
    const tail = Math.min(...pies.map((pie) => pie.cool));
    return sum + Math.max(...pies.map((pie) => chainMin(day, pie)), work, tail);
  }, 0);
  const heatCost = day.pies.reduce(
    (sum, pie) => sum + Math.min(...Object.values(pie.ways).flatMap((ways) => ways.map(({ cost }) => cost))),
    0,
  );
  const places = Math.max(...ovens.map((oven) => oven.places));
  const runs = Math.ceil(day.pies.length / places);
  const shortest = Math.min(
    ...day.pies.map((pie) =>
      Math.min(...Object.values(pie.ways).flatMap((ways) => ways.map(({ out }) => out))),
    ),
  );
  return (
    weights.dayMin * dayMin +
    weights.heatCost * heatCost +
    weights.run * runs +
    weights.ovenMin * runs * shortest
  );
}

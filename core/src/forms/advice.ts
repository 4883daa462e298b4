import type { CareId, CareLevel } from '../larder/index.js';
import { cautions } from '../larder/index.js';
import type { SaidFirst, Unit, UnitSystem } from '../units/index.js';
import { saidIn, showMeasured } from '../units/index.js';

/** The stations of a pie's bench, in the order of work. */
export const stations = ['shape', 'fruit', 'juice', 'pastry', 'top', 'oven'] as const;
export type Station = (typeof stations)[number];

/** Something to say where the work is: `good` needs nothing, `watch` wants a look, `danger` hurts. */
export interface Advice {
  readonly id: string;
  readonly station: Station;
  readonly level: 'good' | CareLevel;
  /** In metric words. */
  readonly text: string;
  /** The same with {0}, {1} where quantities stand, for other units. */
  readonly template?: string;
  readonly quantities?: readonly AdviceQuantity[];
}

/** A quantity inside a sentence; what can be measured by cups and spoons says how many mL a g of it is. */
export interface AdviceQuantity {
  readonly value: number;
  readonly unit: Unit;
  readonly mlPerG?: number;
}

const fill = (
  template: string,
  quantities: readonly AdviceQuantity[],
  system: UnitSystem,
  first: SaidFirst = 'weight',
): string =>
  template.replace(/\{(\d)\}/g, (_, i: string) => {
    const quantity = quantities[Number(i)];
    return quantity ? showMeasured(quantity, system, first) : '';
  });

/** A sentence with quantities in it, in metric words and ready for others. */
export const sentence = (
  template: string,
  ...quantities: readonly AdviceQuantity[]
): Pick<Advice, 'text' | 'template' | 'quantities'> => ({
  text: fill(template, quantities, 'metric'),
  template,
  quantities,
});

/**
 * An advice in the words of a system of units.
 * @param options an advice of a plan
 * @param system how quantities are said
 * @param first whether weights or cups and spoons come first
 * @returns a sentence
 * @example adviceText(plan.advice[0], 'metric')
 */
export const adviceText = (
  { text, template, quantities }: Advice,
  system: UnitSystem,
  first: SaidFirst = 'weight',
): string => (template && quantities ? fill(template, quantities, system, first) : saidIn(text, system));

/** Something to watch, in words without quantities. */
export const watch = (id: string, station: Station, text: string): Advice => ({
  id,
  station,
  level: 'watch',
  text,
});

/**
 * Cautions of the larder, said at a station.
 * @param station where the work is
 * @param ids cautions of the larder
 * @returns advice to show there
 * @example careAt('oven').length // 0
 */
export const careAt = (station: Station, ...ids: readonly CareId[]): Advice[] =>
  ids.map((id) => ({ id, station, ...cautions[id] }));

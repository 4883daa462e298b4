import type { FillingBody } from '../../bake/index.js';
import { enthalpyJ, freezingC, specificHeat, temperatureC } from '../../bake/index.js';
import type { BuiltContext } from '../../forms/index.js';
import type { Figure } from '../../units/index.js';
import { figure, q, makeSum } from '../../units/index.js';
import { beforeOven } from './before-oven.js';

/** Air of a fridge and of a freezer, and what comes out of them, C. */
export const coldC = { fridge: 4, freezer: -18 } as const;

/** Glucose and fructose, g/mol. */
export const FRUIT_SUGAR_G_MOL = 180.2;
/** At which heat capacities are taken, C. */
const MIDWAY_C = 10;

/** Fruit that goes in as it comes from the freezer, g: what was weighed out frozen, and neither weeps nor cooks first. */
export const frozenFruitG = ({ spec, filling }: Pick<BuiltContext, 'spec' | 'filling'>): number =>
  spec.filling.preparation.kind === 'raw'
    ? filling.batch.fruits.reduce((sum, { part, massG }) => sum + (part.state === 'frozen' ? massG : 0), 0)
    : 0;

/**
 * Temperature of a filling as it goes in, C: the one that was told, or that of frozen fruit among the rest when their heat has
 * evened out. Ice melts for it, so that a few frozen berries chill a filling to its freezing point and hardly below. Never colder
 * than the freezer: sugar does not dissolve into ice at once.
 */
export function initialFillingC(context: BuiltContext, body: FillingBody): number {
  const { filling } = context;
  const { startC } = beforeOven(context);
  const frozenKg = frozenFruitG(context) / 1000;
  if (frozenKg === 0 || startC <= coldC.freezer) return startC;
  const { batch } = filling;
  const waterKg = body.massKg * body.composition.water;
  const frozenWaterKg = (frozenKg * batch.waterG) / batch.massG;
  const dryKg = body.massKg - waterKg;
  const dryJKgK = specificHeat({ ...body.composition, water: 0 }, MIDWAY_C) / (1 - body.composition.water);
  const frozenDryKg = Math.min(dryKg, frozenKg - frozenWaterKg);
  const fruitFreezesC = freezingC((1000 * batch.sugarsG) / FRUIT_SUGAR_G_MOL / batch.waterG);
  const freezesC = freezingC(body.molality);
  const heatJ =
    enthalpyJ(coldC.freezer, frozenDryKg * dryJKgK, frozenWaterKg, fruitFreezesC) +
    enthalpyJ(startC, (dryKg - frozenDryKg) * dryJKgK, waterKg - frozenWaterKg, freezesC);
  return Math.max(coldC.freezer, temperatureC(heatJ, dryKg * dryJKgK, waterKg, freezesC));
}

/** How cold the filling is when it goes in, and why. */
export function startFigure(context: BuiltContext, startC: number): Figure {
  const told = context.spec.bake.startC;
  const { spared, startC: after } = beforeOven(context);
  const frozenG = frozenFruitG(context);
  const shared = { id: 'bake.start', label: 'Goes in at', value: startC, unit: 'C' } as const;
  if (spared && startC === after && after > told) {
    return figure({
      ...shared,
      rule: 'Glass and stoneware do not go cold into a hot oven: it stands on the bench until its dish is no longer cold.',
      source: 'common practice, no source',
    });
  }
  return startC === told
    ? figure({ ...shared, rule: 'The temperature you gave.', source: 'your choice' })
    : figure({
        ...shared,
        rule: 'What was weighed out frozen, among the rest at the temperature you gave, when their heat has evened out: ice melts for it.',
        sum: makeSum`${q(frozenG, 'g')} at ${q(coldC.freezer, 'C')}, ${q(context.filling.massG - frozenG, 'g')} at ${q(told, 'C')}`,
        source: 'heat of fusion and heat capacities of water and ice, handbook; from memory',
      });
}

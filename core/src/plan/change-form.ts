import { isSameDish, isSheet } from '../geometry/index.js';
import type { TakenUp } from '../forms/index.js';
import { formOf } from '../forms/index.js';
import type { KnownDish, Larder } from '../larder/index.js';
import { builtInLarder, larderRow } from '../larder/index.js';
import type { BaseSource, DishSpec, FormKind, PieSpec } from '../schema/index.js';
import { dishShapes, usualChill } from '../schema/index.js';
import { servingRules } from './timeline/index.js';

/** A dish of the larder as a choice. */
function knownDish({ label, shape, topCm, widthCm, baseCm, depthCm, material }: KnownDish): DishSpec {
  const known = dishShapes.find((other) => other === shape) ?? 'round';
  return {
    label,
    topCm,
    baseCm,
    depthCm,
    material,
    ...(known === 'round' ? {} : { shape: known, widthCm }),
  };
}

/**
 * Takes up a form. Fruit, sugar and oven stay; only what the form cannot do with is changed, and said.
 * @param spec the pie so far
 * @param kind the form to take up
 * @param own the kitchen's dishes, tried first
 * @param larder with all that may be needed
 * @returns the pie in its new form and what was changed, in words
 * @example changeForm(starterSpec, 'hand_pie').spec.form.kind // 'hand_pie'
 */
export function changeForm(
  spec: PieSpec,
  kind: FormKind,
  own: readonly DishSpec[] = [],
  larder: Larder = builtInLarder,
): TakenUp {
  const form = formOf(kind);
  const before = formOf(spec.form.kind);
  const changes: string[] = [];
  let next: PieSpec = { ...spec, form: { ...spec.form, kind } };
  // The dish that the form needs, when the one at hand will not do: one of the baker's own if any will.
  const dish = form.suits(spec.dish, spec.form)
    ? null
    : (own.find((other) => form.suits(other, spec.form)) ??
      knownDish(larderRow(larder.dishes, form.readyDish)));
  if (dish) {
    next = { ...next, dish };
    changes.push(`It is made ${isSheet(dish) ? 'on' : 'in'} another dish now: ${dish.label}.`);
  }
  if (next.filling.fruitMassG !== null && (dish || form.room !== before.room)) {
    next = { ...next, filling: { ...next.filling, fruitMassG: null } };
    changes.push('The fruit fills the new form; weigh it again if you have a set amount.');
  }
  // A set that came of how the form before is eaten comes of this one's now.
  const { eaten, set } = next.filling;
  const wanted = servingRules[form.eaten];
  if (eaten === undefined && set === servingRules[before.eaten].set && set !== wanted.set) {
    next = { ...next, filling: { ...next.filling, set: wanted.set } };
    changes.push(`Its juice is set for how it is eaten: ${wanted.label}.`);
  }
  const rested = restAs(form.restsCold, before.restsCold, next);
  const left = kind === spec.form.kind ? { spec: rested.spec, changes: [] } : before.leave(rested.spec);
  const taken = form.takeUp(left.spec);
  return { spec: taken.spec, changes: [...changes, ...rested.changes, ...left.changes, ...taken.changes] };
}

/** Gives the pie a wait in the cold where its form has one, and takes it where it has none. */
function restAs(isCold: boolean, wasCold: boolean, spec: PieSpec): TakenUp {
  if (isCold === wasCold) return { spec, changes: [] };
  const { chill } = spec.bake;
  const change = isCold
    ? `It waits ${usualChill.minutes} minutes in the fridge before the oven.`
    : 'It goes straight into the oven, without a wait in the cold.';
  return {
    spec: { ...spec, bake: { ...spec.bake, chill: isCold ? (chill ?? usualChill) : undefined } },
    changes: isCold === (chill === undefined) ? [change] : [],
  };
}

/** The foil that a bought shell comes in. */
const SHELL_FOIL = 'foil_23';

/**
 * Takes the shell from elsewhere or makes it again. A bought shell comes in its own foil, so the pie is made in that; one
 * from the freezer was lined in the dish at hand.
 * @param spec the pie so far
 * @param base where its shell comes from
 * @param larder with the dishes
 * @returns the pie and what was changed, in words
 * @example changeBase(starterSpec, 'bought').spec.pastry.base // 'bought'
 */
export function changeBase(spec: PieSpec, base: BaseSource, larder: Larder = builtInLarder): TakenUp {
  const next: PieSpec = { ...spec, pastry: { ...spec.pastry, base } };
  if (base !== 'bought') return { spec: next, changes: [] };
  const dish = knownDish(larderRow(larder.dishes, SHELL_FOIL));
  if (isSameDish(spec.dish, dish)) return { spec: next, changes: [] };
  return {
    spec: { ...next, dish, filling: { ...next.filling, fruitMassG: null } },
    changes: [
      `It is made in the shell’s own foil now: ${dish.label}. Measure yours at station 1; the fruit fills it.`,
    ],
  };
}

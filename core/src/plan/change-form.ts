import type { BaseSource, DishSpec, FormKind } from '../build/index.js';
import {
  dishShapes,
  foldFreeForm,
  formTraits,
  isRound,
  isSameDish,
  topOutline,
  usualFreeForm,
} from '../build/index.js';
import type { KnownDish } from '../larder/index.js';
import { builtInDishes } from '../larder/index.js';
import type { PieSpec } from './spec.js';

/** A form taken up, and in words what had to change with it; what still makes sense is kept. */
export interface FormChange {
  readonly spec: PieSpec;
  readonly changes: readonly string[];
}

/** A built-in dish as a choice. */
export function knownDish({ label, shape, topCm, widthCm, baseCm, depthCm, material }: KnownDish): DishSpec {
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

function builtInDish(id: string): DishSpec {
  const found = builtInDishes.get(id);
  if (!found) throw new Error(`no dish called ${id}`);
  return knownDish(found);
}

/** A sheet is flat enough to slide a pie off. */
const FLAT_CM = 2.5;

const isSheet = ({ depthCm }: DishSpec): boolean => depthCm <= FLAT_CM;

/** The dish that a form needs, when the one at hand will not do: one of the baker's own if any will. */
function neededDish(spec: PieSpec, kind: FormKind, own: readonly DishSpec[]): DishSpec | null {
  const { fillingCm } = foldFreeForm(spec.form.freeForm ?? usualFreeForm);
  const suits = (dish: DishSpec): boolean => {
    if (formTraits(kind).filled === 'dish') {
      return !isSheet(dish) && (kind !== 'upside_down' || isRound(topOutline(dish)));
    }
    return isSheet(dish) && (kind !== 'free_form' || fillingCm <= topOutline(dish).widthCm);
  };
  if (suits(spec.dish)) return null;
  const ready =
    formTraits(kind).filled !== 'dish' ? 'sheet_40' : kind === 'upside_down' ? 'skillet_26' : 'round_23';
  return own.find(suits) ?? builtInDish(ready);
}

/** Takes up a form. Fruit, sugar and oven stay; only what the form cannot do with is changed, and said. */
export function changeForm(spec: PieSpec, kind: FormKind, own: readonly DishSpec[] = []): FormChange {
  const changes: string[] = [];
  let next: PieSpec = { ...spec, form: { ...spec.form, kind } };
  const dish = neededDish(spec, kind, own);
  if (dish) {
    next = { ...next, dish };
    changes.push(`It is made ${isSheet(dish) ? 'on' : 'in'} another dish now: ${dish.label}.`);
  }
  if (
    next.filling.fruitMassG !== null &&
    (dish || formTraits(kind).room !== formTraits(spec.form.kind).room)
  ) {
    next = { ...next, filling: { ...next.filling, fruitMassG: null } };
    changes.push('The fruit fills the new form; weigh it again if you have a set amount.');
  }
  if (kind === 'upside_down' && next.pastry.dough !== 'puff') {
    next = { ...next, pastry: { ...next.pastry, dough: 'puff' } };
    changes.push('Its lid is puff pastry.');
  }
  if (kind !== 'upside_down' && next.pastry.dough === 'puff' && spec.form.kind === 'upside_down') {
    next = { ...next, pastry: { ...next.pastry, dough: 'all_butter' } };
    changes.push('Its pastry is all-butter again.');
  }
  const cooked = kind === 'upside_down' || kind === 'hand_pie';
  if (cooked && next.filling.preparation.kind === 'raw') {
    const butterG = Math.max(next.filling.butterG, kind === 'upside_down' ? 100 : 30);
    next = { ...next, filling: { ...next.filling, butterG, preparation: { kind: 'saute' } } };
    changes.push('The fruit is fried in butter and sugar before it goes in.');
  }
  if (kind === 'hand_pie' && next.filling.set !== 'in_the_hand') {
    next = { ...next, filling: { ...next.filling, set: 'in_the_hand' } };
    changes.push('It is set firm, to be eaten in the hand.');
  }
  if (next.filling.preparation.kind === 'glaze' && kind !== 'open_shell') {
    next = { ...next, filling: { ...next.filling, preparation: { kind: 'raw' } } };
    changes.push('A glaze with raw fruit needs a shell baked before; the fruit goes in raw instead.');
  }
  return { spec: next, changes };
}

/**
 * Takes the shell from elsewhere or makes it again. A bought shell comes in its own foil, so the pie is made in that; one
 * from the freezer was lined in the dish at hand.
 */
export function changeBase(spec: PieSpec, base: BaseSource): FormChange {
  const next: PieSpec = { ...spec, pastry: { ...spec.pastry, base } };
  if (base !== 'bought') return { spec: next, changes: [] };
  const dish = builtInDish('foil_23');
  if (isSameDish(spec.dish, dish)) return { spec: next, changes: [] };
  return {
    spec: { ...next, dish, filling: { ...next.filling, fruitMassG: null } },
    changes: [
      `It is made in the shell’s own foil now: ${dish.label}. Measure yours at station 1; the fruit fills it.`,
    ],
  };
}

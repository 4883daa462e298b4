import type { DishSpec, PieSpec } from '@mardle/core';
import { dishProblems, equivalents, formOf, isSameDish, showText } from '@mardle/core';
import { useState } from 'react';
import { useKitchen } from '../../../../shared/api/kitchen.js';
import { Choice } from '../../../../shared/ui/Choice/Choice.js';
import { useSettings } from '../../../../state/settings.js';
import type { StationProps } from '../../../../state/changeSpec.js';
import { changeSpec } from '../../../../state/changeSpec.js';
import { DishChanged } from './DishChanged.js';
import { DishFields } from '../../../../pie/DishFields.js';
import { KeepDish } from './KeepDish.js';

/** Which dish: one of the kitchen's, or any other by its measures or the water it holds. */
export function DishPart({ spec }: StationProps) {
  const { data: kitchen } = useKitchen();
  const units = useSettings((state) => state.units);
  const [before, setBefore] = useState<PieSpec | null>(null);
  const { dish } = spec;
  const inDish = formOf(spec.form.kind).filled === 'dish';
  const dishes = (kitchen?.dishes ?? []).filter(({ depthCm }) => depthCm > 2 === inDish);
  const same = dishes.find((own) => isSameDish(own, dish));
  const fits = equivalents(formOf(spec.form.kind), spec.form, dish, dishes);
  const note = (own: DishSpec & { readonly id: string }): string => {
    const found = fits.find((one) => one.dish.id === own.id);
    const size = `${showText(own.topCm, 'cm', units)}${
      own.widthCm ? ` x ${showText(own.widthCm, 'cm', units)}` : ''
    }, ${showText(own.depthCm, 'cm', units)} deep`;
    if (!found || own.id === same?.id) return size;
    return `${size}; takes ${found.fits === 'takes_it' ? 'this pie as it is' : `${found.factor.toFixed(1)} times this pie`}`;
  };
  const take = (next: DishSpec): void => {
    setBefore(inDish ? spec : null);
    changeSpec((old) => ({ ...old, dish: next }));
  };
  return (
    <>
      <Choice
        label={inDish ? 'Dish' : 'Sheet'}
        value={same?.id ?? 'other'}
        options={[
          ...dishes.map((own) => ({ value: own.id, label: own.label, note: note(own) })),
          { value: 'other', label: inDish ? 'Another dish' : 'Another sheet', note: 'measure it' },
        ]}
        onChange={(id) => {
          const own = dishes.find((other) => other.id === id);
          if (own) {
            const { id: _, ...chosen } = own;
            take(chosen);
          } else take({ ...dish, label: inDish ? 'Another dish' : 'Another sheet' });
        }}
      />
      {before && before.dish !== dish && dishProblems(dish).length === 0 && (
        <DishChanged before={before} now={spec} onScaled={() => setBefore(null)} />
      )}
      {!same && kitchen && (
        <>
          <DishFields dish={dish} onChange={(next) => changeSpec((old) => ({ ...old, dish: next }))} />
          <KeepDish dish={dish} />
        </>
      )}
    </>
  );
}

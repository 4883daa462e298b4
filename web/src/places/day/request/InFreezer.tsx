import type { Freezer } from '@mardle/core';
import { builtInLarder, emptyFreezer, formOf, shellsIn, withOwnFruits } from '@mardle/core';
import type { Limit } from '../../../shared/ui/QuantityField.js';
import { QuantityField } from '../../../shared/ui/QuantityField.js';
import { useMemo } from 'react';
import type { DayFile } from '../../../state/day/dayFile.js';
import { useDay } from '../../../state/day/day.js';
import { CountInput } from './CountInput.js';
import { dayPortions } from '../portions.js';
import classes from '../DayPlace.module.css';

const MOST = 200;
/** As a day's file may say. */
const anyFruit: Limit = {
  least: 0,
  most: 200_000,
  remedy: 'Write what it weighs, stoned and cut as it goes into the bowl.',
};
/** Nobody freezes these to keep them. */
const KEPT_OTHERWISE: readonly string[] = ['dried', 'canned'];

/** Who gets what lies there, in words; null when there is nothing. */
function goesTo(file: DayFile, freezer: Freezer): string | null {
  if (![freezer.shells, freezer.dough, freezer.fruit].some((of) => Object.values(of).some((n) => n > 0)))
    return null;
  const counts = new Map<string, number>();
  for (const { wanted, ids, spec, frozenFruit } of dayPortions(file)) {
    // A pie that is said to be of frozen fruit stays as it is, and takes it from there all the same.
    if (spec !== wanted.spec || frozenFruit.length > 0)
      counts.set(spec.name, (counts.get(spec.name) ?? 0) + ids.length);
  }
  const pies = [...counts].map(([name, count]) => `${count} ${name}`).join(', ');
  return pies
    ? `It goes to ${pies}.`
    : 'No pie of this day finds enough of it; fruit goes to whole pies only.';
}

/** What was made before: lined dishes, dough and fruit that pies of this day could use. */
export function InFreezer({ file }: { readonly file: DayFile }) {
  const change = useDay((state) => state.change);
  const { pies, kitchen } = file;
  const freezer: Freezer = { ...emptyFreezer, ...file.freezer };
  const specs = pies.map(({ pie }) => pie);
  // What lies there of something that no pie asks for now can still be taken out.
  const lying = (of: Readonly<Record<string, number>>): string[] =>
    Object.entries(of).flatMap(([what, count]) => (count > 0 ? [what] : []));
  const dishes = new Set([
    ...specs
      .filter(({ form, pastry }) => formOf(form.kind).lined && (pastry.base ?? 'made') === 'made')
      .map(({ dish }) => dish.label)
      .filter((label) => Object.hasOwn(kitchen.dishes, label)),
    ...lying(freezer.shells),
  ]);
  const doughs = new Set([
    ...specs
      .filter(({ pastry }) => (pastry.doughFrom ?? 'mixed') === 'mixed')
      .map(({ pastry }) => pastry.dough),
    ...lying(freezer.dough),
  ]);
  const larder = specs.reduce((known, { ownFruits }) => withOwnFruits(known, ownFruits), builtInLarder);
  const fruits = new Set([
    ...specs
      .flatMap(({ filling }) => filling.fruits.map(({ fruit }) => fruit))
      .filter((id) => !KEPT_OTHERWISE.includes(larder.fruits.get(id)?.group ?? '')),
    ...lying(freezer.fruit),
  ]);
  const set = (field: keyof Freezer, what: string, count: number): void =>
    change({ freezer: { ...freezer, [field]: { ...freezer[field], [what]: count } } });
  const goes = useMemo(() => goesTo(file, { ...emptyFreezer, ...file.freezer }), [file]);
  if (dishes.size + doughs.size + fruits.size === 0) return null;
  return (
    <>
      <h2>In the freezer</h2>
      <div className={classes.counts}>
        {[...dishes].map((label) => (
          <CountInput
            key={label}
            label={`Shells, ${label}`}
            most={kitchen.dishes[label] ?? 0}
            value={shellsIn(freezer, label)}
            onChange={(count) => set('shells', label, count)}
          />
        ))}
        {[...doughs].map((id) => (
          <CountInput
            key={id}
            label={`Dough for pies, ${builtInLarder.doughs.get(id)?.label.toLowerCase() ?? id}`}
            most={MOST}
            value={freezer.dough[id] ?? 0}
            onChange={(count) => set('dough', id, count)}
          />
        ))}
        {[...fruits].map((id) => (
          <QuantityField
            key={id}
            label={larder.fruits.get(id)?.label ?? id}
            name={`${larder.fruits.get(id)?.label ?? id} in the freezer`}
            limit={anyFruit}
            unit="g"
            empty=""
            width={168}
            value={freezer.fruit[id] ?? null}
            onChange={(massG) => set('fruit', id, Math.round(massG ?? 0))}
          />
        ))}
      </div>
      {goes && <p>{goes}</p>}
    </>
  );
}

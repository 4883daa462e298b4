import type { Figure, PieSpec } from '@mardle/core';
import { draftPlan, scaleToDish } from '@mardle/core';
import { useMemo } from 'react';
import { useSay } from '../../../../shared/hooks/useSay.js';
import { changeSpec } from '../../../../state/changeSpec.js';
import classes from '../../../../shared/ui/stations.module.css';

/** What goes with the dish, in the words and order of the slip. */
const told: readonly (readonly [word: string, figure: string])[] = [
  ['fruit', 'fruit.mass'],
  ['sugar', 'sugar.mass'],
  ['thickener', 'thickener.dose'],
  ['dough', 'pastry.dough'],
];

/** Has the baker set amounts by weight? They stay as they were; another dish may want them scaled. */
const weighed = ({ filling }: PieSpec): boolean =>
  filling.fruitMassG !== null ||
  filling.sugar.massG !== null ||
  filling.thickenerMassG !== null ||
  [filling.butterG, filling.lemonJuiceG, filling.lemonZestG].some((massG) => massG > 0) ||
  filling.seasonings.length > 0;

interface DishChangedProps {
  /** The pie in the dish that it had. */
  readonly before: PieSpec;
  readonly now: PieSpec;
  readonly onScaled: () => void;
}

const figuresOf = (spec: PieSpec): Readonly<Record<string, Figure>> => {
  const drafted = draftPlan(spec);
  return drafted.ok ? drafted.plan.figures : {};
};

/** What another dish changed: before and after, and what was weighed by hand and stayed. */
export function DishChanged({ before, now, onScaled }: DishChangedProps) {
  const say = useSay();
  const [was, is] = useMemo(() => [figuresOf(before), figuresOf(now)] as const, [before, now]);
  const changes = told.flatMap(([word, id]) => {
    const [old, next] = [was[id], is[id]];
    if (!old || !next) return [];
    const [from, to] = [say(old.value, old.unit, id), say(next.value, next.unit, id)];
    return from === to ? [] : [`${word} ${from} → ${to}`];
  });
  if (changes.length === 0 && !weighed(before)) return null;
  return (
    <p className={classes.plain} role="status">
      {changes.length > 0 && `From ${before.dish.label}: ${changes.join(', ')}. `}
      {weighed(before) && (
        <>
          {before.filling.butterG > 0 ? 'Butter and whatever else you weighed' : 'What you weighed'} stayed as
          it was.{' '}
          <button
            type="button"
            className={classes.link}
            onClick={() => {
              changeSpec((old) => scaleToDish({ ...old, dish: before.dish }, old.dish));
              onScaled();
            }}
          >
            Scale it to this dish
          </button>
        </>
      )}
    </p>
  );
}

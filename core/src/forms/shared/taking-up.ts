import type { PieSpec } from '../../schema/index.js';
import type { TakenUp } from '../form.js';

/** One thing that a form changes, with what is said about it; null where it has nothing to change. */
export type ChangeStep = (spec: PieSpec) => { readonly spec: PieSpec; readonly change: string } | null;

/** Steps one after the other, and what they said. */
export function takenUp(spec: PieSpec, ...steps: readonly ChangeStep[]): TakenUp {
  return steps.reduce<TakenUp>(
    (so, step) => {
      const next = step(so.spec);
      return next ? { spec: next.spec, changes: [...so.changes, next.change] } : so;
    },
    { spec, changes: [] },
  );
}

/** A glaze with raw fruit needs a shell that was baked before. */
export const unglazed: ChangeStep = (spec) =>
  spec.filling.preparation.kind === 'glaze'
    ? {
        spec: { ...spec, filling: { ...spec.filling, preparation: { kind: 'raw' } } },
        change: 'A glaze with raw fruit needs a shell baked before; the fruit goes in raw instead.',
      }
    : null;

/** Fruit that is fried before it goes in, in at least so much butter. */
export const fried =
  (leastButterG: number): ChangeStep =>
  (spec) =>
    spec.filling.preparation.kind === 'raw'
      ? {
          spec: {
            ...spec,
            filling: {
              ...spec.filling,
              butterG: Math.max(spec.filling.butterG, leastButterG),
              preparation: { kind: 'saute' },
            },
          },
          change: 'The fruit is fried in butter and sugar before it goes in.',
        }
      : null;

/** No butter in dots where batter or heaps hold their own. */
export const undotted: ChangeStep = (spec) =>
  spec.filling.butterG > 0 && spec.filling.preparation.kind !== 'saute'
    ? {
        spec: { ...spec, filling: { ...spec.filling, butterG: 0 } },
        change: 'Its butter is in the batter: none goes on the fruit in dots.',
      }
    : null;

/** A lid that ends up below takes no wash. */
export const unwashed: ChangeStep = (spec) =>
  spec.pastry.wash === 'none' && !spec.pastry.coarseSugar
    ? null
    : {
        spec: { ...spec, pastry: { ...spec.pastry, wash: 'none', coarseSugar: false } },
        change: 'Its pastry ends up below: it takes no wash and no coarse sugar.',
      };

/** Another dough than the one at hand. */
export const withDough =
  (dough: string, change: string): ChangeStep =>
  (spec) =>
    spec.pastry.dough === dough ? null : { spec: { ...spec, pastry: { ...spec.pastry, dough } }, change };

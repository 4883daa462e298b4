import type { Figure, PiePlan } from '@mardle/core';
import { formOf } from '@mardle/core';
import { Fragment } from 'react';
import { Fig } from '../../../../shared/ui/Figure/Fig.js';
import { viewOf } from '../../../../pie/forms/index.js';

/** Cues first, then minutes as windows. */
export function Doneness({ plan }: { readonly plan: PiePlan }) {
  const { figures, bake } = plan;
  if (!bake) return null;
  const { turnedOutMin, body } = plan.work;
  const standsInDish = formOf(plan.spec.form.kind).filled === 'dish';
  const minutes: readonly [string, Figure | undefined][] = [
    ['done about', figures['bake.done']],
    ['golden at', figures['bake.golden']],
    ['bubbles at the edge from', figures['bake.edge_bubbling']],
    ['loose foil from about', figures['bake.foil']],
  ];
  const shown = minutes.flatMap(([words, figure]) => (figure ? [{ words, figure }] : []));
  return (
    <p>
      {viewOf(plan.spec.form.kind).cue(plan.spec)}
      {body.done.tender && ', and a pick that goes in easily'}.{shown.length > 0 && ' From loading: '}
      {shown.map(({ words, figure }, i) => (
        <Fragment key={figure.id}>
          {i > 0 && '; '}
          {words} <Fig figure={figure} band />
        </Fragment>
      ))}
      {shown.length > 0 && '.'}
      {figures['cool.ready'] && (
        <>
          {' '}
          To be eaten {plan.eaten.label} after <Fig figure={figures['cool.ready']} />
          {turnedOutMin !== null
            ? `, turned out after about ${turnedOutMin} min`
            : standsInDish
              ? ', in its dish'
              : ''}
          .
        </>
      )}
    </p>
  );
}

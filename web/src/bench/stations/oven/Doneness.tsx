import type { PiePlan } from '@mardle/core';
import { formOf } from '@mardle/core';
import { Fig } from '../../../kit/Figure/Fig.js';
import { viewOf } from '../../forms/index.js';

/** Cues first, then minutes as windows. */
export function Doneness({ plan }: { readonly plan: PiePlan }) {
  const { figures, bake } = plan;
  if (!bake) return null;
  const { turnedOutMin } = plan.work;
  const standsInDish = formOf(plan.spec.form.kind).filled === 'dish';
  return (
    <p>
      {viewOf(plan.spec.form.kind).cue(plan.spec)}
      {figures['bake.done'] && (
        <>
          , about <Fig figure={figures['bake.done']} band /> from loading
        </>
      )}
      {figures['bake.golden'] && (
        <>
          ; golden at <Fig figure={figures['bake.golden']} band />
        </>
      )}
      {figures['bake.foil'] && (
        <>
          ; loose foil from about <Fig figure={figures['bake.foil']} band />
        </>
      )}
      .
      {figures['cool.slice'] && (
        <>
          {' '}
          Slice after <Fig figure={figures['cool.slice']} /> on the rack
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

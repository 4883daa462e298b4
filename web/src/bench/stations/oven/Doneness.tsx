import type { PiePlan } from '@mardle/core';
import { formTraits, isFilledCold } from '@mardle/core';
import { Fig } from '../../../kit/Figure/Fig.js';

/** What to look for, in the words of the form, before any clock. */
function cue({ spec }: PiePlan): string {
  switch (spec.form.kind) {
    case 'open_shell':
      return isFilledCold(spec)
        ? 'The shell is done when it is dry and pale gold all over; it is filled cold'
        : 'Done when the filling bubbles thick in the middle';
    case 'buckle':
      return 'Done when a skewer in the middle comes out clean';
    case 'cobbler':
      return 'Done when the juice bubbles thick and a heap pulled apart is dry inside';
    case 'upside_down':
      return 'Done when the lid is deep gold and the caramel bubbles at its edge';
    case 'hand_pie':
      return 'Done when they are gold all over and their bases are dry';
    case 'double_crust':
      return 'Done when thick bubbles, not thin ones, come through the vents in the middle';
    default:
      return 'Done when thick bubbles, not thin ones, come up in the middle';
  }
}

/** Cues first, then minutes as windows. */
export function Doneness({ plan }: { readonly plan: PiePlan }) {
  const { figures, bake } = plan;
  if (!bake) return null;
  const { turnedOutMin } = plan.work;
  const standsInDish = formTraits(plan.spec.form.kind).filled === 'dish';
  return (
    <p>
      {cue(plan)}
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

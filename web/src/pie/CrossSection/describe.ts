import type { PiePlan } from '@mardle/core';
import { formOf, setTargets } from '@mardle/core';
import { viewOf } from '../forms/index.js';
import { colourWord } from './colours.js';
import type { PieView } from './section-shape.js';

/** What the drawing shows, for those who cannot see it. */
export function describe(plan: PiePlan, view: PieView, say: (cm: number) => string): string {
  const { build, spec, filling, bake } = plan;
  const { filled } = formOf(spec.form.kind);
  const { dish } = build.vessel;
  const place =
    filled === 'dish'
      ? `${spec.dish.label}, ${say(dish.topCm)} across and ${say(dish.depthCm)} deep`
      : filled === 'sheet'
        ? `a disc of ${say(spec.form.freeForm?.discCm ?? 0)} on ${spec.dish.label}, the fruit ${say(dish.topCm)} across`
        : `one of ${build.vessel.count} hand pies on ${spec.dish.label}`;
  const names = filling.batch.fruits.map(({ fruit }) => fruit.label).join(' and ');
  if (view === 'filled') {
    const level =
      build.rawMoundCm > 0.1
        ? `mounded ${say(build.rawMoundCm)} above the rim`
        : `up to ${say(build.rawEdgeCm)}`;
    return `Cross-section as filled: ${place}; ${names} ${level} ${viewOf(spec.form.kind).covered}.`;
  }
  const colour = bake
    ? ` Top ${colourWord(bake.atEnd.topBrowning)}${build.base ? `, base ${colourWord(bake.atEnd.baseBrowning)}` : ''}.`
    : '';
  return `Cross-section as baked: ${place}; the filling stands at ${say(build.bakedEdgeCm + build.bakedMoundCm)}${
    build.gapCm > 0.05 ? `, a gap of ${say(build.gapCm)} under the lid` : ''
  }; set: ${setTargets[spec.filling.set].label}.${colour}`;
}

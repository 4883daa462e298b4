import type { PiePlan, Top } from '@mardle/core';
import { formTraits, setTargets } from '@mardle/core';
import { colourWord } from './colours.js';
import type { PieView } from './section.js';

const topWords: Readonly<Record<Top['kind'], string>> = {
  lid: 'under a lid',
  lattice: 'under a lattice',
  cut_outs: 'under cut-out pieces',
  crumb: 'under a crumb',
  border: 'in a folded border',
  open: 'open on top',
  scones: 'under heaps of scone dough',
  batter: 'in a batter',
  parcel: 'folded in pastry',
};

/** What the drawing shows, for those who cannot see it. */
export function describe(plan: PiePlan, view: PieView, say: (cm: number) => string): string {
  const { build, spec, filling, bake } = plan;
  const { filled } = formTraits(spec.form.kind);
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
    return `Cross-section as filled: ${place}; ${names} ${level} ${topWords[build.top.kind]}.`;
  }
  const colour = bake
    ? ` Top ${colourWord(bake.atEnd.topBrowning)}${build.base ? `, base ${colourWord(bake.atEnd.baseBrowning)}` : ''}.`
    : '';
  return `Cross-section as baked: ${place}; the filling stands at ${say(build.bakedEdgeCm + build.bakedMoundCm)}${
    build.gapCm > 0.05 ? `, a gap of ${say(build.gapCm)} under the lid` : ''
  }; set: ${setTargets[spec.filling.set].label}.${colour}`;
}

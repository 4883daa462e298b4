import { topAs } from '@mardle/core';
import type { FormView } from '../form-view.js';
import { Lid, LidOnSlice } from '../shared/Lid.js';
import { usualView } from '../shared/usual.js';
import { HandPiePart } from './HandPiePart.js';

export const handPie: FormView = {
  ...usualView,
  Controls: HandPiePart,
  SectionTop: ({ section, colour }) => (
    <Lid section={section} colour={colour} vents={1} riseCm={section.profile.depthCm * 1.5} restsCm={0} />
  ),
  SliceTop: LidOnSlice,
  covered: 'folded in pastry',
  topLine: ({ build }) => `${topAs('parcel', build.top)?.count ?? 0} folded and sealed`,
  cue: () => 'Done when they are gold all over and their bases are dry',
};

export type { Bake, OvenWork } from './bake.js';
export {
  bakeSteps,
  bakeWork,
  interventionsFor,
  retimedBakeSteps,
  otherKindSteps,
  roughBake,
  turnAt,
} from './bake.js';
export type { Band } from './bands.js';
export { DARK_BASE } from './bands.js';
export { findStages } from './find-stages.js';
export { gasMarkC, knobWords, markOnKnob } from './knob.js';
export { RIGHT_OFF, otherWaysInWords } from './other-ways.js';
export { offsetFromLonger } from './oven-offset.js';
export type { OnProgramme } from './programme.js';
export { bakeOnProgramme } from './programme.js';

export type { Handled, PlannedBake } from './end-shift.js';
export { endShiftMin, handledSoFar, isOtherwise } from './end-shift.js';
export type { HeatPicture } from './heat-picture.js';
export { heatPicture } from './heat-picture.js';
export type { BakeEvent, BakeEventKind, BakeTimes, DoneSign, NextTouch, RunningBake } from './running.js';
export { bakeEventKinds, isFinished, isLogged, runningBake, standing } from './running.js';

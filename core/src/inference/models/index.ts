export type { OvenFit } from './oven.js';
export { fitOven, ovenSpreads, topScale } from './oven.js';
export { sampleLog, sampleTruth } from './sample-log.js';
export type { LoggedPie, SetFit } from './set.js';
export { fitBefore, fitSet, mixed, setByThickener, setScale, setSpreads, setWeights, warmth } from './set.js';
export {
  fitSweetness,
  logStyle,
  styleBaked,
  styleLiked,
  sweetnessScale,
  sweetnessSpreads,
} from './sweetness.js';

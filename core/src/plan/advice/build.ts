import type { Build } from '../../build/index.js';
import { usualVentShare } from '../../build/index.js';
import type { PieSpec } from '../spec.js';
import type { Advice } from './advice.js';

/** What should be said about dish, heap and lid. */
export function buildAdvice(spec: PieSpec, build: Build): Advice[] {
  const advice: Advice[] = [];
  if (build.ventShare < 0.7 * usualVentShare.low) {
    advice.push({
      id: 'vents',
      station: 'top',
      level: 'watch',
      text: 'Too few vents: the lid balloons and cracks. Open 1 to 2 % of it.',
    });
  }
  if (build.gapCm > 1 && spec.filling.preparation.kind === 'raw') {
    advice.push({
      id: 'gap',
      station: 'shape',
      level: 'watch',
      text: `Raw fruit sinks: expect a gap of about ${build.gapCm.toFixed(1)} cm under the lid. Weeping and draining, or holding at 71 °C, closes it.`,
    });
  }
  if (build.rawMoundCm > spec.dish.topCm * 0.28) {
    advice.push({
      id: 'too_full',
      station: 'shape',
      level: 'watch',
      text: `The heap would stand ${build.rawMoundCm.toFixed(1)} cm above the rim and slide. Take less fruit or a larger dish.`,
    });
  }
  if (build.bakedEdgeCm < spec.dish.depthCm * 0.7) {
    advice.push({
      id: 'too_empty',
      station: 'shape',
      level: 'watch',
      text: 'The dish will be under-filled: a flat, sad slice. More fruit, or a smaller dish.',
    });
  }
  return advice;
}

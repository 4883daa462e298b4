import type { Build } from '../../build/index.js';
import { usualVentShare } from '../../build/index.js';
import type { PieSpec } from '../spec.js';
import type { Advice } from './advice.js';
import { sentence } from './advice.js';

/** What should be said about dish, heap and lid. */
export function buildAdvice(spec: PieSpec, build: Build): Advice[] {
  const advice: Advice[] = [];
  if (build.top.kind === 'lid' && build.top.openShare < 0.7 * usualVentShare.low) {
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
      ...sentence(
        'Raw fruit sinks: expect a gap of about {0} under the lid. Weeping and draining, or holding at {1}, closes it.',
        { value: build.gapCm, unit: 'cm' },
        { value: 71, unit: 'C' },
      ),
    });
  }
  if (build.rawMoundCm > spec.dish.topCm * 0.28) {
    advice.push({
      id: 'too_full',
      station: 'shape',
      level: 'watch',
      ...sentence('The heap would stand {0} above the rim and slide. Take less fruit or a larger dish.', {
        value: build.rawMoundCm,
        unit: 'cm',
      }),
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
  if (build.top.kind === 'crumb' && (spec.form.crumb?.cover ?? 1) < 0.85) {
    advice.push({
      id: 'bare_fruit',
      station: 'top',
      level: 'watch',
      text: 'Too little crumb: it must cover the fruit, bare fruit burns.',
    });
  }
  if (build.top.kind === 'lattice' && build.top.lattice.gapCm < (2 * spec.pastry.thicknessMm) / 10) {
    advice.push({
      id: 'too_tight',
      station: 'top',
      level: 'watch',
      text: 'The strips lie too close to weave: leave two thicknesses of pastry between them. Fewer or narrower strips.',
    });
  }
  return advice;
}

import { dishMaterials } from '../../larder/index.js';
import type { Bake } from '../bake.js';
import type { PieSpec } from '../spec.js';
import type { Advice } from './advice.js';
import { pick } from './advice.js';

/** What should be said about the oven. */
export function bakeAdvice(spec: PieSpec, bake: Bake | null): Advice[] {
  const material = dishMaterials.get(spec.dish.material);
  const advice: Advice[] = [];
  if (material?.brittle && spec.bake.startC < 12) {
    advice.push({ id: 'thermal_shock', station: 'oven', ...pick('thermal_shock') });
  }
  if (!bake) return advice;
  if (bake.doneMin === null) {
    advice.push({
      id: 'not_done',
      station: 'oven',
      level: 'danger',
      text: `After ${bake.outMin} minutes the pie is not done. Bake longer, or hotter at first.`,
    });
  } else if (bake.doneMin > bake.outMin + 3) {
    advice.push({
      id: 'too_short',
      station: 'oven',
      level: 'watch',
      text: `The filling needs about ${Math.round(bake.doneMin - bake.outMin)} minutes more than these stages give.`,
    });
  }
  if (bake.foilMin !== null) {
    advice.push({
      id: 'foil',
      station: 'oven',
      level: 'watch',
      text: `The top is ahead of the filling: lay foil over it, loose, after about ${bake.foilMin} minutes, or as soon as it is golden.`,
    });
  }
  if (bake.events.tooDarkMin !== null && bake.events.tooDarkMin < bake.outMin) {
    advice.push({
      id: 'too_dark',
      station: 'oven',
      level: 'danger',
      text: `The top is too dark after ${Math.round(bake.events.tooDarkMin)} minutes: foil sooner, or a lower first stage.`,
    });
  }
  return advice;
}

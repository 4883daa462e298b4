import type { HotSide } from '../../bake/index.js';
import { colourTargets } from '../../bake/index.js';
import { dishMaterials } from '../../larder/index.js';
import type { Bake } from '../bake.js';
import type { PieSpec } from '../spec.js';
import type { Advice } from './advice.js';
import { pick } from './advice.js';

/** A top this much paler than asked is seen. Estimate. */
const PALE_SHARE = 0.75;
/** Filling that was done this long before it came out has boiled away more than it should. Estimate. */
const LONG_DONE_MIN = 20;

const turnWords: Readonly<Record<HotSide, string>> = {
  none: 'half way round',
  back: 'half way round: this oven is hotter at the back',
  front: 'half way round: this oven is hotter at the front',
  left: 'half way round, and swap what stands left with what stands right: this oven is hotter at the left',
  right: 'half way round, and swap what stands right with what stands left: this oven is hotter at the right',
};

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
  const { topBrowning } = bake.atEnd;
  const target = colourTargets[spec.bake.colour].index;
  if (topBrowning < PALE_SHARE * target) {
    advice.push({
      id: 'too_pale',
      station: 'oven',
      level: 'watch',
      text: `The top will be paler than ${colourTargets[spec.bake.colour].label}. Hotter or longer at first, a higher rack, or a yolk wash.`,
    });
  }
  if (!bake.found && bake.doneMin !== null && bake.doneMin < bake.outMin - LONG_DONE_MIN) {
    advice.push({
      id: 'too_long',
      station: 'oven',
      level: 'watch',
      text: `The pie is done about ${Math.round(bake.outMin - bake.doneMin)} minutes before these stages end: take it out when thick bubbles come through.`,
    });
  }
  if (spec.bake.oven.hotSide && spec.bake.oven.hotSide !== 'none') {
    advice.push({
      id: 'turn',
      station: 'oven',
      level: 'good',
      text: `After about ${bake.turnMin} minutes turn the pie ${turnWords[spec.bake.oven.hotSide]}.`,
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

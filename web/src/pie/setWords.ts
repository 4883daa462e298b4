import type { PiePlan } from '@mardle/core';
import { setTargets } from '@mardle/core';

/** Which set a plan reaches, in words. */
export function setDescriptions({ filling }: PiePlan): string {
  const { set } = filling;
  if (set === 'binds') return 'binds the raw fruit';
  return set === 'runs' || set === 'gluey' ? set : setTargets[set].label;
}

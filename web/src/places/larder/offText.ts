import type { UnitSystem } from '@mardle/core';
import { showDegrees } from '@mardle/core';

/** How far off an oven is, in words. */
export function offText(offsetC: number, units: UnitSystem): string {
  if (Math.abs(offsetC) < 0.5) return 'as its knob says';
  return `${showDegrees(offsetC, units)} ${offsetC > 0 ? 'hot' : 'cold'}`;
}

import type { UnitSystem } from '@mardle/core';

/** How far off an oven is, in words. */
export function offText(offsetC: number, units: UnitSystem): string {
  if (Math.abs(offsetC) < 0.5) return 'true';
  const by =
    units === 'us' ? `${Math.round(Math.abs(offsetC) * 1.8)} °F` : `${Math.round(Math.abs(offsetC))} °C`;
  return `${by} ${offsetC > 0 ? 'hot' : 'cold'}`;
}

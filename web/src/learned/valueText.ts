import type { LearnedFigure, UnitSystem } from '@mardle/core';
import { showDegrees } from '@mardle/core';

/** A learned value as it is said on the screen. */
export function valueText({ kind, unit }: LearnedFigure, value: number, units: UnitSystem): string {
  if (unit === 'C') return `${value < 0 ? '−' : '+'}${showDegrees(value, units)}`;
  return kind === 'sweetness' ? value.toFixed(3) : `× ${value.toFixed(2)}`;
}

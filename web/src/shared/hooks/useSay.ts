import type { Unit } from '@mardle/core';
import { showMeasured } from '@mardle/core';
import { useSettings } from '../../state/settings.js';
import { useMeasures } from '../format/measures.js';

/** Says a quantity in the baker's units: by cups and spoons, for those who count so, where its figure has a measure. */
export function useSay(): (value: number, unit: Unit, figure?: string) => string {
  const units = useSettings((state) => state.units);
  const first = useSettings((state) => state.first);
  const measures = useMeasures();
  return (value, unit, figure = '') =>
    showMeasured({ value, unit, mlPerG: measures.get(figure) }, units, first);
}

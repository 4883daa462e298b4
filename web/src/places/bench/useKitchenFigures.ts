import { useMemo } from 'react';
import { useOwnFruits, useOwnRows } from '../../shared/api/larder.js';
import type { KitchenFigures } from './kitchenFigures.js';

/** This kitchen's own figures once they are here, and what kept them away. */
export function useKitchenFigures(): {
  readonly figures: KitchenFigures | null;
  readonly error: Error | null;
} {
  const fruits = useOwnFruits();
  const thickeners = useOwnRows('thickeners');
  const staples = useOwnRows('staples');
  const figures = useMemo(
    () =>
      fruits.data && thickeners.data && staples.data
        ? {
            fruits: fruits.data,
            thickeners: thickeners.data,
            flourCupG: staples.data.find(({ id }) => id === 'flour')?.cupG,
          }
        : null,
    [fruits.data, thickeners.data, staples.data],
  );
  return { figures, error: fruits.error ?? thickeners.error ?? staples.error };
}

import type { WeighingList } from '@mardle/core';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import type { DayFile } from '../../../state/day/dayFile.js';
import { weighInWorker } from '../../../shared/workers/day.js';
import { weighedPortions } from '../portions.js';

/** What the pies of a day take, worked out beside the screen; undefined until that is done. */
export function useWeighed({ pies, freezer }: Pick<DayFile, 'pies' | 'freezer'>): WeighingList | undefined {
  const wanted = weighedPortions({ pies, freezer });
  const { data } = useQuery({
    queryKey: ['day-weighed', wanted],
    queryFn: () => weighInWorker(wanted),
    staleTime: Infinity,
    placeholderData: keepPreviousData,
  });
  return data;
}

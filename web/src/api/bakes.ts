import type { BakeListResponse, BakeResponse, StartBakeRequest } from '@mardle/contract';
import type { BakeEvent } from '@mardle/core';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { ask } from './client.js';

const BAKES = ['bakes'] as const;
const OTHER_SCREENS_EVERY_MS = 5000;

/** What is in the oven or cools. */
export const useRunningBakes = () =>
  useQuery({
    queryKey: [...BAKES, 'running'],
    queryFn: () => ask<BakeResponse[]>('/bakes/running'),
    refetchInterval: OTHER_SCREENS_EVERY_MS,
  });

const LATELY = 6;

/** The last ones that are over. */
export const useLateBakes = () =>
  useQuery({
    queryKey: [...BAKES, 'late'],
    queryFn: () => ask<BakeListResponse>(`/bakes?state=finished&size=${LATELY}`),
  });

export const readBake = (id: string): Promise<BakeResponse> => ask(`/bakes/${id}`);

export const useStartBake = () => {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (body: StartBakeRequest) => ask<BakeResponse>('/bakes', { method: 'POST', body }),
    onSuccess: () => client.invalidateQueries({ queryKey: BAKES }),
  });
};

export const sendBakeEvents = (bakeId: string, events: readonly BakeEvent[]): Promise<BakeResponse> =>
  ask(`/bakes/${bakeId}/events`, { method: 'POST', body: { events } });

export const bakesKey = BAKES;

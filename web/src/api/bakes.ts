import type { BakeListResponse, BakeResponse, StartBakeRequest } from '@mardle/contract';
import type { BakeEvent } from '@mardle/core';
import type { QueryClient } from '@tanstack/react-query';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { ask } from './client.js';

const BAKES = ['bakes'] as const;
const OTHER_SCREENS_EVERY_MS = 5000;

const RUNNING = [...BAKES, 'running'] as const;

/** What is in the oven or cools. */
export const useRunningBakes = () =>
  useQuery({
    queryKey: RUNNING,
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

/** Shows a running bake as the server has just answered it; an answer asked for before that comes too late. */
export function showAnswered(client: QueryClient, bake: BakeResponse): void {
  void client.cancelQueries({ queryKey: RUNNING }, { silent: true });
  client.setQueryData<BakeResponse[]>(RUNNING, (rows) =>
    rows?.map((row) => (row.id === bake.id ? bake : row)),
  );
}

export const bakesKey = BAKES;

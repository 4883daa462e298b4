import type { BakeResponse, StartBakeRequest } from '@mardle/contract';
import type { BakeEvent } from '@mardle/core';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { ask } from './client.js';

const BAKES = ['bakes'] as const;
const OTHER_SCREENS_EVERY_MS = 5000;

export const useBakes = () =>
  useQuery({
    queryKey: BAKES,
    queryFn: () => ask<BakeResponse[]>('/bakes'),
    refetchInterval: OTHER_SCREENS_EVERY_MS,
  });

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

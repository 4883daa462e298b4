import type { PieResponse, PieVersionResponse } from '@mardle/contract';
import type { PieSpec } from '@mardle/core';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { ask } from './client.js';

const PIES = ['pies'] as const;
const OTHER_TABS_EVERY_MS = 5000;

export const usePies = () => useQuery({ queryKey: PIES, queryFn: () => ask<PieResponse[]>('/pies') });

/** A pie, looked at again now and then so that a change made in another tab is noticed. */
export const usePie = (id: string) =>
  useQuery({
    queryKey: [...PIES, id],
    queryFn: () => ask<PieResponse>(`/pies/${id}`),
    refetchInterval: OTHER_TABS_EVERY_MS,
  });

export const usePieVersions = (id: string, latest: number) =>
  useQuery({
    queryKey: [...PIES, id, 'versions', latest],
    queryFn: () => ask<PieVersionResponse[]>(`/pies/${id}/versions`),
  });

export const readPie = (id: string): Promise<PieResponse> => ask(`/pies/${id}`);
export const readPieVersion = (id: string, version: number): Promise<PieResponse> =>
  ask(`/pies/${id}/versions/${version}`);

function useRefreshing<Args, Result>(act: (args: Args) => Promise<Result>) {
  const client = useQueryClient();
  return useMutation({ mutationFn: act, onSettled: () => client.invalidateQueries({ queryKey: PIES }) });
}

export const useCreatePie = () =>
  useRefreshing((spec: PieSpec) =>
    ask<PieResponse>('/pies', { method: 'POST', body: { id: crypto.randomUUID(), spec } }),
  );

export const useSavePie = () =>
  useRefreshing(({ id, basedOn, spec }: { id: string; basedOn: number; spec: PieSpec }) =>
    ask<PieResponse>(`/pies/${id}`, { method: 'PUT', body: { spec }, version: basedOn }),
  );

export const useRemovePie = () =>
  useRefreshing((id: string) => ask<void>(`/pies/${id}`, { method: 'DELETE' }));

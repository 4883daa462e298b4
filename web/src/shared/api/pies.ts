import type { PieListResponse, PieResponse, PieSort, PieVersionResponse } from '@mardle/contract';
import type { PieSpec } from '@mardle/core';
import type { QueryClient } from '@tanstack/react-query';
import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useRef } from 'react';
import { useBench } from '../../state/bench.js';
import { useUnsent } from '../../state/sending/unsent.js';
import { ask, mayGoWellLater } from './client.js';

const PIES = ['pies'] as const;
const OTHER_TABS_EVERY_MS = 5000;

/** Which pies, in what order. */
export interface PieQuery {
  readonly find?: string;
  readonly sort?: PieSort;
  readonly page?: number;
  readonly size?: number;
  /** Each pie whole, for its picture or its sums. */
  readonly whole?: 'yes';
}

function addressOf(query: PieQuery): string {
  const said = Object.entries(query).flatMap(([name, value]: [string, string | number | undefined]) =>
    value === undefined || value === '' ? [] : [[name, String(value)]],
  );
  const text = new URLSearchParams(said).toString();
  return text === '' ? '/pies' : `/pies?${text}`;
}

/** One page of the pies; the page before stays until the next is there. */
export const usePies = (query: PieQuery) =>
  useQuery({
    queryKey: [...PIES, 'list', query],
    queryFn: () => ask<PieListResponse>(addressOf(query)),
    placeholderData: keepPreviousData,
  });

const MOST_TO_CHOOSE_FROM = 100;

/** Pies to choose one from, whole, by name. */
export const usePieChoice = () => usePies({ sort: 'name', size: MOST_TO_CHOOSE_FROM, whole: 'yes' });

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

/** Makes a pie. Pressed again when nothing was answered it is the same pie, not another. */
export const useCreatePie = () => {
  const client = useQueryClient();
  const id = useRef(crypto.randomUUID());
  return useRefreshing(async (spec: PieSpec) => {
    const made = await ask<PieResponse>('/pies', { method: 'POST', body: { id: id.current, spec } }).catch(
      (error: unknown) => {
        // Refused for good: what is sent next is another.
        if (!mayGoWellLater(error)) id.current = crypto.randomUUID();
        throw error;
      },
    );
    id.current = crypto.randomUUID();
    // It is there already when its bench opens.
    client.setQueryData([...PIES, made.id], made);
    return made;
  });
};

export const savePie = (id: string, basedOn: number, spec: PieSpec): Promise<PieResponse> =>
  ask<PieResponse>(`/pies/${id}`, { method: 'PUT', body: { spec }, version: basedOn });

/** A pie that was kept here while the server was away is saved now: its bench, if it is open, shows it so. */
export function showSaved(client: QueryClient, pie: PieResponse): void {
  client.setQueryData([...PIES, pie.id], pie);
  const { pieId, markSaved } = useBench.getState();
  if (pieId === pie.id) markSaved(pie);
  void client.invalidateQueries({ queryKey: PIES });
}

/** Saves a version of a pie; while the server is away it is kept here, sent later, and null is answered. */
export const useSavePie = () =>
  useRefreshing(async ({ id, basedOn, spec }: { id: string; basedOn: number; spec: PieSpec }) => {
    const { keepSave, forgetSave } = useUnsent.getState();
    try {
      const saved = await savePie(id, basedOn, spec);
      forgetSave(id);
      return saved;
    } catch (error) {
      if (!mayGoWellLater(error)) throw error;
      keepSave({ pieId: id, basedOn, spec });
      return null;
    }
  });

export const useRemovePie = () =>
  useRefreshing((id: string) => ask<void>(`/pies/${id}`, { method: 'DELETE' }));

/** Takes a pie out again that was put away. */
export const useTakeOutPie = () =>
  useRefreshing((id: string) => ask<PieResponse>(`/pies/${id}/taken-out`, { method: 'POST' }));

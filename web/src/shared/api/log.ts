import type { LogEntry, LogQuery, LogResponse, TastingRequest } from '@mardle/contract';
import type { Learned, PiePlan, Trend } from '@mardle/core';
import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { bakedInWorker, learnInWorker, trendsInWorker } from '../workers/log.js';
import { ask } from './client.js';

const LOG = ['log'] as const;
/** The most that the server sends at once. */
const WHOLE_PAGE = 100;

const queryText = (query: LogQuery): string =>
  new URLSearchParams(
    Object.entries(query).flatMap(([name, value]: [string, unknown]) =>
      value === undefined || value === '' ? [] : [[name, String(value)]],
    ),
  ).toString();

/** One page of the bakes that are over. */
export const useLog = (query: LogQuery) =>
  useQuery({
    queryKey: [...LOG, 'page', query],
    queryFn: () => ask<LogResponse>(`/log?${queryText(query)}`),
    placeholderData: keepPreviousData,
  });

export const useLogEntry = (id: string) =>
  useQuery({ queryKey: [...LOG, 'bake', id], queryFn: () => ask<LogEntry>(`/log/${id}`) });

/** What is learned from: older bakes say little of today's fruit, and each pie among them is baked anew by the sums. */
const LEARNED_FROM = 500;

/** Every bake that is over, or the newest of them; the oldest first. */
export async function wholeLog(most = Infinity): Promise<LogEntry[]> {
  const bakes: LogEntry[] = [];
  for (let page = 1; ; page++) {
    const { bakes: next, total } = await ask<LogResponse>(`/log?page=${page}&size=${WHOLE_PAGE}`);
    bakes.push(...next);
    if (next.length === 0 || bakes.length >= Math.min(total, most)) return bakes.slice(0, most).reverse();
  }
}

/** What all bakes together teach: worked out anew, beside the screen, whenever the log has changed. */
export const useLearned = () =>
  useQuery({
    queryKey: [...LOG, 'learned'],
    queryFn: async (): Promise<Learned> => learnInWorker({ bakes: await wholeLog(LEARNED_FROM) }),
    staleTime: 60_000,
  });

/** How each figure moved while the log grew, with the bakes themselves. */
export const useTrends = () =>
  useQuery({
    queryKey: [...LOG, 'learned', 'trends'],
    queryFn: async (): Promise<{ trends: readonly Trend[]; bakes: readonly LogEntry[] }> => {
      const bakes = await wholeLog(LEARNED_FROM);
      return { trends: await trendsInWorker({ bakes }), bakes };
    },
    staleTime: 60_000,
  });

/** A bake as the sums have it, worked out beside the screen. */
export const useBaked = (entry: LogEntry) =>
  useQuery({
    queryKey: [...LOG, 'baked', entry.id, entry.version],
    queryFn: (): Promise<PiePlan | null> => bakedInWorker(entry),
    staleTime: Infinity,
  });

const photoPath = (id: string): string => `/log/${id}/photo`;
/** Where a picture is; a new one has a new address. */
export const photoUrl = ({ id, photo }: LogEntry): string => `/api${photoPath(id)}?${photo ?? ''}`;

/** Keeps the picture of a slice, or takes it away. */
export const useKeepPhoto = () => {
  const client = useQueryClient();
  return useMutation({
    mutationFn: async ({ id, photo }: { readonly id: string; readonly photo: File | null }) =>
      photo
        ? ask<LogEntry>(photoPath(id), { method: 'PUT', file: photo })
        : ask<undefined>(photoPath(id), { method: 'DELETE' }),
    onSuccess: () => client.invalidateQueries({ queryKey: LOG }),
  });
};

export interface SaidOf {
  readonly id: string;
  readonly said: TastingRequest;
}

export const sendTasting = (bakeId: string, said: TastingRequest): Promise<LogEntry> =>
  ask<LogEntry>(`/log/${bakeId}/tasting`, { method: 'PUT', body: said });

/** Keeps what was said of a bake, and shows it everywhere. */
export const useKeepTasting = () => {
  const client = useQueryClient();
  return useMutation({
    mutationFn: ({ id, said }: SaidOf) => sendTasting(id, said),
    onSuccess: async (entry) => {
      client.setQueryData([...LOG, 'bake', entry.id], entry);
      await Promise.all(
        ['page', 'learned'].map((part) => client.invalidateQueries({ queryKey: [...LOG, part] })),
      );
    },
  });
};

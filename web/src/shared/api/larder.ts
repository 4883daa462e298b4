import type { OwnRowKind, OwnRows } from '@mardle/contract';
import type { OwnFruit } from '@mardle/core';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { ask } from './client.js';

const OWN_FRUITS = ['own-fruits'] as const;

/** This kitchen's own fruits and own figures of built-in ones. */
export const useOwnFruits = () =>
  useQuery({ queryKey: OWN_FRUITS, queryFn: () => ask<OwnFruit[]>('/larder/fruits') });

export function useKeepFruit() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (own: OwnFruit) =>
      ask<OwnFruit>(`/larder/fruits/${encodeURIComponent(own.id)}`, { method: 'PUT', body: own }),
    onSuccess: () => client.invalidateQueries({ queryKey: OWN_FRUITS }),
  });
}

export function useResetFruit() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (id: string) => ask<void>(`/larder/fruits/${encodeURIComponent(id)}`, { method: 'DELETE' }),
    onSuccess: () => client.invalidateQueries({ queryKey: OWN_FRUITS }),
  });
}

const ownRowsKey = (kind: OwnRowKind) => ['own-rows', kind] as const;

/** What this kitchen keeps of its own beside fruits: thickeners, weights of a cup, how things are sold. */
export const useOwnRows = <Kind extends OwnRowKind>(kind: Kind) =>
  useQuery({
    queryKey: ownRowsKey(kind),
    queryFn: () => ask<OwnRows[Kind][]>(`/larder/own/${kind}`),
  });

/** Keeps a row whole, new or changed. */
export function useKeepRow<Kind extends OwnRowKind>(kind: Kind) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (row: OwnRows[Kind]) =>
      ask<OwnRows[Kind]>(`/larder/own/${kind}/${encodeURIComponent(row.id)}`, { method: 'PUT', body: row }),
    onSuccess: () => client.invalidateQueries({ queryKey: ownRowsKey(kind) }),
  });
}

/** Back to what is built in. */
export function useResetRow(kind: OwnRowKind) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (id: string) =>
      ask<void>(`/larder/own/${kind}/${encodeURIComponent(id)}`, { method: 'DELETE' }),
    onSuccess: () => client.invalidateQueries({ queryKey: ownRowsKey(kind) }),
  });
}

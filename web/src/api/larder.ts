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

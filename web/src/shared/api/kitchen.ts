import type { KitchenDish, KitchenOven, KitchenResponse } from '@mardle/contract';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { ask } from './client.js';

const KITCHEN = ['kitchen'] as const;

export const useKitchen = () =>
  useQuery({ queryKey: KITCHEN, queryFn: () => ask<KitchenResponse>('/kitchen'), staleTime: 60_000 });

function useKept<Args>(act: (args: Args) => Promise<unknown>) {
  const client = useQueryClient();
  return useMutation({ mutationFn: act, onSuccess: () => client.invalidateQueries({ queryKey: KITCHEN }) });
}

/** Keeps a dish or an oven under its id, new or changed. */
export const useKeepDish = () =>
  useKept(({ id, ...dish }: KitchenDish) => ask(`/kitchen/dishes/${id}`, { method: 'PUT', body: dish }));
export const useRemoveDish = () =>
  useKept((id: string) => ask<void>(`/kitchen/dishes/${id}`, { method: 'DELETE' }));
export const useKeepOven = () =>
  useKept(({ id, ...oven }: KitchenOven) => ask(`/kitchen/ovens/${id}`, { method: 'PUT', body: oven }));
export const useRemoveOven = () =>
  useKept((id: string) => ask<void>(`/kitchen/ovens/${id}`, { method: 'DELETE' }));

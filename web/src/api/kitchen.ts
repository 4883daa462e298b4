import type { KitchenResponse } from '@mardle/contract';
import { useQuery } from '@tanstack/react-query';
import { ask } from './client.js';

export const useKitchen = () =>
  useQuery({ queryKey: ['kitchen'], queryFn: () => ask<KitchenResponse>('/kitchen'), staleTime: 60_000 });

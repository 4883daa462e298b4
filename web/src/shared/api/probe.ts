import type { ReadingsResponse, SimulatedProbeRequest } from '@mardle/contract';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { ask } from './client.js';

const LOOK_EVERY_MS = 3000;
const key = (bakeId: string) => ['readings', bakeId] as const;

/** What the probes of a running bake have read. Asked for again and again: a stream for each bake would use up the connections. */
export const useReadings = (bakeId: string) =>
  useQuery({
    queryKey: key(bakeId),
    queryFn: () => ask<ReadingsResponse>(`/bakes/${bakeId}/readings`),
    refetchInterval: LOOK_EVERY_MS,
  });

/** Starts a simulated probe, or stops it with null. */
export const useSimulatedProbe = (bakeId: string) => {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (probe: SimulatedProbeRequest | null) =>
      ask<void>(
        `/bakes/${bakeId}/simulated-probe`,
        probe === null ? { method: 'DELETE' } : { method: 'POST', body: probe },
      ),
    onSuccess: () => client.invalidateQueries({ queryKey: key(bakeId) }),
  });
};

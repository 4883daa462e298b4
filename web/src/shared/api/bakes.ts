import type { BakeListResponse, BakeResponse, StartBakeRequest } from '@mardle/contract';
import type { BakeEvent } from '@mardle/core';
import type { QueryClient } from '@tanstack/react-query';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useUnsent } from '../../state/sending/unsent.js';
import { ask, mayGoWellLater } from './client.js';

const BAKES = ['bakes'] as const;
const OTHER_SCREENS_EVERY_MS = 5000;

const RUNNING = [...BAKES, 'running'] as const;

/** What was last seen in the ovens: a page that is loaded again while the server is away still shows its clocks. */
const KEPT = 'mardle.running';

function lastSeen(): BakeResponse[] | undefined {
  try {
    const rows = JSON.parse(localStorage.getItem(KEPT) ?? 'null') as unknown;
    return Array.isArray(rows) ? (rows as BakeResponse[]) : undefined;
  } catch {
    return undefined;
  }
}

async function readRunning(): Promise<BakeResponse[]> {
  const bakes = await ask<BakeResponse[]>('/bakes/running');
  try {
    localStorage.setItem(KEPT, JSON.stringify(bakes));
  } catch {
    // A full or forbidden store costs the clock of an offline reload, nothing else.
  }
  return bakes;
}

/** What is in the oven or cools. */
export const useRunningBakes = () =>
  useQuery({
    queryKey: RUNNING,
    queryFn: readRunning,
    initialData: lastSeen,
    initialDataUpdatedAt: 0,
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

export const sendStart = (body: StartBakeRequest): Promise<BakeResponse> =>
  ask<BakeResponse>('/bakes', { method: 'POST', body });

/** A bake as it runs here before the server has it. */
export const bakeOfStart = ({
  id,
  pieId,
  pieVersion,
  spec,
  stages,
  loaded,
}: StartBakeRequest): BakeResponse => ({
  id,
  pieId,
  pieVersion,
  spec,
  stages,
  events: [loaded],
  finished: false,
});

/** Starts a bake; while the server is away it is kept here, runs, and is sent later. */
export const useStartBake = () => {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (body: StartBakeRequest) =>
      sendStart(body).catch((error: unknown) => {
        if (!mayGoWellLater(error)) throw error;
        useUnsent.getState().keepStart({ request: body });
        return bakeOfStart(body);
      }),
    onSuccess: () => client.invalidateQueries({ queryKey: BAKES }),
  });
};

export const sendBakeEvents = (bakeId: string, events: readonly BakeEvent[]): Promise<BakeResponse> =>
  ask(`/bakes/${bakeId}/events`, { method: 'POST', body: { events } });

/** Shows a running bake as the server has just answered it; an answer asked for before that comes too late. */
export function showAnswered(client: QueryClient, bake: BakeResponse): void {
  void client.cancelQueries({ queryKey: RUNNING }, { silent: true });
  client.setQueryData<BakeResponse[]>(RUNNING, (rows = []) =>
    rows.some(({ id }) => id === bake.id)
      ? rows.map((row) => (row.id === bake.id ? bake : row))
      : [bake, ...rows],
  );
}

export const bakesKey = BAKES;

import type { BakeResponse } from '@mardle/contract';
import type { BakeEvent, BakeSpec, BakeTimes, OvenWork, RunningBake } from '@mardle/core';
import {
  bakeTimes,
  draftPlan,
  handledSoFar,
  isFinished,
  isOtherwise,
  runningBake,
  withBake,
} from '@mardle/core';
import { keepPreviousData, useQueries } from '@tanstack/react-query';
import { bakeOfStart, useRunningBakes } from '../shared/api/bakes.js';
import { useOutbox } from '../state/sending/outbox.js';
import { useUnsent } from '../state/sending/unsent.js';
import { bakeThrough, endShiftInWorker } from '../shared/workers/bake.js';

/** When things are due in a bake, and what its end is worked out from; the work is null until the pie was simulated. */
interface Timed {
  readonly times: BakeTimes;
  readonly work: OvenWork | null;
  readonly bake: BakeSpec;
}

/** When things are due as far as the settings alone can say, until the simulation has answered. */
function timedBySettings({ spec, stages }: BakeResponse): Timed | null {
  const drafted = draftPlan({ ...spec, bake: { ...spec.bake, stages } });
  if (!drafted.ok) return null;
  return { times: bakeTimes(drafted.plan, stages), work: null, bake: drafted.plan.spec.bake };
}

/** The same by simulating the pie that it was loaded with. */
async function timedBySimulation({ spec, stages }: BakeResponse): Promise<Timed | null> {
  const drafted = draftPlan({ ...spec, bake: { ...spec.bake, stages } });
  if (!drafted.ok) return null;
  const { work, spec: planned } = drafted.plan;
  const baked = await bakeThrough(work, planned.bake);
  return baked && { times: bakeTimes(withBake(drafted.plan, baked), stages), work, bake: planned.bake };
}

/** A pie that no sum can read any more still has its stages. */
const bareTimes = ({ stages }: BakeResponse): BakeTimes => ({
  stages,
  turnMin: Math.round(stages[0].timeMin + stages[1].timeMin / 3),
  foilMin: null,
  weightsMin: null,
  sign: null,
  taps: ['turned', 'foil_on', 'door_opened'],
  coolMin: null,
});

/** Drafts of pies that were loaded do not change: each is worked out once. */
const drafted = new Map<string, Timed | null>();
function draftPlanFor(bake: BakeResponse): Timed | null {
  if (!drafted.has(bake.id)) drafted.set(bake.id, timedBySettings(bake));
  return drafted.get(bake.id) ?? null;
}

/** Saved events with those still waiting to be sent. */
export function allEvents(
  bake: BakeResponse,
  waiting: readonly { bakeId: string; event: BakeEvent }[],
): BakeEvent[] {
  const saved = new Set(bake.events.map(({ id }) => id));
  const unsaved = waiting.filter(({ bakeId, event }) => bakeId === bake.id && !saved.has(event.id));
  return [...bake.events, ...unsaved.map(({ event }) => event)];
}

export interface BakeNow {
  readonly bake: BakeResponse;
  readonly events: readonly BakeEvent[];
  readonly state: RunningBake;
}

interface Loaded {
  readonly bake: BakeResponse;
  readonly events: readonly BakeEvent[];
}

/** A pie in the oven comes before one that cools, what is due first before what comes later. */
const byUrgency = (a: BakeNow, b: BakeNow): number =>
  Number(a.state.outAt !== null) - Number(b.state.outAt !== null) ||
  (a.state.next?.dueAt ?? 0) - (b.state.next?.dueAt ?? 0);

/** When things are due in each of some bakes, by their simulations and by what hands have done. */
function useBakeTimes(loaded: readonly Loaded[]): BakeTimes[] {
  const simulated = useQueries({
    queries: loaded.map(({ bake }) => ({
      queryKey: ['bake-times', bake.id],
      staleTime: Infinity,
      queryFn: () => timedBySimulation(bake),
    })),
  });
  const timed = loaded.map(({ bake }, i) => simulated[i]?.data ?? draftPlanFor(bake));
  const ends = useQueries({
    queries: loaded.map(({ bake, events }, i) => {
      const { times, work, bake: oven } = timed[i] ?? {};
      const handled = handledSoFar(events);
      return {
        queryKey: ['bake-end', bake.id, handled],
        staleTime: Infinity,
        placeholderData: keepPreviousData,
        enabled: Boolean(work && times && isOtherwise(times, handled)),
        queryFn: async (): Promise<number> =>
          work && times && oven ? endShiftInWorker(work, oven, times, handled) : 0,
      };
    }),
  });
  return loaded.map(({ bake, events }, i) => {
    const times = timed[i]?.times ?? bareTimes(bake);
    return isOtherwise(times, handledSoFar(events)) ? { ...times, shiftMin: ends[i]?.data ?? 0 } : times;
  });
}

/** Bakes that still need somebody, with all their events, those that the server has not got yet among them. */
export function useBakesNow(now: number): { running: BakeNow[]; error: unknown; loading: boolean } {
  const { data = [], error, isPending } = useRunningBakes();
  const waiting = useOutbox((state) => state.waiting);
  const starts = useUnsent((state) => state.starts);
  // What was started while the server was away runs as well.
  const unsent = starts
    .filter(({ request, refused }) => !refused && !data.some(({ id }) => id === request.id))
    .map(({ request }) => bakeOfStart(request));
  const loaded = [...unsent, ...data]
    .map((bake) => ({ bake, events: allEvents(bake, waiting) }))
    .filter(({ events }) => !isFinished(events));
  const times = useBakeTimes(loaded);
  const running = loaded
    .map(({ bake, events }, i) => ({
      bake,
      events,
      state: runningBake(times[i] ?? bareTimes(bake), events, now),
    }))
    .sort(byUrgency);
  return { running, error, loading: isPending };
}

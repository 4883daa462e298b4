import type { BakeResponse } from '@mardle/contract';
import type { BakeEvent, BakeTimes, RunningBake } from '@mardle/core';
import { draftPlan, isFinished, runningBake, withBake } from '@mardle/core';
import { useQuery } from '@tanstack/react-query';
import { useRunningBakes } from '../api/bakes.js';
import { useOutbox } from '../state/outbox.js';
import { bakeThrough } from '../workers/bake.js';

/** Until the simulation has said how long this pie cools. */
const COOL_GUESS_MIN = 180;

/** When things are due in a bake, by simulating the pie it was loaded with. */
export function useBakeTimes(bake: BakeResponse): BakeTimes {
  const { id, spec, stages } = bake;
  const { data } = useQuery({
    queryKey: ['bake-times', id],
    staleTime: Infinity,
    queryFn: async (): Promise<BakeTimes | null> => {
      const drafted = draftPlan({ ...spec, bake: { ...spec.bake, stages } });
      if (!drafted.ok) return null;
      const baked = await bakeThrough(drafted.plan.work, drafted.plan.spec.bake);
      if (!baked) return null;
      const { figures, eaten } = withBake(drafted.plan, baked);
      return {
        stages,
        turnMin: baked.turnMin,
        foilMin: baked.foilMin,
        bubblingMin: baked.events.edgeBubblingMin,
        coolMin: figures['cool.ready']?.value ?? baked.cooling.sliceMin ?? COOL_GUESS_MIN,
        then: eaten.then,
      };
    },
  });
  return data ?? timesBySettings(bake);
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
  /** By the settings alone; a card refines it by its own simulation. */
  readonly state: RunningBake;
}

/** A pie in the oven comes before one that cools, what is due first before what comes later. */
const byUrgency = (a: BakeNow, b: BakeNow): number =>
  Number(a.state.outAt !== null) - Number(b.state.outAt !== null) ||
  (a.state.next?.dueAt ?? 0) - (b.state.next?.dueAt ?? 0);

/** Bakes that still need somebody, with all their events, those that the server has not got yet among them. */
export function useBakesNow(): { running: BakeNow[]; error: unknown; loading: boolean } {
  const { data = [], error, isPending } = useRunningBakes();
  const waiting = useOutbox((state) => state.waiting);
  const running = data
    .flatMap((bake): BakeNow[] => {
      const events = allEvents(bake, waiting);
      return isFinished(events)
        ? []
        : [{ bake, events, state: runningBake(timesBySettings(bake), events, 0) }];
    })
    .sort(byUrgency);
  return { running, error, loading: isPending };
}

/** When things are due as far as the settings alone can say, until the simulation has answered. */
const timesBySettings = ({ stages }: BakeResponse): BakeTimes => ({
  stages,
  turnMin: Math.round(stages[0].timeMin + stages[1].timeMin / 3),
  foilMin: null,
  bubblingMin: null,
  coolMin: COOL_GUESS_MIN,
});

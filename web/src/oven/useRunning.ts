import type { BakeResponse } from '@mardle/contract';
import type { BakeEvent, BakeTimes, RunningBake } from '@mardle/core';
import { draftPlan, runningBake, withBake } from '@mardle/core';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { bakesKey, sendBakeEvents, useBakes } from '../api/bakes.js';
import { ProblemError } from '../api/client.js';
import { useOutbox } from '../state/outbox.js';
import { bakeThrough } from '../workers/bake.js';

const RESEND_MS = 4000;
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
        bubblingMin: baked.events.centreBubblingMin,
        coolMin: figures['cool.ready']?.value ?? baked.cooling.sliceMin ?? COOL_GUESS_MIN,
        then: eaten.then,
      };
    },
  });
  return data ?? timesBySettings(bake);
}

/** Sends waiting taps as soon as the server answers, and again until it does. Returns why it does not, if so. */
export function useSendOutbox(): ProblemError | null {
  const waiting = useOutbox((state) => state.waiting);
  const arrived = useOutbox((state) => state.arrived);
  const client = useQueryClient();
  const [problem, setProblem] = useState<ProblemError | null>(null);
  useEffect(() => {
    if (waiting.length === 0) return;
    let stopped = false;
    const send = async (): Promise<void> => {
      for (const bakeId of new Set(waiting.map((row) => row.bakeId))) {
        const events = waiting.filter((row) => row.bakeId === bakeId).map(({ event }) => event);
        try {
          await sendBakeEvents(bakeId, events);
          if (stopped) return;
          setProblem(null);
          await client.invalidateQueries({ queryKey: bakesKey });
          arrived(events.map(({ id }) => id));
        } catch (error) {
          if (error instanceof ProblemError && !stopped) setProblem(error);
          return;
        }
      }
    };
    void send();
    const timer = setInterval(() => void send(), RESEND_MS);
    return () => {
      stopped = true;
      clearInterval(timer);
    };
  }, [waiting, arrived, client]);
  return problem;
}

/** Saved events with those still waiting to be sent. */
export function allEvents(
  bake: BakeResponse,
  waiting: readonly { bakeId: string; event: BakeEvent }[],
): BakeEvent[] {
  return [...bake.events, ...waiting.filter(({ bakeId }) => bakeId === bake.id).map(({ event }) => event)];
}

export interface BakeNow {
  readonly bake: BakeResponse;
  readonly events: readonly BakeEvent[];
  /** By the settings alone; a card refines it by its own simulation. */
  readonly state: RunningBake;
}

/** Bakes with all their events: those that still need somebody, next due first, and those eaten. */
export function useBakesNow(): { running: BakeNow[]; eaten: BakeNow[]; error: unknown; loading: boolean } {
  const { data = [], error, isPending } = useBakes();
  const waiting = useOutbox((state) => state.waiting);
  const all = data.map((bake) => {
    const events = allEvents(bake, waiting);
    return { bake, events, state: runningBake(timesBySettings(bake), events, 0) };
  });
  const running = all.filter(({ state }) => state.phase !== 'eaten');
  running.sort((a, b) => (a.state.next?.dueAt ?? 0) - (b.state.next?.dueAt ?? 0));
  return { running, eaten: all.filter(({ state }) => state.phase === 'eaten'), error, loading: isPending };
}

/** When things are due as far as the settings alone can say, until the simulation has answered. */
const timesBySettings = ({ stages }: BakeResponse): BakeTimes => ({
  stages,
  turnMin: Math.round(stages[0].timeMin + stages[1].timeMin / 3),
  foilMin: null,
  bubblingMin: null,
  coolMin: COOL_GUESS_MIN,
});

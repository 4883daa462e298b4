import type { BakeOnDay, Day, DayPlan } from '@mardle/core';
import { taskId, followOven, ovenActuals, pieName, wallTime } from '@mardle/core';
import { IconFlame } from '@tabler/icons-react';
import { useEffect, useRef } from 'react';
import { useNow } from '../../../shared/hooks/useNow.js';
import { useBakesNow } from '../../../bakes/useRunning.js';
import { useDay } from '../../../state/day/day.js';
import classes from '../DayPlace.module.css';
import { Onward } from './Onward.js';

/** The day looks into the ovens so often. */
const LOOKS_EVERY_MS = 15_000;

/** Longer than this nobody leaves a pie in: its bake was forgotten, not the pie. */
const FORGOTTEN_MS = 3 * 3_600_000;
/** When a pie that nobody has taken out yet comes out: at its minute, or now when that has passed. */
const stillIn = (outDueAt: number, now: number): number =>
  now - outDueAt > FORGOTTEN_MS ? outDueAt : Math.max(outDueAt, now);

/** Pies of the day whose bakes run, in minutes of the day. */
function useBaking(day: Day): BakeOnDay[] {
  const inOven = useDay((state) => state.inOven);
  const now = useNow(LOOKS_EVERY_MS);
  const { running } = useBakesNow(now);
  const minute = (ms: number): number => (ms - Date.parse(day.zero)) / 60_000;
  return Object.entries(inOven).flatMap(([pie, id]): BakeOnDay[] => {
    const state = running.find(({ bake }) => bake.id === id)?.state;
    if (!state || state.phase === 'cancelled') return [];
    const { loadedAt, outAt, outDueAt } = state;
    return [
      {
        pie,
        loadedAt: minute(loadedAt),
        outAt: minute(outAt ?? stillIn(outDueAt, now)),
        isOut: outAt !== null,
      },
    ];
  });
}

/** The day follows the oven: what came out is ticked, and what goes otherwise than planned is said, with what moves for it. */
export function OvenSays({ day, plan }: { readonly day: Day; readonly plan: DayPlan }) {
  const { done, tick } = useDay();
  const baking = useBaking(day);
  const ticked = useRef(new Set<string>());
  const out = baking.filter(({ isOut }) => isOut).map(({ pie }) => taskId('out', pie));
  useEffect(() => {
    for (const id of out) {
      if (ticked.current.has(id)) continue;
      ticked.current.add(id);
      if (!done.includes(id)) tick(id);
    }
  });
  const next = followOven(day, plan, baking);
  if (next === plan) return null;
  const was = new Map(plan.tasks.map(({ id, start }) => [id, start]));
  const said = next.tasks.flatMap(({ id, kind, of, start }) => {
    const before = was.get(id) ?? start;
    const known = baking.find(({ pie }) => pie === of);
    if (kind !== 'out' || !known || start === before) return [];
    const by = `${Math.abs(start - before)} min ${start > before ? 'later' : 'sooner'} than planned`;
    return [`${pieName(day, of)} ${known.isOut ? 'came' : 'comes'} out at ${wallTime(day, start)}, ${by}`];
  });
  return (
    <section
      aria-label="What the oven says"
      className={`${next.late.length > 0 ? classes.fails : classes.says} no-print`}
    >
      <IconFlame aria-hidden />
      <div>
        <p className={classes.said}>
          {said.length > 0 ? `${said.join('; ')}.` : 'The oven goes otherwise than planned.'}
        </p>
        <Onward
          key={baking.map(({ pie, outAt }) => `${pie} ${outAt}`).join()}
          day={day}
          plan={plan}
          next={next}
          happened={ovenActuals(plan, baking)}
          onDone={() => undefined}
        />
      </div>
    </section>
  );
}

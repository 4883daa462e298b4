import type { Bake, BakeSpec, PieBody, PiePlan, PieSpec, Problem } from '@mardle/core';
import { draftPlan, withBake } from '@mardle/core';
import { useEffect, useMemo, useState } from 'react';
import { bakeInWorker, cancelBake } from '../workers/bake.js';

/** What is known about the pie on the bench at this moment. */
export interface PlanNow {
  /** With the latest bake that fits it, or without one while that is worked out. */
  readonly plan: PiePlan | null;
  readonly problems: readonly Problem[];
  /** Share done of the bake under way; null when none is. */
  readonly baking: number | null;
  /** No setting of this oven gets the filling done. */
  readonly unbakeable: boolean;
  cancel(): void;
}

interface Baked {
  readonly key: string;
  readonly bake: Bake | null;
}

/** The draft at once on this thread, its bake from the worker as soon as it is there. */
export function usePlanOf(spec: PieSpec): PlanNow {
  const drafted = useMemo(() => draftPlan(spec), [spec]);
  const draft = drafted.ok ? drafted.plan : null;
  const key = useMemo(() => (draft ? JSON.stringify([draft.body, draft.spec.bake]) : ''), [draft]);
  const [baked, setBaked] = useState<Baked | null>(null);
  const [progress, setProgress] = useState<{ readonly key: string; readonly share: number } | null>(null);
  const [cancelled, setCancelled] = useState('');

  // The key holds all that the bake depends on: it is worked out again only when body or oven changed.
  useEffect(() => {
    if (key === '') return;
    const [body, bakeSpec] = JSON.parse(key) as [PieBody, BakeSpec];
    let current = true;
    void bakeInWorker(body, bakeSpec, (share) => {
      if (current) setProgress({ key, share });
    }).then((bake) => {
      if (current && bake !== undefined) setBaked({ key, bake });
    });
    return () => {
      current = false;
    };
  }, [key]);

  const bake = baked?.key === key ? baked.bake : null;
  const plan = useMemo(() => (draft && bake ? withBake(draft, bake) : draft), [draft, bake]);
  return {
    plan,
    problems: drafted.ok ? [] : drafted.problems,
    baking: baked?.key === key || cancelled === key ? null : progress?.key === key ? progress.share : 0,
    unbakeable: baked?.key === key && baked.bake === null,
    cancel: () => {
      cancelBake();
      setCancelled(key);
    },
  };
}

import type {
  Bake,
  BakeSpec,
  OvenWork,
  PiePlan,
  PieSpec,
  FieldProblem,
  KnobKind,
  UnitSystem,
} from '@mardle/core';
import { draftPlan, withBake } from '@mardle/core';
import { startTransition, useEffect, useMemo, useRef, useState } from 'react';
import { bakeInWorker, cancelBake } from '../shared/workers/bake.js';
import { useSettings } from './settings.js';

/** What is known about the pie on the bench at this moment. */
export interface PlanNow {
  /** With the latest bake that fits it, a rough one while that is worked out, or none yet. */
  readonly plan: PiePlan | null;
  readonly problems: readonly FieldProblem[];
  /** Share done of the bake under way; null when none is. */
  readonly baking: number | null;
  /** The bake in the plan is a first rough answer. */
  readonly rough: boolean;
  /** No setting of this oven gets the filling done. */
  readonly unbakeable: boolean;
  cancel(): void;
}

/** Progress is shown in steps of this share, so that it costs no frames. */
const PROGRESS_STEP = 0.05;

interface Baked {
  readonly key: string;
  readonly bake: Bake | null;
}

/** Degrees in which heats are told must be those that a knob has steps of: 392 °F stands on none. */
const usualKnob: Readonly<
  Record<UnitSystem, { readonly instead: KnobKind; readonly of: readonly KnobKind[] }>
> = {
  metric: { instead: '5_c', of: ['10_f', '25_f'] },
  us: { instead: '25_f', of: ['5_c', '10_c'] },
};

function withUsualKnob(spec: PieSpec, units: UnitSystem): PieSpec {
  const { oven } = spec.bake;
  const { instead, of } = usualKnob[units];
  if (!of.includes(oven.knob ?? '5_c')) return spec;
  return { ...spec, bake: { ...spec.bake, oven: { ...oven, knob: instead } } };
}

/** The draft at once on this thread, its bake from the worker: a rough one first, the whole one as soon as it is there. */
export function usePlanFor(spec: PieSpec): PlanNow {
  const units = useSettings((state) => state.units);
  const drafted = useMemo(() => draftPlan(withUsualKnob(spec, units)), [spec, units]);
  const draft = drafted.ok ? drafted.plan : null;
  const key = useMemo(() => (draft ? JSON.stringify([draft.work, draft.spec.bake]) : ''), [draft]);
  const [baked, setBaked] = useState<Baked | null>(null);
  const [guessed, setGuessed] = useState<Baked | null>(null);
  const [progress, setProgress] = useState<{ readonly key: string; readonly share: number } | null>(null);
  const [cancelled, setCancelled] = useState('');
  const before = useRef<Bake | null>(null);

  // The key holds all that the bake depends on: it is worked out again only when body or oven changed.
  useEffect(() => {
    if (key === '') return;
    const [work, bakeSpec] = JSON.parse(key) as [OvenWork, BakeSpec];
    let current = true;
    let shown = 0;
    void bakeInWorker(work, bakeSpec, {
      before: before.current,
      progress: (share) => {
        if (!current || share < shown + PROGRESS_STEP) return;
        shown = share;
        setProgress({ key, share });
      },
      rough: (bake) => {
        if (current) startTransition(() => setGuessed({ key, bake }));
      },
    }).then((bake) => {
      if (!current || bake === undefined) return;
      before.current = bake ?? before.current;
      startTransition(() => setBaked({ key, bake }));
    });
    return () => {
      current = false;
    };
  }, [key]);

  const known = baked?.key === key ? baked : null;
  const bake = known ? known.bake : guessed?.key === key ? guessed.bake : null;
  const plan = useMemo(() => (draft && bake ? withBake(draft, bake) : draft), [draft, bake]);
  return {
    plan,
    problems: drafted.ok ? [] : drafted.problems,
    baking: known || cancelled === key ? null : progress?.key === key ? progress.share : 0,
    rough: !known && bake !== null,
    unbakeable: known !== null && known.bake === null,
    cancel: () => {
      cancelBake();
      setCancelled(key);
    },
  };
}

import type { FillingSpec, PieSpec } from '../../schema/index.js';
import type { CauseId } from './causes.js';

/** A pie as it was planned, with the stages that it was baked at. */
export interface PlannedPie {
  readonly spec: PieSpec;
  /** Thickener as planned, and as it went in, g. */
  readonly plannedDoseG: number;
  readonly doseG: number;
  /** What its weep test should drain. */
  readonly weepG: number;
}

/** What lies over a pie in the oven: nothing all through, or foil from when it is golden. */
export type Over = 'nothing' | 'foil_when_golden';

/** The pie as it must have been if a cause is the true one, and the same one with the remedy. */
interface Rerun {
  readonly fault: (pie: PlannedPie) => PieSpec;
  readonly mend: (pie: PlannedPie) => PieSpec;
  /** What lies over each, where the cause says so. */
  readonly over?: { readonly fault: Over; readonly mend: Over };
}

const filling = (spec: PieSpec, change: Partial<FillingSpec>): PieSpec => ({
  ...spec,
  filling: { ...spec.filling, ...change },
});
const bake = (spec: PieSpec, change: Partial<PieSpec['bake']>): PieSpec => ({
  ...spec,
  bake: { ...spec.bake, ...change },
});

const JUICIER = 1.3;
const DRIER = 0.75;
const SHORT = 0.7;
const HEAVY = 1.4;
/** A dose within this share of the plan was weighed right. */
const WEIGHED_RIGHT = 0.9;
const OFF_C = 18;
const MOST_OFF_C = 60;
const EARLY_MIN = 15;
const WARM_C = 45;
const RIPEST = 2;

/** What the fruit really let go, known from a test; the thickener as it went in, or worked out for it. */
const weeping =
  (times: number, dose: 'as it was' | 'worked out') =>
  ({ spec, doseG, weepG }: PlannedPie): PieSpec =>
    filling(spec, {
      weepTest: { drainedG: Math.min(100, Math.round(times * weepG)) },
      thickenerMassG: dose === 'as it was' ? doseG : null,
    });
/** As it was weighed where that says so; else so many times what was planned. */
const misdosed =
  (times: number) =>
  ({ spec, plannedDoseG, doseG }: PlannedPie): PieSpec => {
    const weighedSo = times < 1 ? doseG < WEIGHED_RIGHT * plannedDoseG : WEIGHED_RIGHT * doseG > plannedDoseG;
    return filling(spec, { thickenerMassG: weighedSo ? doseG : times * plannedDoseG });
  };
const dosedAsPlanned = ({ spec, plannedDoseG }: PlannedPie): PieSpec =>
  filling(spec, { thickenerMassG: plannedDoseG });
const offBy = ({ spec }: PlannedPie, byC: number): PieSpec => {
  const { oven } = spec.bake;
  const offsetC = Math.max(-MOST_OFF_C, Math.min(MOST_OFF_C, oven.offsetC + byC));
  return bake(spec, { oven: { ...oven, offsetC } });
};
/** The oven as it is, and stages that Mardle finds for it. */
const knownOven = (pie: PlannedPie, byC: number): PieSpec => bake(offBy(pie, byC), { stages: null });
const asPlanned = ({ spec }: PlannedPie): PieSpec => spec;
const early = ({ spec }: PlannedPie): PieSpec => {
  const { stages } = spec.bake;
  if (!stages) return spec;
  const [first, second] = stages;
  return bake(spec, { stages: [first, { ...second, timeMin: Math.max(1, second.timeMin - EARLY_MIN) }] });
};
const riper =
  (dose: 'as it was' | 'worked out') =>
  ({ spec, doseG }: PlannedPie): PieSpec =>
    filling(spec, {
      fruits: spec.filling.fruits.map((part) => ({ ...part, ripeness: RIPEST })),
      thickenerMassG: dose === 'as it was' ? doseG : null,
    });

/** Causes that a spec can say; the others are mended by hands alone. */
export const reruns: Partial<Readonly<Record<CauseId, Rerun>>> = {
  juicy_fruit: { fault: weeping(JUICIER, 'as it was'), mend: weeping(JUICIER, 'worked out') },
  dry_fruit: { fault: weeping(DRIER, 'as it was'), mend: weeping(DRIER, 'worked out') },
  short_dose: { fault: misdosed(SHORT), mend: dosedAsPlanned },
  heavy_dose: { fault: misdosed(HEAVY), mend: dosedAsPlanned },
  out_early: { fault: early, mend: asPlanned },
  oven_cold: { fault: (pie) => offBy(pie, -OFF_C), mend: (pie) => knownOven(pie, -OFF_C) },
  oven_hot: { fault: (pie) => offBy(pie, OFF_C), mend: (pie) => knownOven(pie, OFF_C) },
  no_foil: {
    fault: asPlanned,
    mend: asPlanned,
    over: { fault: 'nothing', mend: 'foil_when_golden' },
  },
  warm_filling: { fault: ({ spec }) => bake(spec, { startC: WARM_C }), mend: asPlanned },
  cold_base: {
    fault: ({ spec }) => bake(spec, { beneath: 'tray' }),
    mend: ({ spec }) => bake(spec, { beneath: 'hot_steel', rack: 'low' }),
  },
  raw_heap: {
    fault: asPlanned,
    mend: ({ spec }) => filling(spec, { preparation: { kind: 'weep' }, thickenerMassG: null }),
  },
  ripe_fruit: { fault: riper('as it was'), mend: riper('worked out') },
};

import { chanceFrom, normalFrom } from '../../units/index.js';
import { measured, onCurve, normalise } from '../statistics/index.js';
import type { LoggedEvent, LoggedReading } from '../log/index.js';
import { SETTLED_MIN, soundReadings } from '../log/index.js';
import type { Bank } from './bank.js';
import { probeLevelsC } from './bank.js';
import type { Emulator } from './emulator.js';
import { features } from './emulator.js';
import { OFFSET, unknowns } from './unknowns.js';

/** What was seen of a running bake so far, min from loading. */
export interface SeenSoFar {
  readonly events: readonly LoggedEvent[];
  readonly readings: readonly LoggedReading[];
}

/** What is believed of the oven from its log: C from what was told, and how sure. */
export interface OvenBelief {
  readonly offsetC: number;
  readonly deviationC: number;
}

/** A moment with the band that holds it nine times in ten, min from loading. */
interface Window {
  readonly value: number;
  readonly low: number;
  readonly high: number;
}

export interface Forecast {
  readonly out: Window;
  readonly done: Window;
  readonly bubbling: Window;
  readonly golden: Window;
  /** C that the oven seems to be off beside what was told. */
  readonly offsetC: Window;
  /** When the middle passes each temperature, as the book had it and as it looks now. */
  readonly curve: readonly { readonly tempC: number; readonly bookMin: number; readonly nowMin: Window }[];
}

const PARTICLES = 1000;
/** Taps come so late, and scatter so, min; a probe reads so, C, and stands so near the middle (share of its rise). Estimates. */
const seeing = {
  habitMin: 1.5,
  tapMin: 3,
  fillingC: 2.5,
  heightShare: 0.05,
  airC: 3,
  hotSpotC: 2.5,
} as const;
/** Readings of one probe err together: each counts for so much of one. Estimate. */
const READINGS_COUNT = 0.6;
/** What is left unsaid by the emulator: relative. */
const EMULATED_WITHIN = 0.02;

interface Particle {
  readonly offset: number;
  readonly of: Float64Array;
  readonly habitMin: number;
  readonly height: number;
  readonly hotSpotC: number;
  readonly left: number;
}

function particles(oven: OvenBelief, seed: number): Particle[] {
  const chance = chanceFrom(seed);
  const normal = (): number => normalFrom(chance);
  const { deviation } = unknowns[OFFSET];
  return Array.from({ length: PARTICLES }, () => {
    const at = unknowns.map((_, i) =>
      i === OFFSET ? (oven.offsetC + oven.deviationC * normal()) / deviation : normal(),
    );
    return particleAt(at, normal);
  });
}

const particleAt = (at: readonly number[], normal: () => number): Particle => ({
  offset: at[OFFSET]!,
  of: features(at),
  habitMin: seeing.habitMin * normal(),
  height: seeing.heightShare * normal(),
  hotSpotC: seeing.hotSpotC * normal(),
  left: EMULATED_WITHIN * normal(),
});

const FIRST_LEVEL_C = probeLevelsC[0];

/** ln of how well a particle explains what was seen. */
function explains(bank: Bank, { events, readings }: SeenSoFar): (particle: Particle) => number {
  const tap = (kind: LoggedEvent['kind'], moment: Emulator): ((particle: Particle) => number) => {
    const seen = events.find((event) => event.kind === kind);
    if (!seen) return () => 0;
    const likely = measured(seen.atMin, seeing.tapMin);
    return ({ of, habitMin }) => likely(Math.exp(moment(of)) + habitMin).log;
  };
  const bubbling = tap('bubbling', bank.bubbling);
  const golden = tap('colour_golden', bank.golden);
  const filling = soundReadings(readings, ({ fillingC }) => fillingC, true).map(({ atMin, tempC }) => ({
    atMin,
    tempC,
    likely: measured(tempC, seeing.fillingC),
  }));
  const [first, second] = bank.stages;
  const air = soundReadings(readings, ({ airC }) => airC, false).flatMap(({ atMin, tempC }) => {
    const [stage, since] = atMin < first.timeMin ? [first, atMin] : [second, atMin - first.timeMin];
    return since < SETTLED_MIN ? [] : [measured(tempC - stage.tempC - bank.toldOffsetC, seeing.airC)];
  });
  return (particle) => {
    let log = bubbling(particle) + golden(particle);
    if (filling.length > 0) {
      const minutes = bank.passes.map((passes) => Math.exp(passes(particle.of)));
      for (const { atMin, likely } of filling) {
        const middleC = Math.min(
          probeLevelsC[probeLevelsC.length - 1]! + 3,
          onCurve(minutes, probeLevelsC, atMin),
        );
        // Higher or lower in the filling than its middle, the wire warms sooner or later.
        const readC = middleC + particle.height * Math.max(0, middleC - FIRST_LEVEL_C);
        log += READINGS_COUNT * likely(readC).log;
      }
    }
    const { deviation } = unknowns[OFFSET];
    for (const likely of air) {
      log += READINGS_COUNT * likely(deviation * particle.offset + particle.hotSpotC).log;
    }
    return log;
  };
}

const LOW = 0.05;
const HIGH = 0.95;

/** The value that a share of the weight lies below. */
function quantiles(values: readonly number[], weights: readonly number[]): Window {
  const order = values.map((_, i) => i).sort((a, b) => values[a]! - values[b]!);
  const at = (share: number): number => {
    let sum = 0;
    for (const i of order) {
      sum += weights[i]!;
      if (sum >= share) return values[i]!;
    }
    return values[order[order.length - 1]!]!;
  };
  return { value: at(0.5), low: at(LOW), high: at(HIGH) };
}

/** An oven that nothing is known of beside what was told. */
export const unknownOven: OvenBelief = { offsetC: 0, deviationC: unknowns[OFFSET].deviation };

/**
 * When a running bake will be done, bent to what was seen: taps and readings, Bayes' rule over a thousand ways it may be.
 * @param bank of the pie
 * @param seen so far
 * @param oven as its log knows it
 * @param seed of the draws
 * @returns moments with their bands, min from loading
 * @example forecast(bank, { events: [], readings: [] }).out.value
 */
export function forecast(bank: Bank, seen: SeenSoFar, oven: OvenBelief = unknownOven, seed = 1): Forecast {
  const all = particles(oven, seed);
  const weights = normalise(all.map(explains(bank, seen)));
  const of = (moment: Emulator): Window =>
    quantiles(
      all.map(({ of: at, left }) => Math.exp(moment(at) + left)),
      weights,
    );
  return {
    out: of(bank.out),
    done: of(bank.done),
    bubbling: of(bank.bubbling),
    golden: of(bank.golden),
    offsetC: quantiles(
      all.map(({ offset }) => unknowns[OFFSET].deviation * offset),
      weights,
    ),
    curve: probeLevelsC.map((tempC, k) => ({
      tempC,
      bookMin: bank.usual.passesMin[k]!,
      nowMin: of(bank.passes[k]!),
    })),
  };
}

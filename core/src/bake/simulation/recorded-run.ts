import type { ColourName, Stage } from '../../schema/index.js';
import type { DoneRule } from '../materials/index.js';
import { eventsIn } from './events.js';
import type { Interventions, SimulationRun, simulateBake } from './simulate.js';
import { branch } from './simulate.js';

/** A bake through its stages, with what hands did. */
export interface RecordedBake {
  readonly stages: readonly [Stage, Stage];
  readonly interventions: Interventions;
  readonly run: ReturnType<typeof simulateBake>;
}

/** A bake with the run as it was at each whole minute, so that it can be ended at any of them. */
interface RecordedRun extends RecordedBake {
  readonly minutes: ReadonlyMap<number, SimulationRun>;
}

/** When it comes out, min. */
export const resultOf = ([first, second]: readonly [Stage, Stage]): number => first.timeMin + second.timeMin;

/** One bake on a mesh, from its stages and the foil over it; `see` is shown the run. */
export type Try = (
  stages: readonly [Stage, Stage],
  foilMin: number | null,
  see?: (run: SimulationRun) => void,
) => RecordedBake;

export function recordRun(bakeOn: Try, stages: readonly [Stage, Stage], foilMin: number | null): RecordedRun {
  const minutes = new Map<number, SimulationRun>();
  const baked = bakeOn(stages, foilMin, (run) => {
    if (run.state.timeS % 60 === 0) minutes.set(run.state.timeS / 60, branch(run));
  });
  return { ...baked, minutes };
}

/** A bake that was watched for longer, as it was when it came out. */
export function endedBy(
  { minutes, run, interventions }: RecordedRun,
  stages: readonly [Stage, Stage],
  rule: DoneRule,
  colour: ColourName,
): RecordedBake {
  const outMin = resultOf(stages);
  const readings = run.readings.filter(({ timeMin }) => timeMin <= outMin);
  const events = eventsIn(readings, rule, colour);
  return { stages, interventions, run: { run: minutes.get(outMin) ?? run.run, readings, events } };
}

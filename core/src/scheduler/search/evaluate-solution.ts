import type { Timetable, Solution, DecodedSolution, Decoder } from '../timetable/index.js';
import type { Day, DayPlan, OptionTable } from '../model/index.js';
import { makeDecoder, makeIncrementalScore, toPlan } from '../timetable/index.js';
import type { EvaluatedSolution } from './neighbourhood.js';
import { makeRunTimes } from '../model/index.js';

/** What a task or a run that finds no place counts. */
const FAILED = 1e6;

/** Looks at solutions of one day. */
export interface Evaluator {
  readonly decoder: Decoder;
  readonly timetable: Timetable;
  readonly ways: OptionTable;
  /** `strict`: what is late or finds no place is not looked at further. */
  evaluate(solution: Solution, strict: boolean): EvaluatedSolution;
  /** The same as a plan; null when something finds no place. */
  toPlan(solution: Solution): DayPlan | null;
}

export const isInTime = ({ failed, lateMin }: EvaluatedSolution): boolean => failed === 0 && lateMin === 0;

/** Whether all of a pie lies somewhere; its dough aside. */
export const isPlaced = ({ pies }: Day, decoded: Pick<DecodedSolution, 'pies'>, i: number): boolean => {
  const at = decoded.pies[i]!;
  const { prepare, line } = pies[i]!;
  return at.run >= 0 && (prepare === 0 || at.prepare >= 0) && (line === 0 || at.line >= 0);
};

const infeasiblePies = (day: Day, fromMin: number, decoded: DecodedSolution): number[] =>
  day.pies.flatMap(({ pack, ready }, i) =>
    !isPlaced(day, decoded, i) || decoded.pies[i]!.pack + pack > ready.at - fromMin ? [i] : [],
  );

/** Decodes solutions of a day and tells what they come to. */
export function makeEvaluator(day: Day): Evaluator {
  const decoder = makeDecoder(day);
  const { timetable, ways } = decoder;
  const tally = makeIncrementalScore(day, timetable.fromMin, makeRunTimes(day, ways, timetable.fromMin));
  return {
    decoder,
    timetable,
    ways,
    evaluate: (solution, strict) => {
      const decoded = decoder.decode(solution, strict);
      const { failed } = decoded;
      const { total, lateMin, outlook } = tally(decoded);
      const infeasible =
        !strict && (failed > 0 || lateMin > 0) ? infeasiblePies(day, timetable.fromMin, decoded) : [];
      const without = FAILED * failed;
      return {
        solution: solution,
        failed,
        total: total + without,
        smoothedTotal: outlook + without,
        lateMin,
        infeasible: infeasible,
      };
    },
    toPlan: (solution) => {
      const decoded = decoder.decode(solution, false);
      return decoded.failed > 0 ? null : toPlan(day, timetable, ways, decoded);
    },
  };
}

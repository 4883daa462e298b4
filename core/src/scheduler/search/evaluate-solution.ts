import type { Board, DayIdea, Decoded, Decoder } from '../timetable/index.js';
import type { Day, DayPlan, WayTable } from '../model/index.js';
import { decoderOf, tallyOf, toPlan } from '../timetable/index.js';
import type { Found } from './neighbourhood.js';
import { runTimesOf } from '../model/index.js';

/** What a task or a run that finds no place counts. */
const FAILED = 1e6;

/** Looks at ideas of one day. */
export interface Looker {
  readonly decoder: Decoder;
  readonly board: Board;
  readonly ways: WayTable;
  /** `strict`: what is late or finds no place is not looked at further. */
  look(idea: DayIdea, strict: boolean): Found;
  /** The same as a plan; null when something finds no place. */
  planOf(idea: DayIdea): DayPlan | null;
}

export const isHome = ({ failed, lateMin }: Found): boolean => failed === 0 && lateMin === 0;

/** Whether all of a pie lies somewhere; its dough aside. */
export const isPlaced = ({ pies }: Day, decoded: Pick<Decoded, 'pies'>, i: number): boolean => {
  const at = decoded.pies[i]!;
  const { prepare, line } = pies[i]!;
  return at.run >= 0 && (prepare === 0 || at.prepare >= 0) && (line === 0 || at.line >= 0);
};

const troubledIn = (day: Day, fromMin: number, decoded: Decoded): number[] =>
  day.pies.flatMap(({ pack, ready }, i) =>
    !isPlaced(day, decoded, i) || decoded.pies[i]!.pack + pack > ready.at - fromMin ? [i] : [],
  );

/** Decodes ideas of a day and tells what they come to. */
export function lookerOf(day: Day): Looker {
  const decoder = decoderOf(day);
  const { board, ways } = decoder;
  const tally = tallyOf(day, board.fromMin, runTimesOf(day, ways, board.fromMin));
  return {
    decoder,
    board,
    ways,
    look: (idea, strict) => {
      const decoded = decoder.decode(idea, strict);
      const { failed } = decoded;
      const { total, lateMin, outlook } = tally(decoded);
      const troubled = !strict && (failed > 0 || lateMin > 0) ? troubledIn(day, board.fromMin, decoded) : [];
      const without = FAILED * failed;
      return { idea, failed, total: total + without, outlook: outlook + without, lateMin, troubled };
    },
    planOf: (idea) => {
      const decoded = decoder.decode(idea, false);
      return decoded.failed > 0 ? null : toPlan(day, board, ways, decoded);
    },
  };
}

import type { FieldProblem, Learned, LoggedBake, Why } from '@mardle/core';
import { finishNow, learnLog, readLog, explainFault } from '@mardle/core';

type Answered<T> =
  | { readonly ok: true; readonly answer: T }
  | { readonly ok: false; readonly problems: readonly FieldProblem[] };

/**
 * What a log file teaches.
 * @param plain what the file holds
 */
export function answerLog(plain: unknown): Answered<Learned> {
  const read = readLog(plain);
  return read.ok ? { ok: true, answer: learnLog(read.log) } : read;
}

const none: FieldProblem = {
  field: 'bakes',
  message: 'There is no bake in it.',
  remedy: 'Write the bake that went wrong; of several the last one is looked at.',
};

/** A cause as the door prints it: the slices, without the pies behind them. */
const printed = ({ causes, ...why }: Why) => ({
  ...why,
  causes: causes.map(({ rerun, ...cause }) => ({
    ...cause,
    was: rerun?.was ?? null,
    wouldBe: rerun?.wouldBe ?? null,
  })),
});

/**
 * Why the last bake of a log went wrong.
 * @param plain what the file holds
 */
export function answerWhy(plain: unknown): Answered<ReturnType<typeof printed>> {
  const read = readLog(plain);
  if (!read.ok) return read;
  const bake: LoggedBake | undefined = read.log.bakes.at(-1);
  if (!bake) return { ok: false, problems: [none] };
  try {
    return { ok: true, answer: printed(finishNow(explainFault(bake))) };
  } catch (error) {
    const message = error instanceof Error ? error.message : String(error);
    return {
      ok: false,
      problems: [
        {
          field: `bakes.${read.log.bakes.length - 1}.plan`,
          message,
          remedy: 'Try it with the plan door, which says more.',
        },
      ],
    };
  }
}

import { readDay } from '@mardle/core';
import { useState } from 'react';
import { holdInWorker, searchInWorker, solveInWorker } from '../../shared/workers/day.js';
import type { DayFile } from '../../state/day/dayFile.js';
import { useDay, withRemedy } from '../../state/day/day.js';
import { doneWithout } from './doneWithout.js';

/** What can be done with the day as a whole, and how far it has come. */
interface DayPlanning {
  /** How much of the planning is done, 0 to 1; null while nothing is planned. */
  readonly share: number | null;
  /** Why there is no plan, as sentences. */
  readonly wrong: readonly string[];
  readonly plan: (wanted: DayFile) => Promise<void>;
  /** Takes one of the ways out that the plan names. */
  readonly remedy: (index: number) => Promise<void>;
  readonly fromFile: (chosen: File | null) => Promise<void>;
  /** The demo's Saturday, planned as soon as it is there. */
  readonly example: () => Promise<void>;
}

interface Problem {
  readonly message: string;
  readonly remedy: string;
}
const asSentences = (problems: readonly Problem[]): string[] =>
  problems.map(({ message, remedy }) => `${message} ${remedy}`);

/** Plans the day in its worker, one plan at a time. */
export function useDayPlanning(): DayPlanning {
  const { file, solved, begin, change, take } = useDay();
  const [share, setShare] = useState<number | null>(null);
  const [wrong, setWrong] = useState<readonly string[]>([]);
  const plan = async (wanted: DayFile): Promise<void> => {
    if (share !== null) return;
    const read = readDay(wanted);
    if (!read.ok) {
      setWrong(asSentences(read.problems));
      return;
    }
    setWrong([]);
    setShare(0);
    const outcome = await solveInWorker(read.asked, setShare).finally(() => setShare(null));
    if (outcome?.ok) take(outcome.solved, wanted);
    if (outcome && !outcome.ok) setWrong(asSentences(outcome.problems));
  };
  const remedy = async (index: number): Promise<void> => {
    const chosen = solved?.remedies?.[index];
    if (!chosen || share !== null) return;
    setShare(0);
    // What is done without was left out by the plan that there is: it goes on as it is.
    const fewer = file && solved && doneWithout(file, solved, chosen);
    const found = fewer ? holdInWorker(fewer.day, fewer.plan) : searchInWorker(chosen.day, setShare);
    const next = await found.finally(() => setShare(null));
    const now = useDay.getState().file;
    if (!now) return;
    const remedied = withRemedy(now, chosen);
    change(remedied);
    take(next, useDay.getState().file ?? remedied);
  };
  const fromFile = async (chosen: File | null): Promise<void> => {
    if (!chosen) return;
    try {
      const plain: unknown = JSON.parse(await chosen.text());
      const read = readDay(plain);
      if (read.ok) begin(plain as DayFile);
      setWrong(read.ok ? [] : asSentences(read.problems));
    } catch {
      setWrong(['This file is no JSON. Choose the file of a day.']);
    }
  };
  const example = async (): Promise<void> => {
    let saturday: DayFile;
    try {
      const { exampleDay } = await import('./exampleDay.js');
      saturday = await exampleDay();
    } catch {
      setWrong(['The example could not be fetched. Try again when the server answers.']);
      return;
    }
    begin(saturday);
    await plan(saturday);
  };
  return { share, wrong, plan, remedy, fromFile, example };
}

import type { Page, PaperName, PiePlan } from '@mardle/core';
import { slipPages } from '@mardle/core';
import { useMemo } from 'react';
import { encode } from 'uqr';
import { useFirstTouch } from '../../../state/firstTouch.js';
import { useSettings } from '../../../state/settings.js';
import { timeOfDay } from '../Slip/timeOfDay.js';

/** Where a pie is opened, as a code for a camera. */
const codeOf = (pieId: string): boolean[][] => encode(`${location.origin}/pies/${pieId}`, { border: 2 }).data;

/** The paper that people use where they measure so. */
export const useUsualPaper = (): PaperName =>
  useSettings((state) => state.units) === 'us' ? 'letter' : 'a4';

/** The slip on paper, in the baker’s units, by the clock as it is set: the same wherever it is printed from. */
export function useSlipPages(plan: PiePlan, pieId: string, paper: PaperName): Page[] {
  const units = useSettings((state) => state.units);
  const first = useSettings((state) => state.first);
  const at = useFirstTouch((state) => state.at);
  return useMemo(
    () =>
      slipPages(plan, paper, {
        units,
        first,
        timeAt: (laterMin) => timeOfDay(at, laterMin),
        code: codeOf(pieId),
      }),
    [plan, pieId, paper, units, first, at],
  );
}

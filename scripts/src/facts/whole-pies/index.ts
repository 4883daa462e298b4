import type { Fact } from '../fact.js';
import { ownHeats } from './own-heats.js';
import { ownSchedule } from './own-schedule.js';
import { practicePies } from './pies.js';

/** Whole pies of the trade (common practice, no source), at their heats and at ours. */
export const wholePieFacts = (): Fact[] =>
  practicePies.flatMap((pie) => [...ownHeats(pie), ...ownSchedule(pie)]);

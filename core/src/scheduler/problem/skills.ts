import type { FieldProblem } from '../../schema/index.js';
import type { Day, DayPie, Skill } from '../model/index.js';
import { skills } from '../model/index.js';

/** What each skill does, and whether a pie of the day asks for it. */
const asked: Readonly<Record<Skill, { readonly words: string; readonly isFor: (pie: DayPie) => boolean }>> = {
  dough: { words: 'mixes dough', isFor: ({ dough }) => dough !== null },
  fruit: { words: 'prepares fruit', isFor: ({ prepare }) => prepare > 0 },
  line: { words: 'rolls and lines', isFor: ({ line }) => line > 0 },
  build: { words: 'fills and closes pies', isFor: () => true },
  oven: { words: 'looks after the ovens', isFor: () => true },
  pack: { words: 'packs pies', isFor: () => true },
};

/**
 * What somebody must do and nobody there can.
 * @param day worked out
 * @returns a problem for each such skill
 */
export const nobodyCan = ({ kitchen: { hands }, pies }: Pick<Day, 'kitchen' | 'pies'>): FieldProblem[] =>
  skills
    .filter((skill) => pies.some(asked[skill].isFor))
    .filter((skill) => hands.every(({ skills: can }) => can !== null && !can.includes(skill)))
    .map((skill) => ({
      field: 'kitchen.hands',
      message: `Nobody who is there ${asked[skill].words}.`,
      remedy: 'Say who does that too.',
    }));

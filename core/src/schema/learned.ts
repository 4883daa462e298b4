import type { SpecOf } from './field.js';

/** What a kitchen's log has taught about the dose of a filling. */
export const learnedSchema = {
  dose: {
    type: 'number',
    unit: 'ratio',
    least: 0.4,
    most: 2.5,
    remedy: 'Thickener beside the book’s, .4 to 2.5 times.',
    what: 'thickener that this kitchen wants for the fruit, beside the book’s',
  },
  deviation: {
    type: 'number',
    unit: 'ratio',
    least: 0,
    most: 1,
    remedy: 'How far it may be off, 0 to 1 of it.',
    what: 'how sure that is: relative standard deviation',
  },
  bakes: {
    type: 'number',
    unit: 'count',
    least: 1,
    most: 5000,
    whole: true,
    remedy: 'Bakes behind it, 1 to 5000.',
    what: 'bakes that it was learned from',
  },
} as const;
export interface LearnedDose extends SpecOf<typeof learnedSchema> {}

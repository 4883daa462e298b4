import type { SpecOf } from './field.js';
import { optional } from './field.js';

export const baseSources = ['made', 'bought', 'frozen'] as const;
export type BaseSource = (typeof baseSources)[number];

export const pastrySchema = {
  dough: { type: 'row', table: 'doughs', noun: 'dough', what: 'school of dough' },
  thicknessMm: {
    type: 'number',
    unit: 'mm',
    least: 1.5,
    most: 10,
    remedy: 'Roll between 1.5 and 10 mm.',
    what: 'thickness that it is rolled to',
  },
  wash: { type: 'row', table: 'washes', noun: 'wash', what: 'what is brushed on' },
  coarseSugar: { type: 'flag', what: 'coarse sugar on top' },
  base: optional('made', {
    type: 'choice',
    of: baseSources,
    what: 'where the shell under the filling comes from',
  }),
  batch: optional('1', {
    type: 'number',
    unit: 'count',
    least: 1,
    most: 60,
    whole: true,
    remedy: 'Mix dough for 1 to 60 pies at a time.',
    what: 'how many pies the dough is mixed for',
  }),
} as const;
export interface PastrySpec extends SpecOf<typeof pastrySchema> {}

import type { SpecOf } from './field.js';
import { doughAmountsSchema } from './amounts.js';
import { optional } from './field.js';

export const baseSources = ['made', 'bought', 'frozen'] as const;
export type BaseSource = (typeof baseSources)[number];

export const doughSources = ['mixed', 'made_before', 'bought'] as const;
export type DoughSource = (typeof doughSources)[number];
export const dishCoats = ['bare', 'greased', 'lined'] as const;
export type DishCoat = (typeof dishCoats)[number];

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
  coarseSugarG: optional('as much as the wash holds', {
    type: 'number',
    unit: 'g',
    least: 0,
    most: 500,
    remedy: 'Strew up to 500 g of sugar on a top.',
    since: 6,
    what: 'how much of it',
  }),
  base: optional('made', {
    type: 'choice',
    of: baseSources,
    what: 'where the shell under the filling comes from',
  }),
  doughFrom: optional('mixed', {
    type: 'choice',
    of: doughSources,
    since: 3,
    what: 'where the dough that is rolled comes from: mixed for it, made before, or bought',
  }),
  boughtDiscCm: optional('as large as wanted', {
    type: 'number',
    unit: 'cm',
    least: 10,
    most: 60,
    remedy: 'A bought sheet or disc is 10 to 60 cm across.',
    since: 3,
    what: 'across a bought disc or sheet',
  }),
  dishCoat: optional('bare', {
    type: 'choice',
    of: dishCoats,
    since: 3,
    what: 'what is on the dish before anything goes in',
  }),
  amounts: optional('as much as the sheets take', {
    type: 'part',
    name: 'DoughAmounts',
    of: doughAmountsSchema,
    since: 6,
    what: 'what is mixed, by its amounts: they stay as they are, and what is left over follows',
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

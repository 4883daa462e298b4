import { optional } from './field.js';
import { flourCupField } from './pie.js';

/** What a cup of a staple weighs in this kitchen; flour is the one that bakers fill differently. */
export const stapleSchema = {
  id: { type: 'choice', of: ['flour'], what: 'the staple' },
  cupG: flourCupField,
} as const;

/** How a thing is sold where this kitchen buys it. */
export const soldSchema = {
  id: {
    type: 'text',
    longest: 120,
    emptyRemedy: 'Name what is sold, as the slip does.',
    what: 'what is sold, as the slip names it',
  },
  packG: optional('not known', {
    type: 'number',
    unit: 'g',
    least: 1,
    most: 1_000_000,
    remedy: 'Write what a pack weighs.',
    what: 'what one pack holds; left out of what is sold by the piece',
  }),
  packPrice: optional('not known', {
    type: 'number',
    unit: 'ratio',
    least: 0,
    most: 1_000_000,
    remedy: 'Write what a pack or a piece costs.',
    what: 'what a pack or a piece costs, in the kitchen’s own money',
  }),
} as const;

import type { NumberField, SpecOf } from '../../schema/index.js';
import { hotSides, kitchenOvenSchema, optional, orNull, soldSchema } from '../../schema/index.js';
import { nightKinds } from './day-request.js';
import { emphases, objectiveKinds, readyKinds, skills } from '../model/index.js';

export const DAY_FORMAT = 'mardle-day';
export const DAY_VERSION = 1;

/** A name of at most 80 letters that stands for one thing. */
const nameField = {
  type: 'text',
  longest: 80,
  emptyRemedy: 'Give it a name.',
  what: 'its own name',
} as const;

const counted = <const Least extends number, const Most extends number>(
  what: string,
  least: Least,
  most: Most,
) =>
  ({
    type: 'number',
    unit: 'count',
    least,
    most,
    whole: true,
    remedy: `Write ${what}, ${least} to ${most}.`,
    what,
  }) as const satisfies NumberField;

const minutes = (what: string, least: number, most: number) =>
  ({
    type: 'number',
    unit: 'min',
    least,
    most,
    whole: true,
    remedy: `Write ${least} to ${most} minutes.`,
    what,
  }) as const satisfies NumberField;

const rate = (what: string) =>
  ({
    type: 'number',
    unit: 'ratio',
    least: 0.2,
    most: 60,
    remedy: 'Write .2 to 60 C a minute.',
    what,
  }) as const satisfies NumberField;

const workerSchema = {
  id: nameField,
  skills: optional(
    'all',
    orNull('all', { type: 'words', of: skills, what: 'what somebody does on the bench' }),
  ),
  from: { type: 'minute', what: 'when somebody comes' },
  to: { type: 'minute', what: 'when somebody goes' },
  breaks: optional('none', {
    type: 'spans',
    most: 20,
    what: 'breaks, each from and to; a night at home is one',
  }),
} as const;

const dayOvenSchema = {
  id: nameField,
  kind: optional('still', { type: 'choice', of: ['still', 'fan'], what: 'how its air moves' }),
  offsetC: optional('true to its knob', {
    type: 'number',
    unit: 'C',
    least: -60,
    most: 60,
    remedy: 'Write how much hotter it is than its knob says, -60 to 60 C.',
    what: 'how much hotter it is than its knob says',
  }),
  hotSide: optional('none', { type: 'choice', of: hotSides, what: 'which side bakes quicker' }),
  warmUpMin: minutes('how long it takes to be hot', 1, 120),
  places: kitchenOvenSchema.places,
  upCPerMin: optional('185 C in its warm-up', rate('how fast it climbs')),
  downCPerMin: optional('3 C a minute', rate('how fast it falls with its door shut')),
} as const;

const kitchenSchema = {
  hands: {
    type: 'list',
    name: 'Worker',
    of: workerSchema,
    least: 1,
    most: 12,
    empty: { message: 'Nobody is there.', remedy: 'Write who bakes.' },
    what: 'who is on the bench, and from when to when',
  },
  ovens: {
    type: 'list',
    name: 'DayOven',
    of: dayOvenSchema,
    least: 1,
    most: 8,
    empty: { message: 'There is no oven.', remedy: 'Write at least one.' },
    what: 'the ovens',
  },
  dishes: optional('none', {
    type: 'named',
    of: counted('how many there are', 0, 200),
    what: 'how many there are of each dish, by the label in the pie',
  }),
  hobRings: optional('2', counted('rings of the hob', 0, 200)),
  mixers: optional('0, by hand', counted('mixers', 0, 200)),
  fridgePlaces: optional('8', counted('places in the fridge', 1, 200)),
  rackPlaces: optional('24', counted('places on the rack', 1, 200)),
  loadMin: optional('2', minutes('hands at the oven door', 1, 15)),
} as const;

const readySchema = {
  at: { type: 'minute', what: 'when it is wanted' },
  as: optional('cold', { type: 'choice', of: readyKinds, what: 'as what it is wanted' }),
} as const;

/** More of a pie than an oven of a school sees in a day. */
const MOST_OF_A_KIND = 40;
export const MOST_PIES = 60;

const wantedSchema = {
  id: nameField,
  count: optional('1', counted('how many', 1, MOST_OF_A_KIND)),
  ready: { type: 'part', name: 'Ready', of: readySchema, what: 'when it is wanted, and as what' },
  pie: { type: 'pie_file', what: 'a pie file of any version' },
} as const;

const stockedSchema = {
  haveG: optional(
    'not known',
    orNull('not known', {
      ...soldSchema.packG,
      least: 0,
      remedy: 'Write what there is, g.',
      what: 'what there is of it',
    }),
  ),
  packG: optional('not known', orNull('not known', soldSchema.packG)),
  packPrice: optional('not known', orNull('not known', soldSchema.packPrice)),
} as const;

const buyingSchema = {
  slices: optional('8', counted('slices of a pie', 1, 40)),
  items: optional('nothing known', {
    type: 'named',
    of: { type: 'part', name: 'Stocked', of: stockedSchema, what: 'haveG, packG and packPrice' },
    what: 'what is known of each thing, by its name on the slip',
  }),
} as const;

const freezerSchema = {
  shells: optional('none', {
    type: 'named',
    of: counted('how many of each', 0, 200),
    what: 'lined dishes, by the label of the dish',
  }),
  dough: optional('none', {
    type: 'named',
    of: counted('how many of each', 0, 200),
    what: 'dough for so many pies, by its id',
  }),
  fruit: optional('none', {
    type: 'named',
    of: {
      type: 'number',
      unit: 'g',
      least: 0,
      most: 200_000,
      whole: true,
      remedy: 'Write 0 to 200000 g.',
      what: 'g of each',
    },
    what: 'fruit as it goes into the bowl, by its id',
  }),
} as const;

const slackSchema = {
  readySooner: optional('30', minutes('ready so much sooner than wanted', 0, 240)),
  beforeLoad: optional('10', minutes('room before each run', 0, 60)),
} as const;

const emphasisField = { type: 'choice', of: emphases, what: 'how much it matters' } as const;
const mattersSchema = Object.fromEntries(
  objectiveKinds.map((kind) => [kind, optional('usual', emphasisField)]),
) as {
  readonly [Kind in (typeof objectiveKinds)[number]]: typeof emphasisField & { readonly leftOut: string };
};

/** The file of a bake day: one declaration for its check, its type, its documents and the hash that guards it. */
export const daySchema = {
  format: { type: 'fixed', is: DAY_FORMAT, what: 'says that it is a day' },
  version: { type: 'choice', of: [DAY_VERSION], what: 'of the format' },
  name: optional('no name', { type: 'text', longest: 200, what: 'for people' }),
  zero: { type: 'instant', what: 'the instant that minutes are counted from' },
  timeZone: optional('UTC', {
    type: 'text',
    longest: 80,
    emptyRemedy: 'Write its IANA name.',
    what: 'IANA name, for what the wall shows',
  }),
  earliest: optional('zero, or when somebody comes before that', {
    type: 'minute',
    what: 'nothing is done before',
  }),
  nights: optional('shut from 22:00 to 05:00 while a plan without them is found', {
    type: 'choice',
    of: nightKinds,
    what: 'whether people may be asked to work at night',
  }),
  kitchen: { type: 'part', name: 'DayKitchen', of: kitchenSchema, what: 'hands, ovens and dishes' },
  pies: {
    type: 'list',
    name: 'Wanted',
    of: wantedSchema,
    least: 1,
    most: MOST_PIES,
    empty: { message: 'No pie is wanted.', remedy: 'Write at least one.' },
    what: 'which pies are wanted, how many, when and as what',
  },
  slack: optional('usual', {
    type: 'part',
    name: 'Slack',
    of: slackSchema,
    what: 'room that the plan leaves',
  }),
  matters: optional('as usual', {
    type: 'part',
    name: 'Matters',
    of: mattersSchema,
    what: 'what the plan is to be good at',
  }),
  buying: optional('nothing known', {
    type: 'part',
    name: 'Buying',
    of: buyingSchema,
    what: 'slices of a pie, and what is known of each thing',
  }),
  freezer: optional('empty', {
    type: 'part',
    name: 'Freezer',
    of: freezerSchema,
    what: 'shells by dish, dough and fruit by its id',
  }),
} as const;
export type DayFileSpec = SpecOf<typeof daySchema>;

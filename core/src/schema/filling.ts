import type { SpecOf } from './field.js';
import { optional, orNull } from './field.js';
import { learnedSchema } from './learned.js';

export const fruitStates = ['fresh', 'frozen', 'thawed_drained'] as const;
export type FruitState = (typeof fruitStates)[number];

const fruitCuts = ['thin', 'usual', 'chunks', 'halves'] as const;
export type FruitCut = (typeof fruitCuts)[number];

export const setNames = ['spoonable', 'soft', 'clean_slice', 'in_the_hand'] as const;
export type SetName = (typeof setNames)[number];

export const preparationKinds = ['raw', 'weep', 'hold', 'stew', 'glaze', 'saute'] as const;
export type PreparationKind = (typeof preparationKinds)[number];

export const eatenHow = ['sliced_cold', 'sliced_warm', 'spoon', 'in_hand', 'chilled', 'turned_out'] as const;
export type EatenHow = (typeof eatenHow)[number];

export const saucerResults = ['runs', 'creeps', 'stands'] as const;
export type SaucerResult = (typeof saucerResults)[number];

const fruitPartSchema = {
  fruit: { type: 'row', table: 'fruits', noun: 'fruit', what: 'a fruit of the Larder' },
  share: {
    type: 'number',
    unit: 'ratio',
    least: 0.001,
    most: 100000,
    remedy: 'Give each fruit a part above 0, or take it out.',
    what: 'parts by mass among the fruits of the pie',
  },
  state: { type: 'choice', of: fruitStates, what: 'how it comes to the bench' },
  ripeness: {
    type: 'number',
    unit: 'ratio',
    least: -2,
    most: 2,
    remedy: 'Ripeness runs from -2, firm, to 2, dripping.',
    what: '-2 firm and underripe to 2 dripping',
  },
  cut: {
    type: 'choice',
    of: fruitCuts,
    since: 2,
    what: 'how it is cut: thin (about 3 mm, berries halved), as usual for the fruit, chunks of an inch, halves or quarters',
  },
  cutMm: optional('by the word', {
    type: 'number',
    unit: 'mm',
    least: 1,
    most: 60,
    remedy: 'Pieces are 1 to 60 mm thick.',
    since: 2,
    what: 'thickness of a piece, instead of the word',
  }),
  peeled: { type: 'flag', what: 'peeled' },
} as const;
export interface FruitPart extends SpecOf<typeof fruitPartSchema> {}

const preparationSchema = {
  kind: { type: 'choice', of: preparationKinds, what: 'what is done before it goes in' },
  minutes: optional('the usual', {
    type: 'number',
    unit: 'min',
    least: 1,
    most: 600,
    remedy: 'Minutes of the preparation, 1 to 600.',
    what: 'minutes of weeping, holding, stewing or frying',
  }),
  boilToBrix: optional('the usual', {
    type: 'number',
    unit: 'Brix',
    least: 10,
    most: 70,
    remedy: 'Boil juice down to between 10 and 70 Brix; past 70 it turns to candy.',
    what: 'where boiling down stops',
  }),
  liquidG: optional('none', {
    type: 'number',
    unit: 'g',
    least: 0,
    most: 5000,
    remedy: 'Liquid in g.',
    what: 'water or juice added: for a glaze, or to deglaze',
  }),
  cookedShare: optional('an eighth into a glaze, else all of it', {
    type: 'number',
    unit: 'ratio',
    least: 0,
    most: 1,
    remedy: 'Cook between none and all of the fruit; at most .9 of it into a glaze.',
    what: 'share of the fruit that is cooked; the rest goes in raw',
  }),
} as const;
export interface Preparation extends SpecOf<typeof preparationSchema> {}

const secondSugarSchema = {
  sugar: { type: 'row', table: 'sugars', noun: 'sugar', what: 'another sugar of the Larder' },
  share: {
    type: 'number',
    unit: 'ratio',
    least: 0.01,
    most: 0.99,
    remedy: 'The second sugar is .01 to .99 of all the sugar; else take one alone.',
    what: 'its share of all the sugar, by mass',
  },
} as const;

const sugarSchema = {
  sugar: { type: 'row', table: 'sugars', noun: 'sugar', what: 'a sugar of the Larder' },
  style: {
    type: 'number',
    unit: 'ratio',
    least: 0,
    most: 0.6,
    remedy: 'The style runs from .05, very lean, to .30, very sweet; .6 is the most.',
    what: 'g of white sugar per g of a middling fruit: .05 very lean to .30 very sweet',
  },
  massG: orNull('by the style', {
    type: 'number',
    unit: 'g',
    least: 0,
    most: 10000,
    remedy: 'Weigh the sugar in g, or leave it empty to use the style.',
    what: 'a set amount instead of the style',
  }),
  second: optional('one sugar', {
    type: 'part',
    name: 'SecondSugar',
    of: secondSugarSchema,
    since: 3,
    what: 'a second sugar beside it',
  }),
} as const;
export interface SugarChoice extends SpecOf<typeof sugarSchema> {}

const thickenerPartSchema = {
  thickener: { type: 'row', table: 'thickeners', noun: 'thickener', what: 'a thickener of the Larder' },
  share: {
    type: 'number',
    unit: 'ratio',
    least: 0.001,
    most: 100000,
    remedy: 'Give each thickener a part above 0, or take it out.',
    what: 'parts by mass among the thickeners',
  },
} as const;
export interface ThickenerPart extends SpecOf<typeof thickenerPartSchema> {}

const seasoningPartSchema = {
  seasoning: { type: 'row', table: 'seasonings', noun: 'seasoning', what: 'a seasoning of the Larder' },
  massG: { type: 'number', unit: 'g', least: 0, most: 500, remedy: 'Seasoning in g.', what: 'how much' },
} as const;

const additionPartSchema = {
  addition: {
    type: 'row',
    table: 'additions',
    noun: 'liquid, jam or puree',
    what: 'a liquid, jam or puree of the Larder',
  },
  massG: {
    type: 'number',
    unit: 'g',
    least: 0,
    most: 5000,
    remedy: 'Weigh it in g, 0 to 5000.',
    what: 'how much',
  },
} as const;
export interface AdditionPart extends SpecOf<typeof additionPartSchema> {}

const weepTestSchema = {
  drainedG: {
    type: 'number',
    unit: 'g',
    least: 0,
    most: 100,
    remedy: 'Weigh what drained from 100 g of fruit: 0 to 100 g.',
    what: 'g that drained from 100 g of the prepared fruit with 10 g of sugar after 20 minutes',
  },
} as const;

const saucerTestSchema = {
  result: {
    type: 'choice',
    of: saucerResults,
    what: 'what a spoon of the thickened juice does on a cold saucer',
  },
} as const;

/** What the baker chooses about the filling. Masses in g. */
export const fillingSchema = {
  fruits: { type: 'list', name: 'FruitPart', of: fruitPartSchema, least: 1, most: 6, what: '1 to 6 fruits' },
  fruitMassG: orNull('fills the dish', {
    type: 'number',
    unit: 'g',
    least: 20,
    most: 20000,
    remedy: 'Weigh the prepared fruit in g, or leave it empty to fill the dish.',
    what: 'prepared fruit',
  }),
  heapCm: optional('level, and as high as it lies raw', {
    type: 'number',
    unit: 'cm',
    least: 0,
    most: 15,
    remedy: 'Heap raw fruit 0 to 15 cm over the rim.',
    since: 3,
    what: 'how high raw fruit is to stand over the rim on purpose; more fruit than that is left over',
  }),
  additions: optional('none', {
    type: 'list',
    name: 'AdditionPart',
    of: additionPartSchema,
    least: 0,
    most: 6,
    since: 3,
    what: 'liquids, jams and purees that go in beside the fruit',
  }),
  learned: optional('by the book', {
    type: 'part',
    name: 'LearnedDose',
    of: learnedSchema,
    since: 4,
    what: 'what the log of this kitchen has taught about its set',
  }),
  preparation: { type: 'part', name: 'Preparation', of: preparationSchema, what: 'before it goes in' },
  sugar: { type: 'part', name: 'SugarChoice', of: sugarSchema, what: 'which sugar, and how much' },
  set: { type: 'choice', of: setNames, what: 'how it is to stand' },
  eaten: optional('as its form mostly is', {
    type: 'choice',
    of: eatenHow,
    since: 3,
    what: 'how it is eaten: it tells how long it cools',
  }),
  thickeners: {
    type: 'list',
    name: 'ThickenerPart',
    of: thickenerPartSchema,
    least: 1,
    most: 4,
    what: '1 to 4 thickeners',
  },
  thickenerMassG: orNull('the dose', {
    type: 'number',
    unit: 'g',
    least: 0,
    most: 2000,
    remedy: 'Weigh the thickener in g, or leave it empty for the dose.',
    what: 'the only amount there is, of all thickeners together',
  }),
  lemonJuiceG: {
    type: 'number',
    unit: 'g',
    least: 0,
    most: 1000,
    remedy: 'Lemon juice in g: one lemon gives about 45.',
    what: 'lemon juice',
  },
  lemonZestG: {
    type: 'number',
    unit: 'g',
    least: 0,
    most: 100,
    remedy: 'Zest in g: one lemon gives about 6.',
    what: 'lemon zest',
  },
  bicarbonateG: {
    type: 'number',
    unit: 'g',
    least: 0,
    most: 20,
    remedy: 'A pinch of bicarbonate is .3 g.',
    what: 'bicarbonate',
  },
  butterG: { type: 'number', unit: 'g', least: 0, most: 1000, remedy: 'Butter in g.', what: 'butter' },
  seasonings: {
    type: 'list',
    name: 'SeasoningPart',
    of: seasoningPartSchema,
    least: 0,
    most: 12,
    what: 'spices and salt',
  },
  weepTest: orNull('not made', { type: 'part', name: 'WeepTest', of: weepTestSchema, what: 'the weep test' }),
  saucerTest: orNull('not made', {
    type: 'part',
    name: 'SaucerTest',
    of: saucerTestSchema,
    what: 'the saucer test',
  }),
} as const;
export interface FillingSpec extends SpecOf<typeof fillingSchema> {}

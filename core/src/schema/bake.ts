import type { SpecOf } from './field.js';
import { optional, orNull } from './field.js';

export const ovenKinds = ['still', 'fan'] as const;
export type OvenKind = (typeof ovenKinds)[number];

export const colourNames = ['straw', 'gold', 'deep_gold'] as const;
export type ColourName = (typeof colourNames)[number];

/** What the dish stands on. */
export const beneathKinds = ['rack', 'tray', 'hot_steel'] as const;
export type Beneath = (typeof beneathKinds)[number];

export const rackLevels = ['low', 'middle', 'high'] as const;
export type RackLevel = (typeof rackLevels)[number];

/** Where the oven is hotter than in its middle. */
export const hotSides = ['none', 'back', 'front', 'left', 'right'] as const;
export type HotSide = (typeof hotSides)[number];

/** How the knob is marked: whole steps of C or F, or gas marks. */
export const knobKinds = ['5_c', '10_c', '10_f', '25_f', 'gas'] as const;
export type KnobKind = (typeof knobKinds)[number];

const ovenSchema = {
  label: { type: 'text', longest: 80, what: 'what the oven is called' },
  kind: { type: 'choice', of: ovenKinds, what: 'how it moves its heat' },
  offsetC: {
    type: 'number',
    unit: 'C',
    least: -60,
    most: 60,
    remedy: 'An oven further off than 60 °C wants repair before baking.',
    what: 'how much hotter it is than its knob says; negative: colder',
  },
  warmUpMin: {
    type: 'number',
    unit: 'min',
    least: 1,
    most: 120,
    remedy: 'Warm-up takes 1 to 120 minutes.',
    what: 'minutes until it is hot',
  },
  knob: optional('steps of 5 °C', { type: 'choice', of: knobKinds, what: 'how its knob is marked' }),
  hotSide: optional('none', { type: 'choice', of: hotSides, what: 'where it is hotter than in its middle' }),
} as const;
export interface OvenSpec extends SpecOf<typeof ovenSchema> {}

const stageSchema = {
  tempC: {
    type: 'number',
    unit: 'C',
    least: 120,
    most: 290,
    remedy: 'Bake between 120 and 290 °C.',
    what: 'set-point',
  },
  timeMin: {
    type: 'number',
    unit: 'min',
    least: 0,
    most: 240,
    remedy: 'A stage lasts 0 to 240 minutes.',
    what: 'how long',
  },
} as const;
export interface Stage extends SpecOf<typeof stageSchema> {}

/** A stage as an oven was really set: wider than what a pie is planned with, since what was baked is kept as it was. */
export const recordedStageSchema = {
  tempC: { ...stageSchema.tempC, least: 90, most: 300, remedy: 'Write what the knob said, 90 to 300 °C.' },
  timeMin: { ...stageSchema.timeMin, most: 360, remedy: 'A stage lasts 0 to 360 minutes.' },
} as const;

const chillPlaces = ['fridge', 'freezer'] as const;
export type ChillPlace = (typeof chillPlaces)[number];

const chillSchema = {
  place: { type: 'choice', of: chillPlaces, since: 2, what: 'where it waits' },
  minutes: {
    type: 'number',
    unit: 'min',
    least: 1,
    most: 2880,
    remedy:
      'A pie waits 1 to 2880 minutes in the cold; one frozen through is better said by its temperature.',
    since: 2,
    what: 'how long',
  },
} as const;

/** What R8 of the trade asks of raw pastry before the oven. Common practice, no source. */
export const usualChill = { place: 'fridge', minutes: 25 } as const;

const ovenReadiness = ['hot_through', 'just_reached'] as const;
export type OvenReadiness = (typeof ovenReadiness)[number];

/** What the baker chooses about oven and bake. */
export const bakeSchema = {
  oven: { type: 'part', name: 'Oven', of: ovenSchema, what: 'the oven' },
  colour: { type: 'choice', of: colourNames, what: 'colour wanted of the top' },
  startC: {
    type: 'number',
    unit: 'C',
    least: -30,
    most: 98,
    remedy: 'The pie goes in between -30 °C, frozen, and 98 °C, off the hob.',
    what: 'temperature of the pie when it is built: of the filling, and of all of it when nothing else is said',
  },
  pastryC: optional('as the pie', {
    type: 'number',
    unit: 'C',
    least: -30,
    most: 45,
    remedy: 'Pastry goes on between -30 °C, frozen, and 45 °C.',
    since: 2,
    what: 'temperature of its pastry, when that is another: a frozen shell, a cold lid on a hot filling',
  }),
  chill: optional('straight in', {
    type: 'part',
    name: 'Chill',
    of: chillSchema,
    since: 2,
    what: 'a wait in the cold between building and baking',
  }),
  ready: optional('hot through', {
    type: 'choice',
    of: ovenReadiness,
    since: 2,
    what: 'whether the oven has been hot for a while or has only just reached its heat',
  }),
  beside: optional('none', {
    type: 'number',
    unit: 'count',
    least: 0,
    most: 12,
    whole: true,
    remedy: 'At most 12 other pies beside it.',
    since: 2,
    what: 'other pies in the oven with it',
  }),
  altitudeM: {
    type: 'number',
    unit: 'm',
    least: -400,
    most: 5000,
    remedy: 'Altitude between -400 and 5000 m.',
    what: 'height over the sea',
  },
  beneath: optional('the rack', { type: 'choice', of: beneathKinds, what: 'what the dish stands on' }),
  rack: optional('middle', { type: 'choice', of: rackLevels, what: 'how high in the oven' }),
  singleStage: optional('no', { type: 'flag', what: 'one heat all through' }),
  stages: orNull('Mardle finds them', {
    type: 'pair',
    name: 'Stage',
    of: stageSchema,
    what: 'the baker’s own two stages',
  }),
} as const;
export interface BakeSpec extends SpecOf<typeof bakeSchema> {}

/** An oven that a kitchen keeps, and how many dishes it takes at once. */
export const kitchenOvenSchema = {
  ...ovenSchema,
  label: { ...ovenSchema.label, emptyRemedy: 'Give the oven a name that tells it from the others.' },
  places: {
    type: 'number',
    unit: 'count',
    least: 1,
    most: 40,
    whole: true,
    remedy: 'An oven takes 1 to 40 dishes at once.',
    what: 'dishes that it takes at once',
  },
} as const;

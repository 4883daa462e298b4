import { bakeEventKinds } from '../../bake/index.js';
import type { NumberField, Schema } from '../../schema/index.js';
import {
  bakeRecordLimits,
  optional,
  orNull,
  recordedStageSchema,
  saucerResults,
} from '../../schema/index.js';
import { tastingWords } from './log.js';

export const LOG_FORMAT = 'mardle-log';
export const LOG_VERSION = 1;
const MOST_BAKES = 5000;
const LONGEST_MIN = 24 * 60;
const MOST_COOLED_MIN = 7 * 24 * 60;
const MOST_G = 50_000;

/** What nobody weighed, tapped or said is left out, or null. */
const unknown = 'not known';
const nobodySaid = 'nobody said';

const measured = (what: string, unit: 'g' | 'min' | 'C', least: number, most: number) =>
  optional(
    unknown,
    orNull(unknown, {
      type: 'number',
      unit,
      least,
      most,
      remedy: 'Set it within these limits, or leave it out.',
      what,
    } satisfies NumberField),
  );

const word = <const Words extends readonly string[]>(of: Words, what: string) =>
  optional(nobodySaid, orNull(nobodySaid, { type: 'choice', of, what }));

const nameField = { type: 'text', longest: 80, emptyRemedy: 'Give it a name.' } as const;

const atMin = {
  type: 'number',
  unit: 'min',
  least: 0,
  most: LONGEST_MIN,
  remedy: 'Write minutes from loading, at most a day.',
  what: 'minutes from loading',
} as const;

const { probeC } = bakeRecordLimits;

const tastingSchema = {
  cooledMin: measured('minutes from the oven to the knife', 'min', 0, MOST_COOLED_MIN),
  stands: optional('true', {
    type: 'flag',
    what: 'true when a set that nobody expected was meant; false leaves it out',
  }),
  set: word(tastingWords.set, 'how it stood'),
  sweetness: word(tastingWords.sweetness, 'how sweet it was'),
  base: word(tastingWords.base, 'how the base was'),
  top: word(tastingWords.top, 'how dark the top was'),
  fruit: word(tastingWords.fruit, 'how soft the fruit was'),
  gap: word(tastingWords.gap, 'the gap under the lid'),
  leak: word(tastingWords.leak, 'whether it ran over'),
  crust: word(tastingWords.crust, 'how the crust was'),
} as const satisfies Schema;

const bakeSchema = {
  id: { ...nameField, what: 'a name of its own' },
  season: optional('all one season', {
    ...nameField,
    what: 'fruit of one season is alike: mostly the year',
  }),
  plan: { type: 'pie_file', what: 'a whole pie file of any version' },
  stages: optional(
    'the plan’s own, or those that Mardle finds',
    orNull('the plan’s own, or those that Mardle finds', {
      type: 'pair',
      name: 'RecordedStage',
      of: recordedStageSchema,
      what: 'the two stages the oven was set to; at one heat the second is as hot as the first',
    }),
  ),
  oven: optional('the plan’s', { ...nameField, what: 'name of the oven' }),
  weighed: optional(
    unknown,
    orNull(unknown, {
      type: 'part',
      name: 'Weighed',
      of: {
        thickenerG: measured('thickener as it went in', 'g', 0, MOST_G),
        sugarG: measured('sugar as it went in', 'g', 0, MOST_G),
        inG: measured('the pie in its dish before the oven', 'g', 0, MOST_G),
        outG: measured('the pie in its dish after the oven', 'g', 0, MOST_G),
      },
      what: 'what stood on the scale',
    }),
  ),
  weepTest: optional(
    'the plan’s',
    orNull('the plan’s', {
      type: 'part',
      name: 'WeepTest',
      of: { drainedG: measured('from 100 g of fruit with 10 g of sugar in twenty minutes', 'g', 0, 100) },
      what: 'what drained',
    }),
  ),
  saucerTest: optional(
    'the plan’s',
    orNull('the plan’s', {
      type: 'part',
      name: 'SaucerTest',
      of: { result: word(saucerResults, 'how the juice stood on a cold saucer') },
      what: 'what the saucer said',
    }),
  ),
  events: optional(
    'nothing tapped',
    orNull('nothing tapped', {
      type: 'list',
      name: 'LoggedEvent',
      of: { kind: { type: 'choice', of: bakeEventKinds, what: 'what was tapped' }, atMin },
      least: 0,
      most: bakeRecordLimits.events,
      what: 'what was tapped, each with kind and atMin',
    }),
  ),
  readings: optional(
    'no probe',
    orNull('no probe', {
      type: 'list',
      name: 'LoggedReading',
      of: {
        atMin,
        fillingC: measured('in the filling', 'C', probeC.least, probeC.most),
        airC: measured('in the air of the oven', 'C', probeC.least, probeC.most),
      },
      least: 0,
      most: bakeRecordLimits.readings,
      what: 'what the probe read, each with atMin and fillingC, airC or both',
    }),
  ),
  tasting: optional(
    'nobody said',
    orNull('nobody said', {
      type: 'part',
      name: 'LoggedTasting',
      of: tastingSchema,
      what: 'what was said of the slice',
    }),
  ),
} as const satisfies Schema;

/** The file of a log: one declaration for its check, its type, its documents and the hash that guards it. */
export const logSchema = {
  format: { type: 'fixed', is: LOG_FORMAT, what: 'says that it is a log' },
  version: { type: 'choice', of: [LOG_VERSION], what: 'of the format' },
  name: optional('no name', { type: 'text', longest: 200, what: 'for people' }),
  bakes: {
    type: 'list',
    name: 'LoggedBake',
    of: bakeSchema,
    least: 0,
    most: MOST_BAKES,
    what: 'a list of bakes, the oldest first',
  },
} as const satisfies Schema;

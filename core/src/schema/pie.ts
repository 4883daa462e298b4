import { ownFruitFigures, ownThickenerFigures } from '../larder/index.js';
import { bakeSchema } from './bake.js';
import { dishSchema } from './dish.js';
import type { SpecOf } from './field.js';
import { optional } from './field.js';
import { fillingSchema } from './filling.js';
import { formSchema } from './form.js';
import { pastrySchema } from './pastry.js';

/** Name and version of the plain-data form of a pie; see docs/plan-format.md. */
export const SPEC_FORMAT = 'mardle-pie';
export const SPEC_VERSION = 6;

export const ownFruitSchema = {
  id: {
    type: 'text',
    longest: 60,
    emptyRemedy: 'Give the fruit an id of its own.',
    what: 'id; that of a built-in fruit for own figures of it',
  },
  label: { type: 'text', longest: 80, emptyRemedy: 'Give the fruit a name.', what: 'what it is called' },
  like: { type: 'text', longest: 60, what: 'the built-in fruit whose figures stand in for those not given' },
  figures: { type: 'figures', of: ownFruitFigures, what: 'its own figures' },
} as const;

export const ownThickenerSchema = {
  id: {
    type: 'text',
    longest: 60,
    emptyRemedy: 'Give the thickener an id of its own.',
    what: 'id; that of a built-in thickener for own figures of it',
  },
  label: { type: 'text', longest: 80, emptyRemedy: 'Give the thickener a name.', what: 'what it is called' },
  like: {
    type: 'text',
    longest: 60,
    what: 'the built-in thickener whose figures stand in for those not given',
  },
  figures: { type: 'figures', of: ownThickenerFigures, what: 'its own figures' },
} as const;

const FLOUR_REMEDY = 'A cup of flour weighs 80 to 200 g: sifted is light, pressed is heavy.';
/** What a cup of the kitchen's flour weighs, as the kitchen fills it. */
export const flourCupField = {
  type: 'number',
  unit: 'g',
  least: 80,
  most: 200,
  remedy: FLOUR_REMEDY,
  what: 'what a cup of flour weighs, as this kitchen fills it',
} as const;

/** Everything the baker chooses about one pie, each field once. */
export const pieSchema = {
  format: { type: 'fixed', is: SPEC_FORMAT, what: 'always this word' },
  version: {
    type: 'number',
    unit: 'count',
    least: 1,
    most: SPEC_VERSION,
    whole: true,
    remedy: 'Update Mardle; the file is left as it is.',
    what: 'version of this file; older ones are brought forward when they are opened',
  },
  name: { type: 'text', longest: 120, emptyRemedy: 'Give the pie a name.', what: 'what the pie is called' },
  form: { type: 'part', name: 'Form', of: formSchema, what: 'form of the pie' },
  dish: { type: 'part', name: 'Dish', of: dishSchema, what: 'the dish, by inside measures' },
  filling: { type: 'part', name: 'Filling', of: fillingSchema, what: 'the filling' },
  pastry: { type: 'part', name: 'Pastry', of: pastrySchema, what: 'the pastry' },
  bake: { type: 'part', name: 'BakeSpec', of: bakeSchema, what: 'oven and bake' },
  ownFruits: {
    type: 'list',
    name: 'OwnFruit',
    of: ownFruitSchema,
    least: 0,
    most: 100,
    what: 'figures of the kitchen’s own that this pie is planned with',
  },
  ownThickeners: optional('none', {
    type: 'list',
    name: 'OwnThickener',
    of: ownThickenerSchema,
    least: 0,
    most: 20,
    since: 5,
    what: 'thickeners of the kitchen’s own that this pie is planned with',
  }),
  flourCupG: optional('130 g', { ...flourCupField, since: 5 }),
} as const;

/** Everything the baker chose about one pie, and nothing computed. */
export interface PieSpec extends SpecOf<typeof pieSchema> {}

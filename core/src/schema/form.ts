import type { PartField, SpecOf } from './field.js';
import { crumbAmountsSchema, toppingAmountsField } from './amounts.js';
import { optional } from './field.js';

/** Every form of pie there is. A new one begins here; the compiler then names all that it is missing. */
export const formKinds = [
  'double_crust',
  'lattice',
  'cut_out',
  'crumb_top',
  'free_form',
  'open_shell',
  'crisp',
  'cobbler',
  'buckle',
  'pandowdy',
  'upside_down',
  'hand_pie',
] as const;
export type FormKind = (typeof formKinds)[number];

export const latticeAngles = [90, 60, 45] as const;
export const stripStyles = ['straight', 'twisted', 'plaited'] as const;
export type StripStyle = (typeof stripStyles)[number];
export const cutOutShapes = ['disc', 'leaf', 'petal', 'scallop'] as const;
export type CutOutShape = (typeof cutOutShapes)[number];

const latticeSchema = {
  strips: {
    type: 'number',
    unit: 'count',
    least: 2,
    most: 15,
    whole: true,
    remedy: 'Between 2 and 15 strips each way.',
    what: 'strips across the width of the top; as many the other way as keep the same pitch',
  },
  widthCm: {
    type: 'number',
    unit: 'cm',
    least: 0.5,
    most: 6,
    remedy: 'Strips are .5 to 6 cm wide.',
    what: 'width of a strip',
  },
  secondWidthCm: optional('all alike', {
    type: 'number',
    unit: 'cm',
    least: 0.5,
    most: 6,
    remedy: 'Every second strip is .5 to 6 cm wide.',
    what: 'width of every second strip',
  }),
  angleDeg: {
    type: 'choice',
    of: latticeAngles as readonly number[],
    what: 'angle between the two ways; 90 on a dish that is not round',
  },
  style: optional('straight', { type: 'choice', of: stripStyles, what: 'how strips are laid' }),
} as const;
export interface LatticeSpec extends SpecOf<typeof latticeSchema> {}

const partTo100 = (what: string, most: number) =>
  ({
    type: 'number',
    unit: 'ratio',
    least: 0,
    most,
    remedy: `Parts to 100 of flour, by mass: 0 to ${most}.`,
    what: `${what}, parts to 100 of flour`,
  }) as const;

const ownCrumbSchema = {
  butter: partTo100('butter', 300),
  sugar: partTo100('sugar', 400),
  oats: partTo100('rolled oats', 400),
  nuts: partTo100('chopped nuts', 400),
  salt: partTo100('salt', 10),
  spice: partTo100('spice', 20),
} as const;
export interface OwnCrumb extends SpecOf<typeof ownCrumbSchema> {}

const crumbSchema = {
  school: { type: 'row', table: 'crumbs', noun: 'crumb', what: 'school of crumb, as in the Larder' },
  cover: {
    type: 'number',
    unit: 'ratio',
    least: 0.3,
    most: 3,
    remedy: 'Cover is 1 for the usual crumb; .3 to 3.',
    what: 'times the usual cover',
  },
  lumpCm: optional('fine', {
    type: 'number',
    unit: 'cm',
    least: 0.2,
    most: 3,
    remedy: 'Lumps of crumb are .2 to 3 cm.',
    what: 'how large the lumps are',
  }),
  own: optional('as the school has it', {
    type: 'part',
    name: 'OwnCrumb',
    of: ownCrumbSchema,
    since: 3,
    what: 'a mix of your own instead of that of the school',
  }),
  amounts: optional('as much as covers it', {
    type: 'part',
    name: 'CrumbAmounts',
    of: crumbAmountsSchema,
    since: 6,
    what: 'what is mixed, by its amounts: they stay as they are, and what they cover follows',
  }),
} as const;
export interface CrumbSpec extends SpecOf<typeof crumbSchema> {}

const cutOutSchema = {
  shape: { type: 'choice', of: cutOutShapes, what: 'shape of a piece' },
  sizeCm: {
    type: 'number',
    unit: 'cm',
    least: 2,
    most: 15,
    remedy: 'A cut-out is 2 to 15 cm long.',
    what: 'length of a piece',
  },
} as const;
export interface CutOutSpec extends SpecOf<typeof cutOutSchema> {}

const freeFormSchema = {
  discCm: {
    type: 'number',
    unit: 'cm',
    least: 14,
    most: 60,
    remedy: 'Roll a disc of 14 to 60 cm.',
    what: 'across the rolled disc',
  },
  borderCm: {
    type: 'number',
    unit: 'cm',
    least: 1,
    most: 10,
    remedy: 'Fold in a border of 1 to 10 cm.',
    what: 'how much of it is folded in over the fruit',
  },
} as const;
export interface FreeFormSpec extends SpecOf<typeof freeFormSchema> {}

const shellSchema = {
  weightsMin: {
    type: 'number',
    unit: 'min',
    least: 0,
    most: 60,
    remedy: 'Weights stay in 0 to 60 minutes.',
    what: 'minutes that weights stay in the empty shell; 0 bakes it without',
  },
} as const;
interface ShellSpec extends SpecOf<typeof shellSchema> {}

/** A scone dough or batter of one's own. */
const ownToppingSchema = {
  butter: partTo100('butter', 300),
  sugar: partTo100('sugar', 300),
  milk: partTo100('milk or other liquid', 300),
  egg: partTo100('egg without its shell', 200),
  leaven: partTo100('baking powder', 15),
  salt: partTo100('salt', 10),
  spice: partTo100('spice', 20),
} as const;
export interface OwnTopping extends SpecOf<typeof ownToppingSchema> {}

const cobblerSchema = {
  cover: {
    type: 'number',
    unit: 'ratio',
    least: 0.3,
    most: 1,
    remedy: 'Scones cover .3 to 1 of the top.',
    what: 'share of the top under scones',
  },
  own: optional('scones as in the Larder', {
    type: 'part',
    name: 'OwnTopping',
    of: ownToppingSchema,
    since: 3,
    what: 'a scone dough of your own',
  }),
  amounts: toppingAmountsField,
} as const;
export interface CobblerSpec extends SpecOf<typeof cobblerSchema> {}

const buckleSchema = {
  perFruit: {
    type: 'number',
    unit: 'ratio',
    least: 0.7,
    most: 3,
    remedy: 'Batter weighs .7 to 3 times the fruit.',
    since: 3,
    what: 'batter by mass, times the fruit',
  },
  own: optional('batter as in the Larder', {
    type: 'part',
    name: 'OwnTopping',
    of: ownToppingSchema,
    since: 3,
    what: 'a batter of your own',
  }),
  amounts: toppingAmountsField,
  streusel: optional('none', {
    type: 'part',
    name: 'Crumb',
    of: crumbSchema,
    since: 5,
    what: 'streusel strewn over the batter, a crumb as in the Larder',
  }),
} as const;
export interface BuckleSpec extends SpecOf<typeof buckleSchema> {}

const handPieSchema = {
  discCm: {
    type: 'number',
    unit: 'cm',
    least: 8,
    most: 25,
    remedy: 'Cut discs of 8 to 25 cm.',
    what: 'across each disc',
  },
  count: {
    type: 'number',
    unit: 'count',
    least: 1,
    most: 60,
    whole: true,
    remedy: 'Make 1 to 60 hand pies.',
    what: 'how many hand pies',
  },
} as const;
export interface HandPieSpec extends SpecOf<typeof handPieSchema> {}

const part = <const F extends PartField>(field: F): F & { readonly leftOut: string } =>
  optional('the usual', field);

/** What the baker chooses about the form. What another form chose is kept, so that going back finds it again. */
export const formSchema = {
  kind: { type: 'choice', of: formKinds, what: 'form of the pie' },
  vents: {
    type: 'number',
    unit: 'count',
    least: 0,
    most: 40,
    remedy: 'Cut between 0 and 40 vents.',
    what: 'slits cut in a lid',
  },
  ventLengthCm: {
    type: 'number',
    unit: 'cm',
    least: 0,
    most: 12,
    remedy: 'A vent is at most 12 cm long.',
    what: 'how long each slit is',
  },
  lattice: part({ type: 'part', name: 'Lattice', of: latticeSchema, what: 'strips of a lattice' }),
  crumb: part({ type: 'part', name: 'Crumb', of: crumbSchema, what: 'crumb of a crumb top or crisp' }),
  cutOut: part({ type: 'part', name: 'CutOut', of: cutOutSchema, what: 'pieces of a cut-out lid' }),
  freeForm: part({ type: 'part', name: 'FreeForm', of: freeFormSchema, what: 'disc of a free-form pie' }),
  shell: part({ type: 'part', name: 'Shell', of: shellSchema, what: 'blind-baking of an open shell' }),
  cobbler: part({ type: 'part', name: 'Cobbler', of: cobblerSchema, what: 'scones of a cobbler' }),
  buckle: part({ type: 'part', name: 'Buckle', of: buckleSchema, since: 3, what: 'batter of a buckle' }),
  handPie: part({ type: 'part', name: 'HandPie', of: handPieSchema, what: 'discs of hand pies' }),
} as const;
export interface FormSpec extends SpecOf<typeof formSchema> {}

export const usualLattice: LatticeSpec = { strips: 6, widthCm: 2, angleDeg: 90 };
export const usualCrumb: CrumbSpec = { school: 'rubbed', cover: 1 };
export const usualCutOut: CutOutSpec = { shape: 'disc', sizeCm: 5 };
export const usualFreeForm: FreeFormSpec = { discCm: 34, borderCm: 5 };
export const usualShell: ShellSpec = { weightsMin: 25 };
export const usualCobbler: CobblerSpec = { cover: 0.65 };
/** Common practice, no source: more batter than fruit by two fifths. */
export const usualBuckle: BuckleSpec = { perFruit: 1.4 };
/** Common practice, no source: about half of what covers a crumb top, so that the batter can rise through it. */
export const usualStreusel: CrumbSpec = { school: 'rubbed', cover: 0.6 };
export const usualHandPie: HandPieSpec = { discCm: 14, count: 8 };

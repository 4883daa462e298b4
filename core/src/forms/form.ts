import type { DoneRule, FillingBody, TopBody } from '../bake/index.js';
import type {
  Build,
  Drawing,
  FillHeights,
  Outline,
  Rolled,
  TemplateText,
  Top,
  Vessel,
} from '../geometry/index.js';
import type { Filling } from '../filling/index.js';
import type { CareId, Larder } from '../larder/index.js';
import type {
  DishSpec,
  EatenHow,
  FieldProblem,
  FillingSpec,
  FormKind,
  FormSpec,
  PastrySpec,
  PieSpec,
} from '../schema/index.js';
import type { Figure } from '../units/index.js';
import type { Advice, Station } from './advice.js';
import type { SlipLine } from './slip-line.js';

/** What a top is made on: the choices, and the fruit under it. */
export interface TopOn {
  readonly form: FormSpec;
  readonly dish: DishSpec;
  readonly pastry: PastrySpec;
  /** How far the raw heap stands over the rim. */
  readonly moundCm: number;
  readonly fruitG: number;
  readonly larder: Larder;
}

/** What a top is figured and baked with. */
export interface TopBeside {
  readonly form: FormSpec;
  /** The vessel as a dish. */
  readonly dish: DishSpec;
  readonly pastry: PastrySpec;
  readonly larder: Larder;
}

/** All that is known about one sort of top. */
export interface TopRules<T extends Top = Top> {
  /** How much of an open surface's evaporation it lets through. */
  evaporates(top: T): number;
  /** Dough in g that it takes, and what of it lies on the pie in the end. */
  doughG(top: T): number;
  liesG(top: T, pastry: PastrySpec): number;
  figures(top: T, beside: TopBeside): Figure[];
  /** As the oven meets it; null when nothing lies over the filling. */
  body(top: T, build: Build, beside: TopBeside): TopBody | null;
  /** Factor on the rate of browning of bare pastry. */
  browning(top: T, beside: TopBeside): number;
  /** What to weigh for it beside dough and wash. */
  slipLines(top: T, larder: Larder): SlipLine[];
  /** What is cut for it, at true size. */
  templates(top: T, dishTop: Outline, say: TemplateText): Drawing[];
  advice(top: T, context: BuiltContext): Advice[];
  /** Allergens in it beside dough and wash. */
  contains(form: FormSpec, larder: Larder): readonly string[];
}

/** A form taken up, and in words what had to change with it. */
export interface TakenUp {
  readonly spec: PieSpec;
  readonly changes: readonly string[];
}

/** By what a baker sees that it is done: bubbles of its juice, a clean skewer, or its colour. */
export type SeenDone = 'bubbles' | 'skewer' | 'colour';

/** All that a form of pie is. */
export interface Form {
  readonly kind: FormKind;
  readonly label: string;
  /** Pastry lies under the filling. */
  readonly lined: boolean;
  /** Share of the dish that fruit may take, the rest being for what rises over it. */
  readonly room: number;
  /** A thickener holds the juice; else batter or caramel does. */
  readonly thickened: boolean;
  /** Where the fruit lies: in a dish, on a flat sheet, or folded into parcels. */
  readonly filled: 'dish' | 'sheet' | 'parcel';
  /** Its top is pastry and takes a wash. */
  readonly washed: boolean;
  /** Bakers turn it half way whatever the oven is like. Common practice, no source. */
  readonly turned: boolean;

  vessel(form: FormSpec, dish: DishSpec): Vessel;
  heights(vessel: Vessel, allMl: number): FillHeights;
  /** The sheet under the filling when it is made here, and how its size is reckoned. */
  base(form: FormSpec, dish: DishSpec, pastry: PastrySpec): Rolled | null;
  readonly baseRule: string;
  /** Batter takes room of its own beside the fruit, mL raw. */
  batterMl(fruitG: number, form: FormSpec): number;
  /** A lid stands where the raw heap lifted it; all other tops sink with the fruit. */
  readonly leavesGap: boolean;

  /** What goes over the filling, and its rules. Throws for rows that the larder lacks; checking finds them first. */
  makeTop(on: TopOn): Top;
  readonly top: TopRules;

  /** What is wrong with its choices beyond their limits. */
  check(spec: PieSpec): FieldProblem[];
  /** Whether a dish will do for it, and the built-in one to take when none will. */
  suits(dish: DishSpec, form: FormSpec): boolean;
  readonly readyDish: string;
  /** What taking it up changes in a spec, and leaving it for another form. */
  takeUp(spec: PieSpec): TakenUp;
  leave(spec: PieSpec): TakenUp;

  /** Minutes that its filling bubbles, until the bake is simulated. */
  readonly bubblingMin: number;
  /** The filling goes in cold after the bake: only its shell is baked. */
  filledCold(filling: FillingSpec): boolean;
  /** It is mostly baked at one heat: a thin or loosely covered filling. */
  readonly oneHeat: boolean;
  /** The heat of a still oven that practice takes when it takes one, C. */
  readonly singleC: number;
  /** Its base was baked blind before the filling went in. */
  readonly baseBaked: boolean;
  /** Minutes from the oven until it leaves its dish; null when it cools in it. */
  readonly turnedOutMin: number | null;
  readonly seenDone: SeenDone;
  /** What to look for then, as a question. */
  readonly lookWords: string;
  /** When it is done, when that is not told by its filling. */
  readonly done: DoneRule | null;
  /** Its filling as the oven meets it, from that of the fruit alone. */
  fillingBody(fruit: FillingBody, filling: Filling, build: Build): FillingBody;
  /** Where its filling sets, C, when that is not told by the thickener. */
  readonly setsAtC: number | null;

  /** Hands for the top: words and minutes. */
  readonly topWork: string;
  readonly topMin: number;
  /** Minutes to mix what of its top is not pastry; 0 where all of it is. */
  toppingMin(form: FormSpec): number;
  /** Rests in the cold between top and oven. */
  readonly restsCold: boolean;
  /** What hands do to it half way through the bake beside turning it; empty for nothing. */
  readonly midBakeWork: string;

  /** How it is mostly eaten. */
  readonly eaten: EatenHow;

  /** What to say about its choices, beside what its top says. */
  advice(context: BuiltContext): Advice[];
  /** Cautions where the work is. */
  readonly care: readonly (readonly [Station, ...CareId[]])[];
  /** The sheet under the filling, to cut at true size. */
  baseTemplates(base: Rolled, top: Top, say: TemplateText): Drawing[];
}

/** What every sum of a plan stands on: the spec, the larder it draws on, the form it names. */
export interface PlanContext {
  readonly spec: PieSpec;
  readonly larder: Larder;
  readonly form: Form;
}

/** The same with filling and build worked out. */
export interface BuiltContext extends PlanContext {
  readonly filling: Filling;
  readonly build: Build;
}

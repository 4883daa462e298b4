import { makeTable } from '../../units/index.js';
import type { crustWords, PiePart } from '../log/index.js';
import type { Measure, Quality } from './quality.js';
import type { QuestionId } from './questions.js';

export const causeIds = [
  'juicy_fruit',
  'dry_fruit',
  'short_dose',
  'heavy_dose',
  'thinned_starch',
  'cut_warm',
  'out_early',
  'oven_cold',
  'oven_hot',
  'no_foil',
  'warm_filling',
  'cold_base',
  'raw_heap',
  'shut_lid',
  'overfull',
  'warm_dough',
  'worked_dough',
  'ripe_fruit',
  'short_sugar',
  'heavy_sugar',
] as const;
export type CauseId = (typeof causeIds)[number];

/** A cause of a fault: what it does to a slice and to what is measured, and what would mend it. Sizes are estimates. */
export interface Cause {
  readonly id: CauseId;
  readonly label: string;
  readonly remedy: string;
  /** How often it stands behind a poor slice, beside the others. */
  readonly often: number;
  /** Parts of a pie without which it cannot be. */
  readonly needs: readonly PiePart[];
  readonly shifts: Partial<Readonly<Record<Quality, number>>>;
  readonly measured: Partial<Readonly<Record<Measure, number>>>;
  /** How often the crust comes out so. */
  readonly crust: Readonly<Record<(typeof crustWords)[number], number>>;
  /** How likely the answer to a question is yes. */
  readonly yes: Partial<Readonly<Record<QuestionId, number>>>;
}

const usualCrust = { right: 0.9, tough: 0.05, shrunk: 0.05 } as const;

type Row = Omit<Cause, 'id' | 'crust'> & Partial<Pick<Cause, 'crust'>>;

const rows: Readonly<Record<CauseId, Row>> = {
  juicy_fruit: {
    label: 'The fruit let go more juice than was reckoned with',
    remedy: 'Make a weep test before the next one: twenty minutes, and the dose follows the fruit.',
    often: 1.6,
    needs: [],
    shifts: { set: -0.5, base: -0.4, gap: 0.2, leak: 0.25 },
    measured: { weepLn: 0.4, bubblingMin: 3 },
    yes: { stood_in_juice: 0.85 },
  },
  dry_fruit: {
    label: 'The fruit let go less juice than was reckoned with',
    remedy: 'Make a weep test before the next one; drier fruit takes less thickener.',
    often: 0.8,
    needs: ['thickener'],
    shifts: { set: 0.45, gap: -0.1 },
    measured: { weepLn: -0.4 },
    yes: { stood_in_juice: 0.08 },
  },
  short_dose: {
    label: 'Less thickener went in than was planned',
    remedy: 'Weigh the thickener; a spoon of starch can be a third short.',
    often: 1,
    needs: ['thickener'],
    shifts: { set: -0.5 },
    measured: { thickenerLn: -0.35 },
    yes: { by_spoon: 0.85 },
  },
  heavy_dose: {
    label: 'More thickener went in than was planned',
    remedy: 'Weigh the thickener; a heaped spoon holds half as much again.',
    often: 0.9,
    needs: ['thickener'],
    shifts: { set: 0.5 },
    measured: { thickenerLn: 0.35 },
    yes: { by_spoon: 0.85 },
  },
  thinned_starch: {
    label: 'Acid or long boiling thinned the starch',
    remedy: 'Take tapioca for very sour fruit, or bake it shorter once it bubbles.',
    often: 0.5,
    needs: ['thickener', 'bake'],
    shifts: { set: -0.5, fruit: 0.2 },
    measured: { outMin: 10, bubblingMin: -4 },
    yes: { thick_then_thin: 0.8 },
  },
  cut_warm: {
    label: 'It was cut before it had cooled',
    remedy: 'Wait: the same pie stands by itself when it is cold. Eat this one with a spoon.',
    often: 1.2,
    needs: [],
    shifts: {},
    measured: {},
    yes: { firmer_next_day: 0.92 },
  },
  out_early: {
    label: 'It came out before it had bubbled through',
    remedy: 'Leave it until thick bubbles stand all over; lay foil over a top that is golden before.',
    often: 1.1,
    needs: ['bake'],
    shifts: { set: -0.35, base: -0.8, top: -0.35, fruit: -0.65 },
    measured: { outMin: -12, lostLn: -0.3 },
    yes: { saw_thick_bubbles: 0.1 },
  },
  oven_cold: {
    label: 'The oven was colder than its knob said',
    remedy: 'Put a thermometer in it, and tell Mardle how far off it is.',
    often: 1,
    needs: ['bake'],
    shifts: { set: -0.25, base: -0.7, top: -0.75, fruit: -0.55 },
    measured: { bubblingMin: 11, goldenMin: 12, lostLn: -0.25 },
    yes: { saw_thick_bubbles: 0.35, other_pies_pale: 0.85 },
  },
  oven_hot: {
    label: 'The oven was hotter than its knob said',
    remedy: 'Put a thermometer in it, and tell Mardle how far off it is.',
    often: 1,
    needs: ['bake'],
    shifts: { set: 0.1, base: 0.8, top: 0.8, fruit: 0.5, leak: 0.3 },
    measured: { bubblingMin: -8, goldenMin: -9, lostLn: 0.25 },
    yes: { other_pies_pale: 0.04, foil_laid: 0.5 },
  },
  no_foil: {
    label: 'The top went on browning with nothing over it',
    remedy: 'Lay loose foil over it when it is golden.',
    often: 0.7,
    needs: ['bake'],
    shifts: { top: 0.85 },
    measured: {},
    yes: { foil_laid: 0.05 },
  },
  warm_filling: {
    label: 'The filling was warm when it went in',
    remedy: 'Let the filling cool before the pastry meets it.',
    often: 0.9,
    needs: ['base', 'bake'],
    shifts: { base: -1.1, gap: 0.2 },
    measured: { bubblingMin: -4 },
    crust: { right: 0.35, tough: 0.1, shrunk: 0.55 },
    yes: { filling_warm: 0.93 },
  },
  cold_base: {
    label: 'The base got too little heat from beneath',
    remedy: 'Begin hotter, set the dish low on hot steel, or take a dark tin.',
    often: 1.1,
    needs: ['base', 'bake'],
    shifts: { base: -1.1 },
    measured: {},
    yes: { cold_tray: 0.8 },
  },
  raw_heap: {
    label: 'Raw firm fruit was heaped high and sank',
    remedy: 'Let the fruit weep and drain first, or hold it warm: it sinks before the lid is on.',
    often: 1,
    needs: ['raw_fruit', 'bake'],
    shifts: { gap: 1.35 },
    measured: {},
    yes: { heaped: 0.92, vents_open: 0.9 },
  },
  shut_lid: {
    label: 'Steam could not get out through the lid',
    remedy: 'Cut vents that stay open: 1 to 2 % of the lid.',
    often: 0.8,
    needs: ['lid', 'bake'],
    shifts: { gap: 1, leak: 1.1, base: -0.2 },
    measured: { lostLn: -0.15 },
    yes: { vents_open: 0.08, heaped: 0.4 },
  },
  overfull: {
    label: 'There was more filling than the dish bears',
    remedy: 'Fill to the rim and keep the rest for a small one.',
    often: 0.8,
    needs: ['bake'],
    shifts: { leak: 1.3, fruit: -0.15 },
    measured: {},
    yes: { over_rim: 0.92, vents_open: 0.9 },
  },
  warm_dough: {
    label: 'The dough was warm when it went in',
    remedy: 'Chill the built pie twenty minutes; dough that softens goes back to the cold.',
    often: 0.9,
    needs: ['pastry'],
    shifts: { leak: 0.15 },
    measured: {},
    crust: { right: 0.05, tough: 0.1, shrunk: 0.85 },
    yes: { dough_soft: 0.9, filling_warm: 0.15 },
  },
  worked_dough: {
    label: 'The dough was worked or wetted too much',
    remedy: 'Less water, fewer strokes, and an hour of rest before it is rolled.',
    often: 0.9,
    needs: ['pastry'],
    shifts: { base: 0.3 },
    measured: {},
    crust: { right: 0.05, tough: 0.88, shrunk: 0.07 },
    yes: { dough_soft: 0.2 },
  },
  ripe_fruit: {
    label: 'The fruit was riper, or cut smaller, than was said',
    remedy: 'Say how ripe it is; cut soft fruit larger, and bake it shorter.',
    often: 0.8,
    needs: [],
    shifts: { fruit: 1.15, set: -0.2 },
    measured: { weepLn: 0.2 },
    yes: { stood_in_juice: 0.6 },
  },
  short_sugar: {
    label: 'Less sugar went in than this fruit wants here',
    remedy: 'Weigh it, or taste the filling before it goes in.',
    often: 0.6,
    needs: [],
    shifts: { sweetness: -0.5 },
    measured: { sugarLn: -0.3 },
    yes: {},
  },
  heavy_sugar: {
    label: 'More sugar went in than this fruit wants here',
    remedy: 'Weigh it, or taste the filling before it goes in.',
    often: 0.6,
    needs: [],
    shifts: { sweetness: 0.5, set: -0.05 },
    measured: { sugarLn: 0.3 },
    yes: {},
  },
};

export const causes = makeTable<Cause>(
  Object.fromEntries(causeIds.map((id) => [id, { crust: usualCrust, ...rows[id] }])),
);

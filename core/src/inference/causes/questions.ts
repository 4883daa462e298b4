import { makeTable } from '../../units/index.js';

/** What a baker can still be asked when something went wrong. */
export const questionIds = [
  'stood_in_juice',
  'by_spoon',
  'thick_then_thin',
  'firmer_next_day',
  'saw_thick_bubbles',
  'other_pies_pale',
  'foil_laid',
  'filling_warm',
  'cold_tray',
  'heaped',
  'vents_open',
  'over_rim',
  'dough_soft',
] as const;
export type QuestionId = (typeof questionIds)[number];

interface Question {
  readonly id: QuestionId;
  readonly text: string;
  /** How often it is yes whatever went wrong. Estimates. */
  readonly usually: number;
}

const rows: Readonly<Record<QuestionId, Omit<Question, 'id'>>> = {
  stood_in_juice: { text: 'Did the fruit stand in a lot of juice before it was baked?', usually: 0.3 },
  by_spoon: { text: 'Was the thickener measured by the spoon?', usually: 0.25 },
  thick_then_thin: { text: 'Was the juice thick in the oven and thin later?', usually: 0.12 },
  firmer_next_day: { text: 'Did the rest of it stand firmer when it was cold?', usually: 0.35 },
  saw_thick_bubbles: { text: 'Did you see thick bubbles all over before it came out?', usually: 0.85 },
  other_pies_pale: { text: 'Do other bakes come out of this oven pale or late?', usually: 0.15 },
  foil_laid: { text: 'Was foil laid over it when it was golden?', usually: 0.5 },
  filling_warm: { text: 'Was the filling still warm when the pie was filled?', usually: 0.12 },
  cold_tray: { text: 'Did the dish stand on a tray that was not hot, or high in the oven?', usually: 0.25 },
  heaped: { text: 'Was raw firm fruit heaped well over the rim?', usually: 0.3 },
  vents_open: { text: 'Were the vents still open at the end?', usually: 0.85 },
  over_rim: { text: 'Did the filling stand over the rim of the dish?', usually: 0.2 },
  dough_soft: { text: 'Had the dough gone soft when the pie went in?', usually: 0.15 },
};

export const questions = makeTable<Question>(rows);

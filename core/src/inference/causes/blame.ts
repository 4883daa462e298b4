import { chanceFrom, normalFrom } from '../../units/index.js';
import { normalDensity, wordChances } from '../statistics/index.js';
import { goodWords, tastingWords } from '../log/index.js';
import type { Cause, CauseId } from './causes.js';
import { causes } from './causes.js';
import type { FaultEvidence } from './evidence-of.js';
import type { Quality } from './quality.js';
import { measures, measureScatter, qualities, qualityScales } from './quality.js';
import type { QuestionId } from './questions.js';
import { questionIds, questions } from './questions.js';

/** Answers to what was asked beside the tasting. */
export type Answers = Partial<Readonly<Record<QuestionId, boolean>>>;

export interface Blamed {
  readonly cause: CauseId;
  /** 0 to 1; all of them come to 1. */
  readonly odds: number;
}

const DRAWS = 200;
/** How strongly a cause shows scatters by so much (ln). Estimate. */
export const SEVERITY_SPREAD = 0.3;
/** Odds are taken this far towards even ones: the causes are not quite as they are drawn here. */
const FLATTENED = 0.95;
/** A fault may come with an error of another kind: nothing that was measured rules a cause out altogether. */
const LEAST_DENSITY = 0.02;

/** How well a measure goes with a cause, which shows in it more or less strongly; beside a pie that nothing is wrong with. */
function goesWith(value: number, shift: number, scatter: number): number {
  const deviation = Math.hypot(scatter, SEVERITY_SPREAD * shift);
  return (scatter / deviation) * normalDensity((value - shift) / deviation) + LEAST_DENSITY;
}

/** Where a cause puts one line of a slice, at some severity. */
export const lineAt = (
  cause: Cause,
  seen: Pick<FaultEvidence, 'planned' | 'warmth'>,
  line: Quality,
  severity: number,
): number =>
  seen.planned[line] +
  severity * (cause.shifts[line] ?? 0) -
  (line === 'set' ? seen.warmth * (cause.id === 'cut_warm' ? severity : 1) : 0);

/** How often a cause is the one, from the plan and the minutes it cooled: nothing is cut warm that was cold. */
const WARM_COUNTS = 0.1;
export const howOften = (cause: Cause, { warmth }: Pick<FaultEvidence, 'warmth'>): number =>
  cause.id === 'cut_warm' ? (cause.often * warmth) / WARM_COUNTS : cause.often;

/** The chance of all that was said and measured if one cause is true: averaged over how strong it was. */
function causeProbability(cause: Cause, seen: FaultEvidence, chance: () => number): number {
  const { said, measured } = seen;
  let sum = 0;
  for (let draw = 0; draw < DRAWS; draw++) {
    const severity = Math.exp(SEVERITY_SPREAD * normalFrom(chance));
    let all = 1;
    for (const line of qualities) {
      const scatter = qualityScales[line].scatter * normalFrom(chance);
      const word = said?.[line] ?? null;
      if (word === null) continue;
      const words: readonly string[] = tastingWords[line];
      const at = lineAt(cause, seen, line, severity) + scatter;
      all *= wordChances(qualityScales[line], at)[words.indexOf(word)] ?? 1;
    }
    sum += all;
  }
  const crust = said?.crust ?? null;
  const told = measures.reduce((all, measure) => {
    const value = measured[measure];
    if (value === undefined) return all;
    return all * goesWith(value, cause.measured[measure] ?? 0, measureScatter[measure]);
  }, sum / DRAWS);
  return told * (crust === null ? 1 : cause.crust[crust]);
}

const probabilityOfYes = (cause: Cause, question: QuestionId): number =>
  cause.yes[question] ?? questions.get(question)?.usually ?? 0.5;

/**
 * What may have gone wrong, the likeliest first: Bayes' rule over the causes, each with 200 draws of how strong it was.
 * @param seen a bake against its plan
 * @param answers to what was asked since
 * @param seed of the draws
 * @returns odds of all causes
 */
export function blame(seen: FaultEvidence, answers: Answers = {}, seed = 1): Blamed[] {
  const all = [...causes.values()].filter(({ needs }) => needs.every((part) => seen.parts.has(part)));
  const each = all.map((cause, i) => {
    let odds = howOften(cause, seen) * causeProbability(cause, seen, chanceFrom(seed + i));
    for (const question of questionIds) {
      const answer = answers[question];
      if (answer !== undefined)
        odds *= answer ? probabilityOfYes(cause, question) : 1 - probabilityOfYes(cause, question);
    }
    return { cause: cause.id, odds };
  });
  const total = each.reduce((sum, { odds }) => sum + odds, 0);
  if (total <= 0) return each.map(({ cause }) => ({ cause, odds: 1 / each.length }));
  const flat = each.map(({ cause, odds }) => ({ cause, odds: (odds / total) ** FLATTENED }));
  const whole = flat.reduce((sum, { odds }) => sum + odds, 0);
  return flat.map(({ cause, odds }) => ({ cause, odds: odds / whole })).sort((a, b) => b.odds - a.odds);
}

/** Nothing is asked when the likeliest is so sure, or when no answer would tell the two apart by so much. */
const SURE = 0.85;
const TELLS = 0.3;

/**
 * The one question whose answer separates the two likeliest causes best; null when none is worth asking.
 * @param blamed as from `blame`
 */
export function bestQuestion([first, second]: readonly Blamed[], answers: Answers = {}): QuestionId | null {
  const one = first && causes.get(first.cause);
  const other = second && causes.get(second.cause);
  if (!one || !other || first.odds > SURE) return null;
  const [best] = questionIds
    .filter((id) => answers[id] === undefined)
    .map((id) => ({ id, tells: Math.abs(probabilityOfYes(one, id) - probabilityOfYes(other, id)) }))
    .sort((a, b) => b.tells - a.tells);
  return best && best.tells >= TELLS ? best.id : null;
}

/** Whether a slice had anything the matter with it. */
export function isFaulty({ said }: Pick<FaultEvidence, 'said'>): boolean {
  if (!said) return false;
  return (Object.keys(goodWords) as (keyof typeof goodWords)[]).some(
    (question) => said[question] !== null && said[question] !== goodWords[question],
  );
}

import { chanceFrom, normalFrom } from '../../units/index.js';
import { wordChances } from '../statistics/index.js';
import type { Tasting } from '../log/index.js';
import { crustWords, nothingTasted, pieParts, tastingWords } from '../log/index.js';
import { warmth } from '../models/index.js';
import { howOften, lineAt, SEVERITY_SPREAD } from './blame.js';
import type { Answers } from './blame.js';
import type { CauseId } from './causes.js';
import { causes } from './causes.js';
import type { FaultEvidence } from './evidence-of.js';
import type { Measure, Quality } from './quality.js';
import { measures, measureScatter, qualities, qualityScales } from './quality.js';
import { questionIds, questions } from './questions.js';

/** How often each thing is written down of a bake that went wrong. */
const written: Readonly<Record<Measure, number>> = {
  thickenerLn: 0.8,
  sugarLn: 0.8,
  weepLn: 0.4,
  lostLn: 0.4,
  bubblingMin: 0.7,
  goldenMin: 0.6,
  outMin: 1,
};
const COOLED_MIN = [40, 90, 150, 200] as const;

/** A bake with one planted fault. */
interface Planted {
  readonly cause: CauseId;
  readonly seen: FaultEvidence;
  /** What would be answered to each question. */
  readonly answers: Required<Answers>;
}

/**
 * A bake with one planted fault, as it would be tasted and measured: what the search for causes is held against.
 * @param seed of all of it
 * @param vaguer how many times as vague mouths and scales are as is believed
 */
export function sampleFault(seed: number, vaguer = 1): Planted {
  const chance = chanceFrom(seed);
  const normal = (): number => normalFrom(chance);
  const warm = warmth(COOLED_MIN[Math.floor(chance() * COOLED_MIN.length)] ?? 150);
  const all = [...causes.values()];
  let left = chance() * all.reduce((sum, cause) => sum + howOften(cause, { warmth: warm }), 0);
  const cause = all.find((one) => (left -= howOften(one, { warmth: warm })) <= 0) ?? all[0]!;
  const severity = Math.exp(SEVERITY_SPREAD * normal());
  const planned = Object.fromEntries(qualities.map((line) => [line, 0])) as Record<Quality, number>;
  const pick = <T extends string>(words: readonly T[], chances: readonly number[]): T => {
    let rest = chance();
    return words[chances.findIndex((one) => (rest -= one) <= 0)] ?? words[0]!;
  };
  const wordsOf = (line: Quality) => {
    const scale = qualityScales[line];
    const at = lineAt(cause, { planned, warmth: warm }, line, severity) + vaguer * scale.scatter * normal();
    return pick(
      tastingWords[line] as readonly string[],
      wordChances({ ...scale, noise: vaguer * scale.noise }, at),
    );
  };
  const said = {
    ...nothingTasted,
    ...Object.fromEntries(qualities.map((line) => [line, wordsOf(line)])),
    crust: pick(
      crustWords,
      crustWords.map((word) => cause.crust[word]),
    ),
  } as Tasting;
  const measured: Partial<Record<Measure, number>> = {};
  for (const measure of measures) {
    const off = severity * (cause.measured[measure] ?? 0) + vaguer * measureScatter[measure] * normal();
    if (chance() < written[measure]) measured[measure] = off;
  }
  const answers = Object.fromEntries(
    questionIds.map((id) => [id, chance() < (cause.yes[id] ?? questions.get(id)?.usually ?? 0.5)]),
  ) as Required<Answers>;
  const parts = new Set(pieParts);
  return { cause: cause.id, seen: { planned, parts, said, measured, warmth: warm }, answers };
}

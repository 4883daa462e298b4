import type { PiePlan } from '../plan/index.js';

/** One thing in a pie, as a label names it. */
export interface LabelPart {
  readonly label: string;
  /** It is, or holds, an allergen: printed so that it stands out. */
  readonly stands: boolean;
}

/** What a label of a pie that is sold or given away says. */
export interface PieLabel {
  readonly name: string;
  /** In order of weight as mixed, the heaviest first. */
  readonly parts: readonly LabelPart[];
  readonly contains: readonly string[];
  /** All that goes in, before the oven takes its share, g. */
  readonly massG: number;
  /** Days that it keeps in a cool room. */
  readonly keepsDays: number;
}

/** Common guidance, from memory: as the care of the bench has it. */
const KEEPS_DAYS = 2;
/** Raw fruit in a glaze, with cream or without, is eaten the day after at the latest. */
const GLAZED_KEEPS_DAYS = 1;
/** What stands on a slip in several ways, by how it is used, is one thing to whoever eats it. */
const oneThing: readonly (readonly [words: RegExp, name: string])[] = [
  [/\bwater\b/i, 'Water'],
  [/\bbutter\b/i, 'Butter'],
  [/^(white |coarse )?sugar$/i, 'Sugar'],
];
const nameOf = (label: string): string => oneThing.find(([said]) => said.test(label))?.[1] ?? label;
const LEAST_G = 0.05;

/** Which words of an ingredient tell of which allergen. */
const words: readonly (readonly [allergen: RegExp, word: RegExp])[] = [
  [/wheat/, /flour|pastry|dough|wheat|crumb|biscuit|semolina/i],
  [/milk/, /butter|milk|cream|yog|cheese/i],
  [/egg/, /egg|yolk|meringue/i],
  [/nuts|almond/, /\bnuts?\b|almond|pecan|walnut|hazelnut|frangipane/i],
  [/oats/, /oat/i],
  [/sulphites/, /wine|cider|dried/i],
  [/gelatine/, /gelatine/i],
];

const isAllergen = (label: string, contains: readonly string[]): boolean =>
  words.some(([allergen, word]) => word.test(label) && contains.some((one) => allergen.test(one)));

/**
 * What a label says of a pie: what is in it in order of weight, allergens marked, how long it keeps. Local rules decide.
 * @param plan of the pie
 * @returns the label; dates are whoever's who bakes it
 * @example pieLabel(plan).parts[0]?.label // 'Damson'
 */
export function pieLabel({ spec, slip, allergens }: PiePlan): PieLabel {
  const found = new Map<string, number>();
  for (const { label, massG } of slip.flatMap(({ lines }) => lines)) {
    if (massG < LEAST_G) continue;
    const name = nameOf(label);
    found.set(name, (found.get(name) ?? 0) + massG);
  }
  const heaviest = [...found].sort(([, a], [, b]) => b - a);
  return {
    name: spec.name,
    parts: heaviest.map(([label]) => ({ label, stands: isAllergen(label, allergens) })),
    contains: allergens,
    massG: heaviest.reduce((sum, [, massG]) => sum + massG, 0),
    keepsDays: spec.filling.preparation.kind === 'glaze' ? GLAZED_KEEPS_DAYS : KEEPS_DAYS,
  };
}

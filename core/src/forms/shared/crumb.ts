import { PRACTICE } from '../../units/index.js';
import type { TopBody } from '../../bake/index.js';
import { constant } from '../../bake/index.js';
import type { CrumbBatch, Top, TopOf } from '../../geometry/index.js';
import {
  areaCm2,
  crumbBatch,
  crumbComposition,
  crumbFromAmounts,
  equalDiscCm,
  lumpGaps,
  mixedG,
  topOutline,
} from '../../geometry/index.js';
import type { Crumb, Larder } from '../../larder/index.js';
import { crumbTraits, cupG, larderRow } from '../../larder/index.js';
import type { CrumbSpec, FieldProblem, FormSpec } from '../../schema/index.js';
import { usualCrumb } from '../../schema/index.js';
import type { Figure } from '../../units/index.js';
import { figure, from, q, makeSum } from '../../units/index.js';
import type { Advice } from '../advice.js';
import { sentence, watch } from '../advice.js';
import type { TopBeside, TopOn, TopRules } from '../form.js';
import type { SlipLine } from '../slip-line.js';
import { inCupsMl } from '../slip-line.js';
import { crumbVented, plainTop, softBody } from './pastry-top.js';

/** Fruit that lies bare under a crumb burns before the crumb is done. Estimate of how much is too much. */
const BARE_FRUIT_SHARE = 0.08;
const THIN_COVER = 0.85;
/** Times the usual crumb: more than this lies raw under its crust. Estimate. */
const THICK_COVER = 2.5;
/** Less crumb than this is none, g. */
const LEAST_CRUMB_G = 10;

/** Why a mixture weighs what it weighs, where the baker said so. */
export const AMOUNTS_SET = 'The amounts you set.';

/** Allergens whose amount is not nothing. */
export const containedIn = (amounts: Readonly<Record<string, number>>): string[] =>
  Object.entries(amounts).flatMap(([contained, amount]) => (amount > 0 ? [contained] : []));

/** What is wrong with a crumb by its amounts. */
export const checkCrumb = (field: string, crumb: CrumbSpec | undefined): FieldProblem[] =>
  crumb?.amounts && mixedG(crumb.amounts) < LEAST_CRUMB_G
    ? [
        {
          field: `${field}.amounts`,
          message: 'A crumb of these amounts is next to nothing.',
          remedy: `Let it weigh ${LEAST_CRUMB_G} g at least, or go back to the usual crumb.`,
        },
      ]
    : [];

/** The crumb that is mixed: the school's, or the baker's own parts in its way. */
export function mixedCrumb({ school, own, amounts }: CrumbSpec, larder: Larder): Crumb {
  const row = larderRow(larder.crumbs, school);
  if (amounts) {
    const { flourG, butterG, oatsG, nutsG } = amounts;
    return { ...row, contains: containedIn({ wheat: flourG, milk: butterG, oats: oatsG, nuts: nutsG }) };
  }
  if (!own) return row;
  const { oats, nuts } = own;
  return { ...row, ...own, contains: containedIn({ wheat: 100, milk: 100, oats, nuts }) };
}

const topCrumb = (form: FormSpec, larder: Larder): Crumb => mixedCrumb(form.crumb ?? usualCrumb, larder);

/** A crumb over the whole top and its mound. */
export function crumbOver(chosen: CrumbSpec, { dish, moundCm, larder }: TopOn): CrumbBatch {
  const outline = topOutline(dish);
  // A cap's surface is larger than its disc by (H/a)^2.
  const surface = areaCm2(outline) * (1 + (moundCm / (equalDiscCm(outline) / 2)) ** 2);
  return chosen.amounts
    ? crumbFromAmounts(chosen.amounts, surface)
    : crumbBatch(mixedCrumb(chosen, larder), surface, chosen.cover);
}

/** The crumb of a pie whose top is crumb. */
export function strewCrumb(on: TopOn): TopOf<'crumb'> {
  const chosen = on.form.crumb ?? usualCrumb;
  const crumb = crumbOver(chosen, on);
  return {
    kind: 'crumb',
    crumb,
    openShare: chosen.lumpCm === undefined ? 0 : lumpGaps(chosen.lumpCm, crumb.thicknessCm),
  };
}

const line = (id: string, label: string, massG: number, perCupG: number): SlipLine => ({
  id: `crumb_${id}`,
  label,
  massG,
  volumeMl: inCupsMl(massG, perCupG),
});

/** What to weigh for a crumb. */
export const crumbLines = (crumb: CrumbBatch, { flourCupG }: Larder): SlipLine[] => [
  { ...line('flour', 'Plain flour', crumb.flourG, flourCupG), figure: 'crumb.mass' },
  line('butter', 'Butter', crumb.butterG, cupG.butter),
  line('sugar', 'Sugar', crumb.sugarG, cupG.whiteSugar),
  line('oats', 'Rolled oats', crumb.oatsG, cupG.oats),
  line('nuts', 'Chopped nuts', crumb.nutsG, cupG.nuts),
  line('salt', 'Salt', crumb.saltG, cupG.salt),
  line('spice', 'Ground spice', crumb.spiceG, cupG.spice),
];

/** A crumb as the oven meets it. */
export const crumbBody = (top: Top, crumb: CrumbBatch, beside: TopBeside): TopBody => ({
  ...softBody(top, beside, crumbComposition(crumb), crumbTraits.densityKgM3, crumb.thicknessCm / 100),
  conductivityDry: crumbTraits.conductivityDry,
  conductivityWet: crumbTraits.conductivityWet,
  vented: crumbVented(top.openShare),
  vapourSM: crumb.thicknessCm / 100 / constant('crumbDiffusivity'),
});

/** How much crumb there is, and how deep it lies. */
export const crumbFigures = (crumb: CrumbBatch, label: string, rule: string): Figure[] => [
  figure({
    id: 'crumb.mass',
    label: `${label} in all`,
    value: crumb.massG,
    unit: 'g',
    spread: 0.1,
    rule,
    sum: makeSum`${q(crumb.perCm2G, 'g')} on each of ${q(crumb.surfaceCm2, 'cm2')}`,
    inputs: from('dish.top_area', 'build.mound'),
    source: PRACTICE,
  }),
  figure({
    id: 'crumb.thickness',
    label: `${label}, deep`,
    value: crumb.thicknessCm,
    unit: 'cm',
    spread: 0.2,
    rule: 'Its mass over the surface, loose at .62 g/cm3.',
    sum: makeSum`${q(crumb.massG, 'g')} / ${q(crumbTraits.densityKgM3 / 1000, 'ratio')} g for a mL, over ${q(crumb.surfaceCm2, 'cm2')}`,
    inputs: from('crumb.mass'),
    source: 'our estimate',
  }),
];

/** Whether there is enough crumb for the fruit under it, or too much. */
function coverAdvice({ perCm2G }: CrumbBatch, { coverGPerCm2 }: Crumb): Advice[] {
  const times = perCm2G / coverGPerCm2;
  if (times < THIN_COVER - 1e-9) {
    return [watch('bare_fruit', 'top', 'Too little crumb: it must cover the fruit, bare fruit burns.')];
  }
  if (times <= THICK_COVER + 1e-9) return [];
  return [
    watch(
      'thick_crumb',
      'top',
      `That is ${times.toFixed(1)} times the usual crumb: what lies deep stays raw. Use part of it, or a wider dish.`,
    ),
  ];
}

export const crumbTopRules: TopRules<TopOf<'crumb'>> = {
  ...plainTop,
  evaporates: ({ openShare }) => 0.3 + 0.5 * openShare,
  browning: (_top, { form, larder }) => topCrumb(form, larder).browning,
  body: (top, _build, beside) => crumbBody(top, top.crumb, beside),
  figures: ({ crumb, openShare }, { form }) => [
    ...crumbFigures(
      crumb,
      'Crumb',
      form.crumb?.amounts
        ? AMOUNTS_SET
        : 'Grams that cover a cm2, over the whole top and its mound: bare fruit burns.',
    ),
    figure({
      id: 'top.open',
      label: 'Top that the lumps leave bare',
      value: 100 * openShare,
      unit: 'percent',
      spread: 0.4,
      rule: 'None while lumps lie two deep or more; 12 % where one lump is as deep as the cover.',
      sum: makeSum`lumps in a cover of ${q(crumb.thicknessCm, 'cm')}`,
      inputs: from('crumb.thickness'),
      source: 'our estimate',
    }),
    figure({
      id: 'pastry.top_mass',
      label: 'Dough for the top',
      value: 0,
      unit: 'g',
      rule: 'A crumb takes no dough.',
      source: 'definition',
    }),
  ],
  slipLines: ({ crumb }, larder) => crumbLines(crumb, larder),
  advice: ({ crumb, openShare }, { spec, larder }) => [
    ...(openShare < BARE_FRUIT_SHARE
      ? []
      : [
          {
            id: 'too_bare',
            station: 'top' as const,
            level: 'watch' as const,
            ...sentence(
              'Lumps that large leave {0} of the fruit bare, and bare fruit burns. Smaller lumps, or more crumb.',
              { value: 100 * openShare, unit: 'percent' },
            ),
          },
        ]),
    ...coverAdvice(crumb, topCrumb(spec.form, larder)),
  ],
  contains: (form, larder) => topCrumb(form, larder).contains,
};

import type { Advice, BuiltContext } from '../../forms/index.js';
import { sentence, watch } from '../../forms/index.js';
import { mixedG, ownDough } from '../../geometry/index.js';

/** How full the vessel is: too little, too much, and what would be left over. */
function fillAdvice({ spec, form, filling, build }: BuiltContext): Advice[] {
  const { vessel } = build;
  const flat = form.filled !== 'dish';
  const advice: Advice[] = [];
  const overMl = filling.cookedMl - 1.15 * build.dish.netMl;
  if (!flat && build.rawMoundCm > vessel.dish.topCm * 0.28) {
    advice.push({
      id: 'too_full',
      station: 'shape',
      level: 'watch',
      ...sentence('The heap would stand {0} above the rim and slide. Take less fruit or a larger dish.', {
        value: build.rawMoundCm,
        unit: 'cm',
      }),
    });
  }
  if (spec.filling.fruitMassG !== null && spec.filling.heapCm === undefined && overMl > 60) {
    const levelG = (filling.batch.massG * build.dish.netMl) / filling.cookedMl;
    advice.push({
      id: 'left_over',
      station: 'shape',
      level: 'good',
      ...sentence(
        'All of it is heaped and baked here. About {0} of fruit fills the dish level once it has sunk; less makes a flatter pie, and the rest keeps frozen in a bag.',
        { value: levelG, unit: 'g', mlPerG: CUP_ML / cupGOf(filling) },
      ),
    });
  }
  if (
    !flat &&
    form.batterMl(1, spec.form) === 0 &&
    build.bakedEdgeCm < vessel.dish.depthCm * 0.7 * Math.min(1, form.room)
  ) {
    advice.push({
      id: 'too_empty',
      station: 'shape',
      level: 'watch',
      text:
        form.eaten === 'spoon'
          ? 'The dish will not be full: a thin layer of fruit. More fruit, or a smaller dish.'
          : 'The dish will be under-filled: a flat, sad slice. More fruit, or a smaller dish.',
    });
  }
  return advice;
}

/** Less fruit than this is eaten by the cook, g. Common practice, no source. */
const WORTH_SAYING_G = 20;
/** What a cup of fruit is measured in, mL (a customary cup, 236.6 mL, as the trade rounds it). */
const CUP_ML = 240;
/** A cup of a fruit whose row is missing, g. Common practice, no source. */
const COMMON_CUP_G = 150;
/** What a cup of the fruit weighs, g. */
const cupGOf = ({ batch }: BuiltContext['filling']): number => batch.fruits[0]?.fruit.cupG ?? COMMON_CUP_G;
/** Volume of a small heaped dish over its width cubed. A rule of thumb, no source. */
const SMALL_DISH_FILL = 0.3;
/** The smallest dish worth naming, cm across; sizes go up by two. */
const SMALLEST_DISH_CM = 8;

/** Width of the small dish that so much fruit fills, cm, to the nearest even size. */
function smallDishCm(fruitG: number, cupG: number): number {
  const fruitMl = (fruitG * CUP_ML) / cupG;
  return Math.max(SMALLEST_DISH_CM, 2 * Math.round(Math.cbrt(fruitMl / SMALL_DISH_FILL) / 2));
}

/** Fruit that a heap on purpose leaves over: what it would fill. */
function leftOverAdvice({ spec, filling }: BuiltContext): Advice[] {
  const overG = (spec.filling.fruitMassG ?? 0) - filling.batch.massG;
  if (overG < WORTH_SAYING_G) return [];
  const cupG = cupGOf(filling);
  return [
    {
      id: 'left_over_fruit',
      station: 'fruit',
      level: 'good',
      ...sentence(
        '{0} of fruit is left over: a small pie of about {1}, or a bag for the freezer.',
        {
          value: overG,
          unit: 'g',
          mlPerG: CUP_ML / cupG,
        },
        { value: smallDishCm(overG, cupG), unit: 'cm' },
      ),
    },
  ];
}

/** Less dough than this is a trimming, g. Estimate. */
const DOUGH_SHORT_G = 15;

/** Dough by its amounts that does not do for base and top. */
function doughShortAdvice({ spec, build }: BuiltContext): Advice[] {
  const { batch = 1, thicknessMm } = spec.pastry;
  const amounts = ownDough(spec.pastry);
  const shortG = amounts ? build.dough.massG * batch - mixedG(amounts) : 0;
  if (build.dough.massG <= 0 || shortG < DOUGH_SHORT_G) return [];
  const share = 1 - shortG / (build.dough.massG * batch);
  return [
    {
      id: 'dough_short',
      station: 'pastry',
      level: 'watch',
      ...sentence(
        `This dough is {0} short of base and top. Mix ${(1 / share).toFixed(1)} times as much, or roll it to {1}.`,
        { value: shortG, unit: 'g' },
        { value: thicknessMm * share, unit: 'mm' },
      ),
    },
  ];
}

/** A bought disc that is smaller than what is to be cut from it. */
function boughtDiscAdvice({ spec, form, build }: BuiltContext): Advice[] {
  const { doughFrom, boughtDiscCm } = spec.pastry;
  if (doughFrom !== 'bought' || boughtDiscCm === undefined) return [];
  const sheets = [
    form.base(spec.form, spec.dish, spec.pastry),
    'sheet' in build.top ? build.top.sheet : null,
  ];
  const wantedCm = Math.max(0, ...sheets.map((sheet) => sheet?.outline.lengthCm ?? 0));
  if (wantedCm <= boughtDiscCm) return [];
  return [
    {
      id: 'disc_too_small',
      station: 'pastry',
      level: 'watch',
      ...sentence(
        'The bought disc is {0} across; this pie wants {1}: roll it out thinner, or take a smaller dish.',
        { value: boughtDiscCm, unit: 'cm' },
        { value: wantedCm, unit: 'cm' },
      ),
    },
  ];
}

/** A shell straight from the freezer, when the pie is said to be this warm, C. */
const FROZEN_SHELL_FROM_C = 10;
/** Gaps under a lid from here on are seen in the slice, cm. */
const SEEN_GAP_CM = 1;

/** What should be said about dish, heap and top. */
export function buildAdvice(context: BuiltContext): Advice[] {
  const { spec, form, build } = context;
  const gap: Advice[] =
    build.gapCm > SEEN_GAP_CM && spec.filling.preparation.kind === 'raw'
      ? [
          {
            id: 'gap',
            station: 'shape',
            level: 'watch',
            ...sentence(
              'Raw fruit sinks: expect a gap of about {0} under the lid. Weeping and draining, or holding at {1}, closes it.',
              { value: build.gapCm, unit: 'cm' },
              { value: 71, unit: 'C' },
            ),
          },
        ]
      : [];
  const shell =
    spec.pastry.base === 'frozen' && spec.bake.startC > FROZEN_SHELL_FROM_C && form.lined
      ? [
          watch(
            'frozen_shell',
            'pastry',
            'A frozen shell goes in cold: fill it after 15 minutes out of the freezer.',
          ),
        ]
      : [];
  return [
    ...fillAdvice(context),
    ...leftOverAdvice(context),
    ...boughtDiscAdvice(context),
    ...doughShortAdvice(context),
    ...form.top.advice(build.top, context),
    ...gap,
    ...shell,
    ...form.advice(context),
  ];
}

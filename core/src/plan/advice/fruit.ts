import { computeFilling, expectedWeepG, isBaked, isCooked, preparations } from '../../filling/index.js';
import type { Advice, BuiltContext } from '../../forms/index.js';
import { sentence, watch } from '../../forms/index.js';
import { FROZEN_C } from '../timeline/index.js';
import { surroundings } from '../surroundings.js';

/** Lemon juice that keeps cut fruit pale, share of its mass. Common practice, no source. */
const LEMON_SHARE = 0.015;
/** A baked filling with more of such a starch, as a share of all, weeps when it thaws. Common practice, no source. */
const WEEPS_FROM = 0.2;
/** Above this pH bacteria of low-acid food can grow. Common food-safety guidance, from memory; local rules come first. */
const LOW_ACID_PH = 4.6;

/** Cut fruit that browns wants acid on it while the rest is made ready. */
function browning({ spec, filling }: BuiltContext): Advice[] {
  const cut = filling.batch.fruits.filter(
    ({ fruit, part }) => fruit.browns && part.state === 'fresh' && fruit.piece === 'cut',
  );
  const sour = filling.brought.acidG > 0 || filling.batch.fruits.some(({ fruit }) => fruit.acidPercent > 2);
  if (cut.length === 0 || spec.filling.lemonJuiceG > 0 || sour || isCooked(spec.filling)) return [];
  const massG = cut.reduce((sum, each) => sum + each.massG, 0);
  return [
    {
      id: 'lemon_browning',
      station: 'juice',
      level: 'good',
      ...sentence('Cut fruit of this kind browns while you work: {0} of lemon juice over it keeps it pale.', {
        value: Math.max(5, LEMON_SHARE * massG),
        unit: 'g',
        mlPerG: 1,
      }),
    },
  ];
}

/** A pie that was frozen through: what its fruit does, and which starch bears it. */
function freezing(context: BuiltContext): Advice[] {
  const { spec, filling, larder } = context;
  if (spec.bake.startC > FROZEN_C || !isBaked(spec.filling)) return [];
  if (isCooked(spec.filling)) {
    const weeping = spec.filling.thickeners.flatMap(({ thickener }) => {
      const row = larder.thickeners.get(thickener);
      return row && row.freezeWeep >= WEEPS_FROM ? [row.label] : [];
    });
    return weeping.length === 0
      ? []
      : [
          watch(
            'freeze_weeps',
            'juice',
            `${weeping.join(' and ')} weeps when a cooked filling thaws: take clear modified starch or tapioca for the freezer.`,
          ),
        ];
  }
  const frozen = {
    ...spec.filling,
    fruits: spec.filling.fruits.map((part) => ({ ...part, state: 'frozen' as const })),
  };
  const { dose } = computeFilling(frozen, filling.batch.massG, surroundings(context), larder);
  const moreG = dose.massG - filling.dose.massG;
  const spoonG = larder.thickeners.get(spec.filling.thickeners[0]?.thickener ?? '')?.tablespoonG;
  return moreG < 1
    ? []
    : [
        {
          id: 'freeze_juice',
          station: 'juice',
          level: 'watch',
          ...sentence(
            'Fruit that freezes in the pie gives more juice than fresh: {0} more thickener, or say that it is frozen.',
            { value: moreG, unit: 'g', ...(spoonG !== undefined && { mlPerG: 15 / spoonG }) },
          ),
        },
      ];
}

/** Fillings that are not sour enough to keep in a cool room. */
function lowAcid({ spec, filling }: BuiltContext): Advice[] {
  if (filling.ph <= LOW_ACID_PH) return [];
  return [
    watch(
      'low_acid',
      'juice',
      `At pH ${filling.ph.toFixed(1)} this filling is not sour enough to keep: ${spec.filling.lemonJuiceG > 0 ? 'more' : 'some'} lemon juice, or the fridge from the first hour on.`,
    ),
  ];
}

/** One starch stands, another shines: what to blend when one alone will not do. */
function blending({ spec, larder }: BuiltContext): Advice[] {
  const rows = spec.filling.thickeners.flatMap(({ thickener }) => larder.thickeners.get(thickener) ?? []);
  const [only] = rows;
  if (
    rows.length !== 1 ||
    !only ||
    only.kind !== 'starch' ||
    !preparations[spec.filling.preparation.kind].baked
  )
    return [];
  if (only.stringy && spec.filling.set === 'clean_slice') {
    return [
      {
        id: 'blend_stands',
        station: 'juice',
        level: 'good',
        text: `${only.label} is clear and shines, but a slice of it slumps: two parts of it with one of corn starch stand.`,
      },
    ];
  }
  return [];
}

/** A test that is off by so much, times, is sooner a slip of the scale than a fruit: the bowl was weighed with it. Estimate. */
const DOUBTFUL_TIMES = 2.5;

/** A weep test that no fruit of this kind gives. */
function doubtfulWeep({ spec, filling }: BuiltContext): Advice[] {
  const { weepTest } = spec.filling;
  if (!weepTest) return [];
  const expectedG = Math.max(1, expectedWeepG(filling.batch));
  const times = Math.max(1, weepTest.drainedG) / expectedG;
  if (times < DOUBTFUL_TIMES && times > 1 / DOUBTFUL_TIMES) return [];
  return [
    {
      id: 'weep_doubtful',
      station: 'juice',
      level: 'watch',
      ...sentence(
        'The weep test says {0} of 100 g; this fruit gives about {1}. Was the bowl weighed with it? Make it once more before you go by it.',
        { value: weepTest.drainedG, unit: 'g' },
        { value: expectedG, unit: 'g' },
      ),
    },
  ];
}

/** What should be said about the fruit itself, its acid, the freezer and the starch that suits it. */
export const fruitAdvice = (context: BuiltContext): Advice[] => [
  ...browning(context),
  ...freezing(context),
  ...lowAcid(context),
  ...blending(context),
  ...doubtfulWeep(context),
];

import { builtInLarder, builtInSugars, cupG, runIndex, weepEffects } from '@mardle/core';
import type { Fact } from './fact.js';
import { around, fact, tolerances } from './fact.js';
import { compute, filling, only, tops } from './pies.js';

const own = { white: (massG: number) => ({ sugar: 'white', style: 0.16, massG }) };
/** W1, W7, W8 and W10 are told to be sliced thin. */
const thin = { cut: 'thin' } as const;
const starch = (thickener: string) => [{ thickener, share: 1 }];

/**
 * Thickener of a pie against practice. Practice gives no word for the set; a pie that is sliced from its dish is taken as
 * soft with flour, one that stands without a dish as a clean slice, a crisp as spoonable.
 */
function thickenerFacts(): Fact[] {
  const w4 = filling({ fruits: only('sour_cherry'), sugar: own.white(200) });
  const w5 = filling({
    fruits: only('apple_mixed'),
    sugar: own.white(157),
    thickeners: starch('plain_flour'),
    set: 'soft',
  });
  const w6 = filling({
    fruits: only('apple_mixed'),
    sugar: own.white(100),
    thickeners: starch('plain_flour'),
    set: 'soft',
  });
  const w7 = filling({
    fruits: only('apple_firm_tart', thin),
    sugar: own.white(205),
    thickeners: starch('plain_flour'),
    set: 'soft',
  });
  const w8 = filling({
    fruits: only('apple_firm_sweet', thin),
    sugar: own.white(67),
    lemonJuiceG: 22,
    set: 'clean_slice',
  });
  const w9 = filling({
    fruits: only('blueberry'),
    sugar: own.white(67),
    lemonJuiceG: 15,
    preparation: { kind: 'glaze', liquidG: 180, cookedShare: 49 / 641 },
  });
  const w10 = filling({
    fruits: only('apple_firm_tart', thin),
    sugar: own.white(200),
    thickeners: starch('plain_flour'),
    set: 'spoonable',
  });
  const row = (id: string, figure: string, predicted: number, practiceG: number): Fact =>
    fact({ id, figure, unit: 'g', predicted, ...around(practiceG, tolerances.amount) });
  return [
    row(
      'W4.thickener',
      'corn starch, sour cherry lattice, clean slice',
      compute(w4, 930, tops.lattice25).dose.massG,
      32,
    ),
    row(
      'W5.thickener',
      'flour, apple lattice (750 g), soft',
      compute(w5, 750, tops.lattice23).dose.massG,
      24,
    ),
    row('W6.thickener', 'flour, few apples under crumb, soft', compute(w6, 354, tops.crumb23).dose.massG, 8),
    row(
      'W7.thickener',
      'flour, many apples under crumb, soft',
      compute(w7, 880, tops.crumbFull23).dose.massG,
      32,
    ),
    row(
      'W8.thickener',
      'corn starch, free-form apples, clean slice',
      compute(w8, 433, tops.freeForm).dose.massG,
      8,
    ),
    row('W9.thickener', 'corn starch, blueberry glaze, binder', compute(w9, 641, tops.lid23).dose.massG, 24),
    row('W10.thickener', 'flour, apple crisp, spoonable', compute(w10, 660, tops.crisp2L).dose.massG, 16),
  ];
}

/** What runs and what stands. */
// eslint-disable-next-line max-lines-per-function -- one list of facts
function settingFacts(): Fact[] {
  const none = { thickenerMassG: 0 };
  const index = (f: ReturnType<typeof compute>): number => runIndex(f.ledger.juiceG, f.massG, f.reached);
  const w1 = compute(
    filling({
      fruits: [...only('apple_firm_tart', thin), ...only('apple_soft', thin)],
      lemonJuiceG: 22,
      ...none,
      sugar: own.white(120),
    }),
    1155,
    tops.lid23,
  );
  const w2 = compute(
    filling({ fruits: only('apple_firm_tart'), lemonJuiceG: 45, ...none, sugar: own.white(125) }),
    1061,
    tops.lid25,
  );
  const w14 = compute(
    filling({
      fruits: only('apple_mixed'),
      preparation: { kind: 'saute' },
      set: 'in_the_hand',
      butterG: 30,
      sugar: { sugar: 'light_brown', style: 0.16, massG: null },
    }),
    500,
    tops.lid23,
  );
  const bare = compute(filling({ fruits: only('blueberry'), ...none }), 800, tops.lid23);
  const tapioca = filling({ fruits: only('blueberry'), thickeners: starch('quick_tapioca') });
  const stands = compute(tapioca, 800, tops.lid23);
  return [
    fact({
      id: 'W1.run',
      figure: 'run index, juicy pie of half firm, half soft apples without thickener ("juicy")',
      unit: 'ratio',
      predicted: index(w1),
      low: 0.06,
      high: 0.25,
    }),
    fact({
      id: 'W14.run',
      figure: 'run index, hand pie of fried apples with their juice thickened: must not run when bitten',
      unit: 'ratio',
      predicted: index(w14),
      low: 0,
      high: 0.03,
    }),
    fact({
      id: 'W2.run',
      figure: 'run index, tart apple pie without thickener',
      unit: 'ratio',
      predicted: index(w2),
      low: 0,
      high: 0.25,
    }),
    fact({
      id: 'R2.bare',
      figure: 'run index, blueberry pie without thickener runs flat',
      unit: 'ratio',
      predicted: index(bare),
      low: 0.25,
      high: 1,
    }),
    fact({
      id: 'R2.tapioca',
      figure: 'set with the dose of quick tapioca stands',
      unit: 'g/100 g',
      predicted: stands.reached,
      low: 4.04,
      high: 5.59,
    }),
    fact({
      id: 'R1.flour',
      figure: 'plain flour against corn starch, gram for gram (weaker than its 75 % starch)',
      unit: 'ratio',
      predicted: builtInLarder.thickeners.get('plain_flour')?.potencyGel ?? 0,
      low: 0.4,
      high: 0.75,
    }),
  ];
}

function weepingFacts(): Fact[] {
  const w4 = compute(
    filling({
      fruits: only('sour_cherry'),
      sugar: own.white(200),
      preparation: { kind: 'weep', minutes: 60 },
    }),
    930,
    tops.lattice25,
  );
  const raw = compute(filling({ fruits: only('sour_cherry'), sugar: own.white(200) }), 930, tops.lattice25);
  const drained = w4.prepared.boilStop;
  const waterMl = drained ? drained.juiceG * (1 - drained.juiceBrix / 100) : 0;
  const drawnAt = (minutes: number): number => 1 - Math.exp(-minutes / weepEffects.tauCutMin);
  return [
    fact({
      id: 'W4.juice',
      figure: 'water that 6 cups of sour cherries stand in after an hour',
      unit: 'mL',
      predicted: waterMl,
      low: 120,
      high: 180,
    }),
    fact({
      id: 'R4.30',
      figure: 'share of the weeping done after 30 minutes: most',
      unit: 'ratio',
      predicted: drawnAt(30),
      low: 0.5,
      high: 1,
    }),
    fact({
      id: 'R4.60',
      figure: 'share of the weeping done after 60 minutes',
      unit: 'ratio',
      predicted: drawnAt(60),
      low: 0.7,
      high: 1,
    }),
    fact({
      id: 'R4.thickener',
      figure: 'thickener after draining and boiling down, over raw: less',
      unit: 'ratio',
      predicted: w4.dose.massG / raw.dose.massG,
      low: 0.4,
      high: 0.95,
    }),
    fact({
      id: 'R4.gap',
      figure: 'gap after draining over gap when raw',
      unit: 'ratio',
      predicted: (w4.heapMl - w4.cookedMl) / (raw.heapMl - raw.cookedMl),
      low: 0,
      high: 0.5,
    }),
  ];
}

function weightFacts(): Fact[] {
  const apple = builtInLarder.fruits.get('apple_firm_tart');
  const sixCupsG = 6 * (apple?.cupG ?? 0);
  const apples = ((sixCupsG / (1 - (apple?.refuse ?? 0))) * (apple?.piecesPerKg ?? 0)) / 1000;
  const cup = (id: string): number => builtInSugars.get(id)?.cupG ?? 0;
  return [
    fact({
      id: 'R11.flour',
      figure: 'half a cup of flour',
      unit: 'g',
      predicted: cupG.flour / 2,
      ...around(65, 0.05),
    }),
    fact({
      id: 'R11.brown',
      figure: 'a quarter cup of brown sugar',
      unit: 'g',
      predicted: cup('light_brown') / 4,
      ...around(55, 0.05),
    }),
    fact({
      id: 'R11.white',
      figure: 'a quarter cup of white sugar',
      unit: 'g',
      predicted: cup('white') / 4,
      ...around(50, 0.05),
    }),
    fact({
      id: 'R11.apples',
      figure: 'apples in 6 cups of chunks',
      unit: 'count',
      predicted: apples,
      low: 4,
      high: 6,
    }),
  ];
}

export const fillingFacts = (): Fact[] => [
  ...thickenerFacts(),
  ...settingFacts(),
  ...weepingFacts(),
  ...weightFacts(),
];

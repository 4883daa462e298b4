import { timesDough } from '../build/index.js';
import { boughtMassG } from '../filling/index.js';
import type { BuiltContext, SlipGroup, SlipLine } from '../forms/index.js';
import { inCupsMl } from '../forms/index.js';
import { cupG, gPerMl, lemon, rowOf } from '../larder/index.js';
import type { PieSpec } from '../spec/index.js';
import { withFraction } from '../units/index.js';

/** A shell that is bought stands on the slip as one thing. */
const boughtShell = (spec: PieSpec): SlipLine => ({
  id: 'shell',
  label: spec.pastry.base === 'frozen' ? 'Frozen shell' : 'Bought shell',
  massG: 0,
  bought: true,
  note: `one for ${spec.dish.label}; thaw it 15 minutes if frozen`,
});

function pastryLines({ spec, larder, form, build }: BuiltContext): SlipLine[] {
  const dough = timesDough(build.dough, spec.pastry.batch ?? 1);
  const row = rowOf(larder.doughs, spec.pastry.dough);
  const takesShell = form.lined && form.filled === 'dish';
  const lines: SlipLine[] = [
    ...(build.base || !takesShell ? [] : [boughtShell(spec)]),
    {
      id: 'flour',
      label: 'Plain flour',
      massG: dough.flourG,
      volumeMl: inCupsMl(dough.flourG, cupG.flour),
      figure: 'pastry.flour',
    },
    {
      id: 'butter',
      label: 'Cold butter',
      massG: dough.butterG,
      volumeMl: inCupsMl(dough.butterG, cupG.butter),
      figure: 'pastry.butter',
    },
    {
      id: 'dough_salt',
      label: 'Salt',
      massG: dough.saltG,
      volumeMl: dough.saltG / gPerMl.salt,
      figure: 'pastry.salt',
    },
    {
      id: 'dough_sugar',
      label: 'Sugar',
      massG: dough.sugarG,
      volumeMl: inCupsMl(dough.sugarG, cupG.whiteSugar),
      figure: 'pastry.sugar',
    },
    {
      id: 'other',
      label: row.otherLabel,
      massG: dough.otherG,
      volumeMl: dough.otherG,
      figure: 'pastry.other',
    },
    {
      id: 'water',
      label: 'Ice water',
      massG: dough.waterLowG,
      highG: dough.waterHighG,
      volumeMl: dough.waterLowG,
      note: `then by the spoon, up to ${withFraction(Math.round((dough.waterHighG - dough.waterLowG) / 7.5) / 2)} tbsp more`,
      figure: 'pastry.water',
    },
  ];
  return lines.filter((line) => line.massG > NOTHING_G || line.bought);
}

function fillingLines({ spec, filling, larder }: BuiltContext): SlipLine[] {
  const { filling: chosen } = spec;
  const shares = chosen.thickeners.reduce((sum, part) => sum + part.share, 0);
  const sugar = rowOf(larder.sugars, chosen.sugar.sugar);
  const fruit = filling.batch.fruits.map((item, i): SlipLine => {
    const bought = boughtMassG(item);
    const count = item.fruit.piecesPerKg === null ? 0 : (item.fruit.piecesPerKg * bought) / 1000;
    return {
      id: `fruit.${i}`,
      label: item.fruit.label,
      massG: item.massG,
      volumeMl: inCupsMl(item.massG, item.fruit.cupG),
      pieces: count >= 0.5 && count < 40 ? { count, word: item.fruit.label.toLowerCase() } : undefined,
      note: 'prepared',
      boughtG: bought,
      figure: `fruit.${i}.mass`,
    };
  });
  const thickeners = chosen.thickeners.map((part, i): SlipLine => {
    const row = rowOf(larder.thickeners, part.thickener);
    const share = part.share / shares;
    return {
      id: `thickener.${i}`,
      label: row.label,
      massG: filling.thickenerG * share,
      volumeMl: ((filling.thickenerG * share) / row.tablespoonG) * 15,
      note: row.how,
      figure: `thickener.${i}.mass`,
    };
  });
  const spoon = chosen.seasonings.map((part): SlipLine => {
    const row = rowOf(larder.seasonings, part.seasoning);
    return {
      id: `seasoning.${part.seasoning}`,
      label: row.label,
      massG: part.massG,
      volumeMl: (part.massG / row.teaspoonG) * 5,
    };
  });
  const lines: SlipLine[] = [
    ...fruit,
    {
      id: 'sugar',
      label: sugar.label,
      massG: filling.sugar.massG,
      volumeMl: inCupsMl(filling.sugar.massG, sugar.cupG),
      figure: 'sugar.mass',
    },
    {
      id: 'lemon',
      label: 'Lemon juice',
      massG: chosen.lemonJuiceG,
      volumeMl: chosen.lemonJuiceG,
      pieces: { count: chosen.lemonJuiceG / lemon.juicePerLemonG, word: 'lemon' },
    },
    {
      id: 'zest',
      label: 'Lemon zest',
      massG: chosen.lemonZestG,
      volumeMl: (chosen.lemonZestG / lemon.zestTeaspoonG) * 5,
    },
    {
      id: 'liquid',
      label: 'Water or juice',
      massG: chosen.preparation.liquidG ?? 0,
      volumeMl: chosen.preparation.liquidG,
    },
    ...thickeners,
    ...spoon,
    {
      id: 'bicarbonate',
      label: 'Bicarbonate',
      massG: chosen.bicarbonateG,
      volumeMl: chosen.bicarbonateG / gPerMl.bicarbonate,
    },
    {
      id: 'filling_butter',
      label: chosen.preparation.kind === 'saute' ? 'Butter to fry in' : 'Butter in dots',
      massG: chosen.butterG,
      volumeMl: inCupsMl(chosen.butterG, cupG.butter),
    },
  ];
  return lines.filter((line) => line.massG > NOTHING_G);
}

/** Grams of coarse sugar that a wash holds. Common practice, no source. */
const COARSE_SUGAR_G = 10;

/** A wash is mixed by the egg, whatever the pie; coarse sugar goes on what it holds. */
function washLines({ spec: { pastry }, larder, form }: BuiltContext): SlipLine[] {
  if (!form.washed) return [];
  const { label, gPerPie, recipe } = rowOf(larder.washes, pastry.wash);
  return [
    { id: 'wash', label, massG: gPerPie, note: recipe },
    {
      id: 'coarse_sugar',
      label: 'Coarse sugar',
      massG: pastry.coarseSugar ? COARSE_SUGAR_G : 0,
      volumeMl: COARSE_SUGAR_G / gPerMl.coarseSugar,
    },
  ];
}

/** Less than this is nothing to weigh, g. */
const NOTHING_G = 0.05;

/** What to weigh, in the order it is needed. */
export function makeSlip(context: BuiltContext): SlipGroup[] {
  const { spec, larder, form, build } = context;
  const { batch = 1 } = spec.pastry;
  const topLines = [...form.top.slipLines(build.top, larder), ...washLines(context)];
  return [
    {
      title: batch > 1 && build.dough.massG > 0 ? `Pastry, for ${batch} pies` : 'Pastry',
      lines: pastryLines(context),
    },
    { title: 'Filling', lines: fillingLines(context) },
    { title: 'On top', lines: topLines.filter(({ massG }) => massG > NOTHING_G) },
  ].filter(({ lines }) => lines.length > 0);
}

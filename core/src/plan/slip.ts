import type { Build } from '../build/index.js';
import { formTraits, timesDough } from '../build/index.js';
import type { Filling } from '../filling/index.js';
import { boughtMassG } from '../filling/index.js';
import type { Larder } from '../larder/index.js';
import { FLOUR_CUP_G, lemon, seasonings } from '../larder/index.js';
import { withFraction } from '../units/index.js';
import type { PieSpec } from './spec.js';
import { topLines } from './slip-top.js';
import type { SlipGroup, SlipLine } from './slip-line.js';
import { BUTTER_CUP_G } from './slip-line.js';

export type { SlipGroup, SlipLine } from './slip-line.js';

const SALT_ML_G = 1.2;

/** A shell that is bought stands on the slip as one thing. */
const boughtShell = (spec: PieSpec): SlipLine => ({
  id: 'shell',
  label: spec.pastry.base === 'frozen' ? 'Frozen shell' : 'Bought shell',
  massG: 0,
  bought: true,
  note: `one for ${spec.dish.label}; thaw it 15 minutes if frozen`,
});

const isLined = ({ form }: PieSpec): boolean => {
  const { lined, filled } = formTraits(form.kind);
  return lined && filled === 'dish';
};

function pastryLines(spec: PieSpec, build: Build, larder: Larder): SlipLine[] {
  const dough = timesDough(build.dough, spec.pastry.batch ?? 1);
  const row = larder.doughs.get(spec.pastry.dough);
  const lines: SlipLine[] = [
    ...(build.base || !isLined(spec) ? [] : [boughtShell(spec)]),
    {
      id: 'flour',
      label: 'Plain flour',
      massG: dough.flourG,
      volumeMl: (dough.flourG / FLOUR_CUP_G) * 240,
      figure: 'pastry.flour',
    },
    {
      id: 'butter',
      label: 'Cold butter',
      massG: dough.butterG,
      volumeMl: (dough.butterG / BUTTER_CUP_G) * 240,
      figure: 'pastry.butter',
    },
    {
      id: 'dough_salt',
      label: 'Salt',
      massG: dough.saltG,
      volumeMl: dough.saltG / SALT_ML_G,
      figure: 'pastry.salt',
    },
    {
      id: 'dough_sugar',
      label: 'Sugar',
      massG: dough.sugarG,
      volumeMl: (dough.sugarG / 200) * 240,
      figure: 'pastry.sugar',
    },
    {
      id: 'other',
      label: row?.otherLabel ?? '',
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
  return lines.filter((line) => line.massG > 0.05 || line.bought);
}

function fillingLines(spec: PieSpec, filling: Filling, larder: Larder): SlipLine[] {
  const { filling: chosen } = spec;
  const shares = chosen.thickeners.reduce((sum, part) => sum + part.share, 0);
  const sugar = larder.sugars.get(chosen.sugar.sugar);
  const fruit = filling.batch.fruits.map((item, i): SlipLine => {
    const bought = boughtMassG(item);
    const count = item.fruit.piecesPerKg === null ? 0 : (item.fruit.piecesPerKg * bought) / 1000;
    return {
      id: `fruit.${i}`,
      label: item.fruit.label,
      massG: item.massG,
      volumeMl: (item.massG / item.fruit.cupG) * 240,
      pieces: count >= 0.5 && count < 40 ? { count, word: item.fruit.label.toLowerCase() } : undefined,
      note: 'prepared',
      boughtG: bought,
      figure: `fruit.${i}.mass`,
    };
  });
  const thickeners = chosen.thickeners.map((part, i): SlipLine => {
    const row = larder.thickeners.get(part.thickener);
    const share = part.share / shares;
    return {
      id: `thickener.${i}`,
      label: row?.label ?? part.thickener,
      massG: filling.thickenerG * share,
      volumeMl: ((filling.thickenerG * share) / (row?.tablespoonG ?? 8)) * 15,
      note: row?.how,
      figure: `thickener.${i}.mass`,
    };
  });
  const spoon = chosen.seasonings.map((part): SlipLine => {
    const row = seasonings.get(part.seasoning);
    return {
      id: `seasoning.${part.seasoning}`,
      label: row?.label ?? part.seasoning,
      massG: part.massG,
      volumeMl: (part.massG / (row?.teaspoonG ?? 2)) * 5,
    };
  });
  const lines: SlipLine[] = [
    ...fruit,
    {
      id: 'sugar',
      label: sugar?.label ?? 'Sugar',
      massG: filling.sugar.massG,
      volumeMl: (filling.sugar.massG / (sugar?.cupG ?? 200)) * 240,
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
      volumeMl: chosen.bicarbonateG / 0.96,
    },
    {
      id: 'filling_butter',
      label: chosen.preparation.kind === 'saute' ? 'Butter to fry in' : 'Butter in dots',
      massG: chosen.butterG,
      volumeMl: (chosen.butterG / BUTTER_CUP_G) * 240,
    },
  ];
  return lines.filter((line) => line.massG > 0.05);
}

/** What to weigh, in the order it is needed. */
export function makeSlip(spec: PieSpec, filling: Filling, build: Build, larder: Larder): SlipGroup[] {
  const { batch = 1 } = spec.pastry;
  return [
    {
      title: batch > 1 && build.dough.massG > 0 ? `Pastry, for ${batch} pies` : 'Pastry',
      lines: pastryLines(spec, build, larder),
    },
    { title: 'Filling', lines: fillingLines(spec, filling, larder) },
    { title: 'On top', lines: topLines(spec, build) },
  ].filter(({ lines }) => lines.length > 0);
}

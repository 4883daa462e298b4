import type { Build } from '../build/index.js';
import type { Filling } from '../filling/index.js';
import { boughtMassG } from '../filling/index.js';
import type { Larder } from '../larder/index.js';
import { FLOUR_CUP_G, lemon, seasonings, washes } from '../larder/index.js';
import { withFraction } from '../units/index.js';
import type { PieSpec } from './spec.js';

/** One thing to weigh. Mass in g; the household measure is a volume in mL or a count of pieces, when there is one. */
export interface SlipLine {
  readonly id: string;
  readonly label: string;
  readonly massG: number;
  readonly highG?: number;
  readonly volumeMl?: number;
  readonly pieces?: { readonly count: number; readonly word: string };
  readonly note?: string;
  /** As bought, for fruit. */
  readonly boughtG?: number;
  /** The figure that tells its story. */
  readonly figure?: string;
}

export interface SlipGroup {
  readonly title: string;
  readonly lines: readonly SlipLine[];
}

const BUTTER_CUP_G = 226;
const SALT_ML_G = 1.2;

function pastryLines(spec: PieSpec, build: Build, larder: Larder): SlipLine[] {
  const { dough } = build;
  const row = larder.doughs.get(spec.pastry.dough);
  const wash = washes.get(spec.pastry.wash);
  const lines: SlipLine[] = [
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
    { id: 'wash', label: wash?.label ?? '', massG: wash?.gPerPie ?? 0, note: wash?.recipe ?? '' },
    { id: 'coarse_sugar', label: 'Coarse sugar', massG: spec.pastry.coarseSugar ? 10 : 0, volumeMl: 12 },
  ];
  return lines.filter((line) => line.massG > 0.05);
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

function crumbLines({ top }: Build): SlipLine[] {
  if (top.kind !== 'crumb') return [];
  const { crumb } = top;
  const lines: SlipLine[] = [
    {
      id: 'crumb_flour',
      label: 'Plain flour',
      massG: crumb.flourG,
      volumeMl: (crumb.flourG / FLOUR_CUP_G) * 240,
      figure: 'crumb.mass',
    },
    {
      id: 'crumb_butter',
      label: 'Butter',
      massG: crumb.butterG,
      volumeMl: (crumb.butterG / BUTTER_CUP_G) * 240,
    },
    { id: 'crumb_sugar', label: 'Sugar', massG: crumb.sugarG, volumeMl: (crumb.sugarG / 200) * 240 },
    { id: 'crumb_oats', label: 'Rolled oats', massG: crumb.oatsG, volumeMl: (crumb.oatsG / 90) * 240 },
    { id: 'crumb_nuts', label: 'Chopped nuts', massG: crumb.nutsG, volumeMl: (crumb.nutsG / 120) * 240 },
  ];
  return lines.filter((line) => line.massG > 0.05);
}

/** What to weigh, in the order it is needed. */
export function makeSlip(spec: PieSpec, filling: Filling, build: Build, larder: Larder): SlipGroup[] {
  const pastry = pastryLines(spec, build, larder);
  const onTop = new Set(['wash', 'coarse_sugar']);
  return [
    { title: 'Pastry', lines: pastry.filter(({ id }) => !onTop.has(id)) },
    { title: 'Filling', lines: fillingLines(spec, filling, larder) },
    {
      title: 'On top',
      lines: build.top.kind === 'crumb' ? crumbLines(build) : pastry.filter(({ id }) => onTop.has(id)),
    },
  ].filter(({ lines }) => lines.length > 0);
}

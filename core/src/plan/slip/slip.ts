import { chosenDough, ownDough, timesDough, timesMixed } from '../../geometry/index.js';
import { boughtMassG, stirredInG } from '../../filling/index.js';
import type { BuiltContext, SlipGroup, SlipLine } from '../../forms/index.js';
import { inCupsMl } from '../../forms/index.js';
import { cupG, gPerMl, lemon, larderRow } from '../../larder/index.js';
import type { PieSpec } from '../../schema/index.js';
import { usualShell } from '../../schema/index.js';
import { withFraction } from '../../units/index.js';
import { onPaper } from './on-paper.js';
import { washLines } from './wash-lines.js';

/** A shell that is bought stands on the slip as one thing. */
const boughtShell = (spec: PieSpec): SlipLine => ({
  id: 'shell',
  label: spec.pastry.base === 'frozen' ? 'Frozen shell' : 'Bought shell',
  massG: 0,
  bought: true,
  ready: spec.pastry.base === 'frozen',
  note: `one for ${spec.dish.label}; thaw it 15 minutes if frozen`,
});

/** Dough that is there already: weighed off, or bought in discs or sheets. */
function readyDough({ spec, larder, build }: BuiltContext): SlipLine[] {
  const massG = build.dough.massG * (spec.pastry.batch ?? 1);
  if (massG <= NOTHING_G) return [];
  const { label } = larderRow(larder.doughs, spec.pastry.dough);
  if (spec.pastry.doughFrom === 'made_before') {
    return [
      {
        id: 'dough',
        label: `${label} dough, made before`,
        massG,
        ready: true,
        note: 'out of the cold ten minutes before it is rolled',
        figure: 'pastry.dough',
      },
    ];
  }
  const { boughtDiscCm } = spec.pastry;
  return [
    {
      id: 'dough',
      label: 'Bought dough',
      massG,
      bought: true,
      note:
        boughtDiscCm === undefined
          ? 'as much as the pieces take'
          : `rolled already, ${boughtDiscCm} cm across`,
    },
  ];
}

function pastryLines(context: BuiltContext): SlipLine[] {
  const { spec, larder, form, build } = context;
  const { batch = 1 } = spec.pastry;
  const amounts = ownDough(spec.pastry);
  const mixed = timesMixed(spec.pastry, build.dough);
  const dough = timesDough(build.dough, mixed);
  const row = chosenDough(spec.pastry, larder);
  const takesShell = form.lined && form.filled === 'dish';
  const shell = build.base || !takesShell ? [] : [boughtShell(spec)];
  if ((spec.pastry.doughFrom ?? 'mixed') !== 'mixed') return [...shell, ...readyDough(context)];
  const lines: SlipLine[] = [
    ...shell,
    {
      id: 'flour',
      label: 'Plain flour',
      massG: dough.flourG,
      volumeMl: inCupsMl(dough.flourG, larder.flourCupG),
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
      ...(row.otherPerEggG && { buys: [{ label: 'Eggs', pieces: dough.otherG / row.otherPerEggG }] }),
      figure: 'pastry.other',
    },
    {
      id: 'water',
      label: 'Ice water',
      massG: dough.waterLowG,
      ...(!amounts && { highG: dough.waterHighG }),
      volumeMl: dough.waterLowG,
      ...(!amounts && {
        least: true,
        note: `then by the spoon, up to ${withFraction(Math.round((dough.waterHighG - dough.waterLowG) / 7.5) / 2)} tbsp more`,
      }),
      figure: 'pastry.water',
    },
  ];
  return lines
    .filter((line) => line.massG > NOTHING_G || line.bought)
    .map((line) => (amounts && !line.bought ? { ...line, usesG: (line.massG * batch) / mixed } : line));
}

/** What goes on or into the dish beside what is eaten. */
const dishLines = (context: BuiltContext): SlipLine[] => [...coatLines(context), ...weightLines(context)];

/** What holds an empty shell down. */
function weightLines({ spec, form }: BuiltContext): SlipLine[] {
  const { weightsMin } = spec.form.shell ?? usualShell;
  if (weightsMin === 0 || !(form.baseBaked || form.filledCold(spec.filling))) return [];
  return [
    {
      id: 'weights',
      label: 'Paper and baking weights',
      massG: 0,
      bought: true,
      ready: true,
      note: `in the empty shell; lift them out after ${weightsMin} minutes`,
    },
  ];
}

/** Less than this is nothing to weigh, g. */
const NOTHING_G = 0.05;

/** Butter on a dish 23 cm across, g; it grows with the dish. Common practice, no source. */
const GREASE_G = 8;
const GREASED_CM = 23;

/** What is on the dish before anything goes in. */
function coatLines(context: BuiltContext): SlipLine[] {
  const { dish, pastry } = context.spec;
  if (onPaper(context))
    return [{ id: 'paper', label: 'Baking paper', massG: 0, bought: true, note: `cut for ${dish.label}` }];
  if (pastry.dishCoat !== 'greased') return [];
  const massG = GREASE_G * (dish.topCm / GREASED_CM) ** 2;
  return [{ id: 'grease', label: 'Soft butter for the dish', massG, volumeMl: inCupsMl(massG, cupG.butter) }];
}

/** One sugar, or two in their shares. */
function sugarLines({ spec, filling, larder }: BuiltContext): SlipLine[] {
  const { sugar, second } = spec.filling.sugar;
  const line = (id: string, row: string, share: number): SlipLine => {
    const { label, cupG: perCupG } = larderRow(larder.sugars, row);
    const massG = filling.sugar.massG * share;
    return { id, label, massG, volumeMl: inCupsMl(massG, perCupG), figure: 'sugar.mass' };
  };
  return second
    ? [line('sugar', sugar, 1 - second.share), line('sugar.second', second.sugar, second.share)]
    : [line('sugar', sugar, 1)];
}

/** Liquids, jams and purees that go in. */
const additionLines = ({ spec, larder }: BuiltContext): SlipLine[] =>
  (spec.filling.additions ?? []).map(({ addition, massG }, i) => {
    const { label, cupG: perCupG } = larderRow(larder.additions, addition);
    return { id: `addition.${i}`, label, massG, volumeMl: inCupsMl(massG, perCupG) };
  });

// eslint-disable-next-line max-lines-per-function -- one list: each line of the slip in its order
function fillingLines(context: BuiltContext): SlipLine[] {
  const { spec, filling, larder } = context;
  const { filling: chosen } = spec;
  const shares = chosen.thickeners.reduce((sum, part) => sum + part.share, 0);
  const juiceLemons = chosen.lemonJuiceG / lemon.juicePerLemonG;
  const liquidG = stirredInG(chosen, filling.batch.massG);
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
    const row = larderRow(larder.thickeners, part.thickener);
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
    const row = larderRow(larder.seasonings, part.seasoning);
    return {
      id: `seasoning.${part.seasoning}`,
      label: row.label,
      massG: part.massG,
      volumeMl: (part.massG / row.teaspoonG) * 5,
    };
  });
  const lines: SlipLine[] = [
    ...fruit,
    ...sugarLines(context),
    {
      id: 'lemon',
      label: 'Lemon juice',
      massG: chosen.lemonJuiceG,
      volumeMl: chosen.lemonJuiceG,
      pieces: { count: juiceLemons, word: 'lemon' },
      buys: [{ label: 'Lemons', pieces: juiceLemons }],
    },
    {
      id: 'zest',
      label: 'Lemon zest',
      massG: chosen.lemonZestG,
      // The lemons that are pressed are grated first.
      buys: [{ label: 'Lemons', pieces: Math.max(0, chosen.lemonZestG / lemon.zestPerLemonG - juiceLemons) }],
      volumeMl: (chosen.lemonZestG / lemon.zestTeaspoonG) * 5,
    },
    {
      id: 'liquid',
      label: 'Water or juice',
      massG: liquidG,
      volumeMl: liquidG,
    },
    ...additionLines(context),
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

/** What goes on top; a streusel over a batter is mixed in a bowl of its own. */
function topGroups(lines: readonly SlipLine[]): SlipGroup[] {
  const isStreusel = ({ id }: SlipLine): boolean => id.startsWith('crumb_');
  const streusel = lines.filter(isStreusel);
  const rest = lines.filter((line) => !isStreusel(line));
  if (streusel.length === 0 || rest.length === 0) return [{ title: 'On top', lines }];
  return [
    { title: 'Batter', lines: rest },
    { title: 'Streusel', lines: streusel },
  ];
}

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
    { title: 'For the dish', lines: dishLines(context) },
    { title: 'Filling', lines: fillingLines(context) },
    ...topGroups(topLines.filter(({ massG }) => massG > NOTHING_G)),
  ].filter(({ lines }) => lines.length > 0);
}

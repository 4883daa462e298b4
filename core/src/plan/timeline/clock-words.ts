import { topAs } from '../../geometry/index.js';
import { cookedShare, preparations } from '../../filling/index.js';
import type { BuiltContext } from '../../forms/index.js';
import type { Fruit } from '../../larder/index.js';
import { larderRow } from '../../larder/index.js';
import type { FruitPart } from '../../schema/index.js';

/** Words joined as people say them: a, b and c; wash, top and tail. */
function listed(words: readonly string[]): string {
  const last = words.at(-1) ?? '';
  if (words.length < 2) return last;
  return `${words.slice(0, -1).join(', ')}${last.includes(' and ') ? ',' : ' and'} ${last}`;
}

const capital = (words: string): string => words.charAt(0).toUpperCase() + words.slice(1);

/** What hands do to a fruit before it goes in the bowl, in their order; nothing that is not there. */
// eslint-disable-next-line complexity -- one case for each group of fruit
function handsOn(fruit: Fruit, { state, peeled, cut }: FruitPart): string[] {
  if (state === 'frozen') return ['weigh out frozen'];
  if (state === 'thawed_drained') return ['thaw', 'drain'];
  const cuts = fruit.piece === 'cut' || cut === 'thin';
  const cutting = cuts ? [cut === 'thin' && fruit.piece !== 'cut' ? 'halve' : 'cut'] : [];
  const trim = fruit.trim === null ? [] : [fruit.trim];
  switch (fruit.group) {
    case 'apple':
    case 'pear':
      return ['wash', ...(peeled ? ['peel'] : []), 'core', ...cutting];
    case 'stone fruit':
      return ['wash', ...(peeled && fruit.refuseUnpeeled !== null ? ['peel'] : []), 'stone', ...cutting];
    case 'dried':
      return [...(fruit.hazards.includes('stone') ? ['stone'] : []), 'weigh out'];
    case 'canned':
      return ['drain'];
    case 'stalk':
      return [...trim, 'wash', ...cutting];
    case 'berry':
    case 'currant':
    case 'other':
      return ['wash', ...trim, ...cutting];
  }
}

/** The step that gets the fruit ready, by what this pie has. */
export function fruitWork({ filling }: BuiltContext): string {
  const work = filling.batch.fruits.map(({ fruit, part }) => ({ fruit, hands: handsOn(fruit, part) }));
  const byHands = new Map<string, string[]>();
  for (const { fruit, hands } of work) {
    const words = capital(listed(hands));
    byHands.set(words, [...(byHands.get(words) ?? []), fruit.label.toLowerCase()]);
  }
  return [...byHands].map(([words, names]) => `${words} the ${listed(names)}`).join('; ');
}

/** The step that cooks, weeps or holds it. */
export function preparationWork({ spec }: BuiltContext): string {
  const { preparation } = spec.filling;
  const { label } = preparations[preparation.kind];
  const share = cookedShare(preparation);
  const some = share > 0 && share < 1 ? `, ${Math.round(100 * share)} % of the fruit` : '';
  return `${label}${some}, then cool`;
}

/** The step that makes its top: the form's own work, and what this pie has besides. */
export function topWork({ spec, larder, form, filling, build }: BuiltContext): string {
  const { wash, coarseSugar } = spec.pastry;
  const washed = form.washed && larderRow(larder.washes, wash).brushedG > 0;
  const juice =
    form.filled === 'sheet' &&
    filling.prepared.freeFruitWaterG > 0 &&
    spec.filling.preparation.kind === 'weep';
  return [
    form.topWork,
    ...(topAs('batter', build.top)?.streusel ? ['strew the streusel'] : []),
    ...(washed ? ['wash'] : []),
    ...(form.washed && coarseSugar ? ['sugar'] : []),
    ...(juice ? ['pour the juice in last'] : []),
  ].join(', ');
}

/** The step that fills the pie. */
export function fillWork({ spec, filling, form }: BuiltContext): string {
  const { butterG, preparation } = spec.filling;
  const cooked = preparations[preparation.kind].heldAtC !== null;
  const dots = butterG > 0 && preparation.kind !== 'saute';
  const toss = cooked ? 'Fill' : filling.sugar.massG > 0 ? 'Toss with sugar, fill' : 'Fill';
  return `${form.filled === 'parcel' ? 'Stir the filling' : toss}${dots ? ', dot with butter' : ''}`;
}

import type { BuiltInFruit } from './composition.js';

/** What hands take off a fruit beside peel, core and stone. */
type FruitTrim = 'pick over' | 'hull' | 'strip' | 'top and tail' | 'trim' | 'peel';

/** What else is to know of a fruit. */
export interface FruitTraits {
  /** Other words that people look for it by. */
  readonly also: readonly string[];
  readonly trim: FruitTrim | null;
  /** Its raw juice cuts gelatine, which then never sets. */
  readonly cutsGelatine: boolean;
  /** It harms, or stays hard, when it is eaten raw. */
  readonly neverRaw: boolean;
}

const named = (...also: readonly string[]): FruitTraits => ({
  also,
  trim: null,
  cutsGelatine: false,
  neverRaw: false,
});
const berry = (...also: readonly string[]): FruitTraits => ({ ...named(...also), trim: 'pick over' });
const currant = (...also: readonly string[]): FruitTraits => ({ ...named(...also), trim: 'strip' });
const gooseberry = (...also: readonly string[]): FruitTraits => ({ ...named(...also), trim: 'top and tail' });
const peeled = (...also: readonly string[]): FruitTraits => ({ ...named(...also), trim: 'peel' });

/** Common food knowledge, from memory. */
export const fruitTraits: Readonly<Record<BuiltInFruit, FruitTraits>> = {
  apple_firm_tart: named('sour apple', 'sharp apple', 'green apple', 'baking apple'),
  apple_firm_sweet: named('eating apple', 'dessert apple', 'red apple'),
  apple_cooking: named('sour apple', 'cooker', 'culinary apple'),
  apple_soft: named('sauce apple'),
  apple_mixed: named('apples'),
  pear_firm: named('cooking pear', 'baking pear'),
  pear_ripe: named('soft pear', 'dessert pear'),
  quince: { ...named('quinces'), neverRaw: true },
  sour_cherry: named('tart cherry', 'pie cherry', 'cherries'),
  sweet_cherry: named('black cherry', 'dark cherry', 'eating cherry', 'cherries'),
  plum: named('plums', 'purple plum'),
  damson: named('damson plum', 'bullace'),
  greengage: named('green plum', 'gage'),
  apricot: named('apricots'),
  peach: named('peaches', 'yellow peach', 'white peach'),
  nectarine: named('smooth peach'),
  blueberry: berry('cultivated blueberry', 'highbush'),
  bilberry: berry('wild blueberry', 'whortleberry', 'huckleberry', 'blaeberry'),
  blackberry: berry('bramble', 'dewberry'),
  raspberry: berry('raspberries'),
  strawberry: { ...named('strawberries'), trim: 'hull' },
  gooseberry_green: gooseberry('unripe gooseberry', 'goosegog'),
  gooseberry_ripe: gooseberry('red gooseberry', 'dessert gooseberry'),
  redcurrant: currant('red currant'),
  whitecurrant: currant('white currant'),
  blackcurrant: currant('black currant', 'cassis'),
  cranberry: berry('cranberries'),
  lingonberry: berry('cowberry', 'mountain cranberry', 'partridgeberry'),
  rhubarb: { ...named('pie plant'), trim: 'trim' },
  mulberry: berry('mulberries'),
  boysen_logan: berry('boysenberry', 'tayberry', 'youngberry', 'marionberry'),
  serviceberry: berry('saskatoon', 'juneberry', 'shadberry'),
  elderberry: { ...currant('elder'), neverRaw: true },
  grape_seedless: berry('table grape', 'grapes'),
  grape_slipskin: berry('purple grape', 'fox grape'),
  fig: { ...named('figs'), trim: 'trim', cutsGelatine: true },
  mango: { ...peeled('mangoes'), cutsGelatine: true },
  pineapple: { ...peeled('ananas'), cutsGelatine: true },
  kiwi: { ...peeled('kiwifruit', 'chinese gooseberry'), cutsGelatine: true },
  banana: peeled('plantain'),
  raisin: named('sultana', 'dried grape', 'dried currant', 'mincemeat fruit'),
  dried_apricot: named('apricot, dried'),
  hard_dried_apricot: named('apricot, dried hard'),
  dried_apple: named('apple rings'),
  prune: named('dried plum'),
  canned_sour_cherry: named('tinned cherry', 'jarred cherry', 'bottled cherry', 'tart cherry'),
  canned_peach: named('tinned peach'),
  canned_pineapple: named('tinned pineapple'),
};

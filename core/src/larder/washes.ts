import { makeTable } from '../units/index.js';

export interface Wash {
  readonly id: string;
  readonly label: string;
  /** Mixed at a time: by the egg, whatever the pie. */
  readonly gPerPie: number;
  /** Of that brushed on one pie of 23 cm: the rest does for others on the bench. */
  readonly brushedG: number;
  readonly recipe: string;
  /** Bought for what is mixed at a time; eggs by the piece, the rest in g. */
  readonly eggs: number;
  readonly milkG: number;
  readonly creamG: number;
  readonly effect: string;
  /** Factor on the rate of browning. */
  readonly browning: number;
  readonly contains: readonly string[];
}

/** What is brushed on one pie, what it does, and how much sooner it browns. Amounts: common practice, no source; browning: fit over W1 to W14. */
export const builtInWashes = makeTable<Wash>({
  none: {
    label: 'No wash',
    gPerPie: 0,
    brushedG: 0,
    recipe: '',
    eggs: 0,
    milkG: 0,
    creamG: 0,
    effect: 'pale and matt',
    browning: 1,
    contains: [],
  },
  milk: {
    label: 'Milk',
    gPerPie: 20,
    brushedG: 20,
    recipe: '20 g milk',
    eggs: 0,
    milkG: 20,
    creamG: 0,
    effect: 'soft gold; little shine',
    browning: 1.1,
    contains: ['milk'],
  },
  egg_white: {
    label: 'Egg white and water',
    gPerPie: 35,
    brushedG: 12,
    recipe: '1 egg white with 1 tsp water',
    eggs: 1,
    milkG: 0,
    creamG: 0,
    effect: 'shine and hold for coarse sugar; light colour',
    browning: 1.1,
    contains: ['egg'],
  },
  whole_egg: {
    label: 'Whole egg and milk',
    gPerPie: 65,
    brushedG: 18,
    recipe: '1 egg with 1 tbsp milk',
    eggs: 1,
    milkG: 15,
    creamG: 0,
    effect: 'even gold with shine',
    browning: 1.45,
    contains: ['egg', 'milk'],
  },
  yolk_cream: {
    label: 'Yolk and cream',
    gPerPie: 33,
    brushedG: 15,
    recipe: '1 yolk with 15 mL cream and a pinch of salt',
    eggs: 1,
    milkG: 0,
    creamG: 15,
    effect: 'deep gold; colours soonest',
    browning: 1.5,
    contains: ['egg', 'milk'],
  },
});

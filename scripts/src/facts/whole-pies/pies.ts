/** What practice says of a whole pie, beside its file in docs/whole-pies. Common practice, no source. */
export interface WholePie {
  readonly id: string;
  readonly what: string;
  /** Minutes that it was baked for, from and to. */
  readonly takesMin: readonly [number, number];
  /** Browning index between which its top was as told: golden 1, deep 2, too dark 4. */
  readonly top: readonly [number, number];
  /** What its filling had to have come to. */
  readonly filling: 'tender' | 'set' | 'hot' | 'dry';
  /** Its dish was told; else it must hold in enamel, glass and dull tin. */
  readonly dishTold?: true;
  /** Mostly baked at one heat. */
  readonly oneHeat?: true;
  /** Crumb tops and crisps are set lower. */
  readonly crumb?: true;
  /** It was told to bubble when it came out. */
  readonly bubbles?: true;
  /** Open tops lose more. */
  readonly open?: true;
}

const GOLDEN = [0.95, 4] as const;

export const practicePies: readonly WholePie[] = [
  { id: 'W1', what: 'cut-out lid over mounded apples', takesMin: [55, 55], top: GOLDEN, filling: 'tender' },
  {
    id: 'W2',
    what: 'deep apple pie, half an hour in the freezer',
    takesMin: [55, 65],
    top: GOLDEN,
    filling: 'tender',
    bubbles: true,
  },
  { id: 'W3', what: 'apple pie with one vent', takesMin: [40, 40], top: GOLDEN, filling: 'tender' },
  {
    id: 'W3b',
    what: 'the same under a lattice',
    takesMin: [40, 40],
    top: GOLDEN,
    filling: 'tender',
    open: true,
  },
  {
    id: 'W4',
    what: 'deep sour cherry lattice',
    takesMin: [90, 120],
    top: GOLDEN,
    filling: 'tender',
    bubbles: true,
    open: true,
  },
  {
    id: 'W5',
    what: 'apple lattice in a bought crust',
    takesMin: [45, 50],
    top: GOLDEN,
    filling: 'tender',
    dishTold: true,
    open: true,
  },
  {
    id: 'W6',
    what: 'few apples under a crumb',
    takesMin: [45, 45],
    top: GOLDEN,
    filling: 'tender',
    dishTold: true,
    crumb: true,
  },
  {
    id: 'W7',
    what: 'many apples under a thick crumb',
    takesMin: [50, 55],
    top: GOLDEN,
    filling: 'tender',
    bubbles: true,
    crumb: true,
  },
  {
    id: 'W8',
    what: 'free-form of fanned apples',
    takesMin: [40, 50],
    top: GOLDEN,
    filling: 'tender',
    dishTold: true,
    oneHeat: true,
    open: true,
  },
  {
    id: 'W9',
    what: 'frozen shell, baked blind',
    takesMin: [35, 35],
    top: [0.5, 2.2],
    filling: 'dry',
    dishTold: true,
    oneHeat: true,
  },
  {
    id: 'W10',
    what: 'apple crisp with oats and nuts',
    takesMin: [55, 55],
    top: GOLDEN,
    filling: 'tender',
    bubbles: true,
    oneHeat: true,
    crumb: true,
    open: true,
  },
  {
    id: 'W11',
    what: 'upside-down apples under puff',
    takesMin: [20, 25],
    top: [1.5, 4],
    filling: 'hot',
    dishTold: true,
    oneHeat: true,
  },
  {
    id: 'W12',
    what: 'cobbler over a simmered filling',
    takesMin: [25, 25],
    top: GOLDEN,
    filling: 'hot',
    dishTold: true,
    oneHeat: true,
    open: true,
  },
  {
    id: 'W13',
    what: 'buckle of mixed berries',
    takesMin: [50, 50],
    top: GOLDEN,
    filling: 'set',
    dishTold: true,
    oneHeat: true,
    crumb: true,
  },
  {
    id: 'W14',
    what: 'hand pies of fried apples',
    takesMin: [20, 25],
    top: GOLDEN,
    filling: 'hot',
    dishTold: true,
    oneHeat: true,
  },
];

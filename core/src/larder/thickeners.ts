import { makeTable } from '../units/index.js';

export interface Thickener {
  readonly id: string;
  readonly label: string;
  readonly potencySpoonable: number;
  readonly potencyGel: number;
  readonly acidRate: number;
  readonly boilRatePerH: number;
  readonly gelatinisesC: number;
  readonly tablespoonG: number;
  readonly freezeWeep: number;
  /** Root and waxy starches stay long and stringy: they never make a hand-held set by themselves. */
  readonly stringy: boolean;
  readonly contains: string | null;
  readonly how: string;
  /** Only starch is weakened by sugar; gelatine melts in the oven and serves unbaked fillings alone. */
  readonly kind: 'starch' | 'pectin' | 'gelatine';
  readonly source: string;
}

const DEFINITION = 'the reference that the others are measured against';
const ESTIMATE = 'our estimate from swap rules of the trade and starch literature, from memory';
const MEMORY =
  'high-methoxyl pectin below its own set counts as body, 1 g as 4 g of corn starch; gelatine of 200 bloom 1.9 g per 100 g of liquid for a slice; both from memory';

/**
 * Potency is against corn starch by mass. Acid and boiling rates say how fast those thin it; `gelatinisesC` is the
 * temperature in plain water; `freezeWeep` the share of the held juice that a frozen and thawed gel lets go. Estimates of
 * ours from the trade's swap rules and the starch literature (Swinkels 1985; BeMiller & Whistler), from memory.
 */
export const builtInThickeners = makeTable<Thickener>({
  corn_starch: {
    label: 'Corn starch',
    potencySpoonable: 1,
    potencyGel: 1,
    acidRate: 1,
    boilRatePerH: 0.05,
    gelatinisesC: 70,
    tablespoonG: 8,
    freezeWeep: 0.25,
    stringy: false,
    contains: null,
    how: 'Toss it dry with the sugar or stir it into cold liquid; never into hot juice.',
    kind: 'starch',
    source: DEFINITION,
  },
  plain_flour: {
    label: 'Plain flour',
    potencySpoonable: 0.5,
    potencyGel: 0.5,
    acidRate: 0.9,
    boilRatePerH: 0.05,
    gelatinisesC: 64,
    tablespoonG: 8,
    freezeWeep: 0.15,
    stringy: false,
    contains: 'wheat',
    how: 'Toss with the sugar; it clouds the juice and tastes a little pasty.',
    kind: 'starch',
    source: ESTIMATE,
  },
  quick_tapioca: {
    label: 'Quick tapioca',
    potencySpoonable: 0.9,
    potencyGel: 0.8,
    acidRate: 1.1,
    boilRatePerH: 0.25,
    gelatinisesC: 65,
    tablespoonG: 10.5,
    freezeWeep: 0.1,
    stringy: true,
    contains: null,
    how: 'Stir it in and let it stand 15 minutes in the juice; keep it under pastry or it stays hard.',
    kind: 'starch',
    source: ESTIMATE,
  },
  tapioca_starch: {
    label: 'Tapioca starch',
    potencySpoonable: 1.1,
    potencyGel: 0.8,
    acidRate: 1.3,
    boilRatePerH: 0.45,
    gelatinisesC: 65,
    tablespoonG: 7.5,
    freezeWeep: 0.12,
    stringy: true,
    contains: null,
    how: 'Toss it dry with the sugar; clear and soft and a little stringy.',
    kind: 'starch',
    source: ESTIMATE,
  },
  potato_starch: {
    label: 'Potato starch',
    potencySpoonable: 1.5,
    potencyGel: 1.0,
    acidRate: 1.6,
    boilRatePerH: 0.4,
    gelatinisesC: 62,
    tablespoonG: 10.5,
    freezeWeep: 0.25,
    stringy: true,
    contains: null,
    how: 'Stir it into cold liquid; do not boil it long.',
    kind: 'starch',
    source: ESTIMATE,
  },
  arrowroot: {
    label: 'Arrowroot',
    potencySpoonable: 1.15,
    potencyGel: 1.0,
    acidRate: 1.3,
    boilRatePerH: 0.5,
    gelatinisesC: 67,
    tablespoonG: 8,
    freezeWeep: 0.2,
    stringy: true,
    contains: null,
    how: 'Stir it into cold liquid; clear; do not boil it long.',
    kind: 'starch',
    source: ESTIMATE,
  },
  clear_modified_starch: {
    label: 'Clear modified starch',
    potencySpoonable: 0.9,
    potencyGel: 0.8,
    acidRate: 0.1,
    boilRatePerH: 0,
    gelatinisesC: 66,
    tablespoonG: 8,
    freezeWeep: 0.02,
    stringy: false,
    contains: null,
    how: 'Toss with the sugar; it stands acid and boiling and the freezer.',
    kind: 'starch',
    source: ESTIMATE,
  },
  rice_flour: {
    label: 'Rice flour',
    potencySpoonable: 0.6,
    potencyGel: 0.6,
    acidRate: 0.9,
    boilRatePerH: 0.05,
    gelatinisesC: 72,
    tablespoonG: 10,
    freezeWeep: 0.12,
    stringy: false,
    contains: null,
    how: 'Toss with the sugar; clouds the juice.',
    kind: 'starch',
    source: ESTIMATE,
  },
  semolina: {
    label: 'Semolina',
    potencySpoonable: 0.45,
    potencyGel: 0.5,
    acidRate: 0.9,
    boilRatePerH: 0.05,
    gelatinisesC: 64,
    tablespoonG: 10.5,
    freezeWeep: 0.15,
    stringy: false,
    contains: 'wheat',
    how: 'Strew it under the fruit; grainy unless it bakes through.',
    kind: 'starch',
    source: ESTIMATE,
  },
  pectin: {
    label: 'Pectin',
    potencySpoonable: 4,
    potencyGel: 4,
    acidRate: 0,
    boilRatePerH: 0,
    gelatinisesC: 20,
    tablespoonG: 9,
    freezeWeep: 0,
    stringy: false,
    contains: null,
    how: 'Whisk it dry into the sugar or it lumps; it lets the starch be cut.',
    kind: 'pectin',
    source: MEMORY,
  },
  gelatine: {
    label: 'Gelatine',
    potencySpoonable: 2.8,
    potencyGel: 3.7,
    acidRate: 0,
    boilRatePerH: 0,
    gelatinisesC: 20,
    tablespoonG: 9,
    freezeWeep: 0.05,
    stringy: false,
    contains: null,
    how: 'Soak it in cold water; melt it in the warm glaze; never boil it.',
    kind: 'gelatine',
    source: MEMORY,
  },
});

import type { Constant } from './oven-constants.js';
import { ovenConstants } from './oven-constants.js';

/**
 * The pie in the oven: what lies over it, its crust and its filling. `fit`, `memory` and `estimate` as in `ovenConstants`.
 */
const pieConstants = {
  foilEmissivity: {
    value: 0.08,
    unit: 'share',
    what: 'bright foil over the top',
    source: 'memory (handbook tables)',
  },
  foilShare: {
    value: 0.4,
    unit: 'share',
    what: 'convection that reaches the top under loose foil',
    source: 'estimate',
  },
  weightsShare: {
    value: 0.12,
    unit: 'share',
    what: 'convection that reaches a shell under its weights',
    source: 'estimate',
  },
  weightsHeat: {
    value: 30000,
    unit: 'J/m2K',
    what: 'weights in a shell: 27 kg/m2, some 900 g in 23 cm, of dried beans',
    source: 'estimate',
  },
  weightsContact: {
    value: 20,
    unit: 'W/m2K',
    what: 'weights against the shell: half their depth of beans',
    source: 'estimate',
  },
  weightsOven: { value: 10, unit: 'W/m2K', what: 'oven into the weights from above', source: 'estimate' },
  dishContact: { value: 300, unit: 'W/m2K', what: 'dough against the dish', source: 'estimate' },
  paperContact: {
    value: 175,
    unit: 'W/m2K',
    what: 'baking paper and the air that it traps on its sheet',
    source: 'estimate: .06 mm of paper at .05 W/mK, .15 mm of air at .033',
  },
  shellContact: {
    value: 40,
    unit: 'W/m2K',
    what: 'an empty shell against its dish',
    source: 'estimate: half a millimetre of air',
  },
  lidGap: { value: 0.032, unit: 'm2K/W', what: 'air between heap and lid', source: 'fit' },
  crustGap: {
    value: 0.009,
    unit: 'm2K/W',
    what: 'film of steam and fat between pastry and what it holds',
    source: 'fit over W1 to W14',
  },
  foodEmissivity: { value: 0.9, unit: 'share', what: 'pastry and fruit', source: 'memory (handbook tables)' },
  crustKDry: {
    value: 0.07,
    unit: 'W/mK',
    what: 'pastry, dry',
    source: 'memory (measured bread crust .05 to .1)',
  },
  crustKWet: { value: 0.305, unit: 'W/mK', what: 'pastry, raw', source: 'memory' },
  stirGain: {
    value: 14,
    unit: 'ratio',
    what: "how much free thin juice raises the filling's conductivity",
    source: 'fit (percolation and bubbling)',
  },
  stirAside: {
    value: 0.4,
    unit: 'share',
    what: 'of that sideways: hot juice rises between the pieces, aside they stand in its way',
    source: 'fit over W1 to W14: edges bubble minutes before a pie is taken out, its middle hardly by then',
  },
  stirSet: {
    value: 4,
    unit: 'share',
    what: 'set at which the swollen juice stirs half as well',
    source: 'fit: juice of 4 g to the 100 stirs half as well',
  },
  percolation: { value: 300, unit: 's', what: 'juice evens out over the filling', source: 'estimate' },
  lidVentShare: {
    value: 0.7,
    unit: 'share',
    what: 'vapour under a lid that finds the vents; the rest meets the lid',
    source: 'estimate',
  },
  oswinA: {
    value: 0.08,
    unit: 'kg/kg',
    what: "sorption of pastry near 100 C, Oswin's A",
    source: 'memory (starchy foods fall from .11 at 25 C)',
  },
  oswinB: { value: 0.45, unit: '-', what: "Oswin's exponent", source: 'memory' },
  diffusionDepth: {
    value: 0.0004,
    unit: 'm',
    what: 'depth that surface water must cross as the crust dries',
    source: 'estimate',
  },
  crustDiffusivity: {
    value: 0.0000026,
    unit: 'm2/s',
    what: 'vapour through dry pastry (a tenth of free air)',
    source: 'estimate',
  },
  crumbDiffusivity: {
    value: 1.3e-5,
    unit: 'm2/s',
    what: 'vapour through loose crumb, below the boil',
    source: 'free air at 90 C 3.6e-5 (handbook) by the pores, about four tenths: estimate',
  },
  lidDiffusivity: {
    value: 8.5e-7,
    unit: 'm2/s',
    what: 'vapour through a lid and past its vents, below the boil',
    source: 'fit over W3: about a ninth of what bare fruit lets out',
  },
  fruitSkin: {
    value: 380,
    unit: 's/m',
    what: 'vapour through skins and syrup of bare fruit',
    source: "fit (the ledger's open evaporation, .0085 g/cm2 min per 100 C)",
  },
  starchRate: {
    value: 0.0111,
    unit: '1/s',
    what: 'starch swelling at the middle of its range',
    source: 'memory (1/90 s)',
  },
  starchEa: { value: 230, unit: 'kJ/mol', what: 'its activation energy', source: 'memory' },
  softeningRate: {
    value: 0.0059,
    unit: '1/s',
    what: 'softening at 100 C (.30 a minute)',
    source: 'memory (apple slices at a simmer are soft in 5 to 8 minutes)',
  },
  softeningEa: {
    value: 86,
    unit: 'kJ/mol',
    what: 'its activation energy',
    source: 'memory (texture kinetics of cooked vegetables)',
  },
  pieceDiffusivity: {
    value: 1.4e-7,
    unit: 'm2/s',
    what: 'heat into a piece of fruit',
    source: 'memory (handbook tables of foods)',
  },
  browningRate: {
    value: 0.0032,
    unit: '1/s',
    what: 'browning at 150 C, unwashed, at its best moisture',
    source: 'fit over W1 to W14',
  },
  browningEa: {
    value: 62,
    unit: 'kJ/mol',
    what: 'its activation energy',
    source: 'fit over W1 to W14 (Zanoni 1995 about 64, from memory)',
  },
  brownsDry: {
    value: 0.1,
    unit: 'share',
    what: 'of that rate in bone-dry crust',
    source: 'fit over W1 to W14; Maillard rates fall on both sides of a_w .6 to .7, memory',
  },
  brownsOver: {
    value: 0.2,
    unit: 'a_w',
    what: 'browning slows for want of water over so much of it, exponentially',
    source: 'fit over W1 to W14',
  },
  tooDark: { value: 4, unit: 'index', what: 'browning that is too dark', source: 'estimate' },
  bubblingFlux: {
    value: 250,
    unit: 'W/m2',
    what: 'vapour leaving the filling that is seen as bubbling',
    source: 'estimate',
  },
} as const satisfies Readonly<Record<string, Constant>>;

const bakeConstants = { ...ovenConstants, ...pieConstants };

/**
 * The value of a constant.
 * @param id its row in `bakeConstants`, where unit and source stand
 * @returns its value in the unit of its row
 * @example constant('tooDark') // 4
 */
export const constant = (id: keyof typeof bakeConstants): number => bakeConstants[id].value;

/** A constant of the bake model, with where it comes from. */
interface Constant {
  readonly value: number;
  readonly unit: string;
  readonly what: string;
  readonly source: string;
}

/**
 * Constants of the bake model. `fit`: chosen so that facts of the trade come out, and held in docs/facts.md; `memory`:
 * recalled from the literature named; `estimate`: engineering judgement.
 */
const bakeConstants = {
  stillH: {
    value: 12.5,
    unit: 'W/m2K',
    what: 'heat transfer coefficient of a still oven',
    source: 'fit (lumps stirring by convection; handbook 5 to 15)',
  },
  fanH: {
    value: 30,
    unit: 'W/m2K',
    what: 'heat transfer coefficient of a fan oven',
    source: 'estimate (handbook 20 to 40)',
  },
  stillRadiant: { value: 14, unit: 'K', what: 'walls and elements above the air, still oven', source: 'fit' },
  fanRadiant: { value: 4.2, unit: 'K', what: 'the same, fan oven', source: 'fit' },
  airDip: {
    value: 0.3,
    unit: 'share',
    what: 'drop of the air over the room when the door opens',
    source: 'estimate',
  },
  airRecovers: { value: 120, unit: 's', what: "time constant of the air's recovery", source: 'estimate' },
  wallsFall: {
    value: 600,
    unit: 's',
    what: 'time constant of the walls cooling to a lower setting, still',
    source: 'estimate',
  },
  wallsRise: { value: 300, unit: 's', what: 'the same, rising', source: 'estimate' },
  fanWalls: { value: 0.6, unit: 'ratio', what: 'a fan shortens both', source: 'estimate' },
  steelPlate: {
    value: 0.006,
    unit: 'm',
    what: 'hot steel on the shelf',
    source: 'common practice, no source',
  },
  steelContact: { value: 250, unit: 'W/m2K', what: 'dish on hot steel', source: 'estimate' },
  steelEmissivity: { value: 0.8, unit: 'share', what: 'seasoned steel', source: 'memory (handbook tables)' },
  trayShare: {
    value: 0.5,
    unit: 'share',
    what: 'convection that reaches a dish on a tray',
    source: 'estimate',
  },
  rackShift: {
    value: 0.4,
    unit: 'share',
    what: "how much of the walls' extra radiation a low or high rack moves from top to base or back",
    source: 'estimate',
  },
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
  dishContact: { value: 300, unit: 'W/m2K', what: 'dough against the dish', source: 'estimate' },
  lidGap: { value: 0.038, unit: 'm2K/W', what: 'air between heap and lid', source: 'fit' },
  foodEmissivity: { value: 0.9, unit: 'share', what: 'pastry and fruit', source: 'memory (handbook tables)' },
  crustKDry: {
    value: 0.07,
    unit: 'W/mK',
    what: 'pastry, dry',
    source: 'memory (measured bread crust .05 to .1)',
  },
  crustKWet: { value: 0.305, unit: 'W/mK', what: 'pastry, raw', source: 'memory' },
  stirGain: {
    value: 9,
    unit: 'ratio',
    what: "how much free thin juice raises the filling's conductivity",
    source: 'fit (percolation and bubbling)',
  },
  stirSet: { value: 0.55, unit: 'share', what: 'of that gain which set starch takes away', source: 'fit' },
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
    value: 0.00333,
    unit: '1/s',
    what: 'softening at 100 C (.2 a minute)',
    source: 'memory (texture kinetics of cooked vegetables)',
  },
  softeningEa: { value: 80, unit: 'kJ/mol', what: 'its activation energy', source: 'memory' },
  browningRate: {
    value: 0.0004,
    unit: '1/s',
    what: 'browning at 150 C, unwashed (1/2500 s)',
    source: 'fit over W1, W3, W5 to W10',
  },
  browningEa: {
    value: 60,
    unit: 'kJ/mol',
    what: 'its activation energy',
    source: 'fit (Zanoni 1995 about 64, from memory)',
  },
  tooDark: { value: 4, unit: 'index', what: 'browning that is too dark', source: 'estimate' },
  bubblingFlux: {
    value: 250,
    unit: 'W/m2',
    what: 'vapour leaving the filling that is seen as bubbling',
    source: 'estimate',
  },
} as const satisfies Readonly<Record<string, Constant>>;

/** The value of a constant. */
export const constant = (id: keyof typeof bakeConstants): number => bakeConstants[id].value;

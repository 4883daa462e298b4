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
    value: 10,
    unit: 'W/m2K',
    what: 'heat transfer coefficient of a still oven over a pie 25 cm across; it falls with size as D^-1/4',
    source:
      'handbook, natural convection 5 to 10, the upper end: a cycling element stirs; fit over W1 to W14',
  },
  stillUp: {
    value: 0.65,
    unit: 'share',
    what: 'still air lies on a cold top: convection there over that elsewhere',
    source: 'handbook: a cold plate that faces up, in natural convection',
  },
  fanH: {
    value: 22,
    unit: 'W/m2K',
    what: 'heat transfer coefficient of a fan oven',
    source: 'estimate (handbook 15 to 40)',
  },
  stillRadiant: {
    value: 13,
    unit: 'K',
    what: 'walls and elements above the air, still oven',
    source: 'fit over W1 to W14',
  },
  fanRadiant: { value: 3, unit: 'K', what: 'the same, fan oven', source: 'fit over W1 to W14' },
  stillFloor: {
    value: 25,
    unit: 'K',
    what: 'the floor over a cycling element above that again, still oven',
    source: 'fit over W1 to W14: bases reach 120 to 140 C',
  },
  fanFloor: {
    value: 8,
    unit: 'K',
    what: 'the same, fan oven',
    source: 'estimate: three tenths of a still one',
  },
  airDip: {
    value: 0.3,
    unit: 'share',
    what: 'drop of the air over the room when the door opens',
    source: 'estimate',
  },
  airRecovers: { value: 120, unit: 's', what: "time constant of the air's recovery", source: 'estimate' },
  besideDip: {
    value: 0.25,
    unit: 'share',
    what: 'how much further the air falls for each other pie',
    source: 'estimate',
  },
  besideCools: {
    value: 6,
    unit: 'K',
    what: 'how much colder the walls look for each other cold pie, at first',
    source: 'estimate',
  },
  besideSlows: {
    value: 0.8,
    unit: 'share',
    what: 'how much longer the walls take to recover for each other pie',
    source: 'estimate',
  },
  justReached: {
    value: 25,
    unit: 'K',
    what: 'walls behind the air in an oven that has only just reached its heat',
    source: 'estimate',
  },
  coldAirH: {
    value: 5,
    unit: 'W/m2K',
    what: 'cold air round a pie that waits',
    source: 'handbook, natural convection',
  },
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
  steelRadius: {
    value: 0.19,
    unit: 'm',
    what: 'steel plate, as of the disc of its area',
    source: 'common practice, no source',
  },
  steelFin: {
    value: 0.8,
    unit: 'share',
    what: 'heat that the plate brings from beyond the dish: efficiency of a fin of 6 mm of steel, 8 cm long',
    source: 'tanh(mL)/(mL) with m = sqrt(2 h / (k t)), handbook; from memory',
  },
  steelContact: {
    value: 90,
    unit: 'W/m2K',
    what: 'dish on hot steel: a film of air of a third of a millimetre',
    source: 'air .03 W/mK, handbook; the film is an estimate',
  },
  steelEmissivity: { value: 0.8, unit: 'share', what: 'seasoned steel', source: 'memory (handbook tables)' },
  trayShare: {
    value: 0.75,
    unit: 'share',
    what: 'convection that reaches a dish on a tray',
    source: 'estimate: a tray is heated from below like a base, and touches the dish',
  },
  traySees: {
    value: 0.75,
    unit: 'share',
    what: 'radiation from below that reaches a dish through its tray',
    source: 'estimate',
  },
  sheetFin: {
    value: 1.2,
    unit: 'ratio',
    what: 'heat that a sheet gathers beside a pie that stands on it',
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

/**
 * The value of a constant.
 * @param id its row in `bakeConstants`, where unit and source stand
 * @returns its value in the unit of its row
 * @example constant('tooDark') // 4
 */
export const constant = (id: keyof typeof bakeConstants): number => bakeConstants[id].value;

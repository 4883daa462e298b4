/** A constant of the bake model, with where it comes from. */
export interface Constant {
  readonly value: number;
  readonly unit: string;
  readonly what: string;
  readonly source: string;
}

/**
 * The oven, and what a pie stands on in it. `fit`: chosen so that facts of the trade come out, and held in docs/facts.md;
 * `memory`: recalled from the literature named; `estimate`: engineering judgement.
 */
export const ovenConstants = {
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
  rackShare: {
    value: 0.8,
    unit: 'share',
    what: 'convection that reaches a dish on the bars of a rack',
    source: 'estimate: bars of 5 mm every 27 mm shade it, and touch along lines',
  },
  rackBars: {
    value: 0.7,
    unit: 'ratio',
    what: 'what those bars bring to a thin tin that sags round them, over convection',
    source:
      'estimate, over 10 W/m2K: bars take up 10 W/m2K of base, 2.5 mm of each touch through .07 mm of air, 42 W/m2K; less what they shade, more from beyond',
  },
  trayShare: {
    value: 0.75,
    unit: 'share',
    what: 'convection that reaches a dish on a tray',
    source: 'estimate: a tray is heated from below like a base, and touches the dish',
  },
  traySees: {
    value: 0.75,
    unit: 'share',
    what: 'of the radiation that a tray takes up, what reaches the dish on it',
    source: 'estimate',
  },
  trayEmissivity: {
    value: 0.8,
    unit: 'share',
    what: 'a used tray',
    source: 'memory (handbook tables, oxidised steel)',
  },
  sheetFin: {
    value: 1.2,
    unit: 'ratio',
    what: 'heat that a sheet gathers beside a pie that stands on it',
    source: 'estimate',
  },
  rim: {
    value: 0.013,
    unit: 'm',
    what: 'rim of a pie dish',
    source: 'common practice, no source: 10 to 15 mm',
  },
  rimTakes: {
    value: 20,
    unit: 'W/m2K',
    what: "oven into a rim and a wall, for how far they carry it: its heat itself is the oven's",
    source: 'estimate: 10 of still air, 10 to 15 radiated',
  },
  rackShift: {
    value: 0.4,
    unit: 'share',
    what: "how much of the walls' extra radiation a low or high rack moves from top to base or back",
    source: 'estimate',
  },
} as const satisfies Readonly<Record<string, Constant>>;

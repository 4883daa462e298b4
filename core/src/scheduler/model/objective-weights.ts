/**
 * What of a day that is in time can matter more, or less, than it usually does: to begin late, to turn few ovens on, to mix dough
 * seldom, that colours are just so, that no pie waits for its oven.
 */
export const objectiveKinds = ['lateStart', 'fewRuns', 'fewMixes', 'colour', 'noWaiting'] as const;
export type ObjectiveKind = (typeof objectiveKinds)[number];

export const emphases = ['little', 'usual', 'much'] as const;
export type Emphasis = (typeof emphases)[number];

/** What is not named matters as it usually does. */
export type ObjectiveEmphasis = Readonly<Partial<Record<ObjectiveKind, Emphasis>>>;

/** What things cost, in minutes of the day. */
export interface ObjectiveWeights {
  readonly lateMin: number;
  readonly heatCost: number;
  readonly dayMin: number;
  /** A minute in which pies of one hour are under way while those of another are, too: nobody begins sooner for it. */
  readonly overlapMin: number;
  readonly waitingMin: number;
  readonly ovenMin: number;
  readonly run: number;
  /** A mixing of dough: its bowl, its scales, its washing up. */
  readonly mix: number;
  /** A minute of the room that was to be left. */
  readonly slackMin: number;
}

/**
 * Being late is out of the question; a colour a little off is nobody's reason to get up an hour sooner. Estimates, found in a trial.
 */
export const usualWeights: ObjectiveWeights = {
  lateMin: 1000,
  heatCost: 1,
  dayMin: 1,
  overlapMin: 0.25,
  waitingMin: 0.5,
  ovenMin: 0.2,
  run: 15,
  mix: 15,
  slackMin: 6,
};

/** Estimate: so much more, or less, that plans are seen to change. */
const timesFor: Readonly<Record<Emphasis, number>> = { little: 0.25, usual: 1, much: 4 };

/**
 * What things cost on a day, as its baker wants it. Lateness and room stay what they are: no wish makes a day less sure. So a late
 * start that matters much makes all else cheap, not its own minutes dear.
 * @param day with what matters more or less than usual; nothing for a usual one
 * @returns each in minutes of the day
 * @example objectiveWeights({ matters: { fewRuns: 'much' } }).run // 60
 */
export function objectiveWeights({
  matters = {},
}: {
  readonly matters?: ObjectiveEmphasis;
}): ObjectiveWeights {
  const times = (matter: ObjectiveKind): number => timesFor[matters[matter] ?? 'usual'];
  const late = times('lateStart');
  const [day, rest] = late > 1 ? [1, 1 / late] : [late, 1];
  const usual = usualWeights;
  return {
    lateMin: usual.lateMin,
    slackMin: usual.slackMin,
    dayMin: usual.dayMin * day,
    overlapMin: usual.overlapMin * day,
    heatCost: usual.heatCost * rest * times('colour'),
    waitingMin: usual.waitingMin * rest * times('noWaiting'),
    ovenMin: usual.ovenMin * rest * times('fewRuns'),
    run: usual.run * rest * times('fewRuns'),
    mix: usual.mix * rest * times('fewMixes'),
  };
}

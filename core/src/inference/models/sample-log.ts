import { evidenceRules } from '../../filling/index.js';
import { colourTargets } from '../../bake/index.js';
import { saucerResults } from '../../schema/index.js';
import { chanceFrom, normalFrom } from '../../units/index.js';
import type { WordScale } from '../statistics/index.js';
import { wordChances } from '../statistics/index.js';
import type { LoggedBake, LoggedEvent, LoggedReading } from '../log/index.js';
import {
  browningAt,
  byOffset,
  colouredAt,
  concentrationAt,
  logWeepAt,
  lostAt,
  nothingTasted,
  PROBE_PASSES_C,
  probePassesAt,
  setAnswers,
  sweetnessWords,
  topWords,
} from '../log/index.js';
import { ovenNoise, ovenSpreads, topScale } from './oven.js';
import type { LoggedPie } from './set.js';
import { setScale, setSpreads, STEAM_FROM_FILLING, warmth } from './set.js';
import { logStyle, styleBaked, sweetnessScale, sweetnessSpreads } from './sweetness.js';

/** What is really so in a kitchen that nobody sees into; names as in the learner. */
export interface Truth {
  of(name: string, deviation: number): number;
  readonly sweetness: number;
  oven(label: string): { readonly offsetC: number; readonly colour: number; readonly habitMin: number };
}

/** How a kitchen's log comes about beside what the learner believes. */
export interface Misfit {
  /** Mouths are so many times as vague. */
  readonly noise: number;
  /** Words that are simply wrong. */
  readonly lapse: number;
  /** What is liked moves by so much (ln) from season to season. */
  readonly drift: number;
}
export const asBelieved: Misfit = { noise: 1, lapse: 0.04, drift: setSpreads.likedSeason };

/**
 * A kitchen's hidden values from a seed; some may be said.
 * @param seed whole
 * @param said values by name, ln or C
 * @returns what is really so there
 * @example sampleTruth(1).sweetness
 */
export function sampleTruth(seed: number, said: Readonly<Record<string, number>> = {}): Truth {
  const chance = chanceFrom(seed);
  const values = new Map(Object.entries(said));
  const of = (name: string, deviation: number): number => {
    const there = values.get(name);
    if (there !== undefined) return there;
    const value = deviation * normalFrom(chance);
    values.set(name, value);
    return value;
  };
  return {
    of,
    sweetness: of('sweetness', sweetnessSpreads.liked),
    oven: (label) => ({
      offsetC: of(`oven ${label}`, ovenSpreads.offsetC),
      colour: of(`colour ${label}`, ovenSpreads.colour),
      habitMin: of(`habit ${label}`, ovenSpreads.habitMin),
    }),
  };
}

/** How often each thing is written down. */
const written = {
  tasting: 0.95,
  sweetness: 0.85,
  weep: 0.3,
  saucer: 0.2,
  tap: 0.6,
  scale: 0.3,
  probe: 0.2,
} as const;
const WEIGHED_WITHIN = 0.04;
const COOLED_MIN = [45, 90, 150, 200, 240] as const;
const READ_EVERY_MIN = 6;

const share = (shares: ReadonlyMap<string, number>, value: (id: string) => number): number =>
  [...shares].reduce((sum, [id, part]) => sum + part * value(id), 0);

/** What happens by chance in one bake; each call takes the next numbers of the seed. */
interface Draw {
  chance(): number;
  normal(): number;
  happens(often: number): boolean;
  /** As somebody measures it. */
  near(mean: number, deviation: number): number;
  word<T extends string>(words: readonly T[], scale: WordScale, at: number): T;
}

function makeDraw(chance: () => number, misfit: Misfit): Draw {
  const normal = (): number => normalFrom(chance);
  return {
    chance,
    normal,
    happens: (often) => chance() < often,
    near: (mean, deviation) => mean + deviation * normal(),
    word: (words, scale, at) => {
      let left = chance();
      const chances = wordChances({ ...scale, noise: scale.noise * misfit.noise, lapse: misfit.lapse }, at);
      return words[chances.findIndex((one) => (left -= one) <= 0)] ?? words[words.length - 1]!;
    },
  };
}

/** One pie in the oven as it would have gone. */
interface SampledHeat {
  readonly oven: ReturnType<Truth['oven']>;
  /** How much hotter it is than its knob says, beyond what the kitchen knows, C. */
  readonly offC: number;
  readonly lostG: number;
}

/** Taps and a probe's readings, as far as somebody took them. */
function sampleOvenEvents(
  { bake, table }: LoggedPie,
  { oven, offC }: SampledHeat,
  draw: Draw,
): Pick<LoggedBake, 'events' | 'readings'> {
  const events: LoggedEvent[] = [{ kind: 'loaded', atMin: 0 }];
  const readings: LoggedReading[] = [];
  if (table.tried.length === 0) return { events, readings };
  const tap = (kind: LoggedEvent['kind'], minute: number): void => {
    const atMin = Math.round(draw.near(minute + oven.habitMin, ovenNoise.tapMin));
    if (draw.happens(written.tap) && atMin > 0 && atMin < table.outMin) events.push({ kind, atMin });
  };
  tap(
    'bubbling',
    byOffset(table, offC, ({ bubblingMin }) => bubblingMin),
  );
  tap('colour_golden', colouredAt(table, offC, 0, oven.colour));
  events.sort((a, b) => a.atMin - b.atMin);
  events.push({ kind: 'out', atMin: Math.round(table.outMin) });
  if (!draw.happens(written.probe)) return { events, readings };
  const hereC = ovenNoise.airC * draw.normal();
  const passesMin = probePassesAt(table, offC) + ovenNoise.probeMin * draw.normal();
  const [first, second] = bake.stages ?? bake.plan.bake.stages ?? [];
  for (let atMin = READ_EVERY_MIN; first && second && atMin < table.outMin; atMin += READ_EVERY_MIN) {
    const setC = atMin < first.timeMin ? first.tempC : second.tempC;
    const risesC = (atMin - passesMin) * (atMin < passesMin ? 1.2 : 0.5);
    readings.push({
      atMin,
      airC: Math.round(10 * (setC + table.toldOffsetC + offC + hereC + draw.normal())) / 10,
      fillingC: Math.round(10 * (PROBE_PASSES_C + risesC)) / 10,
    });
  }
  return { events, readings };
}

/** How firm the juice is beside what was wanted, and what a weep test gave, ln of each. */
function sampleSet(
  { table }: LoggedPie,
  truth: Truth,
  season: string,
  { normal }: Draw,
  thickenerG: number,
  steamG: number,
): { readonly set: number; readonly logWeep: number } {
  const release =
    share(
      table.fruitShares,
      (fruit) =>
        truth.of(`release ${fruit}`, setSpreads.fruit) +
        truth.of(`season ${season} ${fruit}`, setSpreads.season),
    ) +
    setSpreads.batch * normal();
  const potency = share(table.thickenerShares, (one) => truth.of(`potency ${one}`, setSpreads.potency));
  const reached = concentrationAt(table, release, thickenerG, Math.exp(potency), steamG);
  const set =
    Math.log(Math.max(0.05, reached) / table.target) +
    share(table.fruitShares, (fruit) => truth.of(`law ${fruit}`, setSpreads.law));
  return { set, logWeep: logWeepAt(table, release) };
}

const saucerScale: WordScale = {
  cuts: [Math.log(evidenceRules.saucerRunsBelow), Math.log(evidenceRules.saucerStandsAbove)],
  noise: evidenceRules.saucerDeviation,
  lapse: 0,
};

const IN_G = 1900;

/**
 * One bake as it would have gone and been written down in a kitchen with such hidden values.
 * @param pie planned, with its table
 * @param truth of the kitchen
 * @param draw the seed's numbers, taken in the order of the bake
 */
function sampleBake(
  pie: LoggedPie,
  truth: Truth,
  draw: Draw,
  id: string,
  season: string,
  { drift }: Misfit,
): LoggedBake {
  const { bake, table } = pie;
  const thickenerG = Math.round(table.doseG * Math.exp(WEIGHED_WITHIN * draw.normal()));
  const sugarG = Math.round(table.sugarG * Math.exp(WEIGHED_WITHIN * draw.normal()));
  const isBaked = table.tried.length > 0;
  const oven = truth.oven(bake.oven);
  const offC = oven.offsetC - table.toldOffsetC + ovenSpreads.ownC * draw.normal();
  const lostG = isBaked ? lostAt(table, offC, table.outMin) : 0;
  const steamG = isBaked ? STEAM_FROM_FILLING * (lostG - lostAt(table, 0, table.outMin)) : 0;
  const { set, logWeep } = sampleSet(pie, truth, season, draw, thickenerG, steamG);
  const liked = truth.of('liked', setSpreads.liked) + truth.of(`liked ${season}`, drift);
  const sweet = truth.sweetness + truth.of(`sweet ${season}`, drift);
  const cooledMin = COOLED_MIN[Math.floor(draw.chance() * COOLED_MIN.length)] ?? COOLED_MIN[2];
  const weep = logWeep + share(table.fruitShares, (fruit) => truth.of(`weep ${fruit}`, setSpreads.weepBias));
  const heat = sampleOvenEvents(pie, { oven, offC, lostG }, draw);
  const weighed = draw.happens(written.scale) && isBaked;
  const colour = Math.log(colourTargets[bake.plan.bake.colour].index);
  const lostSpreadG = Math.max(ovenNoise.lostLeastG, ovenNoise.lostShare * lostG);
  const tastedSweetness = (): NonNullable<LoggedBake['tasting']>['sweetness'] => {
    const own = { bake: { ...bake, weighed: { ...bake.weighed, sugarG } }, table };
    return draw.word(sweetnessWords, sweetnessScale, logStyle(styleBaked(own)) - sweet);
  };
  return {
    ...bake,
    id,
    season,
    weighed: {
      thickenerG,
      sugarG,
      inG: weighed ? IN_G : null,
      outG: weighed ? Math.round(IN_G - draw.near(lostG, lostSpreadG)) : null,
    },
    weepDrainedG: draw.happens(written.weep)
      ? Math.round(10 * Math.exp(draw.near(weep, evidenceRules.weepDeviation))) / 10
      : null,
    saucer: draw.happens(written.saucer) ? draw.word(saucerResults, saucerScale, set) : null,
    ...heat,
    tasting: draw.happens(written.tasting)
      ? {
          ...nothingTasted,
          cooledMin,
          set: draw.word(setAnswers, setScale, set - liked - warmth(cooledMin)),
          sweetness: draw.happens(written.sweetness) ? tastedSweetness() : null,
          top: isBaked
            ? draw.word(topWords, topScale, browningAt(table, offC, table.outMin) + oven.colour - colour)
            : null,
        }
      : null,
  };
}

/**
 * A log as a kitchen with known hidden values would have kept it: what the learner is held against.
 * @param pies what the kitchen bakes, with their tables
 * @param truth its hidden values
 * @param seed of what happens
 * @param bakes how many
 * @param seasons their names, in order; bakes are spread evenly over them
 * @param misfit how the log differs from what the learner believes
 * @returns bakes with their tables, the oldest first
 * @example sampleLog([], sampleTruth(1), 1, 0, ['one']).length // 0
 */
export function sampleLog(
  pies: readonly LoggedPie[],
  truth: Truth,
  seed: number,
  bakes: number,
  seasons: readonly string[],
  misfit: Misfit = asBelieved,
): LoggedPie[] {
  const draw = makeDraw(chanceFrom(seed), misfit);
  return Array.from({ length: bakes }, (_, n) => {
    const pie = pies[Math.floor(draw.chance() * pies.length)]!;
    const season = seasons[Math.floor((n * seasons.length) / bakes)] ?? '';
    return { table: pie.table, bake: sampleBake(pie, truth, draw, `bake ${n + 1}`, season, misfit) };
  });
}

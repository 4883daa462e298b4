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

/**
 * One bake as it would have gone and been written down in a kitchen with such hidden values.
 * @param pie planned, with its table
 * @param truth of the kitchen
 * @param chance the seed's numbers
 */
function sampleBake(
  { bake, table }: LoggedPie,
  truth: Truth,
  chance: () => number,
  id: string,
  season: string,
  misfit: Misfit,
): LoggedBake {
  const normal = (): number => normalFrom(chance);
  const happens = (often: number): boolean => chance() < often;
  const word = <T extends string>(words: readonly T[], scale: WordScale, at: number): T => {
    let left = chance();
    const chances = wordChances({ ...scale, noise: scale.noise * misfit.noise, lapse: misfit.lapse }, at);
    return words[chances.findIndex((one) => (left -= one) <= 0)] ?? words[words.length - 1]!;
  };
  const told = (mean: number, deviation: number): number => mean + deviation * normal();
  const thickenerG = Math.round(table.doseG * Math.exp(WEIGHED_WITHIN * normal()));
  const sugarG = Math.round(table.sugarG * Math.exp(WEIGHED_WITHIN * normal()));
  const oven = truth.oven(bake.oven);
  const offC = oven.offsetC - table.toldOffsetC + ovenSpreads.ownC * normal();
  const lostG = table.tried.length > 0 ? lostAt(table, offC, table.outMin) : 0;
  const steamG = table.tried.length > 0 ? STEAM_FROM_FILLING * (lostG - lostAt(table, 0, table.outMin)) : 0;
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
  const liked = truth.of('liked', setSpreads.liked) + truth.of(`liked ${season}`, misfit.drift);
  const sweet = truth.sweetness + truth.of(`sweet ${season}`, misfit.drift);
  const cooledMin = COOLED_MIN[Math.floor(chance() * COOLED_MIN.length)] ?? COOLED_MIN[2];
  const weep =
    logWeepAt(table, release) +
    share(table.fruitShares, (fruit) => truth.of(`weep ${fruit}`, setSpreads.weepBias));
  const events: LoggedEvent[] = [{ kind: 'loaded', atMin: 0 }];
  const tap = (kind: LoggedEvent['kind'], atMin: number): void => {
    const at = Math.round(told(atMin + oven.habitMin, ovenNoise.tapMin));
    if (happens(written.tap) && at > 0 && at < table.outMin) events.push({ kind, atMin: at });
  };
  const readings: LoggedReading[] = [];
  if (table.tried.length > 0) {
    tap(
      'bubbling',
      byOffset(table, offC, ({ bubblingMin }) => bubblingMin),
    );
    tap('colour_golden', colouredAt(table, offC, 0, oven.colour));
    events.sort((a, b) => a.atMin - b.atMin);
    events.push({ kind: 'out', atMin: Math.round(table.outMin) });
    if (happens(written.probe)) {
      const hereC = ovenNoise.airC * normal();
      const passes = probePassesAt(table, offC) + ovenNoise.probeMin * normal();
      const [first, second] = bake.stages ?? bake.plan.bake.stages ?? [];
      for (let atMin = READ_EVERY_MIN; first && second && atMin < table.outMin; atMin += READ_EVERY_MIN) {
        const setC = atMin < first.timeMin ? first.tempC : second.tempC;
        readings.push({
          atMin,
          airC: Math.round(10 * (setC + table.toldOffsetC + offC + hereC + normal())) / 10,
          fillingC: Math.round(10 * (PROBE_PASSES_C + (atMin - passes) * (atMin < passes ? 1.2 : 0.5))) / 10,
        });
      }
    }
  }
  const weighed = happens(written.scale) && table.tried.length > 0;
  const inG = 1900;
  const target = Math.log(colourTargets[bake.plan.bake.colour].index);
  return {
    ...bake,
    id,
    season,
    weighed: {
      thickenerG,
      sugarG,
      inG: weighed ? inG : null,
      outG: weighed
        ? Math.round(inG - told(lostG, Math.max(ovenNoise.lostLeastG, ovenNoise.lostShare * lostG)))
        : null,
    },
    weepDrainedG: happens(written.weep)
      ? Math.round(10 * Math.exp(told(weep, evidenceRules.weepDeviation))) / 10
      : null,
    saucer: happens(written.saucer)
      ? word(
          saucerResults,
          {
            cuts: [Math.log(evidenceRules.saucerRunsBelow), Math.log(evidenceRules.saucerStandsAbove)],
            noise: evidenceRules.saucerDeviation,
            lapse: 0,
          },
          set,
        )
      : null,
    events,
    readings,
    tasting: happens(written.tasting)
      ? {
          ...nothingTasted,
          cooledMin,
          set: word(setAnswers, setScale, set - liked - warmth(cooledMin)),
          sweetness: happens(written.sweetness)
            ? word(
                sweetnessWords,
                sweetnessScale,
                logStyle(styleBaked({ bake: { ...bake, weighed: { ...bake.weighed, sugarG } }, table })) -
                  sweet,
              )
            : null,
          top:
            table.tried.length > 0
              ? word(topWords, topScale, browningAt(table, offC, table.outMin) + oven.colour - target)
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
  const chance = chanceFrom(seed);
  return Array.from({ length: bakes }, (_, n) => {
    const pie = pies[Math.floor(chance() * pies.length)]!;
    const season = seasons[Math.floor((n * seasons.length) / bakes)] ?? '';
    return { table: pie.table, bake: sampleBake(pie, truth, chance, `bake ${n + 1}`, season, misfit) };
  });
}

import type { BakeSpec, ColourName, Stage } from '../../schema/index.js';
import type { OtherSchedule, Schedule, StageBands } from './bands.js';
import { goodBands, bestOfPairs, colourOff, isSingle } from './bands.js';
import type { PieBody } from '../materials/index.js';
import { colourTargets } from '../materials/index.js';
import type { Interventions, SimulationRun, EventTimes } from '../simulation/index.js';
import {
  advance,
  branch,
  doneMin,
  filledMin,
  homeMin,
  noInterventions,
  nothingSeen,
  reading,
  startAgain,
  startRun,
  watcher,
} from '../simulation/index.js';
import { onKnob } from './knob.js';
import type { MeshSize } from '../mesh/index.js';
import { meshSizes } from '../mesh/index.js';
import type { Resumable } from '../../units/index.js';
import { asStages, referenceHeats } from './reference-heats.js';

/** The settings tried for a still oven, C; a fan oven and tops of crumb are tried lower. Common practice, no source. */
const searchGrid = {
  firstC: [190, 200, 210, 220],
  firstMin: [10, 20, 30],
  secondC: [165, 175, 185, 195],
  singleC: [170, 180, 190, 200, 210],
  longestMin: 150,
} as const;

/** Colder than this nobody bakes a fruit pie, with a fan neither. Common practice, no source. */
const LEAST_C = 165;

export interface FoundStages {
  readonly stages: readonly [Stage, Stage];
  /** What was chosen, and how it ended on the search's mesh. */
  readonly schedule: Schedule;
  readonly doneMin: number;
  readonly browning: number;
  readonly foilMin: number | null;
  /** Within which the pie comes out right. */
  readonly bands: StageBands;
  /** Other pairs of temperatures, cheapest first, and what they cost. */
  readonly others: readonly OtherSchedule[];
}

type End = Omit<Schedule, 'firstC' | 'firstMin' | 'secondC'>;

/** From this share of its colour on, a top that is ahead of its filling gets foil. */
export const FOIL_FROM = 0.85;
/** Foil is worth a walk when the filling still needs this long. Common practice, no source. */
const FOIL_WORTH_MIN = 8;

/**
 * Bakes on at a setting until the pie is done and coloured; nothing when it never is done. Where the top is ahead of the
 * filling, the same with foil from then on is a second end.
 */
export function ends(run: SimulationRun, settingC: number, colour: ColourName, before: EventTimes): End[] {
  const rule = run.model.body.done;
  const watch = watcher(rule, colour);
  const fromMin = run.state.timeS / 60;
  const wanted = colourTargets[colour].index;
  const foiled = run.interventions.foilMin !== null;
  let seen = before;
  let ahead: { readonly run: SimulationRun; readonly seen: EventTimes } | null = null;
  while (run.state.timeS < searchGrid.longestMin * 60) {
    advance(run, settingC);
    if (run.state.timeS % 60 !== 0) continue;
    const now = reading(run);
    seen = watch(seen, now);
    const home = homeMin(seen.events, rule, now.timeMin);
    if (home !== null && now.timeMin >= home) {
      const end: End = {
        doneMin: Math.max(home, fromMin),
        filledMin: filledMin(seen.events, rule) ?? home,
        bubbles: run.model.body.filling === null || seen.events.edgeBubblingMin !== null,
        browning: now.topBrowning,
        baseMoisture: now.baseMoisture,
        baseBrowning: now.baseBrowning,
        foilMin: run.interventions.foilMin,
      };
      const worth = ahead !== null && home - ahead.run.state.timeS / 60 >= FOIL_WORTH_MIN;
      return worth && ahead ? [end, ...ends(ahead.run, settingC, colour, ahead.seen)] : [end];
    }
    if (!foiled && ahead === null && run.model.body.filling && now.topBrowning >= FOIL_FROM * wanted) {
      ahead = { run: branch(run, { ...run.interventions, foilMin: now.timeMin }), seen };
    }
  }
  return [];
}

/** Of the search, what pairs of heats take; single ones take the rest. */
const PAIRS_SHARE = 0.8;

/** The search's share of a whole bake; simulating what was found and cooling it take the rest. */
export const SEARCH_SHARE = 0.8;

const unique = (values: readonly number[]): number[] => [...new Set(values)];

/** Both temperatures, where the baker has them and asks for the times alone. */
interface KeptTemperatures {
  readonly firstC: number;
  readonly secondC: number;
}

/** What a search may be told besides the pie and its oven. */
interface SearchOptions {
  readonly size?: MeshSize;
  readonly interventions?: Interventions;
  readonly keep?: KeptTemperatures | null;
}

interface Trying {
  /** The pie as it goes in; each try begins there. */
  readonly laid: SimulationRun;
  readonly keep: KeptTemperatures | null;
}

/** How much lower than the grid a pie is tried in an oven: for the oven itself, and for its first stage. */
const lowerBy = (body: PieBody, spec: BakeSpec): { readonly all: number; readonly first: number } => {
  const { lowerC, topLowerC } = referenceHeats(body, spec);
  return { all: lowerC, first: lowerC + topLowerC };
};

/** A run for each first temperature, branched at three moments into each second one until the pie is done. */
function* tryPairs(body: PieBody, spec: BakeSpec, { laid, keep }: Trying): Resumable<Schedule[][]> {
  const lower = lowerBy(body, spec);
  const setting = (tempC: number): number => onKnob(Math.max(LEAST_C, tempC), spec.oven.knob);
  const firsts = keep
    ? [keep.firstC]
    : unique(searchGrid.firstC.map((tempC) => setting(tempC - lower.first)));
  const seconds = keep
    ? [keep.secondC]
    : unique(searchGrid.secondC.map((tempC) => setting(tempC - lower.all)));
  const rows: Schedule[][] = [];
  let tried = 0;
  const total = firsts.length * searchGrid.firstMin.length * seconds.length;
  for (const firstC of firsts) {
    const run = startAgain(laid, spec, firstC);
    const watch = watcher(body.done, spec.colour);
    let seen = watch(nothingSeen, reading(run));
    const alike = new Map<string, Schedule[]>();
    for (const firstMin of searchGrid.firstMin) {
      while (run.state.timeS < firstMin * 60) {
        advance(run, firstC);
        if (run.state.timeS % 60 === 0) seen = watch(seen, reading(run));
      }
      const already = doneMin(seen.events, body.done);
      // A small pie is done before it could be turned down.
      if (already !== null && already < firstMin - 5 && alike.size > 0) break;
      for (const secondC of seconds) {
        yield (SEARCH_SHARE * PAIRS_SHARE * tried++) / total;
        if (secondC >= firstC && !keep) continue;
        for (const end of ends(branch(run), secondC, spec.colour, seen)) {
          const key = `${secondC}/${end.foilMin === null}`;
          alike.set(key, [...(alike.get(key) ?? []), { firstC, firstMin, secondC, ...end }]);
        }
      }
    }
    rows.push(...alike.values());
  }
  return rows;
}

/** One temperature all through; a share of the search lies behind. */
function* trySingles(body: PieBody, spec: BakeSpec, { laid }: Trying, from: number): Resumable<Schedule[][]> {
  const lower = lowerBy(body, spec);
  const settings = unique(
    searchGrid.singleC.map((tempC) => onKnob(Math.max(LEAST_C, tempC - lower.all), spec.oven.knob)),
  );
  const rows: Schedule[][] = [];
  for (const [i, tempC] of settings.entries()) {
    yield SEARCH_SHARE * (from + ((1 - from) * i) / settings.length);
    const run = startAgain(laid, spec, tempC);
    const seen = watcher(body.done, spec.colour)(nothingSeen, reading(run));
    for (const end of ends(run, tempC, spec.colour, seen)) {
      rows.push([{ firstC: tempC, firstMin: 0, secondC: tempC, ...end }]);
    }
  }
  return rows;
}

/** First stages are set in fives: between the moments that were simulated what comes of them lies on straight lines. */
const FIRST_STEP_MIN = 5;

function interpolate(row: readonly Schedule[]): Schedule[] {
  const filled: Schedule[] = [...row];
  for (let i = 0; i + 1 < row.length; i++) {
    const a = row[i]!;
    const b = row[i + 1]!;
    for (let t = a.firstMin + FIRST_STEP_MIN; t < b.firstMin; t += FIRST_STEP_MIN) {
      const share = (t - a.firstMin) / (b.firstMin - a.firstMin);
      const between = (from: number, to: number): number => from + (to - from) * share;
      filled.push({
        ...a,
        firstMin: t,
        doneMin: between(a.doneMin, b.doneMin),
        filledMin: between(a.filledMin, b.filledMin),
        browning: between(a.browning, b.browning),
        baseMoisture: between(a.baseMoisture, b.baseMoisture),
        baseBrowning: between(a.baseBrowning, b.baseBrowning),
        foilMin: a.foilMin === null || b.foilMin === null ? null : Math.round(between(a.foilMin, b.foilMin)),
      });
    }
  }
  return filled;
}

/** A second stage shorter than this is not worth turning the knob for, min. Common practice, no source. */
const WORTH_TURNING_MIN = 10;
const isWorthTwo = (way: Schedule): boolean =>
  isSingle(way) || way.doneMin - way.firstMin >= WORTH_TURNING_MIN;

/**
 * The stages that bring filling and colour home together, as a baker would set them: near the heats of practice, on settings
 * that the knob has, first times in fives, with foil where it serves, one heat where two give little. Null when nothing
 * gets done.
 * @param body the pie
 * @param spec `spec.bake`
 * @param options mesh, interventions and what to keep
 * @returns a generator; its value the stages with other ways, or null
 * @example finishNow(findStages(plan.work.body, plan.spec.bake))?.stages
 */
export function* findStages(
  body: PieBody,
  spec: BakeSpec,
  { size = meshSizes.coarse, interventions = noInterventions, keep = null }: SearchOptions = {},
): Resumable<FoundStages | null> {
  const target = colourTargets[spec.colour].index;
  const trying = { laid: startRun(body, spec, LEAST_C, size, interventions), keep };
  const usual = referenceHeats(body, spec);
  const pairs = spec.singleStage ? [] : (yield* tryPairs(body, spec, trying)).flatMap(interpolate);
  const singles = keep
    ? []
    : (yield* trySingles(body, spec, trying, spec.singleStage ? 0 : PAIRS_SHARE)).flat();
  const worth = keep ? pairs : [...pairs.filter(isWorthTwo), ...singles];
  const ways = worth.length > 0 ? worth : [...pairs, ...singles];
  const ranked = bestOfPairs(ways, target, usual);
  const [best] = ranked;
  if (!best) return null;
  const alike = ways.filter((way) => isSingle(way) === isSingle(best));
  return {
    stages: asStages(best),
    schedule: best,
    foilMin: best.foilMin,
    doneMin: best.doneMin,
    browning: best.browning,
    bands: goodBands(alike, best, target),
    others: ranked.slice(1).map((way) => ({
      ...way,
      longerMin: way.doneMin - best.doneMin,
      colourOff: colourOff(way, target),
    })),
  };
}

import type { BakeSpec, ColourName, Stage } from '../spec/index.js';
import type { OtherSchedule, Schedule, StageBands } from './bands.js';
import { bandsOf, bestOfPairs, colourOff } from './bands.js';
import type { PieBody } from './body.js';
import { colourTargets } from './colour.js';
import { onKnob } from './knob.js';
import type { MeshSize } from './mesh-size.js';
import { meshSizes } from './mesh-size.js';
import type { Paused } from './paused.js';
import type { Reading } from './readings.js';
import type { Interventions, Run } from './simulate.js';
import {
  advance,
  branch,
  doneMin,
  eventsIn,
  homeMin,
  noInterventions,
  reading,
  startRun,
} from './simulate.js';

/** The settings tried for a still oven; a fan oven is tried lower. Common practice, no source. */
const searchGrid = {
  firstC: [195, 205, 215, 225],
  firstMin: [10, 20, 30],
  secondC: [155, 165, 175, 185, 195],
  singleC: [150, 160, 170, 180, 190, 200, 210],
  fanLowerC: 12,
  longestMin: 150,
} as const;

interface FoundStages {
  readonly stages: readonly [Stage, Stage];
  readonly doneMin: number;
  readonly browning: number;
  /** Within which the pie comes out right. */
  readonly bands: StageBands;
  /** Other pairs of temperatures, cheapest first, and what they cost. */
  readonly others: readonly OtherSchedule[];
}

/** Bakes on at a setting until the pie is done and coloured; null when it never is done. */
function finish(
  run: Run,
  settingC: number,
  colour: ColourName,
  before: readonly Reading[],
): Pick<Schedule, 'doneMin' | 'browning' | 'baseMoisture'> | null {
  const rule = run.model.body.done;
  const readings = [...before];
  const fromMin = run.state.timeS / 60;
  while (run.state.timeS < searchGrid.longestMin * 60) {
    advance(run, settingC);
    if (run.state.timeS % 60 !== 0) continue;
    const now = reading(run);
    readings.push(now);
    if (rule.bubblesMin !== null && !now.centreBubbling) continue;
    const home = homeMin(eventsIn(readings, rule, colour), rule, now.timeMin);
    if (home !== null && now.timeMin >= home)
      return { doneMin: Math.max(home, fromMin), browning: now.topBrowning, baseMoisture: now.baseMoisture };
  }
  return null;
}

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

type Trying = Required<SearchOptions>;

/** A run for each first temperature, branched at three moments into each second one until the pie is done. */
function* tryPairs(
  body: PieBody,
  spec: BakeSpec,
  { size, interventions, keep }: Trying,
): Paused<Schedule[][]> {
  const lower = spec.oven.kind === 'fan' ? searchGrid.fanLowerC : 0;
  const firstLower = lower + (body.top?.startsLowerC ?? 0);
  const setting = (tempC: number): number => onKnob(tempC, spec.oven.knob);
  const firsts = keep ? [keep.firstC] : unique(searchGrid.firstC.map((tempC) => setting(tempC - firstLower)));
  const seconds = keep ? [keep.secondC] : unique(searchGrid.secondC.map((tempC) => setting(tempC - lower)));
  const rows: Schedule[][] = [];
  let tried = 0;
  const total = firsts.length * searchGrid.firstMin.length * seconds.length;
  for (const firstC of firsts) {
    const run = startRun(body, spec, firstC, size, interventions);
    const before: Reading[] = [reading(run)];
    const bySecond = new Map<number, Schedule[]>();
    for (const firstMin of searchGrid.firstMin) {
      while (run.state.timeS < firstMin * 60) {
        advance(run, firstC);
        if (run.state.timeS % 60 === 0) before.push(reading(run));
      }
      const already = doneMin(eventsIn(before, body.done, spec.colour), body.done);
      // A small pie is done before it could be turned down.
      if (already !== null && already < firstMin - 5 && bySecond.size > 0) break;
      for (const secondC of seconds) {
        yield (SEARCH_SHARE * tried++) / total;
        if (secondC > firstC && !keep) continue;
        const end = finish(branch(run), secondC, spec.colour, before);
        if (!end) continue;
        bySecond.set(secondC, [...(bySecond.get(secondC) ?? []), { firstC, firstMin, secondC, ...end }]);
      }
    }
    rows.push(...bySecond.values());
  }
  return rows;
}

/** One temperature all through. */
function* trySingles(body: PieBody, spec: BakeSpec, { size, interventions }: Trying): Paused<Schedule[][]> {
  const lower = spec.oven.kind === 'fan' ? searchGrid.fanLowerC : 0;
  const settings = unique(searchGrid.singleC.map((tempC) => onKnob(tempC - lower, spec.oven.knob)));
  const rows: Schedule[][] = [];
  for (const [i, tempC] of settings.entries()) {
    yield (SEARCH_SHARE * i) / settings.length;
    const run = startRun(body, spec, tempC, size, interventions);
    const end = finish(run, tempC, spec.colour, [reading(run)]);
    if (end) rows.push([{ firstC: tempC, firstMin: 0, secondC: tempC, ...end }]);
  }
  return rows;
}

/** A way each minute between the moments that were simulated. */
function interpolate(row: readonly Schedule[]): Schedule[] {
  const filled: Schedule[] = [...row];
  for (let i = 0; i + 1 < row.length; i++) {
    const a = row[i]!;
    const b = row[i + 1]!;
    for (let t = a.firstMin + 1; t < b.firstMin; t++) {
      const share = (t - a.firstMin) / (b.firstMin - a.firstMin);
      filled.push({
        ...a,
        firstMin: t,
        doneMin: a.doneMin + (b.doneMin - a.doneMin) * share,
        browning: a.browning + (b.browning - a.browning) * share,
        baseMoisture: a.baseMoisture + (b.baseMoisture - a.baseMoisture) * share,
      });
    }
  }
  return filled;
}

/** A second stage shorter than this is not worth turning the knob for, min. Common practice, no source. */
const WORTH_TURNING_MIN = 8;
const isSingle = ({ firstC, secondC }: Schedule): boolean => firstC === secondC;
const isWorthTwo = (way: Schedule): boolean =>
  isSingle(way) || way.doneMin - way.firstMin >= WORTH_TURNING_MIN;

/** Both stages in whole minutes; a single stage is cut where a two-stage bake would be looked at. */
function stagesOf(best: Schedule): [Stage, Stage] {
  const single = isSingle(best);
  const outMin = Math.round(best.doneMin);
  const firstMin = single ? Math.round(outMin / 2) : Math.round(best.firstMin);
  const lastMin = Math.max(single ? 0 : 5, outMin - firstMin);
  return [
    { tempC: best.firstC, timeMin: firstMin },
    { tempC: best.secondC, timeMin: lastMin },
  ];
}

/**
 * The two stages that bring filling and colour home together, on settings that the baker's knob has. Between simulated
 * moments the colour is interpolated; colour within 5 % of the target counts as met, then the shortest bake wins. Null
 * when nothing gets done.
 */
export function* findStages(
  body: PieBody,
  spec: BakeSpec,
  { size = meshSizes.coarse, interventions = noInterventions, keep = null }: SearchOptions = {},
): Paused<FoundStages | null> {
  const target = colourTargets[spec.colour].index;
  const trying = { size, interventions, keep };
  const rows = yield* spec.singleStage ? trySingles(body, spec, trying) : tryPairs(body, spec, trying);
  const tried = rows.flatMap(interpolate);
  const worthTwo = tried.filter(isWorthTwo);
  // A small pie is done before lowering the heat is worth a walk to the oven: one heat may serve it better.
  const asOne = worthTwo.length < tried.length ? (yield* trySingles(body, spec, trying)).flat() : [];
  const ways = spec.singleStage || keep ? tried : [...worthTwo, ...asOne];
  const pairs = bestOfPairs(ways, target);
  const [best] = pairs;
  if (!best) return null;
  const alike = ways.filter((way) => isSingle(way) === isSingle(best));
  return {
    stages: stagesOf(best),
    doneMin: best.doneMin,
    browning: best.browning,
    bands: bandsOf(alike, best, target),
    others: pairs.slice(1).map((way) => ({
      ...way,
      longerMin: way.doneMin - best.doneMin,
      colourOff: colourOff(way, target),
    })),
  };
}

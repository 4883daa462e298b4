import type { Resumable } from '../../units/index.js';
import { interventionsFor, simulateBake } from '../../bake/index.js';
import type { Larder } from '../../larder/index.js';
import { builtInLarder } from '../../larder/index.js';
import type { PiePlan } from '../../plan/index.js';
import { planPie } from '../../plan/index.js';
import type { LoggedBake } from '../log/index.js';
import { makePieTable, tappedMin } from '../log/index.js';
import type { Answers } from './blame.js';
import { bestQuestion, blame, isFaulty } from './blame.js';
import type { CauseId } from './causes.js';
import { causes } from './causes.js';
import { faultEvidence } from './evidence-of.js';
import type { QuestionId } from './questions.js';
import { questions } from './questions.js';
import type { Over, PlannedPie } from './reruns.js';
import { reruns } from './reruns.js';

/** A slice as the sums have it. */
export interface SliceSaid {
  readonly set: string;
  readonly run: string;
  readonly gapCm: number;
  /** 1 golden, 4 too dark; null for what is not baked. */
  readonly topBrowning: number | null;
  readonly baseBrowning: number | null;
  readonly coldestC: number | null;
}

/** One thing that may have gone wrong. */
export interface CauseFound {
  readonly cause: CauseId;
  readonly label: string;
  readonly remedy: string;
  readonly odds: number;
  /** The slice as the sums have it with this fault, and with the remedy; null where only hands can mend it. */
  readonly rerun: {
    readonly was: SliceSaid;
    readonly wouldBe: SliceSaid;
    readonly wasPlan: PiePlan;
    readonly wouldBePlan: PiePlan;
  } | null;
}

/** Why a bake went wrong. */
export interface Why {
  readonly bake: string;
  /** Whether anything was said to be wrong. */
  readonly faulty: boolean;
  /** The likeliest first; all odds, but for the least ones. */
  readonly causes: readonly CauseFound[];
  /** The one thing more to ask; null when it would tell nothing. */
  readonly question: { readonly id: QuestionId; readonly text: string } | null;
}

const sliceObserved = ({ filling, build, bake }: PiePlan): SliceSaid => ({
  set: filling.set,
  run: filling.run,
  gapCm: build.gapCm,
  topBrowning: bake?.atEnd.topBrowning ?? null,
  baseBrowning: bake?.atEnd.baseBrowning ?? null,
  coldestC: bake?.atEnd.coldestC ?? null,
});

/** A pie as it came out under the foil that was laid: its plan, which knows what goes wrong, would have laid some in time. */
function bakedUnder(plan: PiePlan, foilMin: number | null): PiePlan {
  const { work, spec, bake } = plan;
  if (!bake || bake.foilMin === foilMin) return plan;
  const interventions = interventionsFor(bake.turnMin, foilMin, bake.interventions.weightsMin);
  const { events, readings } = simulateBake(work.body, spec.bake, bake.stages, undefined, interventions);
  return { ...plan, bake: { ...bake, foilMin, interventions, events, atEnd: readings.at(-1) ?? bake.atEnd } };
}

/** When foil went on: as it was tapped, or else as the plan told it; null for never. */
function foilLaidMin(bake: LoggedBake, { spec }: PlannedPie, larder: Larder): number | null {
  const tapped = tappedMin(bake, 'foil_on');
  if (tapped !== null) return tapped;
  const planned = planPie(spec, larder);
  return planned.ok ? (planned.plan.bake?.foilMin ?? null) : null;
}

/** When foil goes on a pie over which so much lies, min. */
function foilTapped({ bake }: PiePlan, over: Over): number | null {
  const goldenMin = bake?.events.goldenMin ?? null;
  return over === 'nothing' || goldenMin === null ? null : Math.round(goldenMin);
}

/** Causes less likely than this are not told. */
const LEAST_ODDS = 0.03;
/** So many of the likeliest are baked again. */
const RERUN_AT_MOST = 3;

function rerun(cause: CauseId, pie: PlannedPie, foilMin: number | null, larder: Larder): CauseFound['rerun'] {
  const its = reruns[cause];
  if (!its) return null;
  const was = planPie(its.fault(pie), larder);
  const wouldBe = planPie(its.mend(pie), larder);
  if (!was.ok || !wouldBe.ok) return null;
  const { over } = its;
  const wasPlan = bakedUnder(was.plan, over ? foilTapped(was.plan, over.fault) : foilMin);
  const wouldBePlan = over ? bakedUnder(wouldBe.plan, foilTapped(wouldBe.plan, over.mend)) : wouldBe.plan;
  return { was: sliceObserved(wasPlan), wouldBe: sliceObserved(wouldBePlan), wasPlan, wouldBePlan };
}

/**
 * Why a bake went wrong: causes with their odds, each with the slice it gives and the slice its remedy would have given. Gives
 * way between one cause and the next.
 * @param bake of a log; throws when its plan cannot be made
 * @param answers to what was asked since
 * @param larder as for a plan
 * @returns causes, the likeliest first, and what to ask
 * @example finishNow(explainFault(bake)).causes
 */
export function* explainFault(
  bake: LoggedBake,
  answers: Answers = {},
  larder: Larder = builtInLarder,
): Resumable<Why> {
  const table = makePieTable(bake, larder);
  const seen = faultEvidence({ bake, table });
  const blamed = blame(seen, answers);
  const question = bestQuestion(blamed, answers);
  const text = (question && questions.get(question)?.text) ?? null;
  const stages = bake.stages ?? bake.plan.bake.stages;
  const pie: PlannedPie = {
    spec: { ...bake.plan, bake: { ...bake.plan.bake, stages } },
    plannedDoseG: table.doseG,
    doseG: bake.weighed.thickenerG ?? table.doseG,
    weepG: Math.exp(table.logWeepG[1] ?? 0),
  };
  const foilMin = foilLaidMin(bake, pie, larder);
  const found: CauseFound[] = [];
  const told = blamed.filter(({ odds }) => odds >= LEAST_ODDS);
  for (const { cause, odds } of told) {
    const row = causes.get(cause);
    if (!row) continue;
    const baked = found.filter((one) => one.rerun !== null).length;
    found.push({
      cause,
      label: row.label,
      remedy: row.remedy,
      odds,
      rerun: baked < RERUN_AT_MOST ? rerun(cause, pie, foilMin, larder) : null,
    });
    yield found.length / told.length;
  }
  return {
    bake: bake.id,
    faulty: isFaulty(seen),
    causes: found,
    question: question === null || text === null ? null : { id: question, text },
  };
}

import type { Bank, Forecast, OvenBelief, PieSpec, SeenSoFar, Stage } from '@mardle/core';
import { bankSteps, draftPlan, finishNow, forecast } from '@mardle/core';
import * as Comlink from 'comlink';

/** What each bake may do, worked out when it is first asked after. */
const banks = new Map<string, Bank | null>();
const MOST_BANKS = 24;

function bankOf(
  bakeId: string,
  spec: PieSpec,
  stages: readonly [Stage, Stage],
  foilMin: number | null,
): Bank | null {
  const key = `${bakeId} ${foilMin ?? ''}`;
  const there = banks.get(key);
  if (there !== undefined) return there;
  const drafted = draftPlan({ ...spec, bake: { ...spec.bake, stages } });
  const bank =
    drafted.ok && drafted.plan.work.body.filling
      ? finishNow(bankSteps(drafted.plan.work.body, spec.bake, stages, foilMin))
      : null;
  const oldest = banks.keys().next().value;
  if (banks.size >= MOST_BANKS && oldest !== undefined) banks.delete(oldest);
  banks.set(key, bank);
  return bank;
}

const jobs = {
  /** Null for a pie that no forecast can be made of: without a filling, or no longer to be planned. */
  forecast(
    bakeId: string,
    spec: PieSpec,
    stages: readonly [Stage, Stage],
    foilMin: number | null,
    seen: SeenSoFar,
    oven: OvenBelief | undefined,
  ): Forecast | null {
    const bank = bankOf(bakeId, spec, stages, foilMin);
    return bank && forecast(bank, seen, oven);
  },
};
export type ForecastJobs = typeof jobs;

Comlink.expose(jobs);

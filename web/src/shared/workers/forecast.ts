import type { BakeResponse } from '@mardle/contract';
import type { Forecast, OvenBelief, SeenSoFar } from '@mardle/core';
import type { Remote } from 'comlink';
import * as Comlink from 'comlink';
import type { ForecastJobs } from './forecast.worker.js';

let worker: Remote<ForecastJobs> | null = null;

/** The one worker of forecasts, started when first needed. */
function forecastWorker(): Remote<ForecastJobs> {
  worker ??= Comlink.wrap<ForecastJobs>(
    new Worker(new URL('./forecast.worker.ts', import.meta.url), { type: 'module', name: 'forecast' }),
  );
  return worker;
}

/** When a running bake will be done, by what was seen of it. */
export const forecastInWorker = (
  { id, spec, stages }: BakeResponse,
  foilMin: number | null,
  seen: SeenSoFar,
  oven: OvenBelief | undefined,
): Promise<Forecast | null> => forecastWorker().forecast(id, spec, stages, foilMin, seen, oven);

import type { BakeResponse } from '@mardle/contract';
import type { BakeEvent, Forecast, LoggedReading, OvenBelief, ProbeFault } from '@mardle/core';
import { probeFault, showDegrees, standing, MINUTE_MS } from '@mardle/core';
import { Button } from '@mantine/core';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useLearned } from '../../shared/api/log.js';
import { useReadings } from '../../shared/api/probe.js';
import { timeText } from '../../shared/format/countdown.js';
import { useNow } from '../../shared/hooks/useNow.js';
import { useOutbox } from '../../state/sending/outbox.js';
import { useSettings } from '../../state/settings.js';
import { forecastInWorker } from '../../shared/workers/forecast.js';
import classes from './ForecastPart.module.css';
import { ProbePicture } from './ProbePicture.js';
import { SimulatedProbe } from './SimulatedProbe.js';

/** Less is not worth a hand. */
const WORTH_MIN = 2;
/** One tap moves an end no further. */
const MOST_SOONER_MIN = 60;
const MOST_LATER_MIN = 120;
/** Under this an oven is as it was told, C. */
const AS_TOLD_C = 3;
const BAND_DEVIATIONS = 1.645;

const faultWords: Readonly<Record<ProbeFault, string>> = {
  'no reading': 'gives nothing',
  stuck: 'is stuck at one figure',
  'out of range': 'reads what cannot be',
  'slipped out': 'has slipped out of the filling',
};

/** What the probes do wrong just now, said by name. */
function faults(readings: readonly LoggedReading[]): string[] {
  if (readings.length === 0) return [];
  const wires = [
    ['The probe in the filling', readings.map(({ fillingC }) => fillingC), true],
    ['The probe in the oven', readings.map(({ airC }) => airC), false],
  ] as const;
  return wires.flatMap(([wire, temps, inFilling]) => {
    // A wire that was never there is none that fails.
    if (temps.every((temp) => temp === null)) return [];
    const fault = probeFault(temps, inFilling);
    return fault === null ? [] : [`${wire} ${faultWords[fault]}; it is left out.`];
  });
}

/** What the log knows of an oven, beside what its pie was told. */
function useOvenBelief({ spec }: BakeResponse): OvenBelief | undefined {
  const { data } = useLearned();
  const { oven } = spec.bake;
  const figure = data?.figures.find(({ kind, of }) => kind === 'oven' && of === oven.label);
  if (!figure) return undefined;
  const { value, low, high } = figure.learned;
  // This bake has its own degrees beside the oven's.
  const deviationC = Math.hypot((high - low) / (2 * BAND_DEVIATIONS), 4);
  return { offsetC: value - oven.offsetC, deviationC };
}

interface ForecastPartProps {
  readonly bake: BakeResponse;
  readonly events: readonly BakeEvent[];
  readonly loadedAt: number;
  readonly outDueAt: number;
}

/** The forecast of a running bake, bent to taps and probes: when it will be done, within what, and one tap to go by it. */
export function ForecastPart({ bake, events, loadedAt, outDueAt }: ForecastPartProps) {
  const units = useSettings((state) => state.units);
  const write = useOutbox((state) => state.write);
  const { data: read } = useReadings(bake.id);
  const oven = useOvenBelief(bake);
  const readings = read?.readings ?? [];
  const seen = standing(events).map(({ kind, at }) => ({
    kind,
    atMin: (Date.parse(at) - loadedAt) / MINUTE_MS,
  }));
  const foilMin = seen.find(({ kind }) => kind === 'foil_on')?.atMin ?? null;
  const telling = seen.filter(({ kind }) => kind === 'bubbling' || kind === 'colour_golden');
  const anything = telling.length > 0 || readings.length > 0;
  const { data: told } = useQuery({
    queryKey: ['forecast', bake.id, foilMin, telling, readings.length, oven],
    queryFn: () =>
      forecastInWorker(
        bake,
        foilMin === null ? null : Math.round(foilMin),
        { events: telling, readings },
        oven,
      ),
    enabled: anything,
    staleTime: Infinity,
    placeholderData: keepPreviousData,
  });
  const wrong = faults(readings);
  return (
    <div className={classes.part}>
      {anything && told && (
        <Told
          told={told}
          loadedAt={loadedAt}
          outDueAt={outDueAt}
          goBy={(minutes) => write(bake.id, 'more_time', { minutes })}
        />
      )}
      {anything && !told && <p role="status">Bending the forecast to what was seen …</p>}
      {told && Math.abs(told.offsetC.value) >= AS_TOLD_C && anything && (
        <p>
          The oven seems {showDegrees(told.offsetC.value, units)}{' '}
          {told.offsetC.value > 0 ? 'hotter' : 'colder'} than its knob says.
        </p>
      )}
      {wrong.map((words) => (
        <p key={words} role="alert" className={classes.fault}>
          {words}
        </p>
      ))}
      {told && readings.length > 1 && <ProbePicture forecast={told} readings={readings} />}
      <SimulatedProbe
        bakeId={bake.id}
        simulated={read?.simulated ?? false}
        running={read?.running ?? false}
      />
    </div>
  );
}

interface ToldProps {
  readonly told: Forecast;
  readonly loadedAt: number;
  readonly outDueAt: number;
  readonly goBy: (minutes: number) => void;
}

function Told({ told, loadedAt, outDueAt, goBy }: ToldProps) {
  const now = useNow();
  const nowMin = (now - loadedAt) / MINUTE_MS;
  // What is to come lies ahead: a moment that has passed is no forecast.
  const hour = (min: number): string => timeText(loadedAt + Math.max(min, nowMin) * MINUTE_MS);
  const outMin = Math.max(told.out.value, nowMin);
  const wantedMin = Math.round((loadedAt + outMin * MINUTE_MS - outDueAt) / MINUTE_MS);
  const diffMin = Math.max(-MOST_SOONER_MIN, Math.min(MOST_LATER_MIN, wantedMin));
  return (
    <p className={classes.told}>
      {told.done.value > nowMin ? (
        <>
          By what was seen the filling is done at <strong>{hour(told.done.value)}</strong>, between{' '}
          {hour(told.done.low)} and {hour(told.done.high)};{' '}
        </>
      ) : (
        <>
          By what was seen the filling should be <strong>done by now</strong>
          {told.done.high > nowMin && <>, at the latest at {hour(told.done.high)}</>}: look;{' '}
        </>
      )}
      out {told.out.value > nowMin ? `at about ${hour(told.out.value)}` : 'when it is'}.{' '}
      {Math.abs(diffMin) >= WORTH_MIN && (
        <Button size="compact-sm" onClick={() => goBy(diffMin)}>
          Go by it: out {Math.abs(diffMin)} min {diffMin > 0 ? 'later' : 'sooner'}
        </Button>
      )}
    </p>
  );
}

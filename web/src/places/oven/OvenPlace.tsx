import { Button, Group } from '@mantine/core';
import { useEffect, useState } from 'react';
import { Link } from 'react-router';
import type { Advice, UnitSystem } from '@mardle/core';
import { careAt, showText } from '@mardle/core';
import { AdviceList } from '../../shared/ui/Advice.js';
import { Failure } from '../../shared/ui/Failure.js';
import { AlarmChoice } from './AlarmChoice.js';
import { BakeCard } from './BakeCard.js';
import { HandsFree } from './HandsFree.js';
import { LatelyOut } from './LatelyOut.js';
import { RefusedTaps } from './RefusedTaps.js';
import { useSettings } from '../../state/settings.js';
import classes from './OvenPlace.module.css';
import { timeText } from '../../shared/format/countdown.js';
import { useNow } from '../../shared/hooks/useNow.js';
import type { BakeNow } from '../../bakes/useRunning.js';
import { useBakesNow } from '../../bakes/useRunning.js';

/** Keeps the display awake while something is in the oven. */
function useAwake(wanted: boolean): void {
  useEffect(() => {
    if (!wanted || !('wakeLock' in navigator)) return;
    let lock: WakeLockSentinel | null = null;
    const ask = (): void => {
      if (document.visibilityState !== 'visible') return;
      navigator.wakeLock.request('screen').then(
        (got) => {
          lock = got;
        },
        () => undefined,
      );
    };
    ask();
    document.addEventListener('visibilitychange', ask);
    return () => {
      document.removeEventListener('visibilitychange', ask);
      void lock?.release();
    };
  }, [wanted]);
}

/** What to say while pies are in: steam, and an oven that is asked for two temperatures at once. */
function ovenAdvice(running: readonly BakeNow[], units: UnitSystem): Advice[] {
  const inside = running.filter(({ state }) => state.outAt === null);
  const clashes = [...new Set(inside.map(({ bake }) => bake.spec.bake.oven.label))].flatMap(
    (oven): Advice[] => {
      const settings = new Set(
        inside.filter(({ bake }) => bake.spec.bake.oven.label === oven).map(({ state }) => state.setTempC),
      );
      if (settings.size < 2) return [];
      return [
        {
          id: `two_temperatures.${oven}`,
          station: 'oven',
          level: 'watch',
          text: `The ${oven} is asked for ${[...settings]
            .sort((a, b) => a - b)
            .map((tempC) => showText(tempC, 'C', units))
            .join(
              ' and ',
            )} at once. Keep it hot until the last pie’s first stage is over; foil the one that is ahead.`,
        },
      ];
    },
  );
  return [...clashes, ...(inside.length > 0 ? careAt('oven', 'steam') : [])];
}

/** The name of a bake among the others: with the time it went in when another has the same. */
const calledAmong = (all: readonly BakeNow[], { bake, state }: BakeNow): string =>
  all.some((other) => other.bake.id !== bake.id && other.bake.spec.name === bake.spec.name)
    ? `${bake.spec.name}, in at ${timeText(state.loadedAt)}`
    : bake.spec.name;

/** Running bakes, read from two metres: what is where, how long to the next touch, and the touch as one big button. */
export function OvenPlace() {
  const units = useSettings((state) => state.units);
  const now = useNow();
  const { running, error, loading } = useBakesNow(now);
  useAwake(running.length > 0);
  const [handsFree, setHandsFree] = useState(false);
  const [first] = running;
  return (
    <>
      <Group justify="space-between" mb={12}>
        <h1>Oven</h1>
        <Group gap={16}>
          {running.length > 0 && (
            <span className={classes.hint}>Space does the next touch of the first pie.</span>
          )}
          {first && (
            <Button variant="default" onClick={() => setHandsFree(true)}>
              Hands in dough
            </Button>
          )}
          <AlarmChoice />
        </Group>
      </Group>
      {running.length === 0 && error !== null && error !== undefined && <Failure error={error} />}
      <RefusedTaps />
      {loading && <p role="status">Looking into the ovens …</p>}
      {!loading && running.length === 0 && (
        <div className={classes.empty}>
          <p>Nothing is in the oven. Open a pie and press “Bake it” when it goes in.</p>
          <Button component={Link} to="/pies">
            To the pies
          </Button>
        </div>
      )}
      <div className={classes.bakes}>
        {running.map((one, i) => (
          <BakeCard key={one.bake.id} {...one} called={calledAmong(running, one)} now={now} first={i === 0} />
        ))}
        <AdviceList label="Care" advice={ovenAdvice(running, units)} />
      </div>
      <LatelyOut />
      {handsFree && first && (
        <HandsFree
          {...first}
          called={calledAmong(running, first)}
          now={now}
          onClose={() => setHandsFree(false)}
        />
      )}
    </>
  );
}

import type { ClockStep, PiePlan } from '@mardle/core';
import { clockLength, showMinutes } from '@mardle/core';
import { useNow } from '../../../shared/hooks/useNow.js';
import { useFirstTouch } from '../../../state/firstTouch.js';
import classes from './Clock.module.css';
import { TimeField } from './TimeField.js';
import { dayOfTouch, timeNow, timeOfDay } from './timeOfDay.js';

/** Whether an hour has passed is looked at so often. */
const LOOKS_EVERY_MS = 20_000;

interface ClockProps {
  readonly plan: PiePlan;
  readonly baking: number | null;
}

/** The moments a baker plans round; each at an edge of the first of its steps that the pie has. */
const moments: readonly (readonly [word: string, ids: readonly string[], edge: 'startMin' | 'endMin'])[] = [
  ['Oven on', ['preheat_blind', 'preheat'], 'startMin'],
  ['Shell in', ['blind_stage1'], 'startMin'],
  ['Pie in', ['stage1'], 'startMin'],
  ['Lower', ['stage2'], 'startMin'],
  ['Out', ['stage2', 'stage1', 'blind_stage2', 'blind_stage1'], 'endMin'],
];
/** What every pie has, as far as is known before its bake is. */
const USUAL = ['preheat', 'stage1', 'stage2', 'cool'];

const lasts = (step: ClockStep): string => {
  const { number, unit } = showMinutes(step.endMin - step.startMin);
  return `${number} ${unit}`;
};

/** From the first touch until it is eaten. */
export function Clock({ plan, baking }: ClockProps) {
  const { at, setAt } = useFirstTouch();
  const now = useNow(LOOKS_EVERY_MS);
  const touch = dayOfTouch(at, new Date(now));
  const allMin = clockLength(plan.clock);
  const whole = showMinutes(allMin);
  const begunNow = touch.passed ? `; begun now, ready ${timeOfDay(timeNow(new Date(now)), allMin)}` : '';
  return (
    <section className={classes.clock} aria-label="Clock">
      <div className={classes.first}>
        <TimeField label="First touch" value={at} onChange={setAt} />
        <button type="button" className={classes.now} onClick={() => setAt(timeNow())}>
          now
        </button>
        {touch.passed && (
          <span role="status" className={classes.other} title={`${at} has passed today`}>
            {touch.words}
          </span>
        )}
        {plan.bake && (
          <TimeField
            label="Ready at"
            value={timeOfDay(at, allMin).slice(0, 5)}
            onChange={(ready) => setAt(timeOfDay(ready, -allMin).slice(0, 5))}
          />
        )}
        <details className={classes.every}>
          <summary>Every step</summary>
          <ol className={classes.steps}>
            {plan.clock.map((step) => (
              <li key={step.id}>
                <b>{timeOfDay(at, step.startMin)}</b> {step.label}{' '}
                <small>
                  {lasts(step)}
                  {step.dayBefore && ', or the day before'}
                </small>
              </li>
            ))}
          </ol>
        </details>
        <span>
          {plan.bake
            ? `${whole.number} ${whole.unit} in all${begunNow}`
            : baking === null
              ? 'bake not worked out'
              : `working out the bake … ${Math.round(baking * 100)} %`}
        </span>
      </div>
      <ol className={classes.moments}>
        {[...moments, [plan.eaten.then, ['fridge', 'cool', 'set_cold'], 'endMin'] as const].map(
          ([word, ids, edge]) => {
            const step = ids
              .map((id) => plan.clock.find((other) => other.id === id))
              .find((found) => found !== undefined);
            // At one heat nothing is lowered, and few pies have a shell of their own in the oven.
            if (!step && (plan.bake || !ids.some((id) => USUAL.includes(id)))) return null;
            return (
              <li key={word} className={word === plan.eaten.then ? classes.slice : undefined}>
                <b>{step ? timeOfDay(at, step[edge]) : '…'}</b>
                <span>{word}</span>
              </li>
            );
          },
        )}
      </ol>
    </section>
  );
}

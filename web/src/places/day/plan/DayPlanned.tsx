import { Button, Group, SegmentedControl } from '@mantine/core';
import type { Day, DayFault, DayPlan, Robustness } from '@mardle/core';
import {
  unloadGroups,
  isComplete,
  nightHours,
  nightWork,
  pieName,
  wallTime,
  withoutShells,
} from '@mardle/core';
import { IconAlertTriangle, IconCalendarDown, IconCheck } from '@tabler/icons-react';
import { useState } from 'react';
import { fileName, saveFile } from '../../../shared/download.js';
import { Plate } from '../../../shared/ui/Plate/Plate.js';
import type { SolvedDay } from '../../../shared/workers/day.js';
import type { DayFile } from '../../../state/day/dayFile.js';
import { DayAmountsList } from '../lists/DayAmountsList.js';
import { DayBuyList } from '../lists/DayBuyList.js';
import { DayLabels } from '../lists/DayLabels.js';
import { DayLine } from './DayLine.js';
import { DayList } from './DayList.js';
import classes from '../DayPlace.module.css';
import { OvenSays } from './OvenSays.js';
import { calendarOf } from '../lists/outFiles.js';

interface DayPlannedProps {
  readonly file: DayFile;
  readonly solved: SolvedDay;
  readonly changed: boolean;
  readonly busy: boolean;
  readonly onRemedy: (n: number) => void;
}

const views = [
  { value: 'line', label: 'hands and ovens' },
  { value: 'pies', label: 'pie by pie' },
  { value: 'list', label: 'lists' },
  { value: 'amounts', label: 'to weigh' },
  { value: 'buying', label: 'to buy' },
  { value: 'labels', label: 'labels' },
] as const;
type View = (typeof views)[number]['value'];

/** Where the answer stands. */
export const PLANNED = 'day-planned';

/** The day as it is planned: whether it works, on a line of time, and as lists for each pair of hands. */
export function DayPlanned({ file, solved, changed, busy, onRemedy }: DayPlannedProps) {
  const { day, plan } = solved;
  const [view, setView] = useState<View>('line');
  return (
    <div id={PLANNED} className={classes.planned}>
      <Verdict solved={solved} changed={changed} busy={busy} onRemedy={onRemedy} />
      {plan && <OvenSays day={day} plan={plan} />}
      {plan && (
        <Plate label="The day" className={classes.plan}>
          <Group justify="space-between" mb={8} className="no-print">
            <SegmentedControl
              aria-label="How the day is shown"
              className={classes.shown}
              value={view}
              onChange={(next) => setView(views.find(({ value }) => value === next)?.value ?? 'line')}
              data={[...views]}
            />
            <Button
              variant="default"
              leftSection={<IconCalendarDown size={18} />}
              onClick={() =>
                void calendarOf(day, plan, file.name).then((text) =>
                  saveFile(
                    new Blob([text], { type: 'text/calendar;charset=utf-8' }),
                    fileName(file.name, 'ics'),
                  ),
                )
              }
            >
              Calendar
            </Button>
            <span>
              {plan.runs.length} {plan.runs.length === 1 ? 'run' : 'runs'} of the oven,{' '}
              {unloadGroups(plan).length} things to do
            </span>
          </Group>
          {(view === 'line' || view === 'pies') && <DayLine day={day} plan={plan} by={view} />}
          {view === 'amounts' && <DayAmountsList file={file} />}
          {view === 'buying' && <DayBuyList file={file} />}
          {view === 'labels' && <DayLabels file={file} day={day} plan={plan} />}
          {(view === 'line' || view === 'pies' || view === 'list') && (
            <DayList file={file} day={day} plan={plan} shown={view === 'list' ? 'all' : 'next'} />
          )}
        </Plate>
      )}
    </div>
  );
}

function summary(day: Day, plan: DayPlan): string {
  const late = plan.late.map(({ pie, byMin }) => `${pieName(day, pie)} by ${byMin} min`);
  const out = withoutShells(day).flatMap(({ id }) => (plan.leftOut.includes(id) ? [pieName(day, id)] : []));
  return [
    ...(late.length > 0 ? [`Late: ${late.join(', ')}.`] : []),
    ...(out.length > 0 ? [`No place in this day for ${out.join(', ')}.`] : []),
  ].join(' ');
}

/** How many are in time, of all that are wanted. */
function inTime(day: Day, plan: DayPlan | null): string {
  const all = withoutShells(day);
  const isNot = new Set([...(plan?.late.map(({ pie }) => pie) ?? []), ...(plan?.leftOut ?? [])]);
  const count = plan ? all.filter(({ id }) => !isNot.has(id)).length : 0;
  if (count === 0) return 'Not one pie of this day can be in time.';
  if (all.length === 1) return 'It is in time.';
  return count === all.length ? `All ${all.length} in time.` : `${count} of ${all.length} in time.`;
}

const faultWords: Readonly<Record<DayFault, string>> = {
  late: 'something is late',
  overbaked: 'a pie stays too long in the oven',
  kept: 'somebody is kept past their hours',
  fruit: 'fruit waits too long for its crust',
  built: 'a built pie waits too long for its oven',
  cold: 'a warm pie is cold',
};

/** What went wrong on the days that were tried, in words, worst first. */
const faultCounts = ({ faults }: Robustness): string =>
  faults
    .map(({ fault, share }) => `${faultWords[fault]} on ${Math.max(1, Math.round(100 * share))}`)
    .join(', ');

/** Who works at night, and whether that was wanted. */
function nightWords(day: Day, plan: DayPlan): string {
  const each = nightWork(day, plan).map(
    ({ hands, from, min }) => `${hands} ${min} min, from ${wallTime(day, from)}`,
  );
  if (each.length === 0) return '';
  const who = `${each.join('; ')}.`;
  return day.nights === 'open'
    ? ` At night: ${who}`
    : ` No plan was found in which all sleep from ${nightHours.from}:00 to ${nightHours.to}:00. At night: ${who}`;
}

function Verdict({
  solved: { day, plan, holds, remedies },
  changed,
  busy,
  onRemedy,
}: Omit<DayPlannedProps, 'file'>) {
  const works = isComplete(plan);
  return (
    <div role="status" className={works ? classes.works : classes.fails}>
      {works ? <IconCheck aria-hidden /> : <IconAlertTriangle aria-hidden />}
      <div>
        <b>{inTime(day, plan)}</b> {plan && !works && summary(day, plan)}
        {holds && (
          <>
            Tried on {holds.days} days, some slower and some quicker than planned, it works on{' '}
            {Math.round(holds.share * holds.days)}.
            {holds.faults.length > 0 && ` Of 100 such days ${faultCounts(holds)}.`}
            {holds.weakest[0] && holds.share < 1 && ` Soonest late: ${pieName(day, holds.weakest[0].pie)}.`}
          </>
        )}
        {plan && nightWords(day, plan)}
        {changed && <i> What is wanted was changed since: plan the day again.</i>}
        {!works && remedies !== null && remedies.length > 0 && (
          <ul className={`${classes.remedies} no-print`}>
            {remedies.map(({ what, lateMin }, n) => (
              <li key={what}>
                <Button size="compact-md" variant="default" disabled={busy} onClick={() => onRemedy(n)}>
                  {what}
                </Button>{' '}
                {lateMin === 0 ? 'Then all is in time.' : 'Helps, but not all.'}
              </li>
            ))}
          </ul>
        )}
        {!works && remedies?.length === 0 && ' Nothing small helps: ask for fewer pies, or later.'}
      </div>
    </div>
  );
}

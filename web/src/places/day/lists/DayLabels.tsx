import type { Day, DayPlan, PieSpec, UnitSystem } from '@mardle/core';
import { draftPlan, instantAt, pieLabel, showText } from '@mardle/core';
import { Button, Group } from '@mantine/core';
import { IconPrinter } from '@tabler/icons-react';
import { Fragment } from 'react';
import type { DayFile } from '../../../state/day/dayFile.js';
import { useSettings } from '../../../state/settings.js';
import classes from '../DayPlace.module.css';

const DAY_MS = 24 * 3_600_000;

/** The label of one sort of pie, with the days of this bake. */
function Label({ pie, outMs, timeZone, units }: LabelProps) {
  const planned = draftPlan(pie);
  if (!planned.ok) return null;
  const { name, parts, contains, massG, keepsDays } = pieLabel(planned.plan);
  const dateOf = (ms: number): string =>
    new Intl.DateTimeFormat(undefined, { dateStyle: 'medium', timeZone }).format(ms);
  return (
    <li className={classes.label}>
      <h4>{name}</h4>
      <p>
        {parts.map(({ label, stands }, i) => (
          <Fragment key={label}>
            {i > 0 && ', '}
            {stands ? <strong>{label.toLowerCase()}</strong> : label.toLowerCase()}
          </Fragment>
        ))}
        .
      </p>
      {contains.length > 0 && (
        <p>
          Contains <strong>{contains.join(', ')}</strong>.
        </p>
      )}
      <p>
        {showText(massG, 'g', units)} before baking. Baked {dateOf(outMs)}. In a cool room eat by{' '}
        {dateOf(outMs + keepsDays * DAY_MS)}.
      </p>
    </li>
  );
}

interface LabelProps {
  readonly pie: PieSpec;
  readonly outMs: number;
  readonly timeZone: string;
  readonly units: UnitSystem;
}

/** A label for each pie of the day: what is in it by weight, allergens marked, when it was baked and how long it keeps. */
export function DayLabels({
  file,
  day,
  plan,
}: {
  readonly file: DayFile;
  readonly day: Day;
  readonly plan: DayPlan;
}) {
  const units = useSettings((state) => state.units);
  const outOf = (id: string): number | null => {
    const run = plan.runs.find(({ pies }) => pies.some(({ pie }) => pie === id));
    const its = run?.pies.find(({ pie }) => pie === id);
    return run && its ? instantAt(day, run.start + its.out) : null;
  };
  return (
    <section aria-label="Labels" className={classes.page}>
      <Group justify="space-between" className="no-print">
        <p>One for each pie. Local rules decide what a label of a pie that is sold must say.</p>
        <Button variant="default" leftSection={<IconPrinter size={18} />} onClick={() => window.print()}>
          Print the labels
        </Button>
      </Group>
      <ul className={classes.labels}>
        {file.pies.flatMap(({ id, pie, count }) =>
          Array.from({ length: count }, (_, i) => {
            const outMs = outOf(count === 1 ? id : `${id}-${i + 1}`);
            return outMs === null ? null : (
              <Label key={`${id} ${i}`} pie={pie} outMs={outMs} timeZone={file.timeZone} units={units} />
            );
          }),
        )}
      </ul>
    </section>
  );
}

import type { LogEntry } from '@mardle/contract';
import type { UnitSystem } from '@mardle/core';
import { showMinutes, showText } from '@mardle/core';
import { NativeSelect } from '@mantine/core';
import { useMemo, useState } from 'react';
import { photoUrl, useBaked, useLog, useLogEntry } from '../../../shared/api/log.js';
import { SliceOnPlate } from '../../../pie/SliceOnPlate/SliceOnPlate.js';
import { useSettings } from '../../../state/settings.js';
import classes from './BesideAnother.module.css';
import { CurvesBeside } from './CurvesBeside.js';
import { asking, dayText, questionsAsked } from '../../../learned/words.js';

const OFFERED = 60;

interface Row {
  readonly what: string;
  say(entry: LogEntry, units: UnitSystem): string;
}

const minutesSaid = (min: number | null | undefined): string => {
  if (min === null || min === undefined) return '';
  const { number, unit } = showMinutes(min);
  return `${number} ${unit}`.trim();
};
const gramsSaid = (massG: number | null, units: UnitSystem): string =>
  massG === null ? '' : showText(massG, 'g', units);
const tapped = (kind: string) => (entry: LogEntry) =>
  minutesSaid(entry.events.find((event) => event.kind === kind)?.atMin);

/** What two bakes are held against each other by: plan, scale, taps, slice. */
const rows: readonly Row[] = [
  { what: 'Oven', say: ({ oven }) => oven },
  ...[0, 1].map((i) => ({
    what: i === 0 ? 'First stage' : 'Second stage',
    say: ({ stages }: LogEntry, units: UnitSystem) =>
      stages?.[i] ? `${showText(stages[i].tempC, 'C', units)}, ${stages[i].timeMin} min` : '',
  })),
  { what: 'Thickener', say: ({ weighed }, units) => gramsSaid(weighed.thickenerG, units) },
  { what: 'Sugar', say: ({ weighed }, units) => gramsSaid(weighed.sugarG, units) },
  { what: 'Weep test', say: ({ weepDrainedG }, units) => gramsSaid(weepDrainedG, units) },
  { what: 'Golden at', say: tapped('colour_golden') },
  { what: 'Bubbling at', say: tapped('bubbling') },
  { what: 'Out at', say: tapped('out') },
  {
    what: 'Steam',
    say: ({ weighed: { inG, outG } }, units) =>
      inG === null || outG === null ? '' : showText(inG - outG, 'g', units),
  },
  { what: 'Cooled', say: ({ tasting }) => minutesSaid(tasting?.cooledMin) },
  ...questionsAsked.map((question) => ({
    what: asking[question].ask,
    say: ({ tasting }: LogEntry) => asking[question].words[tasting?.[question] ?? ''] ?? '',
  })),
  { what: 'Note', say: ({ note }) => note },
];

function Table({ one, other }: { readonly one: LogEntry; readonly other: LogEntry }) {
  const units = useSettings((state) => state.units);
  return (
    <table className={classes.table}>
      <thead>
        <tr>
          <td />
          {[one, other].map(({ id, name, bakedAt }) => (
            <th key={id} scope="col">
              {name}
              <br />
              <small>{dayText(bakedAt)}</small>
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rows
          .map(({ what, say }) => ({ what, left: say(one, units), right: say(other, units) }))
          .filter(({ left, right }) => left !== '' || right !== '')
          .map(({ what, left, right }) => (
            <tr key={what} data-differs={left !== right || undefined}>
              <th scope="row">
                {what}
                {left !== right && <span className={classes.mark}>differs</span>}
              </th>
              <td>{left || 'not said'}</td>
              <td>{right || 'not said'}</td>
            </tr>
          ))}
      </tbody>
    </table>
  );
}

/** This bake beside another: the same pie's other bakes are offered first. */
export function BesideAnother({ entry }: { readonly entry: LogEntry }) {
  const [other, setOther] = useState('');
  const { data } = useLog({ page: 1, size: OFFERED });
  const offered = (data?.bakes ?? []).filter(({ id }) => id !== entry.id);
  const alike = offered.filter(({ name }) => name === entry.name);
  const rest = offered.filter(({ name }) => name !== entry.name);
  const option = ({ id, name, bakedAt, oven }: LogEntry) => ({
    value: id,
    label: `${name}, ${dayText(bakedAt)}, ${oven}`,
  });
  if (offered.length === 0) return null;
  return (
    <section aria-label="Beside another bake">
      <NativeSelect
        label="Beside another bake"
        w={420}
        maw="100%"
        value={other}
        onChange={({ currentTarget: { value } }) => setOther(value)}
        data={[
          { value: '', label: 'choose one' },
          ...(alike.length > 0 ? [{ group: entry.name, items: alike.map(option) }] : []),
          ...(rest.length > 0 ? [{ group: 'other pies', items: rest.map(option) }] : []),
        ]}
      />
      {other !== '' && <Beside entry={entry} other={other} />}
    </section>
  );
}

/** Slices, curves and figures of both. */
function Both({ one, other }: { readonly one: LogEntry; readonly other: LogEntry }) {
  const { data: onePlan } = useBaked(one);
  const { data: otherPlan } = useBaked(other);
  const baked = useMemo(
    () =>
      [
        { entry: one, plan: onePlan },
        { entry: other, plan: otherPlan },
      ].flatMap(({ entry, plan }) => (plan ? [{ entry, plan }] : [])),
    [one, other, onePlan, otherPlan],
  );
  const waiting = onePlan === undefined || otherPlan === undefined;
  return (
    <>
      <Table one={one} other={other} />
      {waiting && <p role="status">Baking both again in the sums …</p>}
      {!waiting && baked.length > 0 && (
        <>
          <div className={classes.slices}>
            {baked.map(({ entry, plan }) => (
              <div key={entry.id}>
                <SliceOnPlate plan={plan} said={`${entry.name}, ${dayText(entry.bakedAt)}, by the sums`} />
                {entry.photo && <img src={photoUrl(entry)} alt={`The slice of ${entry.name}`} />}
              </div>
            ))}
          </div>
          <CurvesBeside baked={baked} />
        </>
      )}
    </>
  );
}

function Beside({ entry, other }: { readonly entry: LogEntry; readonly other: string }) {
  const { data } = useLogEntry(other);
  return data ? <Both one={entry} other={data} /> : <p role="status">Opening the other bake …</p>;
}

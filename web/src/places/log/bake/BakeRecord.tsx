import type { LogEntry } from '@mardle/contract';
import { showMinutes, showText } from '@mardle/core';
import { Button, Group } from '@mantine/core';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { useLogEntry } from '../../../shared/api/log.js';
import { useCreatePie } from '../../../shared/api/pies.js';
import { Failure } from '../../../shared/ui/Failure.js';
import { Plate } from '../../../shared/ui/Plate/Plate.js';
import { tapWords } from '../../../bakes/tapWords.js';
import { useSettings } from '../../../state/settings.js';
import { BesideAnother } from './BesideAnother.js';
import classes from '../LogPlace.module.css';
import { TastingForm } from './TastingForm.js';
import { WhyPart } from './WhyPart.js';
import { dayText } from '../../../learned/words.js';

const firstLarge = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** How a bake went: stages as set, taps by the minute, what was weighed. */
function AsItWent({ entry }: { readonly entry: LogEntry }) {
  const units = useSettings((state) => state.units);
  const { stages, events, weighed } = entry;
  const minutes = (min: number): string => {
    const { number, unit } = showMinutes(min);
    return `${number} ${unit}`.trim();
  };
  const lostG = weighed.inG !== null && weighed.outG !== null ? weighed.inG - weighed.outG : null;
  return (
    <p className={classes.went}>
      {stages
        ?.map(({ tempC, timeMin }) => `${showText(tempC, 'C', units)} for ${timeMin} min`)
        .join(', then ')}
      .{' '}
      {firstLarge(
        [
          ...events
            .filter(({ kind }) => kind !== 'loaded')
            .map(({ kind, atMin }) => `${tapWords[kind].toLowerCase()} at ${minutes(atMin)}`),
          ...(lostG === null ? [] : [`${showText(lostG, 'g', units)} went up as steam`]),
        ].join(', '),
      )}
      .
    </p>
  );
}

/** One bake: as it was planned, as it went, how the slice was, and why. */
export function BakeRecord({ id }: { readonly id: string }) {
  const { data: entry, error } = useLogEntry(id);
  const create = useCreatePie();
  const navigate = useNavigate();
  const [asked, setAsked] = useState(false);
  if (error) return <Failure error={error} />;
  if (!entry) return <p role="status">Opening the bake …</p>;
  const again = async (): Promise<void> => {
    if (asked) return;
    setAsked(true);
    const made = await create.mutateAsync({ ...entry.plan, name: `${entry.name}, again` }).catch(() => null);
    if (made) await navigate(`/pies/${made.id}`);
    setAsked(false);
  };
  return (
    <Plate label={entry.name} className={classes.bake}>
      <Group justify="space-between" align="start">
        <div>
          <h2>{entry.name}</h2>
          <p className={classes.when}>
            {dayText(entry.bakedAt)}, {entry.oven}
          </p>
        </div>
        <Group gap={8}>
          <Button component={Link} to={`/pies/${entry.pieId}`} variant="default" size="sm">
            The pie today
          </Button>
          <Button size="sm" variant="default" loading={create.isPending} onClick={() => void again()}>
            Same again, as it was
          </Button>
        </Group>
      </Group>
      {create.error && <Failure error={create.error} />}
      <AsItWent entry={entry} />
      <TastingForm entry={entry} />
      <WhyPart entry={entry} />
      <BesideAnother entry={entry} />
    </Plate>
  );
}

import { Button } from '@mantine/core';
import { IconDeviceTablet } from '@tabler/icons-react';
import { useState } from 'react';
import { useSharedDays } from '../../shared/api/days.js';
import { useDay } from '../../state/day/day.js';
import classes from './DayPlace.module.css';
import { openShared, useSharing } from './useSharing.js';

/** The day on all screens of the kitchen: ticks of each are seen by all. */
export function ShareDay() {
  const shared = useDay((state) => state.shared);
  const leave = useDay((state) => state.leave);
  const { trouble, share } = useSharing();
  const [busy, setBusy] = useState(false);
  return (
    <span className={classes.shared}>
      {shared ? (
        <>
          <span role="status">
            <IconDeviceTablet size={18} aria-hidden /> {trouble ?? 'On all screens'}
          </span>
          <Button variant="subtle" size="compact-md" onClick={leave}>
            Only here
          </Button>
        </>
      ) : (
        <>
          {trouble && <span role="alert">{trouble}</span>}
          <Button
            variant="default"
            leftSection={<IconDeviceTablet size={18} aria-hidden />}
            loading={busy}
            onClick={() => {
              setBusy(true);
              void share().finally(() => setBusy(false));
            }}
          >
            On all screens
          </Button>
        </>
      )}
    </span>
  );
}

/** Days that other screens share, while none lies here. */
export function SharedDays() {
  const { data } = useSharedDays(true);
  const [wrong, setWrong] = useState('');
  const [newest] = data?.days ?? [];
  if (!newest) return null;
  return (
    <>
      <Button
        variant="default"
        leftSection={<IconDeviceTablet size={18} aria-hidden />}
        onClick={() =>
          void openShared(newest.id).catch((error: unknown) =>
            setWrong(error instanceof Error ? error.message : String(error)),
          )
        }
      >
        The kitchen’s day: “{newest.name}”
      </Button>
      {wrong && <p role="alert">{wrong}</p>}
    </>
  );
}

import { SegmentedControl } from '@mantine/core';
import { askToNotify } from '../../bakes/alarm.js';
import type { Alarm } from '../../state/settings.js';
import { alarms, useSettings } from '../../state/settings.js';

const said: Readonly<Record<Alarm, string>> = { quiet: 'Quiet', sound: 'Bell', aloud: 'Bell, read aloud' };

/** How this browser calls out a touch that is due; hands in dough hear it from any page. */
export function AlarmChoice() {
  const { alarm, setAlarm } = useSettings();
  return (
    <SegmentedControl
      aria-label="When a touch is due"
      value={alarm}
      data={alarms.map((value) => ({ value, label: said[value] }))}
      onChange={(value) => {
        const chosen = alarms.find((one) => one === value) ?? 'sound';
        setAlarm(chosen);
        if (chosen !== 'quiet') askToNotify();
      }}
    />
  );
}

import type { Advice, PiePlan, PieSpec, Station } from '@mardle/core';
import { showMeasured, stations } from '@mardle/core';
import { IconAlertTriangle } from '@tabler/icons-react';
import { memo } from 'react';
import { measureFinder } from '../../../shared/format/measures.js';
import { useSettings } from '../../../state/settings.js';
import classes from './WorkLine.module.css';
import { stationResults } from './results.js';

interface WorkLineProps {
  readonly spec: PieSpec;
  readonly plan: PiePlan | null;
  readonly open: Station;
  readonly onOpen: (station: Station) => void;
}

const titles: Readonly<Record<Station, string>> = {
  shape: 'Shape',
  fruit: 'Fruit',
  juice: 'Juice',
  pastry: 'Pastry',
  top: 'Top',
  oven: 'Oven',
};

/** What wants doing at a station; general care is not counted, or every station would always shout. */
const needsDoing = ({ id, level }: Advice): boolean =>
  level === 'danger' || /^(too_|gap|gluey|vents|not_done|stringy)/.test(id);

/** Six stations in the order of work, each with its result: navigation and summary at once. */
export const WorkLine = memo(function WorkLine({ spec, plan, open, onOpen }: WorkLineProps) {
  const units = useSettings((state) => state.units);
  const first = useSettings((state) => state.first);
  const measures = measureFinder(plan);
  const results = stationResults(spec, plan, (value, unit, figure = '') =>
    showMeasured({ value, unit, mlPerG: measures.get(figure) }, units, first),
  );
  return (
    <nav className={classes.line} aria-label="Work line">
      {stations.map((station, i) => {
        const wanted =
          plan?.advice.some((advice) => advice.station === station && needsDoing(advice)) ?? false;
        return (
          <button
            key={station}
            type="button"
            className={classes.station}
            aria-current={station === open ? 'step' : undefined}
            aria-keyshortcuts={String(i + 1)}
            onClick={() => onOpen(station)}
          >
            <span className={classes.title}>
              <span className={classes.key}>{i + 1}</span>
              {titles[station]}
              {wanted && <IconAlertTriangle size={16} aria-label="look here" className={classes.wanted} />}
            </span>
            <span className={classes.result}>{results[station]}</span>
          </button>
        );
      })}
    </nav>
  );
});

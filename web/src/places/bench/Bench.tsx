import type { PieResponse } from '@mardle/contract';
import type { PiePlan, PieSpec, Station } from '@mardle/core';
import { stations } from '@mardle/core';
import { useThrottledValue } from '@mantine/hooks';
import { IconPin } from '@tabler/icons-react';
import { useCallback, useMemo, useState } from 'react';
import { useSearchParams } from 'react-router';
import { AdviceList } from '../../shared/ui/Advice.js';
import { WhyDrawer } from '../../shared/ui/Figure/WhyDrawer.js';
import { Plate } from '../../shared/ui/Plate/Plate.js';
import { useKeys } from '../../shared/hooks/useKeys.js';
import { useLater } from '../../shared/hooks/useLater.js';
import { useBench } from '../../state/bench.js';
import { usePlanFor } from '../../state/plan.js';
import classes from './Bench.module.css';
import { measureFinder, MeasuresPlace } from '../../shared/format/measures.js';
import type { KitchenFigures } from './kitchenFigures.js';
import { BenchHead } from './BenchHead.js';
import { benchParts, bringIntoView, goToSlip, Jump } from './Jump.js';
import type { Picture } from './PiePicture.js';
import { PiePicture, pictureOf, pictures } from './PiePicture.js';
import { PaperSlip } from './print/PaperSlip.js';
import { LineAmount } from './Slip/LineAmount.js';
import { Slip } from './Slip/Slip.js';
import { FruitStation } from './stations/FruitStation.js';
import { JuiceStation } from './stations/JuiceStation.js';
import { OvenStation } from './stations/OvenStation.js';
import { PastryStation } from './stations/PastryStation.js';
import { ShapeStation } from './stations/ShapeStation.js';
import { TopStation } from './stations/TopStation.js';
import { WorkLine } from './WorkLine/WorkLine.js';

const isStation = (name: string | null): name is Station => stations.some((station) => station === name);

const ANSWERS_EVERY_MS = 100;

/** The parts of the bench lie below each other, as `Bench.module.css` has it. */
const narrow = (): boolean => window.matchMedia('(max-width: 900px)').matches;

interface BenchProps {
  readonly pie: PieResponse;
  readonly spec: PieSpec;
  readonly kitchen: KitchenFigures;
}

/** A line of the slip and how its amount is said; null when it is not on the slip. */
function lineStory(plan: PiePlan | null, id: string) {
  const line = plan?.slip.flatMap(({ lines }) => lines).find((one) => one.id === id);
  return plan && line ? { title: line.label, field: <LineAmount plan={plan} line={line} /> } : null;
}

/** The bench: work line above, the open station left, the picture that shows what it decides and the slip right. */
export function Bench({ pie, spec, kitchen }: BenchProps) {
  const [search, setSearch] = useSearchParams();
  const wanted = search.get('station');
  const station: Station = isStation(wanted) ? wanted : 'shape';
  const open = useCallback(
    (next: Station): void => {
      setSearch({ station: next }, { replace: true });
      if (narrow()) bringIntoView('station');
    },
    [setSearch],
  );
  const [pinned, pin] = useState<Picture | null>(null);
  const view = pinned ?? pictureOf[station];
  const { undo, redo } = useBench.getState();
  // The dial under the hand follows at once; sums and picture ten times a second, slip and work line a frame later each.
  const settled = useThrottledValue(spec, ANSWERS_EVERY_MS);
  const now = usePlanFor(settled);
  const { plan, problems } = now;
  const planForSlip = useLater(plan, 1);
  const planForLine = useLater(plan, 2);
  useKeys([
    ...stations.map((name, i): [string, () => void] => [String(i + 1), () => open(name)]),
    ['7', goToSlip],
    ['z', undo],
    ['shift+z', redo],
    ['mod+z', undo],
    ['mod+shift+z', redo],
  ]);

  const advice = useMemo(() => plan?.advice.filter((one) => one.station === station) ?? [], [plan, station]);
  const measures = useMemo(() => measureFinder(plan), [plan]);
  const stationProps = { spec, plan };
  return (
    <MeasuresPlace value={measures}>
      <div className={`${classes.bench} no-print`}>
        <BenchHead
          pie={pie}
          name={spec.name}
          plan={plan}
          baking={now.baking !== null || spec !== settled}
          kitchen={kitchen}
        />
        <div>
          <WorkLine spec={settled} plan={planForLine} open={station} onOpen={open} />
        </div>
        <div className={classes.main}>
          <Plate id={benchParts.station} label={`Station: ${station}`} className={classes.controls}>
            {station === 'shape' && <ShapeStation {...stationProps} />}
            {station === 'fruit' && <FruitStation {...stationProps} kitchenFruits={kitchen.fruits} />}
            {station === 'juice' && <JuiceStation pieId={pie.id} {...stationProps} />}
            {station === 'pastry' && <PastryStation {...stationProps} />}
            {station === 'top' && <TopStation {...stationProps} />}
            {station === 'oven' && (
              <OvenStation
                {...stationProps}
                baking={now.baking}
                rough={now.rough}
                unbakeable={now.unbakeable}
                cancel={now.cancel}
              />
            )}
            <AdviceList label="Cautions" advice={advice} />
          </Plate>
          <div className={classes.right}>
            <Plate id={benchParts.pie} label="The pie" className={classes.pie}>
              {plan ? (
                <>
                  <div className={classes.views} role="group" aria-label="Picture">
                    {pictures.map(([name, word]) => (
                      <button
                        key={name}
                        type="button"
                        aria-pressed={view === name}
                        title={name === pinned ? 'Pinned; tap again to follow the station' : 'Tap to pin'}
                        onClick={() => pin(name === pinned ? null : name)}
                      >
                        {name === pinned && <IconPin size={14} aria-label="pinned" />}
                        {word}
                      </button>
                    ))}
                  </div>
                  <div className={classes.picture}>
                    <PiePicture plan={plan} view={view} />
                  </div>
                </>
              ) : (
                <div role="alert">
                  <h2>This cannot be planned</h2>
                  <ul>
                    {problems.map(({ field, message, remedy }) => (
                      <li key={field}>
                        {message} {remedy}
                      </li>
                    ))}
                  </ul>
                </div>
              )}
            </Plate>
            <Slip pieId={pie.id} plan={planForSlip} baking={now.baking} />
          </div>
        </div>
        <Jump />
        <WhyDrawer figures={plan?.figures ?? {}} ofLine={(line) => lineStory(plan, line)} />
      </div>
      {plan && <PaperSlip pieId={pie.id} plan={plan} />}
    </MeasuresPlace>
  );
}

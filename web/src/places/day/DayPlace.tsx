import { Button, Group, Progress } from '@mantine/core';
import { IconArrowBackUp, IconCalendarTime, IconPlayerStop } from '@tabler/icons-react';
import { useEffect } from 'react';
import { useKitchen } from '../../shared/api/kitchen.js';
import { Failure } from '../../shared/ui/Failure.js';
import { Plate } from '../../shared/ui/Plate/Plate.js';
import type { DayFile } from '../../state/day/dayFile.js';
import { useDay } from '../../state/day/day.js';
import { stopSolving } from '../../shared/workers/day.js';
import { DayHead } from './DayHead.js';
import { DayDate } from './request/DayDate.js';
import classes from './DayPlace.module.css';
import { DayPlanned, PLANNED } from './plan/DayPlanned.js';
import { InFreezer } from './request/InFreezer.js';
import { People } from './request/People.js';
import { Places } from './request/Places.js';
import { SharedDays } from './ShareDay.js';
import { useDayPlanning } from './useDayPlanning.js';
import { WantedList } from './request/WantedList.js';
import { Wishes } from './request/Wishes.js';

/** The day stands under what is wanted, as `DayPlace.module.css` has it. */
const narrow = (): boolean => window.matchMedia('(max-width: 900px)').matches;

/** What there is to begin with. */
function NoDayYet({ onExample }: { readonly onExample: () => void }) {
  const { before, bringBack } = useDay();
  return (
    <>
      {before && (
        <Button variant="default" leftSection={<IconArrowBackUp size={18} />} onClick={bringBack}>
          Bring back “{before.file?.name}”
        </Button>
      )}
      <p className={classes.empty}>
        Say which pies are wanted by when and who is there: the day is planned backwards from that, for every
        pair of hands and every oven.
      </p>
      <Group gap="sm">
        <SharedDays />
        <Button variant="default" onClick={onExample}>
          Look at an example: a Saturday stall
        </Button>
      </Group>
    </>
  );
}

interface DayRequestProps {
  readonly file: DayFile;
  /** How much of the planning is done, 0 to 1; null while nothing is planned. */
  readonly share: number | null;
  readonly planned: boolean;
  readonly onPlan: () => void;
}

/** All that is asked of the day, and the button that plans it. */
function DayRequestPlate({ file, share, planned, onPlan }: DayRequestProps) {
  return (
    <Plate label="Wanted" className={`${classes.wanted} no-print`}>
      {share === null ? (
        <Button
          fullWidth
          size="md"
          leftSection={<IconCalendarTime size={20} />}
          disabled={file.pies.length === 0}
          onClick={onPlan}
        >
          {planned ? 'Plan the day again' : 'Plan the day'}
        </Button>
      ) : (
        <div className={classes.solving}>
          <Progress value={100 * share} aria-label="Planning the day" />
          <Button variant="default" leftSection={<IconPlayerStop size={18} />} onClick={stopSolving}>
            Enough: keep the best so far
          </Button>
        </div>
      )}
      <DayDate file={file} />
      <WantedList file={file} />
      <People file={file} />
      <Places file={file} />
      <InFreezer file={file} />
      <Wishes file={file} />
    </Plate>
  );
}

/** What is wanted by when, who is there, and the day that comes of it. */
export function DayPlace() {
  const { error } = useKitchen();
  const { file, solved, changed } = useDay();
  const { share, wrong, plan, remedy, fromFile, example } = useDayPlanning();
  // On a narrow screen the answer stands below all that was asked.
  useEffect(() => {
    if (solved && narrow()) document.getElementById(PLANNED)?.scrollIntoView();
  }, [solved]);
  if (error && !file) return <Failure error={error} />;
  return (
    <>
      <DayHead busy={share !== null} onFile={(chosen) => void fromFile(chosen)} />
      {wrong.length > 0 && (
        <div role="alert" className={`${classes.wrong} no-print`}>
          <ul>
            {wrong.slice(0, 6).map((said) => (
              <li key={said}>{said}</li>
            ))}
          </ul>
        </div>
      )}
      {!file && <NoDayYet onExample={() => void example()} />}
      {file && (
        <div className={classes.day}>
          <DayRequestPlate
            file={file}
            share={share}
            planned={solved !== null}
            onPlan={() => void plan(file)}
          />
          {solved ? (
            <DayPlanned
              file={file}
              solved={solved}
              changed={changed}
              busy={share !== null}
              onRemedy={(n) => void remedy(n)}
            />
          ) : (
            <p role="status" className={classes.empty}>
              {share === null ? 'Nothing is planned yet.' : 'Working out every pie in every oven …'}
            </p>
          )}
        </div>
      )}
    </>
  );
}

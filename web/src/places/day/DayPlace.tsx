import { Button, FileButton, Group, Progress, TextInput } from '@mantine/core';
import { readDay } from '@mardle/core';
import {
  IconArrowBackUp,
  IconCalendarTime,
  IconDownload,
  IconPlayerStop,
  IconPrinter,
  IconUpload,
} from '@tabler/icons-react';
import { useEffect, useState } from 'react';
import { useKitchen } from '../../shared/api/kitchen.js';
import { fileName, saveFile } from '../../shared/download.js';
import { Failure } from '../../shared/ui/Failure.js';
import { Plate } from '../../shared/ui/Plate/Plate.js';
import type { DayFile } from '../../state/day/dayFile.js';
import { doneWithout } from './doneWithout.js';
import { useDay, withRemedy } from '../../state/day/day.js';
import { holdInWorker, searchInWorker, solveInWorker, stopSolving } from '../../shared/workers/day.js';
import { DayDate } from './request/DayDate.js';
import classes from './DayPlace.module.css';
import { DayPlanned, PLANNED } from './plan/DayPlanned.js';
import { InFreezer } from './request/InFreezer.js';
import { newDay } from './newDay.js';
import { People } from './request/People.js';
import { Places } from './request/Places.js';
import { ShareDay, SharedDays } from './ShareDay.js';
import { WantedList } from './request/WantedList.js';
import { Wishes } from './request/Wishes.js';

/** The day stands under what is wanted, as `DayPlace.module.css` has it. */
const narrow = (): boolean => window.matchMedia('(max-width: 900px)').matches;

/** What is wanted by when, who is there, and the day that comes of it. */
export function DayPlace() {
  const { data: kitchen, error } = useKitchen();
  const { file, solved, changed, before, begin, change, take, clear, bringBack } = useDay();
  const [share, setShare] = useState<number | null>(null);
  const [wrong, setWrong] = useState<readonly string[]>([]);
  // On a narrow screen the answer stands below all that was asked.
  useEffect(() => {
    if (solved && narrow()) document.getElementById(PLANNED)?.scrollIntoView();
  }, [solved]);
  if (error && !file) return <Failure error={error} />;

  const plan = async (wanted: DayFile | null): Promise<void> => {
    if (!wanted || share !== null) return;
    const read = readDay(wanted);
    if (!read.ok) {
      setWrong(read.problems.map(({ message, remedy }) => `${message} ${remedy}`));
      return;
    }
    setWrong([]);
    setShare(0);
    const outcome = await solveInWorker(read.asked, setShare).finally(() => setShare(null));
    if (outcome?.ok) take(outcome.solved, wanted);
    if (outcome && !outcome.ok)
      setWrong(outcome.problems.map(({ message, remedy }) => `${message} ${remedy}`));
  };
  const remedy = async (n: number): Promise<void> => {
    const chosen = solved?.remedies?.[n];
    if (!chosen || share !== null) return;
    setShare(0);
    // What is done without was left out by the plan that there is: it goes on as it is.
    const fewer = file && solved && doneWithout(file, solved, chosen);
    const found = fewer ? holdInWorker(fewer.day, fewer.plan) : searchInWorker(chosen.day, setShare);
    const next = await found.finally(() => setShare(null));
    const now = useDay.getState().file;
    if (!now) return;
    const remedied = withRemedy(now, chosen);
    change(remedied);
    take(next, useDay.getState().file ?? remedied);
  };
  const fromFile = async (chosen: File | null): Promise<void> => {
    if (!chosen) return;
    try {
      const plain: unknown = JSON.parse(await chosen.text());
      const read = readDay(plain);
      if (read.ok) begin(plain as DayFile);
      setWrong(read.ok ? [] : read.problems.map(({ message, remedy: help }) => `${message} ${help}`));
    } catch {
      setWrong(['This file is no JSON. Choose the file of a day.']);
    }
  };
  /** The demo's Saturday, planned as soon as it is there. */
  const example = async (): Promise<void> => {
    let saturday: DayFile;
    try {
      const { exampleDay } = await import('./exampleDay.js');
      saturday = await exampleDay();
    } catch {
      setWrong(['The example could not be fetched. Try again when the server answers.']);
      return;
    }
    begin(saturday);
    await plan(saturday);
  };
  const toFile = (): void => {
    if (!file) return;
    const text = `${JSON.stringify(file, null, 2)}\n`;
    saveFile(new Blob([text], { type: 'application/json' }), fileName(file.name, 'json'));
  };

  return (
    <>
      <Group justify="space-between" mb={10} className="no-print">
        <h1>Bake day</h1>
        <Group gap="sm">
          {file && (
            <>
              <TextInput
                aria-label="Name of the day"
                value={file.name}
                maxLength={80}
                onChange={({ currentTarget: { value } }) => change({ name: value })}
              />
              <Button variant="default" leftSection={<IconDownload size={18} />} onClick={toFile}>
                To a file
              </Button>
              {solved?.plan && <ShareDay />}
              {solved?.plan && (
                <Button
                  variant="default"
                  leftSection={<IconPrinter size={18} />}
                  onClick={() => window.print()}
                >
                  Print
                </Button>
              )}
            </>
          )}
          <FileButton
            accept="application/json,.json"
            disabled={share !== null}
            onChange={(chosen) => void fromFile(chosen)}
          >
            {(props) => (
              <Button
                variant="default"
                leftSection={<IconUpload size={18} />}
                disabled={share !== null}
                {...props}
              >
                From a file
              </Button>
            )}
          </FileButton>
          <Button
            variant={file ? 'default' : 'filled'}
            disabled={!kitchen || share !== null}
            onClick={() => kitchen && (file ? clear() : begin(newDay(kitchen, new Date())))}
          >
            {file ? 'Clear the day' : 'Begin a day'}
          </Button>
        </Group>
      </Group>
      {wrong.length > 0 && (
        <div role="alert" className={`${classes.wrong} no-print`}>
          <ul>
            {wrong.slice(0, 6).map((said) => (
              <li key={said}>{said}</li>
            ))}
          </ul>
        </div>
      )}
      {!file && before && (
        <Button variant="default" leftSection={<IconArrowBackUp size={18} />} onClick={bringBack}>
          Bring back “{before.file?.name}”
        </Button>
      )}
      {!file && (
        <p className={classes.empty}>
          Say which pies are wanted by when and who is there: the day is planned backwards from that, for
          every pair of hands and every oven.
        </p>
      )}
      {!file && (
        <Group gap="sm">
          <SharedDays />
          <Button variant="default" onClick={() => void example()}>
            Look at an example: a Saturday stall
          </Button>
        </Group>
      )}
      {file && (
        <div className={classes.day}>
          <Plate label="Wanted" className={`${classes.wanted} no-print`}>
            {share === null ? (
              <Button
                fullWidth
                size="md"
                leftSection={<IconCalendarTime size={20} />}
                disabled={file.pies.length === 0}
                onClick={() => void plan(file)}
              >
                {solved ? 'Plan the day again' : 'Plan the day'}
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

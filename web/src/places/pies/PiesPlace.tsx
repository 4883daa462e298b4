import type { PieSummary } from '@mardle/contract';
import type { PieSpec } from '@mardle/core';
import { isPlain, readSpec, starterSpec } from '@mardle/core';
import { Alert, Button, FileButton, Group, Pagination } from '@mantine/core';
import { IconPlus, IconUpload } from '@tabler/icons-react';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { useCreatePie, usePies, useRemovePie, useTakeOutPie } from '../../shared/api/pies.js';
import { Failure } from '../../shared/ui/Failure.js';
import { pageWords } from '../../shared/format/pageWords.js';
import classes from './PiesPlace.module.css';
import { PieShelf } from './Shelf.js';
import { PAGE, ShelfTools, useShelf } from './ShelfTools.js';

/** Which pies there are; find them, start one, copy one, read one from a file. */
export function PiesPlace() {
  const { query, sort, find, page, show } = useShelf();
  const { data, error, isPlaceholderData } = usePies(query);
  const create = useCreatePie();
  const remove = useRemovePie();
  const takeOut = useTakeOutPie();
  const navigate = useNavigate();
  const [badFile, setBadFile] = useState<readonly string[]>([]);
  const [away, setAway] = useState<PieSummary | null>(null);
  const begin = async (spec: PieSpec): Promise<void> => {
    if (create.isPending) return;
    const made = await create.mutateAsync(spec).catch(() => null);
    if (made) await navigate(`/pies/${made.id}`);
  };
  const readFile = async (file: File | null): Promise<void> => {
    if (!file) return;
    const read = readPie(await file.text());
    setBadFile(read.ok ? [] : read.problems);
    if (read.ok) await begin(read.spec);
  };
  const putAway = async (pie: PieSummary): Promise<void> => {
    const gone = await remove.mutateAsync(pie.id).then(
      () => true,
      () => false,
    );
    if (gone) setAway(pie);
  };
  const { pies = [], total = 0, size = PAGE } = data ?? {};
  return (
    <>
      <Group justify="space-between" mb={10}>
        <h1>Pies</h1>
        <Group gap={8}>
          <FileButton accept="application/json,.json" onChange={(file) => void readFile(file)}>
            {(props) => (
              <Button {...props} variant="default" leftSection={<IconUpload size={18} />}>
                From a file
              </Button>
            )}
          </FileButton>
          <Button
            leftSection={<IconPlus size={18} />}
            loading={create.isPending}
            onClick={() => void begin({ ...starterSpec, name: 'New pie' })}
          >
            New pie
          </Button>
        </Group>
      </Group>
      <ShelfTools find={find} sort={sort} total={data ? total : null} show={show} />
      {badFile.length > 0 && (
        <Alert
          color="red"
          title="That file is not a pie"
          role="alert"
          mb={12}
          withCloseButton
          closeButtonLabel="Close"
          onClose={() => setBadFile([])}
        >
          {badFile.slice(0, 5).join(' ')}
        </Alert>
      )}
      {away && (
        <Alert
          color="gray"
          role="status"
          mb={12}
          withCloseButton
          closeButtonLabel="Close"
          onClose={() => setAway(null)}
        >
          <Group gap={12}>
            <span>“{away.name}” is put away; its bakes stay in the log.</span>
            <Button
              variant="default"
              size="sm"
              loading={takeOut.isPending}
              onClick={() => takeOut.mutate(away.id, { onSuccess: () => setAway(null) })}
            >
              Take it out again
            </Button>
          </Group>
        </Alert>
      )}
      {[error, create.error, remove.error, takeOut.error].map(
        (problem, i) => problem && <Failure key={i} error={problem} />,
      )}
      {data && total === 0 && (
        <p className={classes.empty}>
          {find === ''
            ? 'No pies yet. Start with the fruit that is on the bench: New pie.'
            : `No pie has “${find}” in its name, fruit, form, dish or oven.`}
        </p>
      )}
      <PieShelf
        pies={pies}
        sort={sort}
        busy={isPlaceholderData}
        onCopy={(spec) => void begin({ ...spec, name: `${spec.name}, copy` })}
        onPutAway={(pie) => void putAway(pie)}
      />
      {total > size && (
        <Pagination
          mt={14}
          total={Math.ceil(total / size)}
          value={page}
          onChange={(next) => show({ page: next })}
          getControlProps={(control) => ({ 'aria-label': pageWords[control] })}
          getItemProps={(item) => ({ 'aria-label': `Page ${item}` })}
        />
      )}
    </>
  );
}

/** Files of Mardle that are no pie, by their format, and where they are opened. */
const openedElsewhere: Readonly<Record<string, string>> = {
  'mardle-day': 'It is a bake day: open it under Bake day, “From a file”.',
  'mardle-log': 'It is a log of bakes: the Log reads it.',
  'mardle-kitchen': 'It is a whole kitchen: open it in the Log, under “Whole kitchen”.',
  'mardle-plan':
    'It is a plan that was worked out, not the pie it was made from: save the pie itself as a file.',
};

type ReadFile =
  | { readonly ok: true; readonly spec: PieSpec }
  | { readonly ok: false; readonly problems: readonly string[] };

/** A pie out of a file of any version. */
function readPie(text: string): ReadFile {
  let plain: unknown;
  try {
    plain = JSON.parse(text);
  } catch {
    return { ok: false, problems: ['It is not JSON. Choose a file that “Save as a file” made.'] };
  }
  const elsewhere = isPlain(plain) ? openedElsewhere[String(plain['format'])] : undefined;
  if (elsewhere) return { ok: false, problems: [elsewhere] };
  const read = readSpec(plain);
  return read.ok
    ? read
    : { ok: false, problems: read.problems.map(({ message, remedy }) => `${message} ${remedy}`) };
}

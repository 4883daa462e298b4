import type { BroughtIn } from '@mardle/contract';
import { Button, Checkbox, FileButton, Group, Menu, Modal } from '@mantine/core';
import { IconChevronDown } from '@tabler/icons-react';
import { useRef, useState } from 'react';
import { bringKitchenIn, kitchenFile } from '../../shared/api/kitchenFile.js';
import { saveFile } from '../../shared/download.js';
import { Failure } from '../../shared/ui/Failure.js';
import { useQueryClient } from '@tanstack/react-query';
import classes from './LogPlace.module.css';

const names: Readonly<Record<keyof BroughtIn['added'], string>> = {
  pies: 'pies',
  versions: 'versions of pies',
  bakes: 'bakes',
  tastings: 'slices',
  photos: 'pictures',
  readings: 'readings',
  dishes: 'dishes',
  ovens: 'ovens',
  fruits: 'fruits',
  ownRows: 'thickeners, weights of a cup and prices',
  events: 'taps',
  days: 'shared days',
};

/** What came of it in words. */
function Came({ brought }: { readonly brought: BroughtIn }) {
  const counts = (Object.keys(names) as (keyof typeof names)[])
    .filter((key) => brought.added[key] > 0)
    .map((key) => `${brought.added[key]} ${names[key]}`);
  return (
    <div role="status">
      <p>{counts.length > 0 ? `Brought in: ${counts.join(', ')}.` : 'All of it was here already.'}</p>
      {brought.differs.length > 0 && (
        <p>Otherwise here than in the file, and left as it is here: {brought.differs.join(', ')}.</p>
      )}
    </div>
  );
}

/** A file is chosen, looked at by name, and brought in whole or not at all. */
function BringIn({ onClose }: { readonly onClose: () => void }) {
  const client = useQueryClient();
  const [file, setFile] = useState<File | null>(null);
  const [instead, setInstead] = useState(false);
  const [busy, setBusy] = useState(false);
  const [error, setError] = useState<unknown>(null);
  const [brought, setBrought] = useState<BroughtIn | null>(null);
  const stop = useRef<AbortController | null>(null);
  const bring = async (): Promise<void> => {
    if (!file) return;
    stop.current = new AbortController();
    setBusy(true);
    setError(null);
    setBrought(null);
    try {
      setBrought(await bringKitchenIn(file, instead, stop.current.signal));
      void client.invalidateQueries();
    } catch (caught) {
      if (!stop.current.signal.aborted) setError(caught);
    }
    setBusy(false);
  };
  const close = (): void => {
    stop.current?.abort();
    onClose();
  };
  return (
    <Modal
      opened
      onClose={close}
      title="Bring a kitchen in"
      size="lg"
      closeButtonProps={{ 'aria-label': 'Close' }}
    >
      <p>
        A file that “Save the whole kitchen” made: dishes, ovens, fruits, pies with their versions, bakes with
        their slices and pictures. A file with anything wrong in it is refused whole.
      </p>
      <Group gap={12} my={12}>
        <FileButton
          accept="application/json,.json"
          inputProps={{ 'aria-label': 'Kitchen file' }}
          onChange={(chosen) => {
            setFile(chosen);
            setBrought(null);
            setError(null);
          }}
        >
          {(props) => (
            <Button {...props} variant="default">
              {file ? 'Another file' : 'Choose a file'}
            </Button>
          )}
        </FileButton>
        <span>{file ? file.name : 'None is chosen yet.'}</span>
      </Group>
      <Checkbox
        size="md"
        styles={{ description: { color: 'var(--ink-soft)', fontSize: '0.95rem' } }}
        label="In place of all that is here"
        description="Everything here is taken away first. Save the whole kitchen before."
        checked={instead}
        onChange={({ currentTarget: { checked } }) => setInstead(checked)}
      />
      <Group gap={8} mt={16}>
        <Button
          disabled={!file}
          loading={busy}
          onClick={() => void bring()}
          color={instead ? 'red' : undefined}
        >
          {instead ? 'Put it in place of this kitchen' : 'Bring it in beside what is here'}
        </Button>
        {busy && (
          <Button variant="default" onClick={() => stop.current?.abort()}>
            Stop
          </Button>
        )}
      </Group>
      {busy && <p role="status">Reading it and bringing it in …</p>}
      {error !== null && <Failure error={error} />}
      {brought && <Came brought={brought} />}
    </Modal>
  );
}

/** The whole kitchen out and in. */
export function KitchenFiles() {
  const [bringing, setBringing] = useState(false);
  const [busy, setBusy] = useState(false);
  const [error, setError] = useState<unknown>(null);
  const save = async (): Promise<void> => {
    setBusy(true);
    setError(null);
    try {
      saveFile(await kitchenFile(), 'mardle-kitchen.json');
    } catch (caught) {
      setError(caught);
    }
    setBusy(false);
  };
  return (
    <>
      {error !== null && <Failure error={error} />}
      <Menu position="bottom-end">
        <Menu.Target>
          <Button
            variant="default"
            size="sm"
            loading={busy}
            className={classes.menu}
            rightSection={<IconChevronDown size={16} aria-hidden />}
          >
            Whole kitchen
          </Button>
        </Menu.Target>
        <Menu.Dropdown>
          <Menu.Item onClick={() => void save()}>Save the whole kitchen</Menu.Item>
          <Menu.Item onClick={() => setBringing(true)}>Bring a kitchen in …</Menu.Item>
        </Menu.Dropdown>
      </Menu>
      {bringing && <BringIn onClose={() => setBringing(false)} />}
    </>
  );
}

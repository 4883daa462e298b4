import { Button, FileButton, Group, TextInput } from '@mantine/core';
import { IconDownload, IconPrinter, IconUpload } from '@tabler/icons-react';
import { useKitchen } from '../../shared/api/kitchen.js';
import { fileName, saveFile } from '../../shared/download.js';
import { useDay } from '../../state/day/day.js';
import type { DayFile } from '../../state/day/dayFile.js';
import { newDay } from './newDay.js';
import { ShareDay } from './ShareDay.js';

function toFile(file: DayFile): void {
  const text = `${JSON.stringify(file, null, 2)}\n`;
  saveFile(new Blob([text], { type: 'application/json' }), fileName(file.name, 'json'));
}

interface DayHeadProps {
  /** A plan is being made. */
  readonly busy: boolean;
  readonly onFile: (chosen: File | null) => void;
}

/** The name of the day, and what can be done with it as a whole. */
export function DayHead({ busy, onFile }: DayHeadProps) {
  const { data: kitchen } = useKitchen();
  const { file, solved, begin, change, clear } = useDay();
  return (
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
            <Button variant="default" leftSection={<IconDownload size={18} />} onClick={() => toFile(file)}>
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
        <FileButton accept="application/json,.json" disabled={busy} onChange={(chosen) => onFile(chosen)}>
          {(props) => (
            <Button variant="default" leftSection={<IconUpload size={18} />} disabled={busy} {...props}>
              From a file
            </Button>
          )}
        </FileButton>
        <Button
          variant={file ? 'default' : 'filled'}
          disabled={!kitchen || busy}
          onClick={() => kitchen && (file ? clear() : begin(newDay(kitchen, new Date())))}
        >
          {file ? 'Clear the day' : 'Begin a day'}
        </Button>
      </Group>
    </Group>
  );
}

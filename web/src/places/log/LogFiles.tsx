import { Button, Group } from '@mantine/core';
import { useState } from 'react';
import { wholeLog } from '../../shared/api/log.js';
import { saveFile } from '../../shared/download.js';
import { Failure } from '../../shared/ui/Failure.js';
import { tableOfLog, textOfLog } from './outFiles.js';

type Log = Awaited<ReturnType<typeof wholeLog>>;

const files = [
  { words: 'Save as a file', name: 'mardle-log.json', type: 'application/json', text: textOfLog },
  { words: 'Save as a table', name: 'mardle-log.csv', type: 'text/csv', text: tableOfLog },
] as const;

/** The whole log out: as a file that Mardle’s doors read, and as a table. */
export function LogFiles() {
  const [busy, setBusy] = useState(false);
  const [error, setError] = useState<unknown>(null);
  const save = async (name: string, type: string, text: (log: Log) => string | Promise<string>) => {
    setBusy(true);
    setError(null);
    try {
      saveFile(new Blob([await text(await wholeLog())], { type }), name);
    } catch (caught) {
      setError(caught);
    }
    setBusy(false);
  };
  return (
    <Group gap={8}>
      {error !== null && <Failure error={error} />}
      {files.map(({ words, name, type, text }) => (
        <Button
          key={name}
          variant="default"
          size="sm"
          disabled={busy}
          onClick={() => void save(name, type, text)}
        >
          {words}
        </Button>
      ))}
    </Group>
  );
}

import { Button, Group } from '@mantine/core';
import { useState } from 'react';
import { wholeLog } from '../api/log.js';
import { saveFile } from '../bench/download.js';
import { Failure } from '../kit/Failure.js';
import { tableOfLog, textOfLog } from './outFiles.js';

/** The whole log out: as a file that Mardle’s doors read, and as a table. */
export function LogFiles() {
  const [busy, setBusy] = useState(false);
  const [error, setError] = useState<unknown>(null);
  const save = async (
    name: string,
    type: string,
    text: (log: Awaited<ReturnType<typeof wholeLog>>) => string | Promise<string>,
  ) => {
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
      <Button
        variant="default"
        size="sm"
        disabled={busy}
        onClick={() => void save('mardle-log.json', 'application/json', textOfLog)}
      >
        Save as a file
      </Button>
      <Button
        variant="default"
        size="sm"
        disabled={busy}
        onClick={() => void save('mardle-log.csv', 'text/csv', tableOfLog)}
      >
        Save as a table
      </Button>
    </Group>
  );
}

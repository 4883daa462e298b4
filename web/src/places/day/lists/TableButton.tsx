import { Button } from '@mantine/core';
import { IconTableExport } from '@tabler/icons-react';
import { fileName, saveFile } from '../../../shared/download.js';

interface TableButtonProps {
  /** Of the file, without its ending. */
  readonly name: string;
  /** Comma separated, as other programs read it. */
  table(): Promise<string>;
}

/** What stands in a list, for other programs. */
export function TableButton({ name, table }: TableButtonProps) {
  const save = async (): Promise<void> =>
    saveFile(new Blob([await table()], { type: 'text/csv;charset=utf-8' }), fileName(name, 'csv'));
  return (
    <Button
      className="no-print"
      variant="default"
      leftSection={<IconTableExport size={18} />}
      onClick={() => void save()}
    >
      As a table (CSV)
    </Button>
  );
}

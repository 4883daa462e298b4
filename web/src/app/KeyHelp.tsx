import { Modal, Switch, Table } from '@mantine/core';
import { useFocusBack } from '../shared/hooks/useFocusBack.js';
import { useSettings } from '../state/settings.js';

const keys: readonly [string, string][] = [
  ['/', 'find anything'],
  ['N', 'new pie'],
  ['1 to 6', 'stations of the bench'],
  ['7', 'the slip'],
  ['arrows', 'a dial by one stop; with Shift by a hair'],
  ['?', 'why, on a figure'],
  ['Z', 'undo; with Shift redo'],
  ['Ctrl S', 'save the pie'],
  ['Space', 'the next touch, in the Oven'],
  ['H', 'this list'],
];

export function KeyHelp({ onClose }: { readonly onClose: () => void }) {
  const { singleKeys, setSingleKeys } = useSettings();
  useFocusBack();
  return (
    <Modal opened onClose={onClose} title="Keys" closeButtonProps={{ 'aria-label': 'Close' }}>
      <Switch
        label="Single keys do something"
        description="Off, only those with Ctrl do: for speech input, or hands that slip."
        styles={{ description: { color: 'var(--ink-soft)' } }}
        checked={singleKeys}
        onChange={({ currentTarget }) => setSingleKeys(currentTarget.checked)}
        mb={12}
      />
      <Table fz="md">
        <Table.Tbody>
          {keys.map(([key, what]) => (
            <Table.Tr key={key}>
              <Table.Th scope="row" w={110}>
                <kbd>{key}</kbd>
              </Table.Th>
              <Table.Td>{what}</Table.Td>
            </Table.Tr>
          ))}
        </Table.Tbody>
      </Table>
    </Modal>
  );
}

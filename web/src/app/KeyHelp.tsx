import { Modal, Table } from '@mantine/core';

const keys: readonly [string, string][] = [
  ['/', 'find anything'],
  ['N', 'new pie'],
  ['1 to 6', 'stations of the bench'],
  ['arrows', 'a dial by one stop; with Shift by a hair'],
  ['?', 'why, on a figure'],
  ['Z', 'undo'],
  ['Ctrl S', 'save the pie'],
  ['Space', 'the next touch, in the Oven'],
  ['H', 'this list'],
];

export function KeyHelp({ onClose }: { readonly onClose: () => void }) {
  return (
    <Modal opened onClose={onClose} title="Keys" closeButtonProps={{ 'aria-label': 'Close' }}>
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

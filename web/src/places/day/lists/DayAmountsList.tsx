import { Group, Table } from '@mantine/core';
import { showText } from '@mardle/core';
import type { DayFile } from '../../../state/day/dayFile.js';
import { useSettings } from '../../../state/settings.js';
import classes from '../DayPlace.module.css';
import { tableOfAmounts } from './outFiles.js';
import { TableButton } from './TableButton.js';
import { useWeighed } from './useWeighed.js';

/** All that the day takes, like things together, with what it is for and the allergens in it. */
export function DayAmountsList({ file }: { readonly file: DayFile }) {
  const units = useSettings((state) => state.units);
  const weighed = useWeighed(file);
  if (!weighed) return <p role="status">Adding up the slips …</p>;
  const { amounts, allergens } = weighed;
  const names = new Set(file.pies.map(({ pie }) => pie.name)).size;
  return (
    <section aria-label="What the day takes" className={classes.page}>
      <Group justify="space-between">
        <p>
          <b>Contains</b> {allergens.join(', ') || 'no allergen that is known here'}. Raw flour and egg are
          not eaten; local rules decide on labels.
        </p>
        <TableButton name={`${file.name} amounts`} table={() => tableOfAmounts(amounts)} />
      </Group>
      <Table striped verticalSpacing={4}>
        <Table.Thead>
          <Table.Tr>
            <Table.Th scope="col">What</Table.Th>
            <Table.Th scope="col">To weigh</Table.Th>
            <Table.Th scope="col">To buy</Table.Th>
            <Table.Th scope="col">For</Table.Th>
          </Table.Tr>
        </Table.Thead>
        <Table.Tbody>
          {amounts.map(({ title, label, massG, boughtG, pieces, pies }) => (
            <Table.Tr key={`${title}/${label}`}>
              <Table.Th scope="row">
                {label} <small>{title.toLowerCase()}</small>
              </Table.Th>
              <Table.Td>{pieces ?? showText(massG, 'g', units)}</Table.Td>
              <Table.Td>{boughtG > massG ? showText(boughtG, 'g', units) : ''}</Table.Td>
              <Table.Td>
                {pies.length === names && names > 1
                  ? 'all'
                  : pies.map(({ name, count }) => `${count} ${name}`).join(', ')}
              </Table.Td>
            </Table.Tr>
          ))}
        </Table.Tbody>
      </Table>
    </section>
  );
}

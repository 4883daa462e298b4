import { Table } from '@mantine/core';
import { builtInSugars, builtInThickeners, showText } from '@mardle/core';
import { Plate } from '../../shared/ui/Plate/Plate.js';
import { useSettings } from '../../state/settings.js';

/** Thickeners and sugars as they are reckoned with. */
export function Shelves({ shelf }: { readonly shelf: 'thickeners' | 'sugars' }) {
  return shelf === 'thickeners' ? <Thickeners /> : <Sugars />;
}

const share = (value: number): string => `${Math.round(100 * value)} %`;

function Thickeners() {
  const units = useSettings((state) => state.units);
  return (
    <Plate label="Thickeners">
      <Table fz="md" verticalSpacing={6}>
        <Table.Thead>
          <Table.Tr>
            <Table.Th>Thickener</Table.Th>
            <Table.Th>Strength, slice</Table.Th>
            <Table.Th>Swells at</Table.Th>
            <Table.Th>Lost in an hour’s boil</Table.Th>
            <Table.Th>A tablespoon</Table.Th>
            <Table.Th>Weeps when thawed</Table.Th>
            <Table.Th>How</Table.Th>
          </Table.Tr>
        </Table.Thead>
        <Table.Tbody>
          {[...builtInThickeners.values()].map((row) => (
            <Table.Tr key={row.id} title={row.source}>
              <Table.Th scope="row">{row.label}</Table.Th>
              <Table.Td>{row.potencyGel.toFixed(2)}</Table.Td>
              <Table.Td>
                {row.kind === 'starch' ? showText(row.gelatinisesC, 'C', units) : 'does not swell'}
              </Table.Td>
              <Table.Td>{share(1 - Math.exp(-row.boilRatePerH))}</Table.Td>
              <Table.Td>{showText(row.tablespoonG, 'g', units)}</Table.Td>
              <Table.Td>{share(row.freezeWeep)}</Table.Td>
              <Table.Td>{row.how}</Table.Td>
            </Table.Tr>
          ))}
        </Table.Tbody>
      </Table>
      <p>
        Strength is against corn starch, gram for gram. Our estimates from swap rules of the trade and starch
        literature, from memory.
      </p>
    </Plate>
  );
}

function Sugars() {
  const units = useSettings((state) => state.units);
  return (
    <Plate label="Sugars">
      <Table fz="md" verticalSpacing={6}>
        <Table.Thead>
          <Table.Tr>
            <Table.Th>Sugar</Table.Th>
            <Table.Th>Sweetness</Table.Th>
            <Table.Th>Solids</Table.Th>
            <Table.Th>Water</Table.Th>
            <Table.Th>A cup</Table.Th>
          </Table.Tr>
        </Table.Thead>
        <Table.Tbody>
          {[...builtInSugars.values()].map((row) => (
            <Table.Tr key={row.id}>
              <Table.Th scope="row">{row.label}</Table.Th>
              <Table.Td>{row.sweetness.toFixed(2)}</Table.Td>
              <Table.Td>{share(row.solids)}</Table.Td>
              <Table.Td>{share(row.water)}</Table.Td>
              <Table.Td>{showText(row.cupG, 'g', units)}</Table.Td>
            </Table.Tr>
          ))}
        </Table.Tbody>
      </Table>
      <p>Sweetness is against white sugar, gram for gram. Standard food composition tables, from memory.</p>
    </Plate>
  );
}

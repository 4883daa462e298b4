import { NumberInput, Table } from '@mantine/core';
import { addDough, builtInLarder, draftPlan, showText } from '@mardle/core';
import { useMemo, useState } from 'react';
import { usePieChoice } from '../../../../shared/api/pies.js';
import { useSettings } from '../../../../state/settings.js';
import type { StationProps } from '../../../../state/changeSpec.js';
import classes from '../../../../shared/ui/stations.module.css';

const MOST_OF_ONE = 60;

/** Dough for a day: how many of which pies, and the flour, butter and water that they take together. */
export function DoughForDay({ spec }: StationProps) {
  const { dough } = spec.pastry;
  const units = useSettings((state) => state.units);
  const { data } = usePieChoice();
  const [counts, setCounts] = useState<Readonly<Record<string, number>>>({});
  const doughs = useMemo(
    () =>
      (data?.pies ?? []).flatMap(({ id, spec }) => {
        if (!spec) return [];
        const drafted = draftPlan(spec);
        return drafted.ok && drafted.plan.build.dough.massG > 0
          ? [{ pie: { id, spec }, plan: drafted.plan }]
          : [];
      }),
    [data],
  );
  const lists = addDough(
    doughs.map(({ pie, plan }) => ({
      dough: pie.spec.pastry.dough,
      batch: plan.build.dough,
      count: counts[pie.id] ?? 0,
      isOwn: pie.spec.pastry.amounts !== undefined,
    })),
    builtInLarder,
  );
  const g = (massG: number): string => showText(massG, 'g', units);
  if (doughs.length === 0) return <p>No saved pie takes dough. Save one first.</p>;
  return (
    <>
      <ul className={classes.lines}>
        {doughs.map(({ pie, plan }) => (
          <li key={pie.id}>
            <span>
              {pie.spec.name}
              {pie.spec.pastry.dough === dough ? '' : ' (another dough)'}, {g(plan.build.dough.massG)}
            </span>
            <NumberInput
              aria-label={`How many ${pie.spec.name}`}
              size="xs"
              w={76}
              min={0}
              max={MOST_OF_ONE}
              clampBehavior="strict"
              allowDecimal={false}
              value={counts[pie.id] ?? 0}
              onChange={(next) => setCounts({ ...counts, [pie.id]: typeof next === 'number' ? next : 0 })}
            />
          </li>
        ))}
      </ul>
      {lists.length === 0 ? (
        <p role="status">Say how many of each.</p>
      ) : (
        <Table fz="md" verticalSpacing={4} aria-label="Dough for the day">
          <Table.Thead>
            <Table.Tr>
              {['Dough', 'In all', 'Flour', 'Butter', 'Ice water', 'Salt', 'Sugar'].map((word) => (
                <Table.Th key={word}>{word}</Table.Th>
              ))}
            </Table.Tr>
          </Table.Thead>
          <Table.Tbody>
            {lists.map(({ label, batch }) => (
              <Table.Tr key={label}>
                <Table.Th scope="row">{label}</Table.Th>
                <Table.Td>{g(batch.massG)}</Table.Td>
                <Table.Td>{g(batch.flourG)}</Table.Td>
                <Table.Td>{g(batch.butterG)}</Table.Td>
                <Table.Td>
                  {g(batch.waterLowG)} to {g(batch.waterHighG)}
                </Table.Td>
                <Table.Td>{g(batch.saltG)}</Table.Td>
                <Table.Td>{g(batch.sugarG)}</Table.Td>
              </Table.Tr>
            ))}
          </Table.Tbody>
        </Table>
      )}
    </>
  );
}

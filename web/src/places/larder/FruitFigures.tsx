import { Button, Group, NumberInput, Table } from '@mantine/core';
import type { Fruit, OwnFruit, OwnFruitFigure } from '@mardle/core';
import { builtInFruits, careAt, checkOwnFruit, ownFigureRows, showText } from '@mardle/core';
import { useState } from 'react';
import { useKeepFruit, useResetFruit } from '../../shared/api/larder.js';
import { QuantityField } from '../../shared/ui/QuantityField.js';
import { AdviceList } from '../../shared/ui/Advice.js';
import { Failure } from '../../shared/ui/Failure.js';
import { Plate } from '../../shared/ui/Plate/Plate.js';
import { useSettings } from '../../state/settings.js';
import classes from './LarderPlace.module.css';
import { LearnedHere } from './LearnedHere.js';
import { isSame } from '../../shared/isSame.js';

/** What stands after a figure; shares and pH stand alone. */
const sign = (unit: string): string =>
  unit === 'percent' ? '%' : unit === 'share' || unit === 'pH' ? '' : unit;

interface FruitFiguresProps {
  readonly fruit: Fruit;
  readonly own: OwnFruit | null;
}

/** The figures of one fruit: built-in, with spread and source, and this kitchen's own in their place. */
export function FruitFigures({ fruit, own }: FruitFiguresProps) {
  const base = builtInFruits.get(own?.like ?? fruit.id);
  const [figures, setFigures] = useState<OwnFruit['figures']>(own?.figures ?? {});
  const units = useSettings((state) => state.units);
  const keep = useKeepFruit();
  const reset = useResetFruit();
  if (!base) return null;
  const isBuiltIn = builtInFruits.has(fruit.id);
  const next: OwnFruit = { id: fruit.id, label: fruit.label, like: base.id, figures };
  const problems = checkOwnFruit(next);
  const changed = !isSame(figures, own?.figures ?? {});
  const set = (key: OwnFruitFigure, value: number | null): void =>
    setFigures((old) =>
      Object.fromEntries(
        Object.entries({ ...old, [key]: value ?? undefined }).filter(([, kept]) => kept !== undefined),
      ),
    );
  return (
    <Plate label={fruit.label} className={classes.figures}>
      <Group justify="space-between">
        <h2>{fruit.label}</h2>
        <span>{isBuiltIn ? fruit.group : `like ${base.label.toLowerCase()}`}</span>
      </Group>
      <AdviceList
        label="Cautions"
        advice={[
          ...(base.unsuited
            ? [{ id: 'unsuited', station: 'fruit' as const, level: 'danger' as const, text: base.unsuited }]
            : []),
          ...careAt('fruit', ...base.hazards),
        ]}
      />
      <LearnedHere fruit={fruit.id} />
      <Table verticalSpacing={3} fz="md">
        <Table.Thead>
          <Table.Tr>
            <Table.Th>Figure</Table.Th>
            <Table.Th>Built-in</Table.Th>
            <Table.Th>Give or take</Table.Th>
            <Table.Th>Source</Table.Th>
            <Table.Th>This kitchen’s</Table.Th>
          </Table.Tr>
        </Table.Thead>
        <Table.Tbody>
          {[...ownFigureRows.values()].map((row) => (
            <Table.Tr key={row.id}>
              <Table.Th scope="row">
                {row.label} <small className={classes.what}>{row.what}</small>
              </Table.Th>
              <Table.Td>
                {row.unit === 'g' ? showText(base[row.id], 'g', units) : `${base[row.id]} ${sign(row.unit)}`}
              </Table.Td>
              <Table.Td>
                ±{row.spread === 'by fruit' ? `${Math.round(100 * base.releaseSpread)} %` : row.spread}
              </Table.Td>
              <Table.Td className={classes.what}>{row.source}</Table.Td>
              <Table.Td>
                {row.unit === 'g' ? (
                  <QuantityField
                    limit={{ least: row.least, most: row.most, remedy: `${row.label}: ${row.what}.` }}
                    label=""
                    name={`${row.label}, this kitchen’s`}
                    unit="g"
                    size="sm"
                    width={120}
                    empty="as built-in"
                    value={figures[row.id] ?? null}
                    onChange={(value) => set(row.id, value)}
                  />
                ) : (
                  <NumberInput
                    aria-label={`${row.label}, this kitchen’s`}
                    size="sm"
                    w={120}
                    hideControls
                    placeholder="as built-in"
                    value={figures[row.id] ?? ''}
                    error={problems.find(({ field }) => field === `figures.${row.id}`)?.remedy}
                    onChange={(value) => set(row.id, typeof value === 'number' ? value : null)}
                  />
                )}
              </Table.Td>
            </Table.Tr>
          ))}
        </Table.Tbody>
      </Table>
      {problems.length > 0 && (
        <p role="alert" className={classes.bad}>
          {problems.map(({ message, remedy }) => `${message} ${remedy}`).join(' ')}
        </p>
      )}
      {[keep.error, reset.error].map((error, i) => error && <Failure key={i} error={error} />)}
      <Group gap={8}>
        <Button
          disabled={!changed || problems.length > 0}
          loading={keep.isPending}
          onClick={() => keep.mutate(next)}
        >
          Keep these figures
        </Button>
        {own && (
          <Button
            variant="default"
            loading={reset.isPending}
            onClick={() => {
              setFigures({});
              reset.mutate(fruit.id);
            }}
          >
            {isBuiltIn ? 'Back to built-in' : 'Put this fruit away'}
          </Button>
        )}
        <span role="status">
          {keep.isSuccess && !changed ? 'Kept; pies of this kitchen are planned with it.' : ''}
        </span>
      </Group>
    </Plate>
  );
}

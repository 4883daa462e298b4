import type { SimulatedFault } from '@mardle/core';
import { probeFaults } from '@mardle/core';
import { Button, Group, NativeSelect } from '@mantine/core';
import { useState } from 'react';
import { useSimulatedProbe } from '../../shared/api/probe.js';
import { Failure } from '../../shared/ui/Failure.js';
import classes from './ForecastPart.module.css';

const faultSaid: Readonly<Record<SimulatedFault, string>> = {
  none: 'nothing goes wrong',
  drop_outs: 'readings drop out',
  stuck: 'the reading sticks',
  slipped_out: 'the probe slips out',
  oven_off: 'the oven goes off',
};
const speeds = [1, 10, 60, 300, 600] as const;
const MOST_SEED = 1_000_000;

interface SimulatedProbeProps {
  readonly bakeId: string;
  /** Some readings of the bake are made up. */
  readonly simulated: boolean;
  readonly running: boolean;
}

/** A probe that is none, to try the forecast with: a made-up oven and pie, read as they go on. */
export function SimulatedProbe({ bakeId, simulated, running }: SimulatedProbeProps) {
  const [speed, setSpeed] = useState<number>(60);
  const [fault, setFault] = useState<SimulatedFault>('none');
  const probe = useSimulatedProbe(bakeId);
  return (
    <>
      {simulated && (
        <p>
          {running ? 'A simulated probe is read' : 'A simulated probe was read'}: these are no measurements.{' '}
          {running && (
            <Button size="compact-sm" variant="default" onClick={() => probe.mutate(null)}>
              Stop it
            </Button>
          )}
        </p>
      )}
      {!running && (
        <details className={classes.simulated}>
          <summary>No probe at hand? Try a simulated one</summary>
          <Group gap={10} align="end">
            <NativeSelect
              label="Speed"
              w={120}
              value={String(speed)}
              data={speeds.map((times) => ({ value: String(times), label: `${times} times` }))}
              onChange={({ currentTarget: { value } }) => setSpeed(Number(value))}
            />
            <NativeSelect
              label="What goes wrong"
              w={210}
              value={fault}
              data={probeFaults.map((value) => ({ value, label: faultSaid[value] }))}
              onChange={({ currentTarget: { value } }) =>
                setFault(probeFaults.find((known) => known === value) ?? 'none')
              }
            />
            <Button
              size="sm"
              variant="default"
              loading={probe.isPending}
              onClick={() => probe.mutate({ speed, fault, seed: 1 + Math.floor(Math.random() * MOST_SEED) })}
            >
              Start it
            </Button>
          </Group>
          {probe.error && <Failure error={probe.error} />}
        </details>
      )}
    </>
  );
}

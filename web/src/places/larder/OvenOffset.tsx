import { Button, Group, NumberInput, Select } from '@mantine/core';
import type { KitchenOven } from '@mardle/contract';
import { fieldLimit, showDegrees } from '@mardle/core';
import { useState } from 'react';
import { usePieChoice } from '../../shared/api/pies.js';
import { QuantityField } from '../../shared/ui/QuantityField.js';
import { Choice } from '../../shared/ui/Choice/Choice.js';
import { useSettings } from '../../state/settings.js';
import { offsetInWorker } from '../../shared/workers/bake.js';
import classes from './LarderPlace.module.css';
import { offText } from './offText.js';

interface OvenOffsetProps {
  readonly oven: KitchenOven;
  readonly onOffset: (offsetC: number) => void;
}

type Way = 'thermometer' | 'pie';

const limit = fieldLimit('bake.oven.offsetC');

/** How far off an oven is: by a thermometer in it, or by how much longer a usual pie takes. */
export function OvenOffset({ oven, onOffset }: OvenOffsetProps) {
  const units = useSettings((state) => state.units);
  const [way, setWay] = useState<Way>('thermometer');
  return (
    <section className={classes.offset} aria-label="How far off it is">
      <p>
        Against its knob it is <b>{offText(oven.offsetC, units)}</b>.
      </p>
      <Choice<Way>
        label="Measured by"
        value={way}
        options={[
          { value: 'thermometer', label: 'A thermometer in it' },
          { value: 'pie', label: 'A pie that takes longer' },
        ]}
        onChange={setWay}
      />
      {way === 'thermometer' ? (
        <ByThermometer onOffset={onOffset} />
      ) : (
        <ByPie oven={oven} onOffset={onOffset} />
      )}
    </section>
  );
}

function ByThermometer({ onOffset }: Pick<OvenOffsetProps, 'onOffset'>) {
  const [setC, setSet] = useState(180);
  const [readC, setRead] = useState(180);
  const offsetC = Math.round(readC - setC);
  const possible = offsetC >= limit.least && offsetC <= limit.most;
  /** What is read counts as it is typed: nobody has to take it over. */
  const read = (knobC: number, thermometerC: number): void => {
    setSet(knobC);
    setRead(thermometerC);
    const next = Math.round(thermometerC - knobC);
    if (next >= limit.least && next <= limit.most) onOffset(next);
  };
  return (
    <Group align="flex-end">
      <QuantityField
        limit="bake.stages.tempC"
        label="Knob at"
        unit="C"
        width={120}
        value={setC}
        onChange={(next) => next !== null && read(next, readC)}
      />
      <QuantityField
        limit="bake.stages.tempC"
        label="It reads"
        unit="C"
        width={120}
        value={readC}
        onChange={(next) => next !== null && read(setC, next)}
      />
      <p className={classes.what}>
        In the middle of the oven, the door shut, after the warm-up; the mean of a few readings, for the heat
        goes up and down.
      </p>
      {!possible && (
        <p role="alert" className={classes.bad}>
          {limit.remedy}
        </p>
      )}
    </Group>
  );
}

function ByPie({ oven, onOffset }: OvenOffsetProps) {
  const { data } = usePieChoice();
  const units = useSettings((state) => state.units);
  const [pieId, setPie] = useState<string | null>(null);
  const [longerMin, setLonger] = useState<number | string>(10);
  const [found, setFound] = useState<number | null | undefined>(undefined);
  const [busy, setBusy] = useState(false);
  const pies = (data?.pies ?? []).flatMap(({ id, spec }) => (spec ? [{ id, spec }] : []));
  const pie = pies.find(({ id }) => id === pieId) ?? pies[0];
  const find = async (): Promise<void> => {
    if (!pie || typeof longerMin !== 'number') return;
    setBusy(true);
    const { id: _, places: __, ...place } = oven;
    const spec = { ...pie.spec, bake: { ...pie.spec.bake, oven: { ...place, offsetC: 0 } } };
    const offsetC = await offsetInWorker(spec, longerMin).catch(() => null);
    setBusy(false);
    setFound(offsetC);
    if (offsetC !== null) onOffset(offsetC);
  };
  if (!pie) return <p>Save a pie first; it is baked in a thought oven to compare.</p>;
  return (
    <Group align="flex-end">
      <Select
        label="The pie"
        w={240}
        allowDeselect={false}
        data={pies.map(({ id, spec }) => ({ value: id, label: spec.name }))}
        value={pie.id}
        onChange={setPie}
      />
      <NumberInput
        label="takes longer by, min (sooner: below 0)"
        w={300}
        hideControls
        min={-60}
        max={90}
        clampBehavior="strict"
        value={longerMin}
        onChange={setLonger}
      />
      <Button
        variant="default"
        loading={busy}
        disabled={typeof longerMin !== 'number'}
        onClick={() => void find()}
      >
        Work it out
      </Button>
      <span role="status" className={classes.what}>
        {busy && 'Baking it in ovens that are off by more and by less …'}
        {!busy && typeof found === 'number' && `An oven ${offText(found, units)} would do that.`}
      </span>
      {!busy && found === null && (
        <p role="alert" className={classes.bad}>
          No oven within {showDegrees(limit.most, units)} of its knob would take that long. Look at the pie
          and the minutes again, or lay a thermometer in the oven.
        </p>
      )}
    </Group>
  );
}

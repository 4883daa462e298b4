import { Group, TextInput } from '@mantine/core';
import type { KitchenOven } from '@mardle/contract';
import type { HotSide, KnobKind, OvenKind } from '@mardle/core';
import { hotSides, knobKinds, knobWords } from '@mardle/core';
import { useState } from 'react';
import { useKeepOven, useKitchen, useRemoveOven } from '../../shared/api/kitchen.js';
import { QuantityField } from '../../shared/ui/QuantityField.js';
import { Choice } from '../../shared/ui/Choice/Choice.js';
import { Failure } from '../../shared/ui/Failure.js';
import { Plate } from '../../shared/ui/Plate/Plate.js';
import { useSettings } from '../../state/settings.js';
import classes from './LarderPlace.module.css';
import { KeepOrPutAway } from './KeepOrPutAway.js';
import { OwnList } from './OwnList.js';
import { OvenOffset } from './OvenOffset.js';
import { offText } from './offText.js';

const newOven = (): KitchenOven => ({
  id: crypto.randomUUID(),
  label: 'New oven',
  kind: 'still',
  offsetC: 0,
  warmUpMin: 20,
  places: 2,
});

const sideWords: Readonly<Record<HotSide, string>> = {
  none: 'Even',
  back: 'Back',
  front: 'Front',
  left: 'Left',
  right: 'Right',
};

/** The ovens of this kitchen: how far off each is, and how it is used. */
export function Ovens() {
  const { data: kitchen, error } = useKitchen();
  const units = useSettings((state) => state.units);
  if (error) return <Failure error={error} />;
  if (!kitchen) return <p role="status">Looking into the larder …</p>;
  return (
    <OwnList
      label="Ovens"
      addLabel="Add an oven"
      things={kitchen.ovens}
      make={newOven}
      note={({ offsetC }) => offText(offsetC, units)}
    >
      {(oven, isNew, onGone) => <OvenForm key={oven.id} oven={oven} isNew={isNew} onGone={onGone} />}
    </OwnList>
  );
}

interface OvenFormProps {
  readonly oven: KitchenOven;
  readonly isNew: boolean;
  readonly onGone: () => void;
}

function OvenForm({ oven, isNew, onGone }: OvenFormProps) {
  const [before] = useState(oven);
  const [draft, setDraft] = useState(oven);
  const keep = useKeepOven();
  const remove = useRemoveOven();
  const set = (part: Partial<KitchenOven>): void => setDraft({ ...draft, ...part });
  const named = draft.label.trim() !== '';
  return (
    <Plate label={oven.label} className={classes.figures}>
      <Group align="flex-end">
        <TextInput
          label="Its name"
          maxLength={80}
          value={draft.label}
          error={named ? undefined : 'Give it a name that tells it from the others'}
          onChange={(event) => set({ label: event.currentTarget.value })}
        />
        <QuantityField
          limit="bake.oven.warmUpMin"
          label="Hot through after"
          unit="min"
          width={200}
          value={draft.warmUpMin}
          onChange={(warmUpMin) => warmUpMin !== null && set({ warmUpMin })}
        />
        <QuantityField
          limit="kitchen.oven.places"
          label="Dishes at once"
          unit="count"
          value={draft.places}
          onChange={(places) => places !== null && set({ places: Math.round(places) })}
        />
      </Group>
      <Group align="flex-start">
        <Choice<OvenKind>
          label="Heat"
          value={draft.kind}
          options={[
            { value: 'still', label: 'Still', note: 'top and bottom heat' },
            { value: 'fan', label: 'Fan', note: 'moving air, set lower' },
          ]}
          onChange={(kind) => set({ kind })}
        />
        <Choice<HotSide>
          label="Hotter at the"
          value={draft.hotSide ?? 'none'}
          options={hotSides.map((value) => ({ value, label: sideWords[value] }))}
          onChange={(hotSide) => set({ hotSide })}
        />
        <Choice<KnobKind>
          label="Its knob has"
          value={draft.knob ?? '5_c'}
          options={knobKinds.map((value) => ({ value, label: knobWords[value] }))}
          onChange={(knob) => set({ knob })}
        />
      </Group>
      <OvenOffset oven={draft} onOffset={(offsetC) => set({ offsetC })} />
      <KeepOrPutAway
        before={before}
        draft={draft}
        isNew={isNew}
        sound={named}
        keep={keep}
        remove={remove}
        onGone={onGone}
        keepLabel="Keep this oven"
        keptWords="Kept. Choose it again on a pie’s bench to plan with it."
      />
    </Plate>
  );
}

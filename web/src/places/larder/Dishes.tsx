import { TextInput } from '@mantine/core';
import type { KitchenDish } from '@mardle/contract';
import { builtInLarder, dishProblems, measureDish, showText } from '@mardle/core';
import { useState } from 'react';
import { useKeepDish, useKitchen, useRemoveDish } from '../../shared/api/kitchen.js';
import { DishFields } from '../../pie/DishFields.js';
import { Failure } from '../../shared/ui/Failure.js';
import { Plate } from '../../shared/ui/Plate/Plate.js';
import { useSettings } from '../../state/settings.js';
import { KeepOrPutAway } from './KeepOrPutAway.js';
import { OwnList } from './OwnList.js';
import classes from './LarderPlace.module.css';

const newDish = (): KitchenDish => ({
  id: crypto.randomUUID(),
  label: 'New dish',
  topCm: 23,
  baseCm: 18,
  depthCm: 3.5,
  material: 'enamelled_steel',
});

/** The dishes of this kitchen. */
export function Dishes() {
  const { data: kitchen, error } = useKitchen();
  const units = useSettings((state) => state.units);
  if (error) return <Failure error={error} />;
  if (!kitchen) return <p role="status">Looking into the larder …</p>;
  return (
    <OwnList
      label="Dishes"
      addLabel="Add a dish"
      things={kitchen.dishes}
      make={newDish}
      note={(dish) => showText(measureDish(dish).brimMl, 'mL', units)}
    >
      {(dish, isNew, onGone) => <DishForm key={dish.id} dish={dish} isNew={isNew} onGone={onGone} />}
    </OwnList>
  );
}

interface DishFormProps {
  readonly dish: KitchenDish;
  readonly isNew: boolean;
  readonly onGone: () => void;
}

function DishForm({ dish, isNew, onGone }: DishFormProps) {
  const units = useSettings((state) => state.units);
  const [before] = useState(dish);
  const [draft, setDraft] = useState(dish);
  const keep = useKeepDish();
  const remove = useRemoveDish();
  const problems = [
    ...(draft.label.trim() === ''
      ? [{ message: 'The dish has no name.', remedy: 'Give it one that tells it from the others.' }]
      : []),
    ...dishProblems(draft),
  ];
  const { brimMl, netMl } = measureDish(draft);
  return (
    <Plate label={dish.label} className={classes.figures}>
      <TextInput
        label="Its name"
        maxLength={80}
        value={draft.label}
        onChange={(event) => setDraft({ ...draft, label: event.currentTarget.value })}
      />
      <DishFields dish={draft} onChange={(next) => setDraft({ ...next, id: dish.id })} />
      {problems.length === 0 && (
        <p>
          To the brim {showText(brimMl, 'mL', units)} of water; lined with pastry it takes{' '}
          {showText(netMl, 'mL', units)} of filling.{' '}
          {builtInLarder.materials.get(draft.material)?.brittle
            ? 'It can shatter: never from the freezer into a hot oven.'
            : ''}
        </p>
      )}
      {problems.length > 0 && (
        <p role="alert" className={classes.bad}>
          {problems.map(({ message, remedy }) => `${message} ${remedy}`).join(' ')}
        </p>
      )}
      <KeepOrPutAway
        before={before}
        draft={draft}
        isNew={isNew}
        sound={problems.length === 0}
        keep={keep}
        remove={remove}
        onGone={onGone}
        keepLabel="Keep this dish"
        keptWords="Kept. Pies made in it stay as they were."
      />
    </Plate>
  );
}

import { Button, TextInput } from '@mantine/core';
import type { DishSpec } from '@mardle/core';
import { dishProblems } from '@mardle/core';
import { useState } from 'react';
import { useKeepDish } from '../../../../shared/api/kitchen.js';
import { Failure } from '../../../../shared/ui/Failure.js';
import { changeSpec } from '../../../../state/changeSpec.js';
import classes from '../../../../shared/ui/stations.module.css';

const MOST_LETTERS = 80;

/** A dish measured on the bench gets a name and a place among the kitchen’s own. */
export function KeepDish({ dish }: { readonly dish: DishSpec }) {
  const [name, setName] = useState('');
  const keep = useKeepDish();
  const label = name.trim();
  const keepIt = (): void => {
    const named = { ...dish, label };
    keep.mutate(
      { ...named, id: crypto.randomUUID() },
      { onSuccess: () => changeSpec((old) => ({ ...old, dish: { ...old.dish, label } })) },
    );
  };
  return (
    <div className={classes.row}>
      <TextInput
        label="Keep it as"
        placeholder="a name of yours"
        maxLength={MOST_LETTERS}
        w={230}
        value={name}
        onChange={(event) => setName(event.currentTarget.value)}
      />
      <Button
        variant="default"
        loading={keep.isPending}
        disabled={label === '' || dishProblems(dish).length > 0}
        onClick={keepIt}
      >
        Keep in this kitchen
      </Button>
      {keep.error && <Failure error={keep.error} />}
    </div>
  );
}

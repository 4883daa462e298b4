import { ActionIcon, Autocomplete, Button, NativeSelect, NumberInput, TextInput } from '@mantine/core';
import type { ReadyAs } from '@mardle/core';
import { readyKinds } from '@mardle/core';
import { IconPlus, IconX } from '@tabler/icons-react';
import { useState } from 'react';
import { usePieChoice } from '../../../shared/api/pies.js';
import type { DayFile, Wanted } from '../../../state/day/dayFile.js';
import { useDay } from '../../../state/day/day.js';
import classes from '../DayPlace.module.css';
import { toHour, instantFrom } from '../hours.js';

export const readyWords: Readonly<Record<ReadyAs, string>> = {
  cold: 'sliceable cold',
  warm: 'warm',
  out_of_dish: 'out of its dish',
};

const MOST = 40;

/** Which pies are wanted, how many, by when and as what. */
export function WantedList({ file }: { readonly file: DayFile }) {
  const { change } = useDay();
  const { data } = usePieChoice();
  const [typed, setTyped] = useState('');
  const { date } = toHour(file, 0);
  const set = (i: number, part: Partial<Wanted>): void =>
    change({ pies: file.pies.map((one, k) => (k === i ? { ...one, ...part } : one)) });
  const pies = (data?.pies ?? []).filter(({ spec }) => spec !== null);
  const add = (name: string): void => {
    const pie = pies.find((one) => one.name === name)?.spec;
    if (!pie) return;
    const last = file.pies.at(-1)?.ready ?? {
      at: instantFrom(date, '09:00', file.timeZone),
      as: 'cold' as const,
    };
    const dishes = { ...file.kitchen.dishes };
    dishes[pie.dish.label] ??= 1;
    const numbers = file.pies.map(({ id }) => Number(id.split('-').at(-1)) || 0);
    change({
      pies: [...file.pies, { id: `pie-${Math.max(0, ...numbers) + 1}`, count: 1, ready: last, pie }],
      kitchen: { ...file.kitchen, dishes },
    });
    // After the field has taken the chosen name, or Enter would add it again.
    setTimeout(() => setTyped(''));
  };
  return (
    <>
      <h2>Wanted</h2>
      <ul className={classes.rows}>
        {file.pies.map((one, i) => {
          const { hour, date: on } = toHour(file, one.ready.at);
          const name = one.pie.name;
          return (
            <li key={one.id}>
              <b className={classes.name}>{name}</b>
              <ActionIcon
                variant="subtle"
                size="lg"
                aria-label={`Take ${name} off the list`}
                onClick={() => change({ pies: file.pies.filter((_, k) => k !== i) })}
              >
                <IconX size={18} />
              </ActionIcon>
              <div className={classes.fields}>
                <NumberInput
                  aria-label={`How many of ${name}`}
                  w={64}
                  min={1}
                  max={MOST}
                  allowDecimal={false}
                  clampBehavior="strict"
                  value={one.count}
                  onChange={(count) => typeof count === 'number' && count >= 1 && set(i, { count })}
                />
                <TextInput
                  type="time"
                  aria-label={`When ${name} is wanted`}
                  w={136}
                  value={hour}
                  onChange={({ currentTarget: { value } }) =>
                    value && set(i, { ready: { ...one.ready, at: instantFrom(on, value, file.timeZone) } })
                  }
                />
                <NativeSelect
                  aria-label={`As what ${name} is wanted`}
                  className={classes.grow}
                  value={one.ready.as}
                  onChange={({ currentTarget: { value } }) =>
                    set(i, {
                      ready: { ...one.ready, as: readyKinds.find((kind) => kind === value) ?? 'cold' },
                    })
                  }
                  data={readyKinds.map((value) => ({ value, label: readyWords[value] }))}
                />
              </div>
            </li>
          );
        })}
      </ul>
      <div className={classes.fields}>
        <Autocomplete
          aria-label="Pie to add"
          placeholder="a pie of this kitchen"
          className={classes.grow}
          value={typed}
          onChange={setTyped}
          onOptionSubmit={add}
          data={[...new Set(pies.map(({ name }) => name))]}
          limit={12}
        />
        <Button variant="default" leftSection={<IconPlus size={18} />} onClick={() => add(typed)}>
          Add
        </Button>
      </div>
    </>
  );
}

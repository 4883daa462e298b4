import { ActionIcon, Button, NumberInput, TextInput } from '@mantine/core';
import { emptyFreezer, shellsIn } from '@mardle/core';
import { IconPlus, IconX } from '@tabler/icons-react';
import type { DayFile, Person } from '../state/day.js';
import { USUAL_FRIDGE, useDay } from '../state/day.js';
import classes from './DayPlace.module.css';
import { hourOf, instantAt } from './hours.js';
import { InFreezer } from './InFreezer.js';

const MOST = 12;
const MOST_PLACES = 200;

/** Who is there from when to when, how many dishes, and the day itself. */
export function People({ file }: { readonly file: DayFile }) {
  const { change } = useDay();
  const { kitchen } = file;
  const day = hourOf(file, 0).date;
  const set = (hands: readonly Person[]): void => change({ kitchen: { ...kitchen, hands } });
  const at = (i: number, part: Partial<Person>): void =>
    set(kitchen.hands.map((one, k) => (k === i ? { ...one, ...part } : one)));
  const used = [...new Set([...file.pies.map(({ pie }) => pie.dish.label), ...Object.keys(kitchen.dishes)])];
  return (
    <>
      <h2>Who is there</h2>
      <ul className={classes.rows}>
        {kitchen.hands.map((hand, i) => {
          const from = hourOf(file, hand.from);
          const to = hourOf(file, hand.to);
          return (
            <li key={i} className={classes.fields}>
              <TextInput
                aria-label={`Name of hand ${i + 1}`}
                className={classes.wide}
                value={hand.id}
                maxLength={40}
                onChange={({ currentTarget: { value } }) => at(i, { id: value })}
              />
              <TextInput
                type="time"
                aria-label={`From when ${hand.id} is there`}
                w={136}
                value={from.hour}
                onChange={({ currentTarget: { value } }) =>
                  value && at(i, { from: instantAt(from.date, value, file.timeZone) })
                }
              />
              <TextInput
                type="time"
                aria-label={`Until when ${hand.id} is there`}
                w={136}
                value={to.hour}
                onChange={({ currentTarget: { value } }) =>
                  value && at(i, { to: instantAt(to.date, value, file.timeZone) })
                }
              />
              <ActionIcon
                variant="subtle"
                size="lg"
                aria-label={`Take ${hand.id} off`}
                disabled={kitchen.hands.length < 2}
                onClick={() => set(kitchen.hands.filter((_, k) => k !== i))}
              >
                <IconX size={18} />
              </ActionIcon>
              {from.date !== day && <small>from {from.date}</small>}
              {(hand.breaks ?? []).length > 0 && (
                <small>
                  away{' '}
                  {(hand.breaks ?? [])
                    .map(([start, end]) => `${hourOf(file, start).hour} to ${hourOf(file, end).hour}`)
                    .join(', ')}
                </small>
              )}
            </li>
          );
        })}
      </ul>
      <Button
        variant="default"
        leftSection={<IconPlus size={18} />}
        disabled={kitchen.hands.length >= MOST}
        onClick={() => {
          const [first] = kitchen.hands;
          if (first) set([...kitchen.hands, { ...first, id: `hand ${kitchen.hands.length + 1}` }]);
        }}
      >
        One more pair of hands
      </Button>
      <h2>Dishes and fridge</h2>
      <div className={classes.counts}>
        {used.map((label) => (
          <NumberInput
            key={label}
            label={label}
            min={shellsIn({ ...emptyFreezer, ...file.freezer }, label)}
            max={MOST_PLACES}
            allowDecimal={false}
            clampBehavior="strict"
            value={kitchen.dishes[label] ?? 0}
            onChange={(count) =>
              typeof count === 'number' &&
              change({ kitchen: { ...kitchen, dishes: { ...kitchen.dishes, [label]: count } } })
            }
          />
        ))}
        <NumberInput
          label="Places in the fridge"
          min={1}
          max={MOST_PLACES}
          allowDecimal={false}
          clampBehavior="strict"
          value={kitchen.fridgePlaces ?? USUAL_FRIDGE}
          onChange={(count) =>
            typeof count === 'number' &&
            count >= 1 &&
            change({ kitchen: { ...kitchen, fridgePlaces: count } })
          }
        />
      </div>
      <InFreezer file={file} />
    </>
  );
}

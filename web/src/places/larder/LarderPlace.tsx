import { Button, Group, TextInput } from '@mantine/core';
import type { Fruit } from '@mardle/core';
import { builtInFruits, builtInLarder, withOwnFruits } from '@mardle/core';
import { IconPlus } from '@tabler/icons-react';
import { useMemo, useState } from 'react';
import { useSearchParams } from 'react-router';
import { useOwnFruits } from '../../shared/api/larder.js';
import { Failure } from '../../shared/ui/Failure.js';
import { fleshColour } from '../../shared/format/fruitColours.js';
import { Plate } from '../../shared/ui/Plate/Plate.js';
import { LearnedList } from '../../learned/LearnedList.js';
import { AddFruit } from './AddFruit.js';
import { Dishes } from './Dishes.js';
import { FruitFigures } from './FruitFigures.js';
import classes from './LarderPlace.module.css';
import { FlourCup } from './FlourCup.js';
import { OwnThickeners } from './OwnThickeners.js';
import { Ovens } from './Ovens.js';
import { Shelves } from './Shelves.js';

type Shelf = 'fruits' | 'thickeners' | 'sugars' | 'flour' | 'dishes' | 'ovens' | 'learned';
const shelves: readonly { readonly id: Shelf; readonly word: string }[] = [
  { id: 'fruits', word: 'Fruits' },
  { id: 'thickeners', word: 'Thickeners' },
  { id: 'sugars', word: 'Sugars' },
  { id: 'flour', word: 'Flour' },
  { id: 'dishes', word: 'Dishes' },
  { id: 'ovens', word: 'Ovens' },
  { id: 'learned', word: 'Learned here' },
];

/** This kitchen's own figures beside the built-in ones, with their source. */
export function LarderPlace() {
  const [search, setSearch] = useSearchParams();
  const shelf = shelves.find(({ id }) => id === search.get('shelf'))?.id ?? 'fruits';
  return (
    <>
      <Group justify="space-between" mb={12}>
        <h1>Larder</h1>
        <div className={classes.shelves} role="group" aria-label="Shelf">
          {shelves.map(({ id, word }) => (
            <button
              key={id}
              type="button"
              aria-pressed={id === shelf}
              onClick={() => setSearch({ shelf: id })}
            >
              {word}
            </button>
          ))}
        </div>
      </Group>
      {shelf === 'fruits' && <Fruits />}
      {shelf === 'thickeners' && <OwnThickeners />}
      {(shelf === 'thickeners' || shelf === 'sugars') && <Shelves shelf={shelf} />}
      {shelf === 'flour' && <FlourCup />}
      {shelf === 'dishes' && <Dishes />}
      {shelf === 'ovens' && <Ovens />}
      {shelf === 'learned' && <LearnedList />}
    </>
  );
}

function Fruits() {
  const { data: own, error } = useOwnFruits();
  const [search, setSearch] = useSearchParams();
  const [text, setText] = useState('');
  const [adding, setAdding] = useState(false);
  const all = useMemo(() => [...withOwnFruits(builtInLarder, own ?? []).fruits.values()], [own]);
  const shown = all.filter(({ label }) => label.toLowerCase().includes(text.trim().toLowerCase()));
  const chosen =
    all.find(({ id }) => id === search.get('fruit')) ?? all.find(({ id }) => id === 'damson') ?? all[0];
  const choose = (id: string): void => void setSearch({ shelf: 'fruits', fruit: id });
  if (error) return <Failure error={error} />;
  if (!own || !chosen) return <p role="status">Looking into the larder …</p>;
  return (
    <div className={classes.fruits}>
      <Plate label="Fruits" className={classes.list}>
        <TextInput
          aria-label="Find a fruit"
          placeholder="find a fruit"
          value={text}
          onChange={(event) => setText(event.currentTarget.value)}
        />
        <ul>
          {shown.map((fruit) => (
            <li key={fruit.id}>
              <button
                type="button"
                aria-current={fruit.id === chosen.id || undefined}
                onClick={() => choose(fruit.id)}
              >
                <span
                  className={classes.dot}
                  style={{ background: fleshColour(own.find(({ id }) => id === fruit.id)?.like ?? fruit.id) }}
                  aria-hidden
                />
                {fruit.label}
                <Mark fruit={fruit} own={own.some(({ id }) => id === fruit.id)} />
              </button>
            </li>
          ))}
          {shown.length === 0 && <li>No fruit by that name. Add it.</li>}
        </ul>
        <Button variant="default" leftSection={<IconPlus size={18} />} onClick={() => setAdding(true)}>
          Add a fruit
        </Button>
      </Plate>
      <FruitFigures key={chosen.id} fruit={chosen} own={own.find(({ id }) => id === chosen.id) ?? null} />
      {adding && (
        <AddFruit
          onClose={() => setAdding(false)}
          onAdded={(id) => {
            setAdding(false);
            choose(id);
          }}
        />
      )}
    </div>
  );
}

function Mark({ fruit, own }: { readonly fruit: Fruit; readonly own: boolean }) {
  if (!own) return null;
  return <small>{builtInFruits.has(fruit.id) ? 'own figures' : 'own fruit'}</small>;
}

import { Modal, TextInput } from '@mantine/core';
import { builtInFruits, starterSpec } from '@mardle/core';
import type { KeyboardEvent } from 'react';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { useCreatePie, usePies } from '../api/pies.js';
import classes from './FindAnything.module.css';
import { places } from './places.js';

interface Found {
  readonly key: string;
  readonly words: string;
  readonly kind: string;
  readonly go: () => void;
}

const SHOWN = 9;

/** Pies, fruit and places by a few letters. */
export function FindAnything({ onClose }: { readonly onClose: () => void }) {
  const [text, setText] = useState('');
  const [at, setAt] = useState(0);
  const { data: pies = [] } = usePies();
  const create = useCreatePie();
  const navigate = useNavigate();
  const all: Found[] = [
    ...pies.map(({ id, spec }) => ({
      key: id,
      words: spec.name,
      kind: 'pie',
      go: () => void navigate(`/pies/${id}`),
    })),
    ...places.map(({ to, word }) => ({ key: to, words: word, kind: 'place', go: () => void navigate(to) })),
    ...[...builtInFruits.values()].map(({ id, label }) => ({
      key: id,
      words: label,
      kind: 'new pie of',
      go: () =>
        void create
          .mutateAsync({
            ...starterSpec,
            name: `${label} pie`,
            filling: {
              ...starterSpec.filling,
              fruits: [{ fruit: id, share: 1, state: 'fresh', ripeness: 0, cut: 'usual', peeled: true }],
            },
          })
          .then((pie) => navigate(`/pies/${pie.id}`))
          .catch(() => navigate('/pies')),
    })),
  ];
  const found = all
    .filter(({ words }) => words.toLowerCase().includes(text.trim().toLowerCase()))
    .slice(0, SHOWN);
  const chosen = Math.min(at, found.length - 1);
  const take = (one: Found | undefined): void => {
    if (!one) return;
    onClose();
    one.go();
  };
  const onKey = (event: KeyboardEvent): void => {
    if (event.key === 'ArrowDown') setAt(Math.min(chosen + 1, found.length - 1));
    else if (event.key === 'ArrowUp') setAt(Math.max(chosen - 1, 0));
    else if (event.key === 'Enter') take(found[chosen]);
    else return;
    event.preventDefault();
  };
  return (
    <Modal opened onClose={onClose} title="Find anything" closeButtonProps={{ 'aria-label': 'Close' }}>
      <TextInput
        data-autofocus
        aria-label="What to find"
        placeholder="a pie, a fruit, a place"
        value={text}
        onKeyDown={onKey}
        onChange={(event) => {
          setText(event.currentTarget.value);
          setAt(0);
        }}
      />
      <ul className={classes.found}>
        {found.map((one, i) => (
          <li key={`${one.kind}/${one.key}`}>
            <button
              type="button"
              className={i === chosen ? classes.chosen : undefined}
              onClick={() => take(one)}
            >
              <small>{one.kind}</small> {one.words}
            </button>
          </li>
        ))}
        {found.length === 0 && <li>Nothing by that name.</li>}
      </ul>
    </Modal>
  );
}

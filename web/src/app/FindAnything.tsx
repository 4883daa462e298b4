import { Spotlight, type SpotlightActionGroupData } from '@mantine/spotlight';
import '@mantine/spotlight/styles.css';
import { builtInFruits, starterSpec } from '@mardle/core';
import { IconSearch } from '@tabler/icons-react';
import { useNavigate } from 'react-router';
import { useCreatePie, usePies } from '../api/pies.js';
import { places } from './places.js';

const SHOWN = 9;

/** Pies, fruit and places by a few letters; opened by `/` or `openSpotlight()`. */
export function FindAnything() {
  const { data: pies = [] } = usePies();
  const create = useCreatePie();
  const navigate = useNavigate();
  const pieOf = (id: string, label: string): void =>
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
      .catch(() => navigate('/pies'));
  const actions: SpotlightActionGroupData[] = [
    {
      group: 'Pies',
      actions: pies.map(({ id, spec }) => ({
        id,
        label: spec.name,
        onClick: () => void navigate(`/pies/${id}`),
      })),
    },
    {
      group: 'Places',
      actions: places.map(({ to, word }) => ({ id: to, label: word, onClick: () => void navigate(to) })),
    },
    {
      group: 'New pie of',
      actions: [...builtInFruits.values()].map(({ id, label }) => ({
        id,
        label,
        onClick: () => pieOf(id, label),
      })),
    },
  ];
  return (
    <Spotlight
      actions={actions}
      shortcut="/"
      limit={SHOWN}
      highlightQuery
      scrollable
      maxHeight={440}
      nothingFound="Nothing by that name."
      searchProps={{
        'aria-label': 'What to find',
        placeholder: 'a pie, a fruit, a place',
        leftSection: <IconSearch size={20} aria-hidden />,
      }}
    />
  );
}

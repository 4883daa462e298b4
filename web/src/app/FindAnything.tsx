import type {
  SpotlightActionData,
  SpotlightActionGroupData,
  SpotlightFilterFunction,
} from '@mantine/spotlight';
import { Spotlight } from '@mantine/spotlight';
import '@mantine/spotlight/styles.css';
import { useDebouncedValue } from '@mantine/hooks';
import { builtInFruits, starterSpec } from '@mardle/core';
import { IconSearch } from '@tabler/icons-react';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { useCreatePie, usePies } from '../shared/api/pies.js';
import { places } from './places.js';

const SHOWN = 12;
const PIES_SHOWN = 7;
const TYPING_MS = 120;
const PIES = 'Pies';

/** Pies were found by the server, over all there are; places and fruits by the letters in their names. */
const keepFound: SpotlightFilterFunction = (query, groups) => {
  const typed = query.trim().toLowerCase();
  const fits = ({ label = '' }: SpotlightActionData): boolean => label.toLowerCase().includes(typed);
  return (groups as SpotlightActionGroupData[])
    .map((group) => (group.group === PIES ? group : { ...group, actions: group.actions.filter(fits) }))
    .filter(({ actions }) => actions.length > 0);
};

/** Things that people look for by name, and where they are. */
const whereabouts: readonly { readonly label: string; readonly description: string; readonly to: string }[] =
  [
    {
      label: 'Thickeners: corn starch, flour, tapioca',
      description: 'Larder',
      to: '/larder?shelf=thickeners',
    },
    { label: 'A cup of flour, what it weighs here', description: 'Larder', to: '/larder?shelf=flour' },
    { label: 'Sugars and their cups', description: 'Larder', to: '/larder?shelf=sugars' },
    { label: 'Dishes of this kitchen', description: 'Larder', to: '/larder?shelf=dishes' },
    { label: 'Ovens, and how far off they are', description: 'Larder', to: '/larder?shelf=ovens' },
    { label: 'Flour and dough', description: 'on a pie’s bench, Pastry', to: '/pies' },
    { label: 'Weep test and saucer test', description: 'on a pie’s bench, Juice', to: '/pies' },
    { label: 'Print a slip or templates', description: 'on a pie’s bench, More', to: '/pies' },
    { label: 'Whole kitchen as a file, backup', description: 'Log', to: '/log' },
  ];

/** Enter takes the first of what was found after the last letter, when none was chosen by the arrows. */
function takeFirst(input: HTMLElement): void {
  const dialog = input.closest('[role=dialog]');
  if (dialog?.querySelector('[data-action][data-selected]')) return;
  dialog?.querySelector<HTMLElement>('[data-action]')?.click();
}

/** Pies, fruit and places by a few letters; opened by `/` or `openSpotlight()`. */
export function FindAnything() {
  const [typed, setTyped] = useState('');
  const [find] = useDebouncedValue(typed, TYPING_MS);
  const { data, isPending, isPlaceholderData } = usePies({ find: find.trim(), size: PIES_SHOWN });
  // What is shown answers to what is typed, and is all there is: a quick Enter must not take what was found for other letters, nor
  // begin a pie while those that there are have not come yet.
  const looking = typed !== find || isPending || isPlaceholderData;
  const create = useCreatePie();
  const navigate = useNavigate();
  const pieOf = (id: string, label: string): void =>
    void create
      .mutateAsync({
        ...starterSpec,
        name: `${label} pie`,
        filling: {
          ...starterSpec.filling,
          fruits: [
            {
              fruit: id,
              share: 1,
              state: 'fresh',
              ripeness: 0,
              cut: 'usual',
              peeled: ['apple', 'pear'].includes(builtInFruits.get(id)?.group ?? ''),
            },
          ],
        },
      })
      .then((pie) => navigate(`/pies/${pie.id}`))
      .catch(() => navigate('/pies'));
  const found: SpotlightActionGroupData[] = [
    {
      group: PIES,
      actions: (data?.pies ?? []).map(({ id, name, fruits, oven }) => ({
        id,
        label: name,
        description: [fruits, oven].filter((word) => word !== '').join(' · '),
        onClick: () => void navigate(`/pies/${id}`),
      })),
    },
    {
      group: 'Places',
      actions: places.map(({ to, word }) => ({ id: to, label: word, onClick: () => void navigate(to) })),
    },
    {
      group: 'Where to find it',
      actions: whereabouts.map(({ label, description, to }) => ({
        id: label,
        label,
        description,
        onClick: () => void navigate(to),
      })),
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
      actions={looking ? [] : found}
      shortcut={null}
      limit={SHOWN}
      filter={keepFound}
      onQueryChange={setTyped}
      highlightQuery
      scrollable
      maxHeight={440}
      attributes={{ content: { 'aria-label': 'Find anything' } }}
      scrollAreaProps={{ viewportProps: { tabIndex: 0, role: 'region', 'aria-label': 'What was found' } }}
      styles={{
        actionDescription: { color: 'var(--ink-soft)', opacity: 1, fontSize: 14 },
        // Pale is for what can be done without; this is all there is to read.
        empty: { color: 'var(--ink)', opacity: 1 },
      }}
      nothingFound={looking ? 'Looking …' : 'Nothing by that name.'}
      searchProps={{
        'aria-label': 'What to find',
        placeholder: 'a pie, a fruit, a place',
        leftSection: <IconSearch size={20} aria-hidden />,
        onKeyDown: ({ key, currentTarget }) => {
          if (key === 'Enter') takeFirst(currentTarget);
        },
      }}
    />
  );
}

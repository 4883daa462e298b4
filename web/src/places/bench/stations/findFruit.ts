import type { ComboboxItem, ComboboxParsedItem, OptionsFilter } from '@mantine/core';
import type { Fruit, Larder } from '@mardle/core';
import Fuse from 'fuse.js';

/** How far off a word may be spelt: 0 exact, 1 anything. */
const NEARNESS = 0.34;

/** A finder of fruits by any of their names, near misses too; ids with the best first. */
export function fruitFinder({ fruits }: Pick<Larder, 'fruits'>): (typed: string) => string[] {
  const fuse = new Fuse<Fruit>([...fruits.values()], {
    keys: [
      { name: 'label', weight: 2 },
      { name: 'also', weight: 1 },
    ],
    threshold: NEARNESS,
    ignoreLocation: true,
  });
  return (typed) => fuse.search(typed.trim()).map(({ item }) => item.id);
}

/** The list of fruits as it stands while nothing is typed, and what is found when something is, without groups. */
export function fruitFilter(larder: Larder): OptionsFilter {
  const find = fruitFinder(larder);
  return ({ options, search }): ComboboxParsedItem[] => {
    const chosen = [...larder.fruits.values()].some(({ label }) => label === search);
    if (search.trim() === '' || chosen) return options;
    const items = options.flatMap((option): ComboboxItem[] => ('group' in option ? option.items : [option]));
    return find(search).flatMap((id) => items.find(({ value }) => value === id) ?? []);
  };
}

import type { Larder } from '../larder/index.js';
import type { Reader } from '../spec/index.js';
import type { Freezer } from './freezer.js';
import { emptyFreezer } from './freezer.js';

const MOST = 200;

/** What a day's file says of the freezer: lined dishes of the kitchen, dough of the larder. */
export function readFreezer(
  reader: Reader,
  value: unknown,
  dishes: Readonly<Record<string, number>>,
  larder: Larder,
): Freezer {
  if (value === undefined) return emptyFreezer;
  const freezer = reader.part('freezer', value, 'shells by dish, dough by its id');
  reader.known('freezer', freezer, ['shells', 'dough']);
  const counts = (field: keyof Freezer): Record<string, number> =>
    Object.fromEntries(
      Object.entries(reader.part(`freezer.${field}`, freezer[field] ?? {}, 'how many of each')).map(
        ([what, count]) => [what, reader.whole(`freezer.${field}.${what}`, count, { least: 0, most: MOST })],
      ),
    );
  const shells = counts('shells');
  const owned = new Map(Object.entries(dishes));
  for (const [label, count] of Object.entries(shells)) {
    const there = owned.get(label) ?? 0;
    if (count <= there) continue;
    reader.wrong(
      `freezer.shells.${label}`,
      `${count} shells lie in "${label}", and the kitchen has ${there} of it.`,
      'Count the dishes in the freezer under kitchen.dishes too.',
    );
  }
  const dough = counts('dough');
  for (const id of Object.keys(dough)) {
    if (larder.doughs.has(id)) continue;
    reader.wrong(
      `freezer.dough.${id}`,
      `There is no dough "${id}".`,
      `Write one of: ${[...larder.doughs.keys()].join(', ')}.`,
    );
  }
  return { shells, dough };
}

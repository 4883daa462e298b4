import type { Larder } from '../../larder/index.js';
import type { Reader } from '../../schema/index.js';
import type { Freezer } from './freezer.js';
import { emptyFreezer } from './freezer.js';

const MOST = 200;
/** More than a chest holds, g. */
const MOST_FRUIT_G = 200_000;

/** What a day's file says of the freezer: lined dishes of the kitchen, dough and fruit of the larder or of one of its pies. */
export function readFreezer(
  reader: Reader,
  value: unknown,
  dishes: Readonly<Record<string, number>>,
  larder: Larder,
  ownFruits: readonly string[],
): Freezer {
  if (value === undefined) return emptyFreezer;
  const freezer = reader.part('freezer', value, 'shells by dish, dough and fruit by its id');
  reader.known('freezer', freezer, ['shells', 'dough', 'fruit']);
  const counts = (field: keyof Freezer, of: string, most: number): Record<string, number> =>
    Object.fromEntries(
      Object.entries(reader.part(`freezer.${field}`, freezer[field] ?? {}, of)).map(([what, count]) => [
        what,
        reader.whole(`freezer.${field}.${what}`, count, { least: 0, most }),
      ]),
    );
  const shells = counts('shells', 'how many of each', MOST);
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
  const dough = counts('dough', 'how many of each', MOST);
  for (const id of Object.keys(dough)) {
    if (larder.doughs.has(id)) continue;
    reader.wrong(
      `freezer.dough.${id}`,
      `There is no dough "${id}".`,
      `Write one of: ${[...larder.doughs.keys()].join(', ')}.`,
    );
  }
  const fruit = counts('fruit', 'g of each', MOST_FRUIT_G);
  for (const id of Object.keys(fruit)) {
    if (larder.fruits.has(id) || ownFruits.includes(id)) continue;
    reader.wrong(
      `freezer.fruit.${id}`,
      `There is no fruit "${id}".`,
      'Write the id of a fruit of the Larder, as pie files have it, or of one that a pie of this day brings along.',
    );
  }
  return { shells, dough, fruit };
}

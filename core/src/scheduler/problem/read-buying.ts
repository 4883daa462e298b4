import type { Reader } from '../../schema/index.js';
import type { BuyingSettings, StockedItem } from '../lists/index.js';
import { usualBuying } from '../lists/index.js';

const MOST_G = 1_000_000;
const MOST_PRICE = 1_000_000;
const MOST_SLICES = 40;

/** What a day's file says of buying; what is left out is not known. */
export function readBuying(reader: Reader, value: unknown): BuyingSettings {
  if (value === undefined) return usualBuying;
  const buying = reader.part('buying', value, 'slices of a pie, and what is known of each thing');
  reader.known('buying', buying, ['slices', 'items']);
  const items = reader.part(
    'buying.items',
    buying['items'] ?? {},
    'what there is of each thing, by its name',
  );
  return {
    slices: reader.whole('buying.slices', buying['slices'], {
      least: 1,
      most: MOST_SLICES,
      usual: usualBuying.slices,
    }),
    items: Object.fromEntries(
      Object.entries(items).map(([name, item]): [string, StockedItem] => {
        const at = `buying.items.${name}`;
        const known = reader.part(at, item, 'haveG, packG and packPrice');
        reader.known(at, known, ['haveG', 'packG', 'packPrice']);
        const number = (field: keyof StockedItem, least: number, most: number): number | null =>
          known[field] === undefined || known[field] === null
            ? null
            : reader.number(`${at}.${field}`, known[field], { least, most });
        return [
          name,
          {
            haveG: number('haveG', 0, MOST_G),
            packG: number('packG', 1, MOST_G),
            packPrice: number('packPrice', 0, MOST_PRICE),
          },
        ];
      }),
    ),
  };
}

import { MINUTE_MS } from '@mardle/core';
import type { KitchenResponse } from '@mardle/contract';
import { instantFrom } from './hours.js';
import type { DayFile } from '../../state/day/dayFile.js';
import { USUAL_FRIDGE } from '../../state/day/day.js';

/** How many there are of a dish until somebody says. */
const USUAL_DISHES = 4;

const dateOf = (at: Date): string =>
  `${at.getFullYear()}-${String(at.getMonth() + 1).padStart(2, '0')}-${String(at.getDate()).padStart(2, '0')}`;

/** What can be done the evening before is: from this hour on, or from now where that is later. */
const EVENING_HOUR = 16;
const QUARTER_MS = 15 * MINUTE_MS;

/** A day to begin with: tomorrow and the evening before it, one pair of hands, this kitchen's ovens and dishes. */
export function newDay({ ovens, dishes }: KitchenResponse, now: Date): DayFile {
  const { timeZone } = Intl.DateTimeFormat().resolvedOptions();
  const date = dateOf(new Date(now.getFullYear(), now.getMonth(), now.getDate() + 1));
  const evening = new Date(now.getFullYear(), now.getMonth(), now.getDate(), EVENING_HOUR);
  const soon = new Date(Math.ceil(now.getTime() / QUARTER_MS) * QUARTER_MS);
  const from = soon > evening ? soon : evening;
  const fromHour = `${String(from.getHours()).padStart(2, '0')}:${String(from.getMinutes()).padStart(2, '0')}`;
  return {
    format: 'mardle-day',
    version: 1,
    name: 'Bake day',
    zero: instantFrom(date, '00:00', timeZone),
    timeZone,
    kitchen: {
      hands: [
        {
          id: 'lead',
          from: instantFrom(dateOf(from), fromHour, timeZone),
          to: instantFrom(date, '18:00', timeZone),
        },
      ],
      ovens:
        ovens.length > 0
          ? ovens.map(({ label, kind, offsetC, hotSide = 'none', warmUpMin, places }) => ({
              id: label,
              kind,
              offsetC,
              hotSide,
              warmUpMin,
              places,
            }))
          : [{ id: 'Oven', kind: 'still', warmUpMin: 20, places: 2 }],
      dishes: Object.fromEntries(dishes.map(({ label }) => [label, USUAL_DISHES])),
      fridgePlaces: USUAL_FRIDGE,
    },
    pies: [],
  };
}

import type { KitchenResponse } from '@mardle/contract';
import { instantFrom } from './hours.js';
import type { DayFile } from '../../state/day/dayFile.js';
import { USUAL_FRIDGE } from '../../state/day/day.js';

/** How many there are of a dish until somebody says. */
const USUAL_DISHES = 4;

const dateOf = (at: Date): string =>
  `${at.getFullYear()}-${String(at.getMonth() + 1).padStart(2, '0')}-${String(at.getDate()).padStart(2, '0')}`;

/** A day to begin with: tomorrow, one pair of hands from four in the morning, this kitchen's ovens and dishes. */
export function newDay({ ovens, dishes }: KitchenResponse, now: Date): DayFile {
  const { timeZone } = Intl.DateTimeFormat().resolvedOptions();
  const date = dateOf(new Date(now.getFullYear(), now.getMonth(), now.getDate() + 1));
  return {
    format: 'mardle-day',
    version: 1,
    name: 'Bake day',
    zero: instantFrom(date, '00:00', timeZone),
    timeZone,
    kitchen: {
      hands: [
        { id: 'lead', from: instantFrom(date, '04:00', timeZone), to: instantFrom(date, '18:00', timeZone) },
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

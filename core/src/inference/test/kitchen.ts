import { builtInLarder } from '../../larder/index.js';
import { starterSpec } from '../../schema/index.js';
import type { LoggedBake } from '../log/log.js';
import { nothingWeighed } from '../log/log.js';
import { makePieTable } from '../log/pie-table.js';
import type { LoggedPie } from '../models/set.js';

const stages = [
  { tempC: 210, timeMin: 20 },
  { tempC: 180, timeMin: 35 },
] as const;

/** A damson pie that nothing is known of yet. */
export const plainBake = (change: Partial<LoggedBake> = {}): LoggedBake => ({
  id: 'plain',
  season: '2026',
  plan: starterSpec,
  stages,
  oven: 'Corner oven',
  weighed: nothingWeighed,
  weepDrainedG: null,
  saucer: null,
  events: [],
  readings: [],
  tasting: null,
  ...change,
});

const kinds = [
  ['damson', 'corn_starch'],
  ['gooseberry_green', 'corn_starch'],
  ['greengage', 'quick_tapioca'],
  ['blackcurrant', 'corn_starch'],
  ['apricot', 'quick_tapioca'],
] as const;

/** What a small kitchen bakes: five fruits, two thickeners, two ovens, each with its table. */
export function bakedHere(): LoggedPie[] {
  const [part] = starterSpec.filling.fruits;
  if (!part) throw new Error('the starter has no fruit');
  return kinds.map(([fruit, thickener], i) => {
    const bake = plainBake({
      id: fruit,
      oven: i % 2 ? 'Long oven' : 'Corner oven',
      plan: {
        ...starterSpec,
        filling: {
          ...starterSpec.filling,
          fruits: [{ ...part, fruit }],
          thickeners: [{ thickener, share: 1 }],
        },
      },
    });
    return { bake, table: makePieTable(bake, builtInLarder) };
  });
}

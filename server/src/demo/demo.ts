import type { DishSpec, OvenSpec, PieSpec } from '@mardle/core';
import { starterSpec } from '@mardle/core';
import type { DataSource } from 'typeorm';
import { DishEntity, KitchenEntity, OvenEntity } from '../kitchens/kitchen.entities.js';
import { THE_KITCHEN } from '../kitchens/kitchens.service.js';
import { PieEntity, PieVersionEntity } from '../pies/pie.entities.js';
import { pieWords } from '../pies/pie-words.js';
import { demoPies } from './pies.js';

/** Ids of the demo are fixed, so that loading it twice makes it once. */
const demoId = (kind: number, n: number): string =>
  `d0000000-000${kind}-4000-8000-${String(n).padStart(12, '0')}`;

const dishes: readonly DishSpec[] = [
  { label: '23 cm enamel', topCm: 22.9, baseCm: 18.3, depthCm: 3.5, material: 'enamelled_steel' },
  { label: '25 cm deep stoneware', topCm: 25.4, baseCm: 20.3, depthCm: 5, material: 'stoneware' },
  { label: '20 cm glass', topCm: 20.3, baseCm: 16, depthCm: 3.2, material: 'glass' },
  {
    label: 'Sheet tray',
    shape: 'rectangle',
    topCm: 40,
    widthCm: 30,
    baseCm: 40,
    depthCm: 1.5,
    material: 'aluminium',
  },
];

export const demoOvens: readonly (OvenSpec & { readonly places: number })[] = [
  { label: 'Long oven', kind: 'fan', offsetC: 0, warmUpMin: 18, places: 4, knob: '5_c', hotSide: 'back' },
  {
    label: 'Corner oven',
    kind: 'still',
    offsetC: 9,
    warmUpMin: 25,
    places: 2,
    knob: '10_c',
    hotSide: 'left',
  },
];

/** The Wickerfold pie table: an invented village hall kitchen that bakes for a Saturday stall. */
export async function loadDemo(source: DataSource): Promise<void> {
  await source.transaction(async (manager) => {
    if (await manager.existsBy(KitchenEntity, { id: THE_KITCHEN })) return;
    await manager.insert(KitchenEntity, { id: THE_KITCHEN, name: 'Wickerfold pie table' });
    await manager.insert(
      DishEntity,
      dishes.map((dish, i) => ({
        ...dish,
        id: demoId(1, i),
        kitchenId: THE_KITCHEN,
        position: i,
      })),
    );
    await manager.insert(
      OvenEntity,
      demoOvens.map((oven, i) => ({ ...oven, id: demoId(2, i), kitchenId: THE_KITCHEN, position: i })),
    );
    const specs: PieSpec[] = demoPies(starterSpec, dishes, demoOvens);
    for (const [i, spec] of specs.entries()) {
      const id = demoId(3, i);
      const savedAt = new Date(Date.UTC(2026, 8, 19, 7, 40 - i));
      const pie = { id, kitchenId: THE_KITCHEN, version: 1, deletedAt: null, lastBakedAt: null };
      await manager.insert(PieEntity, { ...pie, savedAt, ...pieWords(spec) });
      await manager.insert(PieVersionEntity, { pieId: id, version: 1, savedAt, spec });
    }
  });
}

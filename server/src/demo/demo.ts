import type { BakeEventKind, DishSpec, OvenSpec, PieSpec } from '@mardle/core';
import { starterSpec, MINUTE_MS } from '@mardle/core';
import type { DataSource, EntityManager } from 'typeorm';
import { BakeEntity, BakeEventEntity } from '../bakes/bake.entities.js';
import { DishEntity, KitchenEntity, OvenEntity } from '../kitchens/kitchen.entities.js';
import { THE_KITCHEN } from '../kitchens/kitchens.service.js';
import { PieEntity, PieVersionEntity } from '../pies/pie.entities.js';
import { pieWords } from '../pies/pie-words.js';
import { TastingEntity } from '../log/tasting.entity.js';
import { pastBakes } from './past-bakes.js';
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

/** The first pie of a day goes in, and the next so much later, min. */
const FIRST_AT = 'T06:30:00.000Z';
const NEXT_AFTER_MIN = 70;
/** A slice that nobody timed. */
const COLD_MIN = 240;

/** Two seasons of bakes with what was said of them. Nobody had told the ovens' offsets then. */
async function loadPastBakes(manager: EntityManager, specs: readonly PieSpec[]): Promise<void> {
  for (const [n, past] of pastBakes.entries()) {
    const spec = specs[past.pie];
    if (!spec) continue;
    const id = demoId(4, n);
    const later = pastBakes.slice(0, n).filter(({ day }) => day === past.day).length * NEXT_AFTER_MIN;
    const loadedMs = Date.parse(`${past.day}${FIRST_AT}`) + later * MINUTE_MS;
    const at = (min: number): Date => new Date(loadedMs + min * MINUTE_MS);
    const { name, oven } = pieWords(spec);
    const asThen = { ...spec, bake: { ...spec.bake, oven: { ...spec.bake.oven, offsetC: 0 } } };
    await manager.insert(BakeEntity, {
      id,
      kitchenId: THE_KITCHEN,
      pieId: demoId(3, past.pie),
      pieVersion: 1,
      spec: asThen,
      stages: past.stages,
      createdAt: at(0),
      finished: true,
      logged: true,
      name,
      oven,
    });
    const [first] = past.stages;
    const events: readonly (readonly [BakeEventKind, number | null])[] = [
      ['loaded', 0],
      ['lowered', first.timeMin],
      ['colour_golden', past.goldenMin],
      ['bubbling', past.bubblingMin],
      ['out', past.outMin],
      ['cut', past.outMin + (past.said.cooledMin ?? COLD_MIN)],
    ];
    const rows = events.flatMap(([kind, min], i) =>
      min === null
        ? []
        : [
            {
              id: demoId(5, 10 * n + i),
              bakeId: id,
              kind,
              at: at(min),
              receivedAt: at(min),
              minutes: null,
              undoes: null,
              note: null,
            },
          ],
    );
    await manager.insert(BakeEventEntity, rows);
    const savedAt = at(past.outMin + (past.said.cooledMin ?? COLD_MIN));
    if (Object.keys(past.said).length > 0) {
      await manager.insert(TastingEntity, { bakeId: id, version: 1, said: past.said, note: '', savedAt });
    }
    await manager.update(PieEntity, { id: demoId(3, past.pie) }, { lastBakedAt: at(0) });
  }
}

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
    await loadPastBakes(manager, specs);
  });
}

import type { KitchenFileBake, KitchenFileDay, KitchenFilePie, KitchenFileRequest } from '@mardle/contract';
import { KITCHEN_FORMAT, KITCHEN_VERSION } from '@mardle/contract';
import type { EntityManager } from 'typeorm';
import { In, MoreThan } from 'typeorm';
import { BakeEntity, BakeEventEntity } from '../bakes/bake.entities.js';
import { toEvent } from '../bakes/bakes.service.js';
import { DayEntity, DayTickEntity } from '../days/day.entities.js';
import type { KitchensService } from '../kitchens/kitchens.service.js';
import { THE_KITCHEN } from '../kitchens/kitchens.service.js';
import type { LarderService } from '../larder/larder.service.js';
import type { OwnRowsService } from '../larder/own-rows.service.js';
import { PhotoEntity } from '../log/photo.entity.js';
import { TastingEntity } from '../log/tasting.entity.js';
import { PieEntity, PieVersionEntity } from '../pies/pie.entities.js';
import { storedSpec } from '../pies/stored-spec.js';
import { ReadingEntity } from '../probe/reading.entity.js';
import { YOUNG_MS } from '../probe/readings.service.js';

/** So many pies or bakes are read at once. */
const AT_ONCE = 200;

/** Rows by what they belong to. */
function gathered<Row>(rows: readonly Row[], of: (row: Row) => string): ReadonlyMap<string, Row[]> {
  const by = new Map<string, Row[]>();
  for (const row of rows) {
    const its = by.get(of(row));
    if (its) its.push(row);
    else by.set(of(row), [row]);
  }
  return by;
}

async function piesOf(manager: EntityManager): Promise<KitchenFilePie[]> {
  const pies: KitchenFilePie[] = [];
  for (let skip = 0; ; skip += AT_ONCE) {
    const rows = await manager.find(PieEntity, {
      where: { kitchenId: THE_KITCHEN },
      order: { id: 'ASC' },
      skip,
      take: AT_ONCE,
    });
    if (rows.length === 0) return pies;
    const versions = gathered(
      await manager.find(PieVersionEntity, {
        where: { pieId: In(rows.map(({ id }) => id)) },
        order: { version: 'ASC' },
      }),
      ({ pieId }) => pieId,
    );
    for (const { id, deletedAt } of rows) {
      pies.push({
        id,
        ...(deletedAt ? { putAwayAt: deletedAt.toISOString() } : {}),
        versions: (versions.get(id) ?? []).map(({ version, savedAt, spec }) => ({
          version,
          savedAt: savedAt.toISOString(),
          spec: storedSpec(spec),
        })),
      });
    }
  }
}

async function bakesOf(manager: EntityManager): Promise<KitchenFileBake[]> {
  const bakes: KitchenFileBake[] = [];
  for (let skip = 0; ; skip += AT_ONCE) {
    const rows = await manager.find(BakeEntity, {
      where: { kitchenId: THE_KITCHEN },
      order: { createdAt: 'ASC', id: 'ASC' },
      skip,
      take: AT_ONCE,
    });
    if (rows.length === 0) return bakes;
    const ids = { bakeId: In(rows.map(({ id }) => id)) };
    const order = { at: 'ASC', id: 'ASC' } as const;
    const events = gathered(
      await manager.find(BakeEventEntity, { where: ids, order }),
      ({ bakeId }) => bakeId,
    );
    const tastings = gathered(await manager.findBy(TastingEntity, ids), ({ bakeId }) => bakeId);
    const readings = gathered(
      // Old ones that are about to go are left behind, and those that no probe read.
      await manager.find(ReadingEntity, {
        where: [
          { ...ids, simulated: false, stays: true },
          { ...ids, simulated: false, at: MoreThan(new Date(Date.now() - YOUNG_MS)) },
        ],
        order: { at: 'ASC' },
      }),
      ({ bakeId }) => bakeId,
    );
    const photos = gathered(
      await manager.find(PhotoEntity, { where: ids, select: { bakeId: true, name: true, bytes: true } }),
      ({ bakeId }) => bakeId,
    );
    for (const { id, pieId, pieVersion, spec, stages, createdAt } of rows) {
      const tasting = tastings.get(id)?.[0];
      const photo = photos.get(id)?.[0];
      bakes.push({
        id,
        pieId,
        pieVersion,
        spec: storedSpec(spec),
        stages,
        loadedAt: createdAt.toISOString(),
        events: (events.get(id) ?? []).map(toEvent),
        ...(tasting
          ? {
              tasting: {
                ...tasting.said,
                version: tasting.version,
                note: tasting.note,
                savedAt: tasting.savedAt.toISOString(),
              },
            }
          : {}),
        readings: (readings.get(id) ?? []).map(({ at, fillingC, airC, stays }) => ({
          at: at.toISOString(),
          fillingC,
          airC,
          ...(stays ? { stays } : {}),
        })),
        ...(photo ? { photo: photo.bytes.toString('base64') } : {}),
      });
    }
  }
}

async function daysOf(manager: EntityManager): Promise<KitchenFileDay[]> {
  const days = await manager.find(DayEntity, {
    where: { kitchenId: THE_KITCHEN },
    select: { id: true, name: true, version: true, savedAt: true, content: true },
    order: { savedAt: 'ASC', id: 'ASC' },
  });
  const ticks = gathered(
    days.length === 0
      ? []
      : await manager.find(DayTickEntity, {
          where: { dayId: In(days.map(({ id }) => id)), done: true },
          order: { at: 'ASC', task: 'ASC' },
        }),
    ({ dayId }) => dayId,
  );
  return days.map(({ id, name, version, savedAt, content }) => ({
    id,
    name,
    version,
    savedAt: savedAt.toISOString(),
    content,
    done: (ticks.get(id) ?? []).map(({ task }) => task),
  }));
}

/** All that a kitchen keeps, as one moment sees it. */
export async function exportKitchen(
  manager: EntityManager,
  kitchens: KitchensService,
  larder: LarderService,
  ownRows: OwnRowsService,
): Promise<KitchenFileRequest> {
  const { name, dishes, ovens } = await kitchens.current(manager);
  return {
    format: KITCHEN_FORMAT,
    version: KITCHEN_VERSION,
    savedAt: new Date().toISOString(),
    name,
    dishes: dishes.map(({ id, ...dish }) => ({ id, dish })),
    ovens: ovens.map(({ id, ...oven }) => ({ id, oven })),
    fruits: await larder.list(manager),
    thickeners: await ownRows.list('thickeners', manager),
    staples: await ownRows.list('staples', manager),
    sold: await ownRows.list('sold', manager),
    pies: await piesOf(manager),
    bakes: await bakesOf(manager),
    days: await daysOf(manager),
  };
}

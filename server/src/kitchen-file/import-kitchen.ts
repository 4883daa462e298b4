import type { BroughtIn, KitchenFileBake, KitchenFilePie } from '@mardle/contract';
import { ownRowKinds } from '@mardle/contract';
import { isFinished, isLogged } from '@mardle/core';
import type { EntityManager, EntityTarget } from 'typeorm';
import { BakeEntity, BakeEventEntity } from '../bakes/bake.entities.js';
import { bakeRow, toEvent } from '../bakes/bakes.service.js';
import type { Kept } from '../kitchens/kitchen.entities.js';
import { DishEntity, OvenEntity } from '../kitchens/kitchen.entities.js';
import { asSaid, THE_KITCHEN } from '../kitchens/kitchens.service.js';
import { OwnRowEntity } from '../larder/own-row.entity.js';
import { OwnFruitEntity } from '../larder/own-fruit.entity.js';
import { PhotoEntity } from '../log/photo.entity.js';
import { photoName } from '../log/plain-photo.js';
import { TastingEntity } from '../log/tasting.entity.js';
import { PieEntity, PieVersionEntity } from '../pies/pie.entities.js';
import { pieWords } from '../pies/pie-words.js';
import { storedSpec } from '../pies/stored-spec.js';
import { invalid } from '../problems/problem.js';
import { ReadingEntity } from '../probe/reading.entity.js';
import { importDays } from './import-days.js';
import type { ImportContext, Counts } from './import-batch.js';
import { isSameRow, AT_ONCE, insertAll, rowsOf } from './import-batch.js';
import type { CheckedKitchen } from './check-kitchen.js';

/** Dishes or ovens: those that are not here, after those that are. */
async function bringKept<Row extends { readonly id: string; readonly label: string }>(
  bringing: ImportContext,
  entity: EntityTarget<Row & Kept>,
  rows: readonly Row[],
): Promise<number> {
  const mine = { kitchenId: THE_KITCHEN } as never;
  const here = await bringing.manager.findBy(entity, mine);
  const known = new Map(here.map((row) => [row.id, row]));
  for (const row of rows) {
    const there = known.get(row.id);
    if (there && !isSameRow(asSaid<Row>(there), row)) bringing.differs.push(row.label);
  }
  const fresh = rows.filter(({ id }) => !known.has(id));
  const from = here.length;
  await insertAll(
    bringing,
    entity,
    fresh.map((row, i) => ({ ...row, kitchenId: THE_KITCHEN, position: from + i })),
  );
  return fresh.length;
}

async function bringFruits(bringing: ImportContext, { fruits }: CheckedKitchen): Promise<void> {
  const here = await bringing.manager.findBy(OwnFruitEntity, { kitchenId: THE_KITCHEN });
  const known = new Map(here.map((row) => [row.fruitId, row]));
  const rows = fruits.map(({ id, label, like, figures }) => ({
    kitchenId: THE_KITCHEN,
    fruitId: id,
    label,
    likeId: like,
    figures,
  }));
  for (const row of rows) {
    const there = known.get(row.fruitId);
    if (there && !isSameRow({ ...there }, row)) bringing.differs.push(row.label);
  }
  const fresh = rows.filter(({ fruitId }) => !known.has(fruitId));
  await insertAll(bringing, OwnFruitEntity, fresh);
  bringing.added.fruits = fresh.length;
}

async function bringOwnRows(bringing: ImportContext, kitchen: CheckedKitchen): Promise<void> {
  const here = await bringing.manager.findBy(OwnRowEntity, { kitchenId: THE_KITCHEN });
  const known = new Map(here.map(({ kind, rowId, row }) => [`${kind} ${rowId}`, row]));
  for (const kind of ownRowKinds) {
    const rows: readonly { readonly id: string }[] = kitchen[kind];
    for (const row of rows) {
      const there = known.get(`${kind} ${row.id}`);
      if (there && !isSameRow(there, row)) bringing.differs.push(row.id);
    }
    const fresh = rows.filter(({ id }) => !known.has(`${kind} ${id}`));
    await insertAll(
      bringing,
      OwnRowEntity,
      fresh.map((row) => ({ kitchenId: THE_KITCHEN, kind, rowId: row.id, row })),
    );
    bringing.added.ownRows += fresh.length;
  }
}

/** A pie's versions go on where the kitchen's end; where both went on in other ways the kitchen's stay. */
async function bringPies(bringing: ImportContext, pies: readonly KitchenFilePie[]): Promise<void> {
  const { manager, added, differs } = bringing;
  const ids = pies.map(({ id }) => id);
  const here = new Map((await rowsOf(bringing, PieEntity, 'id', ids)).map((row) => [row.id, row]));
  const versions = new Map<string, PieVersionEntity[]>();
  for (const row of await rowsOf(bringing, PieVersionEntity, 'pieId', [...here.keys()])) {
    versions.set(row.pieId, [...(versions.get(row.pieId) ?? []), row]);
  }
  const fresh: object[] = [];
  const freshVersions: object[] = [];
  for (const { id, putAwayAt, versions: told } of pies) {
    const last = told[told.length - 1];
    if (!last) continue;
    const row = { version: last.version, savedAt: new Date(last.savedAt), ...pieWords(last.spec) };
    const known = here.get(id);
    const there = versions.get(id) ?? [];
    const other = there.find((one) => {
      const its = told[one.version - 1];
      return its !== undefined && !isSameRow(storedSpec(one.spec), its.spec);
    });
    if (other) {
      differs.push(last.spec.name);
      continue;
    }
    const more = told.filter(({ version }) => version > there.length);
    added.versions += more.length;
    freshVersions.push(
      ...more.map(({ version, savedAt, spec }) => ({ pieId: id, version, savedAt: new Date(savedAt), spec })),
    );
    if (!known) {
      const deletedAt = putAwayAt === undefined ? null : new Date(putAwayAt);
      fresh.push({ id, kitchenId: THE_KITCHEN, deletedAt, lastBakedAt: null, ...row });
      added.pies++;
    } else if (more.length > 0) {
      await manager.update(PieEntity, { id }, row);
    }
  }
  await insertAll(bringing, PieEntity, fresh);
  await insertAll(bringing, PieVersionEntity, freshVersions);
}

async function refuseOrphans(bringing: ImportContext, bakes: readonly KitchenFileBake[]): Promise<void> {
  const ids = [...new Set(bakes.map(({ pieId }) => pieId))];
  const there = await rowsOf(bringing, PieEntity, 'id', ids);
  const latest = new Map(there.map(({ id, version }) => [id, version]));
  const orphan = bakes.findIndex(({ pieId, pieVersion }) => pieVersion > (latest.get(pieId) ?? 0));
  if (orphan < 0) return;
  throw invalid([
    {
      field: `bakes.${orphan}.pieId`,
      message: 'The pie of this bake, or that version of it, is neither in the file nor in the kitchen.',
      remedy: 'Put the pie into the file, or take the bake out.',
    },
  ]);
}

/** What is said, read and seen of bakes, where nothing is yet. */
async function bringWhatIsKnown(bringing: ImportContext, bakes: readonly KitchenFileBake[]): Promise<void> {
  const { added, differs, manager } = bringing;
  const ids = bakes.map(({ id }) => id);
  const said = new Map(
    (await rowsOf(bringing, TastingEntity, 'bakeId', ids)).map((row) => [row.bakeId, row]),
  );
  const seen = new Map((await rowsOf(bringing, PhotoEntity, 'bakeId', ids)).map((row) => [row.bakeId, row]));
  const tastings: object[] = [];
  const photos: object[] = [];
  for (const { id, spec, tasting, photo } of bakes) {
    if (tasting) {
      const { version, note, savedAt, ...words } = tasting;
      const there = said.get(id);
      const row = { bakeId: id, version, said: words, note: note ?? '', savedAt: new Date(savedAt) };
      if (!there) tastings.push(row);
      else if (!isSameRow({ ...there }, row)) differs.push(`the slice of ${spec.name}`);
    }
    if (photo !== undefined) {
      const bytes = Buffer.from(photo, 'base64');
      const there = seen.get(id);
      if (!there) photos.push({ bakeId: id, name: photoName(bytes), bytes });
      else if (there.name !== photoName(bytes)) differs.push(`the picture of ${spec.name}`);
    }
  }
  await insertAll(bringing, TastingEntity, tastings);
  await insertAll(bringing, PhotoEntity, photos);
  added.tastings = tastings.length;
  added.photos = photos.length;
  for (const { id, readings } of bakes) {
    const before = await manager.countBy(ReadingEntity, { bakeId: id });
    for (let i = 0; i < readings.length; i += AT_ONCE) {
      bringing.goOn();
      const rows = readings.slice(i, i + AT_ONCE).map(({ at, fillingC, airC, stays }) => ({
        bakeId: id,
        at: new Date(at),
        fillingC: fillingC ?? null,
        airC: airC ?? null,
        stays: stays ?? false,
      }));
      await manager.createQueryBuilder().insert().into(ReadingEntity).values(rows).orIgnore().execute();
    }
    if (readings.length > 0)
      added.readings += (await manager.countBy(ReadingEntity, { bakeId: id })) - before;
  }
}

/** A tap is of one bake: one that is of another here would be lost without a word. */
function refuseStrays(bakes: readonly KitchenFileBake[], known: ReadonlyMap<string, string>): void {
  for (const [i, { id, events }] of bakes.entries()) {
    const stray = events.findIndex((event) => (known.get(event.id) ?? id) !== id);
    if (stray < 0) continue;
    throw invalid([
      {
        field: `bakes.${i}.events.${stray}.id`,
        message: 'A tap of another bake of this kitchen has this id.',
        remedy: 'Give it an id of its own.',
      },
    ]);
  }
}

async function bringBakes(bringing: ImportContext, bakes: readonly KitchenFileBake[]): Promise<void> {
  const { manager, added, differs } = bringing;
  await refuseOrphans(bringing, bakes);
  const ids = bakes.map(({ id }) => id);
  const here = new Map((await rowsOf(bringing, BakeEntity, 'id', ids)).map((row) => [row.id, row]));
  const other = bakes.filter(({ id, spec, stages }) => {
    const there = here.get(id);
    return there && !(isSameRow(storedSpec(there.spec), spec) && isSameRow(there.stages, stages));
  });
  differs.push(...other.map(({ spec }) => `a bake of ${spec.name}`));
  const taken = bakes.filter((bake) => !other.includes(bake));
  const fresh = taken.filter(({ id }) => !here.has(id));
  await insertAll(
    bringing,
    BakeEntity,
    fresh.map(({ id, pieId, pieVersion, spec, stages, loadedAt, events }) => {
      const { name, oven } = pieWords(spec);
      const finished = isFinished(events);
      const logged = isLogged(events);
      const createdAt = new Date(loadedAt);
      return {
        id,
        kitchenId: THE_KITCHEN,
        pieId,
        pieVersion,
        spec,
        stages,
        createdAt,
        name,
        oven,
        finished,
        logged,
      };
    }),
  );
  added.bakes = fresh.length;
  const eventIds = taken.flatMap(({ events }) => events.map(({ id }) => id));
  const there = await rowsOf(bringing, BakeEventEntity, 'id', eventIds);
  const known = new Map(there.map(({ id, bakeId }) => [id, bakeId]));
  refuseStrays(bakes, known);
  const receivedAt = new Date();
  const rows = taken.flatMap(({ id, events }) =>
    events.filter((event) => !known.has(event.id)).map((event) => ({ ...bakeRow(id, event), receivedAt })),
  );
  await insertAll(bringing, BakeEventEntity, rows);
  added.events = rows.length;
  for (const id of new Set(rows.map(({ bakeId }) => bakeId).filter((one) => here.has(one)))) {
    const all = (await manager.findBy(BakeEventEntity, { bakeId: id })).map(toEvent);
    await manager.update(BakeEntity, { id }, { finished: isFinished(all), logged: isLogged(all) });
  }
  await bringWhatIsKnown(bringing, taken);
  await manager.query(
    `UPDATE pie SET last_baked_at = (SELECT MAX(created_at) FROM bake WHERE bake.pie_id = pie.id)
     WHERE kitchen_id = ? AND EXISTS (SELECT 1 FROM bake WHERE bake.pie_id = pie.id)`,
    [THE_KITCHEN],
  );
}

/** Brings a kitchen in beside what is here: what is not here is added, what is here stays as it is. */
export async function importKitchen(
  manager: EntityManager,
  kitchen: CheckedKitchen,
  goOn: () => void,
): Promise<BroughtIn> {
  const added: Counts = {
    dishes: 0,
    ovens: 0,
    fruits: 0,
    ownRows: 0,
    pies: 0,
    versions: 0,
    bakes: 0,
    events: 0,
    tastings: 0,
    readings: 0,
    photos: 0,
    days: 0,
  };
  const bringing: ImportContext = { manager, added, differs: [], goOn };
  added.dishes = await bringKept(
    bringing,
    DishEntity,
    kitchen.dishes.map(({ id, dish }) => ({ id, ...dish })),
  );
  added.ovens = await bringKept(
    bringing,
    OvenEntity,
    kitchen.ovens.map(({ id, oven }) => ({ id, ...oven })),
  );
  await bringFruits(bringing, kitchen);
  await bringOwnRows(bringing, kitchen);
  await bringPies(bringing, kitchen.pies);
  await bringBakes(bringing, kitchen.bakes);
  await importDays(bringing, kitchen.days);
  return { added, differs: [...new Set(bringing.differs)] };
}

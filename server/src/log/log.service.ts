import { Injectable } from '@nestjs/common';
import type { LogEntry, LogQuery, LogResponse, TastingRequest } from '@mardle/contract';
import { USUAL_SIZE } from '@mardle/contract';
import { isDeepStrictEqual } from 'node:util';
import type { EntityManager, SelectQueryBuilder } from 'typeorm';
import { DataSource, In } from 'typeorm';
import { BakeEntity, BakeEventEntity } from '../bakes/bake.entities.js';
import { inTransaction } from '../database/transaction.js';
import { THE_KITCHEN } from '../kitchens/kitchens.service.js';
import { invalid, notFound, saidMeanwhile } from '../problems/problem.js';
import { logEntry } from './log-entry.js';
import { ReadingEntity } from '../probe/reading.entity.js';
import { PhotoEntity } from './photo.entity.js';
import { plainPhoto } from './plain-photo.js';
import { TastingEntity } from './tasting.entity.js';

/** LIKE takes these for more than themselves. */
const literally = (words: string): string => words.replace(/[\\%_]/g, (sign) => `\\${sign}`);

@Injectable()
export class LogService {
  constructor(private readonly source: DataSource) {}

  /** One page of the bakes that are over, the newest first. */
  async list({ page = 1, size = USUAL_SIZE, q, tasted }: LogQuery): Promise<LogResponse> {
    const { manager } = this.source;
    const found = this.logged(manager);
    if (q?.trim()) {
      found.andWhere('(bake.name LIKE :q OR bake.oven LIKE :q)', { q: `%${literally(q.trim())}%` });
    }
    if (tasted) {
      found.andWhere(
        `${tasted === 'yes' ? '' : 'NOT '}EXISTS (SELECT 1 FROM tasting WHERE tasting.bake_id = bake.id)`,
      );
    }
    const total = await found.getCount();
    // Which they are is told by an index alone; only then are their pies read.
    const ids = await found
      .select('bake.id', 'id')
      .orderBy('bake.createdAt', 'DESC')
      .addOrderBy('bake.id')
      .offset((page - 1) * size)
      .limit(size)
      .getRawMany<{ id: string }>();
    const bakes = await manager.findBy(BakeEntity, { id: In(ids.map(({ id }) => id)) });
    const byId = new Map(bakes.map((bake) => [bake.id, bake]));
    const inOrder = ids.flatMap(({ id }) => byId.get(id) ?? []);
    return { bakes: await this.entries(manager, inOrder), total, page, size };
  }

  async read(id: string): Promise<LogEntry> {
    return this.entry(this.source.manager, id);
  }

  /** Keeps what is known of a bake on top of the version it builds on; of two at once the second is told of the first. */
  async keep(id: string, { version, note, ...said }: TastingRequest): Promise<LogEntry> {
    const { inG, outG } = said;
    if (inG !== undefined && outG !== undefined && outG > inG) {
      throw invalid([
        {
          field: 'outG',
          message: 'It would weigh more out of the oven than into it.',
          remedy: 'Weigh it in its dish both times; steam only leaves.',
        },
      ]);
    }
    return inTransaction(this.source, async (manager) => {
      const bake = await manager.findOne(BakeEntity, {
        where: { id, kitchenId: THE_KITCHEN },
        lock: { mode: 'pessimistic_write' },
      });
      if (!bake) throw notFound('bake');
      const there = await manager.findOneBy(TastingEntity, { bakeId: id });
      const current = there?.version ?? 0;
      // Sent again, since its answer was cut off: it is kept already.
      const words = JSON.parse(JSON.stringify(said)) as typeof said;
      const same = there && isDeepStrictEqual(there.said, words) && there.note === (note ?? '');
      if (current === version + 1 && same) return this.entry(manager, id);
      if (current !== version) throw saidMeanwhile(current);
      const row = { bakeId: id, version: version + 1, said, note: note ?? '', savedAt: new Date() };
      await manager.save(TastingEntity, row);
      return this.entry(manager, id);
    });
  }

  /** Keeps a picture of the slice in place of the one before. */
  async keepPhoto(id: string, sent: Buffer): Promise<LogEntry> {
    await this.entry(this.source.manager, id);
    const photo = await plainPhoto(sent);
    await this.source.manager.upsert(PhotoEntity, { bakeId: id, ...photo }, ['bakeId']);
    return this.entry(this.source.manager, id);
  }

  async photo(id: string): Promise<PhotoEntity> {
    const photo = await this.source.manager.findOne(PhotoEntity, {
      where: { bakeId: id },
      select: { bakeId: true, name: true, bytes: true },
    });
    if (!photo) throw notFound('picture');
    return photo;
  }

  /** Asking twice is no error. */
  async dropPhoto(id: string): Promise<void> {
    await this.source.manager.delete(PhotoEntity, { bakeId: id });
  }

  private logged(manager: EntityManager): SelectQueryBuilder<BakeEntity> {
    return manager
      .createQueryBuilder(BakeEntity, 'bake')
      .where('bake.kitchenId = :kitchen AND bake.logged = 1', { kitchen: THE_KITCHEN });
  }

  private async entry(manager: EntityManager, id: string): Promise<LogEntry> {
    const bake = await manager.findOneBy(BakeEntity, { id, kitchenId: THE_KITCHEN });
    if (!bake) throw notFound('bake');
    const [entry] = await this.entries(manager, [bake]);
    if (!entry) throw notFound('bake');
    return entry;
  }

  private async entries(manager: EntityManager, bakes: readonly BakeEntity[]): Promise<LogEntry[]> {
    if (bakes.length === 0) return [];
    const ids = In(bakes.map(({ id }) => id));
    const [events, tastings, readings, photos] = await Promise.all([
      manager.find(BakeEventEntity, { where: { bakeId: ids }, order: { at: 'ASC' } }),
      manager.findBy(TastingEntity, { bakeId: ids }),
      // One in a few minutes is enough for what a log teaches.
      manager.find(ReadingEntity, {
        where: { bakeId: ids, stays: true, simulated: false },
        order: { at: 'ASC' },
      }),
      manager.findBy(PhotoEntity, { bakeId: ids }),
    ]);
    const byBake = new Map<string, BakeEventEntity[]>();
    for (const event of events) byBake.set(event.bakeId, [...(byBake.get(event.bakeId) ?? []), event]);
    const tastingOf = new Map(tastings.map((tasting) => [tasting.bakeId, tasting]));
    return bakes.map((bake) =>
      logEntry(
        bake,
        byBake.get(bake.id) ?? [],
        tastingOf.get(bake.id) ?? null,
        readings.filter(({ bakeId }) => bakeId === bake.id),
        photos.find(({ bakeId }) => bakeId === bake.id)?.name ?? null,
      ),
    );
  }
}

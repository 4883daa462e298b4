import { Injectable } from '@nestjs/common';
import type {
  BakeEventRequest,
  BakeListQuery,
  BakeListResponse,
  BakeResponse,
  BakeSummary,
  StartBakeRequest,
} from '@mardle/contract';
import { USUAL_SIZE } from '@mardle/contract';
import type { BakeEvent } from '@mardle/core';
import { isFinished, isLogged } from '@mardle/core';
import { isDeepStrictEqual } from 'node:util';
import type { EntityManager } from 'typeorm';
import { DataSource, In } from 'typeorm';
import { inTransaction } from '../database/transaction.js';
import { THE_KITCHEN } from '../kitchens/kitchens.service.js';
import { PieEntity, PieVersionEntity } from '../pies/pie.entities.js';
import { pieWords } from '../pies/pie-words.js';
import { refuseUnplannable } from '../pies/pies.service.js';
import { storedSpec } from '../pies/stored-spec.js';
import { invalid, notFound, taken } from '../problems/problem.js';
import { BakeEntity, BakeEventEntity } from './bake.entities.js';

/** Nobody has more in the oven. */
const MOST_RUNNING = 60;

export const toEvent = (row: BakeEventEntity): BakeEvent => ({
  id: row.id,
  kind: row.kind,
  at: row.at.toISOString(),
  ...(row.minutes === null ? {} : { minutes: row.minutes }),
  ...(row.undoes === null ? {} : { undoes: row.undoes }),
  ...(row.note === null ? {} : { note: row.note }),
});

const response = (bake: BakeEntity, rows: readonly BakeEventEntity[]): BakeResponse => ({
  id: bake.id,
  pieId: bake.pieId,
  pieVersion: bake.pieVersion,
  spec: storedSpec(bake.spec),
  stages: bake.stages,
  events: rows.map(toEvent),
  finished: bake.finished,
});

const summary = (bake: BakeEntity): BakeSummary => ({
  id: bake.id,
  pieId: bake.pieId,
  pieVersion: bake.pieVersion,
  name: bake.name,
  oven: bake.oven,
  loadedAt: bake.createdAt.toISOString(),
  finished: bake.finished,
  logged: Boolean(bake.logged),
});

/** An event as its row: what was left out is null. */
export const bakeRow = (bakeId: string, { id, kind, at, minutes, undoes, note }: BakeEventRequest) => ({
  id,
  bakeId,
  kind,
  at: new Date(at),
  minutes: minutes ?? null,
  undoes: undoes ?? null,
  note: note ?? null,
});

const plain = (value: unknown): unknown => JSON.parse(JSON.stringify(value));

@Injectable()
export class BakesService {
  constructor(private readonly source: DataSource) {}

  /** Bakes that somebody still has to look after, newest first. */
  async running(): Promise<BakeResponse[]> {
    const bakes = await this.source.manager.find(BakeEntity, {
      where: { kitchenId: THE_KITCHEN, finished: false },
      order: { createdAt: 'DESC' },
      take: MOST_RUNNING,
    });
    if (bakes.length === 0) return [];
    const events = await this.source.manager.find(BakeEventEntity, {
      where: { bakeId: In(bakes.map(({ id }) => id)) },
      order: { at: 'ASC' },
    });
    return bakes.map((bake) =>
      response(
        bake,
        events.filter(({ bakeId }) => bakeId === bake.id),
      ),
    );
  }

  /** One page of all bakes, newest first. */
  async list({ page = 1, size = USUAL_SIZE, state }: BakeListQuery): Promise<BakeListResponse> {
    const where = { kitchenId: THE_KITCHEN, ...(state ? { finished: state === 'finished' } : {}) };
    const [bakes, total] = await Promise.all([
      this.source.manager.find(BakeEntity, {
        where,
        select: {
          id: true,
          pieId: true,
          pieVersion: true,
          name: true,
          oven: true,
          createdAt: true,
          finished: true,
          logged: true,
        },
        order: { createdAt: 'DESC' },
        skip: (page - 1) * size,
        take: size,
      }),
      this.source.manager.countBy(BakeEntity, where),
    ]);
    return { bakes: bakes.map(summary), total, page, size };
  }

  async read(id: string): Promise<BakeResponse> {
    return this.readIn(this.source.manager, id);
  }

  /** Starts a bake; sent twice it starts once. Bake and first event are written together or not at all. */
  async start(request: StartBakeRequest): Promise<BakeResponse> {
    const { id, pieId, pieVersion, spec, stages, loaded } = request;
    refuseUnplannable(spec);
    if (loaded.kind !== 'loaded') {
      throw invalid([
        {
          field: 'loaded.kind',
          message: 'A bake begins with a loaded event.',
          remedy: 'Set it to "loaded".',
        },
      ]);
    }
    const createdAt = new Date(loaded.at);
    return inTransaction(this.source, async (manager) => {
      const there = await manager.findOneBy(BakeEntity, { id });
      if (there) {
        const same =
          there.pieId === pieId &&
          there.pieVersion === pieVersion &&
          isDeepStrictEqual(plain(there.stages), plain(stages)) &&
          isDeepStrictEqual(there.spec, plain(spec));
        if (!same) throw taken('bake');
        await this.locked(manager, id);
      } else {
        const version = await manager.findOneBy(PieVersionEntity, { pieId, version: pieVersion });
        if (!version) throw notFound('version of this pie');
        const { name, oven } = pieWords(spec);
        const bake = { id, kitchenId: THE_KITCHEN, pieId, pieVersion, spec, stages, createdAt, name, oven };
        await manager.insert(BakeEntity, { ...bake, finished: false, logged: false });
        await manager.update(PieEntity, { id: pieId }, { lastBakedAt: createdAt });
      }
      await this.append(manager, id, [loaded]);
      return this.readIn(manager, id);
    });
  }

  /** Adds events; the same one sent again is there once, another under its id is refused. */
  async addEvents(id: string, events: readonly BakeEventRequest[]): Promise<BakeResponse> {
    return inTransaction(this.source, async (manager) => {
      await this.locked(manager, id);
      await this.append(manager, id, events);
      return this.readIn(manager, id);
    });
  }

  /** Those who write to one bake do so one after the other: its row is theirs until they are done. */
  private async locked(manager: EntityManager, id: string): Promise<void> {
    const bake = await manager.findOne(BakeEntity, {
      where: { id, kitchenId: THE_KITCHEN },
      lock: { mode: 'pessimistic_write' },
    });
    if (!bake) throw notFound('bake');
  }

  private async append(
    manager: EntityManager,
    bakeId: string,
    events: readonly BakeEventRequest[],
  ): Promise<void> {
    const receivedAt = new Date();
    const known = new Map(
      (await manager.findBy(BakeEventEntity, { id: In(events.map(({ id }) => id)) })).map((row) => [
        row.id,
        row,
      ]),
    );
    for (const event of events) {
      const row = bakeRow(bakeId, event);
      const there = known.get(event.id);
      if (there) {
        const { receivedAt: _, ...was } = there;
        if (!isDeepStrictEqual({ ...was }, row)) throw taken('event');
        continue;
      }
      known.set(event.id, manager.create(BakeEventEntity, { ...row, receivedAt }));
      await manager.insert(BakeEventEntity, { ...row, receivedAt });
    }
    const all = (await manager.findBy(BakeEventEntity, { bakeId })).map(toEvent);
    await manager.update(BakeEntity, { id: bakeId }, { finished: isFinished(all), logged: isLogged(all) });
  }

  private async readIn(manager: EntityManager, id: string): Promise<BakeResponse> {
    const bake = await manager.findOneBy(BakeEntity, { id, kitchenId: THE_KITCHEN });
    if (!bake) throw notFound('bake');
    const events = await manager.find(BakeEventEntity, { where: { bakeId: id }, order: { at: 'ASC' } });
    return response(bake, events);
  }
}

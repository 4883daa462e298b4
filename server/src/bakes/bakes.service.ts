import { Injectable } from '@nestjs/common';
import type { BakeEventRequest, BakeResponse, StartBakeRequest } from '@mardle/contract';
import type { BakeEvent } from '@mardle/core';
import { checkSpec, larderOf, standing } from '@mardle/core';
import type { EntityManager } from 'typeorm';
import { DataSource, In } from 'typeorm';
import { THE_KITCHEN } from '../kitchens/kitchens.service.js';
import { PieVersionEntity } from '../pies/pie.entities.js';
import { storedSpec } from '../pies/stored-spec.js';
import { invalid, notFound } from '../problems/problem.js';
import { BakeEntity, BakeEventEntity } from './bake.entities.js';

const RECENT = 60;

const toEvent = (row: BakeEventEntity): BakeEvent => ({
  id: row.id,
  kind: row.kind,
  at: row.at.toISOString(),
  ...(row.minutes === null ? {} : { minutes: row.minutes }),
  ...(row.undoes === null ? {} : { undoes: row.undoes }),
  ...(row.note === null ? {} : { note: row.note }),
});

function response(bake: BakeEntity, rows: readonly BakeEventEntity[]): BakeResponse {
  const events = rows.map(toEvent);
  return {
    id: bake.id,
    pieId: bake.pieId,
    pieVersion: bake.pieVersion,
    spec: storedSpec(bake.spec),
    stages: bake.stages,
    events,
    finished: standing(events).some(({ kind }) => kind === 'cut'),
  };
}

@Injectable()
export class BakesService {
  constructor(private readonly source: DataSource) {}

  /** The latest bakes, newest first. */
  async list(): Promise<BakeResponse[]> {
    const bakes = await this.source.manager.find(BakeEntity, {
      where: { kitchenId: THE_KITCHEN },
      order: { createdAt: 'DESC' },
      take: RECENT,
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

  async read(id: string): Promise<BakeResponse> {
    return this.readIn(this.source.manager, id);
  }

  /** Starts a bake; sent twice it starts once. Bake and first event are written together or not at all. */
  async start(request: StartBakeRequest): Promise<BakeResponse> {
    const { id, pieId, pieVersion, spec, stages, loaded } = request;
    const problems = checkSpec(spec, larderOf(spec));
    if (loaded.kind !== 'loaded') {
      problems.push({
        field: 'loaded.kind',
        message: 'A bake begins with a loaded event.',
        remedy: 'Set it to "loaded".',
      });
    }
    if (problems.length > 0) throw invalid(problems);
    return this.source.transaction(async (manager) => {
      const version = await manager.findOneBy(PieVersionEntity, { pieId, version: pieVersion });
      if (!version) throw notFound('version of this pie');
      await manager
        .createQueryBuilder()
        .insert()
        .orIgnore()
        .into(BakeEntity)
        .values({
          id,
          kitchenId: THE_KITCHEN,
          pieId,
          pieVersion,
          spec,
          stages,
          createdAt: new Date(loaded.at),
        })
        .execute();
      await this.append(manager, id, [loaded]);
      return this.readIn(manager, id);
    });
  }

  /** Adds events; those already there are left as they are. */
  async addEvents(id: string, events: readonly BakeEventRequest[]): Promise<BakeResponse> {
    return this.source.transaction(async (manager) => {
      await this.readIn(manager, id);
      await this.append(manager, id, events);
      return this.readIn(manager, id);
    });
  }

  private async append(
    manager: EntityManager,
    bakeId: string,
    events: readonly BakeEventRequest[],
  ): Promise<void> {
    const receivedAt = new Date();
    await manager
      .createQueryBuilder()
      .insert()
      .orIgnore()
      .into(BakeEventEntity)
      .values(
        events.map(({ id, kind, at, minutes, undoes, note }) => ({
          id,
          bakeId,
          kind,
          at: new Date(at),
          receivedAt,
          minutes: minutes ?? null,
          undoes: undoes ?? null,
          note: note ?? null,
        })),
      )
      .execute();
  }

  private async readIn(manager: EntityManager, id: string): Promise<BakeResponse> {
    const bake = await manager.findOneBy(BakeEntity, { id, kitchenId: THE_KITCHEN });
    if (!bake) throw notFound('bake');
    const events = await manager.find(BakeEventEntity, { where: { bakeId: id }, order: { at: 'ASC' } });
    return response(bake, events);
  }
}

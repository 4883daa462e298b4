import { Injectable } from '@nestjs/common';
import type { NewPieRequest, PieResponse, PieVersionResponse } from '@mardle/contract';
import type { PieSpec } from '@mardle/core';
import { checkSpec, larderOf } from '@mardle/core';
import type { EntityManager } from 'typeorm';
import { DataSource, IsNull } from 'typeorm';
import { THE_KITCHEN } from '../kitchens/kitchens.service.js';
import { changedMeanwhile, invalid, notFound, taken } from '../problems/problem.js';
import { PieEntity, PieVersionEntity } from './pie.entities.js';
import { storedSpec } from './stored-spec.js';

const response = (row: PieVersionEntity): PieResponse => ({
  id: row.pieId,
  version: row.version,
  savedAt: row.savedAt.toISOString(),
  spec: storedSpec(row.spec),
});

/** A spec that core cannot plan is not kept. */
function refuseUnplannable(spec: PieSpec): void {
  const problems = checkSpec(spec, larderOf(spec));
  if (problems.length > 0) throw invalid(problems);
}

@Injectable()
export class PiesService {
  constructor(private readonly source: DataSource) {}

  /** The latest version of every pie, last saved first. */
  async list(): Promise<PieResponse[]> {
    const rows = await this.source
      .getRepository(PieVersionEntity)
      .createQueryBuilder('version')
      .innerJoin(PieEntity, 'pie', 'pie.id = version.pie_id AND pie.version = version.version')
      .where('pie.kitchen_id = :kitchen AND pie.deleted_at IS NULL', { kitchen: THE_KITCHEN })
      .orderBy('version.saved_at', 'DESC')
      .getMany();
    return rows.map(response);
  }

  async read(id: string, version?: number): Promise<PieResponse> {
    const pie = await this.find(this.source.manager, id);
    const row = await this.source.manager.findOneBy(PieVersionEntity, {
      pieId: pie.id,
      version: version ?? pie.version,
    });
    if (!row) throw notFound('version of this pie');
    return response(row);
  }

  async versions(id: string): Promise<PieVersionResponse[]> {
    const pie = await this.find(this.source.manager, id);
    const rows = await this.source.manager.find(PieVersionEntity, {
      where: { pieId: pie.id },
      order: { version: 'DESC' },
    });
    return rows.map(({ version, savedAt, spec }) => ({
      version,
      savedAt: savedAt.toISOString(),
      name: spec.name,
    }));
  }

  /** Makes a pie; sent twice with the same id and content it is made once. */
  async create({ id, spec }: NewPieRequest): Promise<PieResponse> {
    refuseUnplannable(spec);
    return this.source.transaction(async (manager) => {
      const there = await manager.findOne(PieEntity, { where: { id }, lock: { mode: 'pessimistic_write' } });
      if (there) {
        const first = await manager.findOneBy(PieVersionEntity, { pieId: id, version: 1 });
        if (!first || JSON.stringify(first.spec) !== JSON.stringify(spec)) throw taken('pie');
        return response(first);
      }
      await manager.insert(PieEntity, { id, kitchenId: THE_KITCHEN, version: 1, deletedAt: null });
      return this.addVersion(manager, id, 1, spec);
    });
  }

  /** Saves a new version on top of `basedOn`; refuses when another was saved meanwhile. */
  async save(id: string, basedOn: number, spec: PieSpec): Promise<PieResponse> {
    refuseUnplannable(spec);
    return this.source.transaction(async (manager) => {
      const pie = await this.find(manager, id, true);
      if (pie.version !== basedOn) throw changedMeanwhile(pie.version);
      await manager.update(PieEntity, { id }, { version: basedOn + 1 });
      return this.addVersion(manager, id, basedOn + 1, spec);
    });
  }

  /** Puts a pie away; its versions and bakes stay. */
  async remove(id: string): Promise<void> {
    const pie = await this.find(this.source.manager, id);
    await this.source.manager.update(PieEntity, { id: pie.id }, { deletedAt: new Date() });
  }

  private async addVersion(
    manager: EntityManager,
    pieId: string,
    version: number,
    spec: PieSpec,
  ): Promise<PieResponse> {
    const row = manager.create(PieVersionEntity, { pieId, version, savedAt: new Date(), spec });
    await manager.insert(PieVersionEntity, row);
    return response(row);
  }

  private async find(manager: EntityManager, id: string, lock = false): Promise<PieEntity> {
    const pie = await manager.findOne(PieEntity, {
      where: { id, kitchenId: THE_KITCHEN, deletedAt: IsNull() },
      ...(lock ? { lock: { mode: 'pessimistic_write' as const } } : {}),
    });
    if (!pie) throw notFound('pie');
    return pie;
  }
}

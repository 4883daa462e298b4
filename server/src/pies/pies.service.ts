import { Injectable } from '@nestjs/common';
import type {
  NewPieRequest,
  PieListQuery,
  PieListResponse,
  PieResponse,
  PieVersionResponse,
} from '@mardle/contract';
import type { PieSpec } from '@mardle/core';
import { checkSpec, larderFor } from '@mardle/core';
import type { EntityManager } from 'typeorm';
import { DataSource, IsNull } from 'typeorm';
import { isDeepStrictEqual } from 'node:util';
import { inTransaction } from '../database/transaction.js';
import { THE_KITCHEN } from '../kitchens/kitchens.service.js';
import { changedMeanwhile, invalid, notFound, taken } from '../problems/problem.js';
import { PieEntity, PieVersionEntity } from './pie.entities.js';
import { listPies } from './pie-list.js';
import { pieWords } from './pie-words.js';
import { storedSpec } from './stored-spec.js';

const response = (row: PieVersionEntity): PieResponse => ({
  id: row.pieId,
  version: row.version,
  savedAt: row.savedAt.toISOString(),
  spec: storedSpec(row.spec),
});

/** A spec that core cannot plan is not kept; its fields are named from the root of the request. */
export function refuseUnplannable(spec: PieSpec): void {
  const problems = checkSpec(spec, larderFor(spec));
  if (problems.length === 0) return;
  throw invalid(
    problems.map(({ field, ...rest }) => ({ field: field === '' ? 'spec' : `spec.${field}`, ...rest })),
  );
}

/** What comes back from the database of what was sent: plain objects, with nothing that is not there. */
const asStored = (spec: PieSpec): unknown => JSON.parse(JSON.stringify(spec));

@Injectable()
export class PiesService {
  constructor(private readonly source: DataSource) {}

  /** One page of the pies, in the order asked for. */
  list(query: PieListQuery): Promise<PieListResponse> {
    return listPies(this.source.manager, query, storedSpec);
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

  /** Makes a pie; sent twice with the same id and content it is made once, and one that was put away is there again. */
  async create({ id, spec }: NewPieRequest): Promise<PieResponse> {
    refuseUnplannable(spec);
    return inTransaction(this.source, async (manager) => {
      const there = await manager.findOneBy(PieEntity, { id });
      if (there) {
        const first = await manager.findOneBy(PieVersionEntity, { pieId: id, version: 1 });
        if (!first || !isDeepStrictEqual(first.spec, asStored(spec))) throw taken('pie');
        if (there.deletedAt) await manager.update(PieEntity, { id }, { deletedAt: null });
        return response(first);
      }
      const savedAt = new Date();
      await manager.insert(PieEntity, {
        id,
        kitchenId: THE_KITCHEN,
        version: 1,
        deletedAt: null,
        lastBakedAt: null,
        savedAt,
        ...pieWords(spec),
      });
      return this.addVersion(manager, { pieId: id, version: 1, savedAt, spec });
    });
  }

  /** Saves a new version on top of `basedOn`; refuses when another was saved meanwhile. The same sent twice is saved once. */
  async save(id: string, basedOn: number, spec: PieSpec): Promise<PieResponse> {
    refuseUnplannable(spec);
    return inTransaction(this.source, async (manager) => {
      const pie = await this.find(manager, id, true);
      if (pie.version !== basedOn) {
        const next = await manager.findOneBy(PieVersionEntity, { pieId: id, version: basedOn + 1 });
        if (pie.version === basedOn + 1 && next && isDeepStrictEqual(next.spec, asStored(spec))) {
          return response(next);
        }
        throw changedMeanwhile(pie.version);
      }
      const savedAt = new Date();
      const version = basedOn + 1;
      await manager.update(PieEntity, { id }, { version, savedAt, ...pieWords(spec) });
      return this.addVersion(manager, { pieId: id, version, savedAt, spec });
    });
  }

  /** Puts a pie away; its versions and bakes stay. */
  async remove(id: string): Promise<void> {
    const pie = await this.find(this.source.manager, id);
    await this.source.manager.update(PieEntity, { id: pie.id }, { deletedAt: new Date() });
  }

  /** Takes a pie out again that was put away. Asking twice is no error. */
  async takeOut(id: string): Promise<PieResponse> {
    const pie = await this.source.manager.findOneBy(PieEntity, { id, kitchenId: THE_KITCHEN });
    if (!pie) throw notFound('pie');
    await this.source.manager.update(PieEntity, { id }, { deletedAt: null });
    return this.read(id);
  }

  private async addVersion(manager: EntityManager, version: PieVersionEntity): Promise<PieResponse> {
    await manager.insert(PieVersionEntity, version);
    return response(version);
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

import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import type { OwnRowKind, OwnRows } from '@mardle/contract';
import { checkShape, ownRowShapes } from '@mardle/contract';
import type { EntityManager } from 'typeorm';
import { Repository } from 'typeorm';
import { inTransaction } from '../database/transaction.js';
import { THE_KITCHEN } from '../kitchens/kitchens.service.js';
import { invalid } from '../problems/problem.js';
import { OwnRowEntity } from './own-row.entity.js';

/** More of one kind would be no kitchen's; each is read with every page. */
const MOST_ROWS = 2000;

@Injectable()
export class OwnRowsService {
  constructor(@InjectRepository(OwnRowEntity) private readonly rows: Repository<OwnRowEntity>) {}

  /** Inside a transaction its manager is given. */
  async list<Kind extends OwnRowKind>(
    kind: Kind,
    manager: EntityManager = this.rows.manager,
  ): Promise<OwnRows[Kind][]> {
    const rows = await manager.find(OwnRowEntity, {
      where: { kitchenId: THE_KITCHEN, kind },
      order: { rowId: 'ASC' },
    });
    return rows.map(({ row }) => row as OwnRows[Kind]);
  }

  /** Keeps a row whole, in place of what was kept before. */
  async keep(kind: OwnRowKind, id: string, body: unknown): Promise<OwnRows[OwnRowKind]> {
    const shape: { readonly shape: new () => object; readonly check: (row: never) => readonly object[] } =
      ownRowShapes[kind];
    const checked = checkShape(shape.shape, body);
    if (!checked.ok) throw invalid(checked.problems);
    const row = checked.value as OwnRows[OwnRowKind];
    const problems = [
      ...ownRowShapes[kind].check(row as never),
      ...(row.id === id
        ? []
        : [
            {
              field: 'id',
              message: `The address says "${id}", the body "${row.id}".`,
              remedy: 'Send the same id in both.',
            },
          ]),
    ];
    if (problems.length > 0) throw invalid(problems);
    await inTransaction(this.rows.manager.dataSource, async (manager) => {
      const mine = { kitchenId: THE_KITCHEN, kind };
      const known = await manager.existsBy(OwnRowEntity, { ...mine, rowId: id });
      if (!known && (await manager.countBy(OwnRowEntity, mine)) >= MOST_ROWS) {
        throw invalid([
          {
            field: 'id',
            message: `This kitchen keeps ${MOST_ROWS} of these.`,
            remedy: 'Put one away first.',
          },
        ]);
      }
      await manager.save(OwnRowEntity, { ...mine, rowId: id, row });
    });
    return row;
  }

  /** Back to what is built in. Asking twice is no error. */
  async reset(kind: OwnRowKind, id: string): Promise<void> {
    await this.rows.delete({ kitchenId: THE_KITCHEN, kind, rowId: id });
  }
}

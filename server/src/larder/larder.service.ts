import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import type { OwnFruit } from '@mardle/core';
import { checkOwnFruit } from '@mardle/core';
import type { EntityManager } from 'typeorm';
import { Repository } from 'typeorm';
import { inTransaction } from '../database/transaction.js';
import { THE_KITCHEN } from '../kitchens/kitchens.service.js';
import { invalid } from '../problems/problem.js';
import { OwnFruitEntity } from './own-fruit.entity.js';

@Injectable()
export class LarderService {
  constructor(@InjectRepository(OwnFruitEntity) private readonly fruits: Repository<OwnFruitEntity>) {}

  /** Inside a transaction its manager is given. */
  async list(manager: EntityManager = this.fruits.manager): Promise<OwnFruit[]> {
    const rows = await manager.find(OwnFruitEntity, {
      where: { kitchenId: THE_KITCHEN },
      order: { label: 'ASC' },
    });
    return rows.map(({ fruitId, label, likeId, figures }) => ({ id: fruitId, label, like: likeId, figures }));
  }

  /** Keeps a fruit's own figures, whole, in place of what was kept before. */
  async keep(own: OwnFruit): Promise<OwnFruit> {
    const problems = checkOwnFruit(own);
    if (problems.length > 0) throw invalid(problems);
    const { id, label, like, figures } = own;
    await inTransaction(this.fruits.manager.dataSource, (manager) =>
      manager.save(OwnFruitEntity, { kitchenId: THE_KITCHEN, fruitId: id, label, likeId: like, figures }),
    );
    return own;
  }

  /** Back to built-in; an own fruit is put away. Asking twice is no error. */
  async reset(id: string): Promise<void> {
    await this.fruits.delete({ kitchenId: THE_KITCHEN, fruitId: id });
  }
}

import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import type { KitchenDish, KitchenOven, KitchenResponse } from '@mardle/contract';
import { KitchenDishRequest, KitchenOvenRequest } from '@mardle/contract';
import { dishProblems } from '@mardle/core';
import type { DeepPartial, EntityManager } from 'typeorm';
import { Repository } from 'typeorm';
import { inTransaction } from '../database/transaction.js';
import { invalid, notFound } from '../problems/problem.js';
import type { Kept } from './kitchen.entities.js';
import { DishEntity, KitchenEntity, OvenEntity } from './kitchen.entities.js';

/** Until there are accounts there is one kitchen, and requests are for it. */
export const THE_KITCHEN = '0a9e6f5e-4d3c-4b2a-9f18-57696b657266';

/** A row as the contract says it: what was left out is not there. */
export function asSaid<Row extends object>({ kitchenId: _, position: __, ...row }: Row & Kept): Row {
  return Object.fromEntries(Object.entries(row).filter(([, value]) => value !== null)) as Row;
}

@Injectable()
export class KitchensService {
  constructor(
    @InjectRepository(KitchenEntity) private readonly kitchens: Repository<KitchenEntity>,
    @InjectRepository(DishEntity) private readonly dishes: Repository<KitchenDish & Kept>,
    @InjectRepository(OvenEntity) private readonly ovens: Repository<KitchenOven & Kept>,
  ) {}

  /** Inside a transaction its manager is given: one connection does, however many ask. */
  async current(manager: EntityManager = this.kitchens.manager): Promise<KitchenResponse> {
    const kitchen = await manager.findOneBy(KitchenEntity, { id: THE_KITCHEN });
    if (!kitchen) throw notFound('kitchen');
    const mine = { where: { kitchenId: kitchen.id }, order: { position: 'ASC', label: 'ASC' } } as const;
    const dishes = await manager.withRepository(this.dishes).find(mine);
    const ovens = await manager.withRepository(this.ovens).find(mine);
    return { id: kitchen.id, name: kitchen.name, dishes: dishes.map(asSaid), ovens: ovens.map(asSaid) };
  }

  /** Keeps a dish whole, new or in place of what was kept before; sending it twice keeps it once. */
  keepDish(id: string, dish: KitchenDishRequest): Promise<KitchenDish> {
    const problems = dishProblems(dish);
    if (problems.length > 0) throw invalid(problems);
    return this.keep<KitchenDish>(this.dishes, id, dish);
  }

  /** The same for an oven. */
  keepOven(id: string, oven: KitchenOvenRequest): Promise<KitchenOven> {
    return this.keep<KitchenOven>(this.ovens, id, oven);
  }

  /** Puts a dish or oven away; pies that were planned with it keep its measures. Asking twice is no error. */
  async putAway(what: 'dish' | 'oven', id: string): Promise<void> {
    const mine = { id, kitchenId: THE_KITCHEN };
    if (what === 'dish') await this.dishes.delete(mine);
    else await this.ovens.delete(mine);
  }

  /** What is left out is kept as null, so that it is not what an earlier row said. */
  private async keep<Row extends { readonly id: string }>(
    of: Repository<Row & Kept>,
    id: string,
    said: Omit<Row, 'id'>,
  ): Promise<Row> {
    const position = await this.positionOf(of, id);
    const empty = of.metadata.columns
      .filter(({ isNullable }) => isNullable)
      .map(({ propertyName }) => [propertyName, null]);
    const row = { ...Object.fromEntries(empty), ...said, id, kitchenId: THE_KITCHEN, position };
    return inTransaction(of.manager.dataSource, async (manager) =>
      asSaid<Row>((await manager.save(of.target, row as DeepPartial<Row & Kept>)) as Row & Kept),
    );
  }

  /** Where it stands: where it stood, or after all others. */
  private async positionOf<Row extends Kept>(of: Repository<Row>, id: string): Promise<number> {
    const mine = { kitchenId: THE_KITCHEN };
    const known = await of.findOneBy({ id, ...mine } as never);
    return known?.position ?? (await of.countBy(mine as never));
  }
}

import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import type { KitchenResponse } from '@mardle/contract';
import { Repository } from 'typeorm';
import { notFound } from '../problems/problem.js';
import { DishEntity, KitchenEntity, OvenEntity } from './kitchen.entities.js';

/** Until there are accounts there is one kitchen, and requests are for it. */
export const THE_KITCHEN = '0a9e6f5e-4d3c-4b2a-9f18-57696b657266';

@Injectable()
export class KitchensService {
  constructor(
    @InjectRepository(KitchenEntity) private readonly kitchens: Repository<KitchenEntity>,
    @InjectRepository(DishEntity) private readonly dishes: Repository<DishEntity>,
    @InjectRepository(OvenEntity) private readonly ovens: Repository<OvenEntity>,
  ) {}

  async current(): Promise<KitchenResponse> {
    const kitchen = await this.kitchens.findOneBy({ id: THE_KITCHEN });
    if (!kitchen) throw notFound('kitchen');
    const mine = { where: { kitchenId: kitchen.id }, order: { position: 'ASC' } } as const;
    const [dishes, ovens] = await Promise.all([this.dishes.find(mine), this.ovens.find(mine)]);
    return {
      id: kitchen.id,
      name: kitchen.name,
      dishes: dishes.map(({ id, label, topCm, baseCm, depthCm, material }) => ({
        id,
        label,
        topCm,
        baseCm,
        depthCm,
        material,
      })),
      ovens: ovens.map(({ id, label, kind, offsetC, warmUpMin, places }) => ({
        id,
        label,
        kind,
        offsetC,
        warmUpMin,
        places,
      })),
    };
  }
}

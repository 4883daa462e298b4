import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import type { KitchenDish, KitchenOven, KitchenResponse } from '@mardle/contract';
import { KitchenDishRequest, KitchenOvenRequest } from '@mardle/contract';
import { Repository } from 'typeorm';
import { dishProblems } from '@mardle/core';
import { invalid, notFound } from '../problems/problem.js';
import { DishEntity, KitchenEntity, OvenEntity } from './kitchen.entities.js';

/** Until there are accounts there is one kitchen, and requests are for it. */
export const THE_KITCHEN = '0a9e6f5e-4d3c-4b2a-9f18-57696b657266';

const asDish = ({
  id,
  label,
  shape,
  topCm,
  widthCm,
  baseCm,
  depthCm,
  material,
}: DishEntity): KitchenDish => ({
  id,
  label,
  topCm,
  baseCm,
  depthCm,
  material,
  ...(shape === 'round' ? {} : { shape }),
  ...(widthCm === null ? {} : { widthCm }),
});

const asOven = ({ id, label, kind, offsetC, warmUpMin, places, knob, hotSide }: OvenEntity): KitchenOven => ({
  id,
  label,
  kind,
  offsetC,
  warmUpMin,
  places,
  knob,
  hotSide,
});

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
    const mine = { where: { kitchenId: kitchen.id }, order: { position: 'ASC', label: 'ASC' } } as const;
    const [dishes, ovens] = await Promise.all([this.dishes.find(mine), this.ovens.find(mine)]);
    return { id: kitchen.id, name: kitchen.name, dishes: dishes.map(asDish), ovens: ovens.map(asOven) };
  }

  /** Keeps a dish whole, new or in place of what was kept before; sending it twice keeps it once. */
  async keepDish(id: string, dish: KitchenDishRequest): Promise<KitchenDish> {
    const problems = dishProblems(dish);
    if (problems.length > 0) throw invalid(problems);
    const { label, topCm, baseCm, depthCm, material, shape = 'round', widthCm = null } = dish;
    const position = await this.positionOf(this.dishes, id);
    const row = {
      id,
      kitchenId: THE_KITCHEN,
      position,
      label,
      topCm,
      baseCm,
      depthCm,
      material,
      shape,
      widthCm,
    };
    return asDish(await this.dishes.save(row));
  }

  /** The same for an oven. */
  async keepOven(id: string, oven: KitchenOvenRequest): Promise<KitchenOven> {
    const { label, kind, offsetC, warmUpMin, places, knob = '5_c', hotSide = 'none' } = oven;
    const position = await this.positionOf(this.ovens, id);
    const row = {
      id,
      kitchenId: THE_KITCHEN,
      position,
      label,
      kind,
      offsetC,
      warmUpMin,
      places,
      knob,
      hotSide,
    };
    return asOven(await this.ovens.save(row));
  }

  /** Puts a dish or oven away; pies that were planned with it keep its measures. Asking twice is no error. */
  async putAway(what: 'dish' | 'oven', id: string): Promise<void> {
    const mine = { id, kitchenId: THE_KITCHEN };
    if (what === 'dish') await this.dishes.delete(mine);
    else await this.ovens.delete(mine);
  }

  /** Where it stands: where it stood, or after all others. */
  private async positionOf(of: Repository<DishEntity> | Repository<OvenEntity>, id: string): Promise<number> {
    const known = await of.findOneBy({ id, kitchenId: THE_KITCHEN });
    return known?.position ?? (await of.countBy({ kitchenId: THE_KITCHEN }));
  }
}

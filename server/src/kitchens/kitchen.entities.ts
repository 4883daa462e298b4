import type { DishShape, HotSide, KnobKind, OvenKind } from '@mardle/core';
import { Column, Entity, PrimaryColumn } from 'typeorm';

@Entity('kitchen')
export class KitchenEntity {
  @PrimaryColumn('uuid') id: string;
  @Column('varchar', { length: 120 }) name: string;
}

@Entity('dish')
export class DishEntity {
  @PrimaryColumn('uuid') id: string;
  @Column('uuid', { name: 'kitchen_id' }) kitchenId: string;
  @Column('int', { name: 'position' }) position: number;
  @Column('varchar', { length: 80 }) label: string;
  @Column('varchar', { length: 20 }) shape: DishShape;
  @Column('double', { name: 'width_cm', nullable: true }) widthCm: number | null;
  @Column('double', { name: 'top_cm' }) topCm: number;
  @Column('double', { name: 'base_cm' }) baseCm: number;
  @Column('double', { name: 'depth_cm' }) depthCm: number;
  @Column('varchar', { length: 60 }) material: string;
}

@Entity('oven')
export class OvenEntity {
  @PrimaryColumn('uuid') id: string;
  @Column('uuid', { name: 'kitchen_id' }) kitchenId: string;
  @Column('int', { name: 'position' }) position: number;
  @Column('varchar', { length: 80 }) label: string;
  @Column('varchar', { length: 20 }) kind: OvenKind;
  @Column('double', { name: 'offset_c' }) offsetC: number;
  @Column('double', { name: 'warm_up_min' }) warmUpMin: number;
  @Column('int') places: number;
  @Column('varchar', { length: 20 }) knob: KnobKind;
  @Column('varchar', { name: 'hot_side', length: 20 }) hotSide: HotSide;
}

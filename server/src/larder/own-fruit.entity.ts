import type { OwnFruit } from '@mardle/core';
import { Column, Entity, PrimaryColumn } from 'typeorm';

/** A kitchen's own figures for a fruit, or a fruit of its own. */
@Entity('own_fruit')
export class OwnFruitEntity {
  @PrimaryColumn('uuid', { name: 'kitchen_id' }) kitchenId: string;
  @PrimaryColumn('varchar', { name: 'fruit_id', length: 60 }) fruitId: string;
  @Column('varchar', { length: 80 }) label: string;
  @Column('varchar', { name: 'like_id', length: 60 }) likeId: string;
  @Column('json') figures: OwnFruit['figures'];
}

import type { PieSpec } from '@mardle/core';
import { Column, Entity, PrimaryColumn } from 'typeorm';

/** A pie; what it is made of stands in its versions, what lists need of the latest here. */
@Entity('pie')
export class PieEntity {
  @PrimaryColumn('uuid') id: string;
  @Column('uuid', { name: 'kitchen_id' }) kitchenId: string;
  /** The latest version. */
  @Column('int') version: number;
  @Column('datetime', { name: 'saved_at', precision: 3 }) savedAt: Date;
  @Column('datetime', { name: 'last_baked_at', precision: 3, nullable: true }) lastBakedAt: Date | null;
  @Column('datetime', { name: 'deleted_at', precision: 3, nullable: true }) deletedAt: Date | null;
  @Column('varchar', { length: 255 }) name: string;
  @Column('varchar', { length: 20 }) form: string;
  @Column('varchar', { length: 400 }) fruits: string;
  @Column('varchar', { length: 120 }) dish: string;
  @Column('varchar', { length: 120 }) oven: string;
  /** All that it is found by. */
  @Column('varchar', { length: 1200 }) words: string;
}

@Entity('pie_version')
export class PieVersionEntity {
  @PrimaryColumn('uuid', { name: 'pie_id' }) pieId: string;
  @PrimaryColumn('int') version: number;
  @Column('datetime', { name: 'saved_at', precision: 3 }) savedAt: Date;
  @Column('json') spec: PieSpec;
}

import type { PieSpec } from '@mardle/core';
import { Column, Entity, PrimaryColumn } from 'typeorm';

/** A pie; what it is made of stands in its versions. */
@Entity('pie')
export class PieEntity {
  @PrimaryColumn('uuid') id: string;
  @Column('uuid', { name: 'kitchen_id' }) kitchenId: string;
  /** The latest version. */
  @Column('int') version: number;
  @Column('datetime', { name: 'deleted_at', precision: 3, nullable: true }) deletedAt: Date | null;
}

@Entity('pie_version')
export class PieVersionEntity {
  @PrimaryColumn('uuid', { name: 'pie_id' }) pieId: string;
  @PrimaryColumn('int') version: number;
  @Column('datetime', { name: 'saved_at', precision: 3 }) savedAt: Date;
  @Column('json') spec: PieSpec;
}

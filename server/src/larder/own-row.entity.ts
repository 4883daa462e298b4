import type { OwnRowKind, OwnRows } from '@mardle/contract';
import { Column, Entity, PrimaryColumn } from 'typeorm';

/** A row that a kitchen keeps of its own: a thickener, the weight of a cup, how a thing is sold. */
@Entity('own_row')
export class OwnRowEntity {
  @PrimaryColumn('uuid', { name: 'kitchen_id' }) kitchenId: string;
  @PrimaryColumn('varchar', { length: 20 }) kind: OwnRowKind;
  @PrimaryColumn('varchar', { name: 'row_id', length: 120 }) rowId: string;
  @Column('json') row: OwnRows[OwnRowKind];
}

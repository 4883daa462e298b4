import type { BakeEventKind, PieSpec, Stage } from '@mardle/core';
import { Column, Entity, PrimaryColumn } from 'typeorm';

/** A bake: the pie as it was planned and the stages the oven was set to. What happened stands in its events. */
@Entity('bake')
export class BakeEntity {
  @PrimaryColumn('uuid') id: string;
  @Column('uuid', { name: 'kitchen_id' }) kitchenId: string;
  @Column('uuid', { name: 'pie_id' }) pieId: string;
  @Column('int', { name: 'pie_version' }) pieVersion: number;
  @Column('json') spec: PieSpec;
  @Column('json') stages: readonly [Stage, Stage];
  @Column('datetime', { name: 'created_at', precision: 3 }) createdAt: Date;
  /** Eaten or cancelled, by its events. */
  @Column('boolean') finished: boolean;
  /** Over and no mistake: the log has it. */
  @Column('boolean') logged: boolean;
  @Column('varchar', { length: 255 }) name: string;
  @Column('varchar', { length: 120 }) oven: string;
}

/** Append-only; the id is the client's, so that sending it twice changes nothing. */
@Entity('bake_event')
export class BakeEventEntity {
  @PrimaryColumn('uuid') id: string;
  @Column('uuid', { name: 'bake_id' }) bakeId: string;
  @Column('varchar', { length: 20 }) kind: BakeEventKind;
  @Column('datetime', { precision: 3 }) at: Date;
  @Column('datetime', { name: 'received_at', precision: 3 }) receivedAt: Date;
  @Column('int', { nullable: true }) minutes: number | null;
  @Column('uuid', { nullable: true }) undoes: string | null;
  @Column('varchar', { length: 200, nullable: true }) note: string | null;
}

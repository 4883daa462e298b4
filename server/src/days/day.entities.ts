import { Column, Entity, PrimaryColumn } from 'typeorm';

/** A bake day that all screens of the kitchen share. */
@Entity('bake_day')
export class DayEntity {
  @PrimaryColumn('uuid') id: string;
  @Column('uuid', { name: 'kitchen_id' }) kitchenId: string;
  @Column('varchar', { length: 80 }) name: string;
  @Column('int') version: number;
  @Column('datetime', { name: 'saved_at', precision: 3 }) savedAt: Date;
  @Column('longtext', { select: false }) content: string;
}

/** Whether a task is done, as was said last. */
@Entity('day_tick')
export class DayTickEntity {
  @PrimaryColumn('uuid', { name: 'day_id' }) dayId: string;
  @PrimaryColumn('varchar', { length: 160 }) task: string;
  @Column('boolean') done: boolean;
  @Column('datetime', { precision: 3 }) at: Date;
}

import { Column, Entity, PrimaryColumn } from 'typeorm';
import type { TastingRequest } from '@mardle/contract';

/** What was said, weighed and tested of a bake, without its version and note. */
export type Said = Omit<TastingRequest, 'version' | 'note'>;

/** What is known of a bake afterwards; one for each, corrected in place. */
@Entity('tasting')
export class TastingEntity {
  @PrimaryColumn('uuid', { name: 'bake_id' }) bakeId: string;
  @Column('int') version: number;
  @Column('json') said: Said;
  @Column('varchar', { length: 500 }) note: string;
  @Column('datetime', { name: 'saved_at', precision: 3 }) savedAt: Date;
}

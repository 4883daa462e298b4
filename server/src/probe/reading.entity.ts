import { Column, Entity, PrimaryColumn } from 'typeorm';

/** One reading of a bake's probes; old ones are kept one for each few minutes. */
@Entity('reading')
export class ReadingEntity {
  @PrimaryColumn('uuid', { name: 'bake_id' }) bakeId: string;
  @PrimaryColumn('datetime', { precision: 3 }) at: Date;
  @Column('double', { name: 'filling_c', nullable: true }) fillingC: number | null;
  @Column('double', { name: 'air_c', nullable: true }) airC: number | null;
  /** The first of its few minutes: it stays when others go. */
  @Column('boolean') stays: boolean;
  /** Made up by the simulated probe: shown, and never learned from or handed on. */
  @Column('boolean') simulated: boolean;
}

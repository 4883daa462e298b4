import { Column, Entity, PrimaryColumn } from 'typeorm';

/** The picture of a slice; one for each bake. */
@Entity('photo')
export class PhotoEntity {
  @PrimaryColumn('uuid', { name: 'bake_id' }) bakeId: string;
  /** Of its bytes, so that a browser that has it need not ask again. */
  @Column('char', { length: 32 }) name: string;
  @Column('mediumblob', { select: false }) bytes: Buffer;
}

import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Pictures of slices. */
export class Photos1764500000000 implements MigrationInterface {
  name = 'Photos1764500000000';

  async up(queries: QueryRunner): Promise<void> {
    await queries.query(`CREATE TABLE IF NOT EXISTS photo (
      bake_id uuid NOT NULL PRIMARY KEY,
      name char(32) NOT NULL,
      bytes mediumblob NOT NULL,
      CONSTRAINT photo_bake FOREIGN KEY (bake_id) REFERENCES bake (id)
    ) ENGINE=InnoDB`);
  }

  async down(queries: QueryRunner): Promise<void> {
    await queries.query('DROP TABLE photo');
  }
}

import type { MigrationInterface, QueryRunner } from 'typeorm';

/** What probes read. */
export class Readings1764400000000 implements MigrationInterface {
  name = 'Readings1764400000000';

  async up(queries: QueryRunner): Promise<void> {
    await queries.query(`CREATE TABLE IF NOT EXISTS reading (
      bake_id uuid NOT NULL,
      at datetime(3) NOT NULL,
      filling_c double NULL,
      air_c double NULL,
      stays boolean NOT NULL,
      PRIMARY KEY (bake_id, at),
      KEY reading_by_age (stays, at),
      CONSTRAINT reading_bake FOREIGN KEY (bake_id) REFERENCES bake (id)
    ) ENGINE=InnoDB`);
  }

  async down(queries: QueryRunner): Promise<void> {
    await queries.query('DROP TABLE reading');
  }
}

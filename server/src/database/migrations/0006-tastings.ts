import type { MigrationInterface, QueryRunner } from 'typeorm';

/** What is said of a bake afterwards. */
export class Tastings1764300000000 implements MigrationInterface {
  name = 'Tastings1764300000000';

  async up(queries: QueryRunner): Promise<void> {
    await queries.query(`CREATE TABLE IF NOT EXISTS tasting (
      bake_id uuid NOT NULL PRIMARY KEY,
      version int NOT NULL,
      said json NOT NULL,
      note varchar(500) NOT NULL,
      saved_at datetime(3) NOT NULL,
      CONSTRAINT tasting_bake FOREIGN KEY (bake_id) REFERENCES bake (id)
    ) ENGINE=InnoDB`);
  }

  async down(queries: QueryRunner): Promise<void> {
    await queries.query('DROP TABLE tasting');
  }
}

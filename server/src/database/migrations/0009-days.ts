import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Bake days that several screens share. */
export class Days1764600000000 implements MigrationInterface {
  name = 'Days1764600000000';

  async up(queries: QueryRunner): Promise<void> {
    await queries.query(`CREATE TABLE IF NOT EXISTS bake_day (
      id uuid NOT NULL PRIMARY KEY,
      kitchen_id uuid NOT NULL,
      name varchar(80) NOT NULL,
      version int NOT NULL,
      saved_at datetime(3) NOT NULL,
      content longtext NOT NULL,
      KEY bake_day_by_age (kitchen_id, saved_at)
    ) ENGINE=InnoDB`);
    await queries.query(`CREATE TABLE IF NOT EXISTS day_tick (
      day_id uuid NOT NULL,
      task varchar(160) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
      done boolean NOT NULL,
      at datetime(3) NOT NULL,
      PRIMARY KEY (day_id, task),
      CONSTRAINT day_tick_day FOREIGN KEY (day_id) REFERENCES bake_day (id)
    ) ENGINE=InnoDB`);
  }

  async down(queries: QueryRunner): Promise<void> {
    await queries.query('DROP TABLE day_tick');
    await queries.query('DROP TABLE bake_day');
  }
}

import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Dishes that are not round; how an oven's knob is marked and where it is hot. */
export class DishesAndOvens1764039600000 implements MigrationInterface {
  name = 'DishesAndOvens1764039600000';

  async up(queries: QueryRunner): Promise<void> {
    await queries.query(`ALTER TABLE dish
      ADD COLUMN IF NOT EXISTS shape varchar(20) NOT NULL DEFAULT 'round',
      ADD COLUMN IF NOT EXISTS width_cm double NULL`);
    await queries.query(`ALTER TABLE oven
      ADD COLUMN IF NOT EXISTS knob varchar(20) NOT NULL DEFAULT '5_c',
      ADD COLUMN IF NOT EXISTS hot_side varchar(20) NOT NULL DEFAULT 'none'`);
  }

  async down(queries: QueryRunner): Promise<void> {
    await queries.query('ALTER TABLE oven DROP COLUMN hot_side, DROP COLUMN knob');
    await queries.query('ALTER TABLE dish DROP COLUMN width_cm, DROP COLUMN shape');
  }
}

import type { MigrationInterface, QueryRunner } from 'typeorm';

/** What a baker left out of a dish or an oven is null, as in the pie file, instead of a default written here. */
export class LeftOutIsNull1764100000000 implements MigrationInterface {
  name = 'LeftOutIsNull1764100000000';

  async up(queries: QueryRunner): Promise<void> {
    await queries.query('ALTER TABLE dish MODIFY shape varchar(20) NULL');
    await queries.query('ALTER TABLE oven MODIFY knob varchar(20) NULL, MODIFY hot_side varchar(20) NULL');
  }

  async down(queries: QueryRunner): Promise<void> {
    await queries.query("UPDATE dish SET shape = COALESCE(shape, 'round')");
    await queries.query(
      "UPDATE oven SET knob = COALESCE(knob, '5_c'), hot_side = COALESCE(hot_side, 'none')",
    );
    await queries.query("ALTER TABLE dish MODIFY shape varchar(20) NOT NULL DEFAULT 'round'");
    await queries.query(`ALTER TABLE oven MODIFY knob varchar(20) NOT NULL DEFAULT '5_c',
      MODIFY hot_side varchar(20) NOT NULL DEFAULT 'none'`);
  }
}

import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Thickeners, weights of a cup and how things are sold, as a kitchen keeps them. Ids differ by case and accent. */
export class OwnRows1764800000000 implements MigrationInterface {
  name = 'OwnRows1764800000000';

  async up(queries: QueryRunner): Promise<void> {
    await queries.query(`CREATE TABLE IF NOT EXISTS own_row (
      kitchen_id uuid NOT NULL,
      kind varchar(20) NOT NULL,
      row_id varchar(120) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
      row json NOT NULL,
      PRIMARY KEY (kitchen_id, kind, row_id),
      CONSTRAINT own_row_kitchen FOREIGN KEY (kitchen_id) REFERENCES kitchen (id)
    ) ENGINE=InnoDB`);
  }

  async down(queries: QueryRunner): Promise<void> {
    await queries.query('DROP TABLE own_row');
  }
}

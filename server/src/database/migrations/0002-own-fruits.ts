import type { MigrationInterface, QueryRunner } from 'typeorm';

/** A kitchen's own figures for fruits. */
export class OwnFruits1764036000000 implements MigrationInterface {
  name = 'OwnFruits1764036000000';

  async up(queries: QueryRunner): Promise<void> {
    await queries.query(`CREATE TABLE IF NOT EXISTS own_fruit (
      kitchen_id uuid NOT NULL,
      fruit_id varchar(60) NOT NULL,
      label varchar(80) NOT NULL,
      like_id varchar(60) NOT NULL,
      figures json NOT NULL,
      PRIMARY KEY (kitchen_id, fruit_id),
      CONSTRAINT own_fruit_kitchen FOREIGN KEY (kitchen_id) REFERENCES kitchen (id)
    ) ENGINE=InnoDB`);
  }

  async down(queries: QueryRunner): Promise<void> {
    await queries.query('DROP TABLE own_fruit');
  }
}

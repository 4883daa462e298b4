import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Kitchens and what belongs to them: dishes, ovens, pies with their versions, bakes with their events. */
export class FirstTables1764032400000 implements MigrationInterface {
  name = 'FirstTables1764032400000';

  async up(queries: QueryRunner): Promise<void> {
    await queries.query(`CREATE TABLE IF NOT EXISTS kitchen (
      id uuid NOT NULL PRIMARY KEY,
      name varchar(120) NOT NULL
    ) ENGINE=InnoDB`);
    await queries.query(`CREATE TABLE IF NOT EXISTS dish (
      id uuid NOT NULL PRIMARY KEY,
      kitchen_id uuid NOT NULL,
      position int NOT NULL,
      label varchar(80) NOT NULL,
      top_cm double NOT NULL,
      base_cm double NOT NULL,
      depth_cm double NOT NULL,
      material varchar(60) NOT NULL,
      CONSTRAINT dish_kitchen FOREIGN KEY (kitchen_id) REFERENCES kitchen (id)
    ) ENGINE=InnoDB`);
    await queries.query(`CREATE TABLE IF NOT EXISTS oven (
      id uuid NOT NULL PRIMARY KEY,
      kitchen_id uuid NOT NULL,
      position int NOT NULL,
      label varchar(80) NOT NULL,
      kind varchar(20) NOT NULL,
      offset_c double NOT NULL,
      warm_up_min double NOT NULL,
      places int NOT NULL,
      CONSTRAINT oven_kitchen FOREIGN KEY (kitchen_id) REFERENCES kitchen (id)
    ) ENGINE=InnoDB`);
    await queries.query(`CREATE TABLE IF NOT EXISTS pie (
      id uuid NOT NULL PRIMARY KEY,
      kitchen_id uuid NOT NULL,
      version int NOT NULL,
      deleted_at datetime(3) NULL,
      KEY pie_of_kitchen (kitchen_id, deleted_at),
      CONSTRAINT pie_kitchen FOREIGN KEY (kitchen_id) REFERENCES kitchen (id)
    ) ENGINE=InnoDB`);
    await queries.query(`CREATE TABLE IF NOT EXISTS pie_version (
      pie_id uuid NOT NULL,
      version int NOT NULL,
      saved_at datetime(3) NOT NULL,
      spec json NOT NULL,
      PRIMARY KEY (pie_id, version),
      CONSTRAINT version_pie FOREIGN KEY (pie_id) REFERENCES pie (id)
    ) ENGINE=InnoDB`);
    await queries.query(`CREATE TABLE IF NOT EXISTS bake (
      id uuid NOT NULL PRIMARY KEY,
      kitchen_id uuid NOT NULL,
      pie_id uuid NOT NULL,
      pie_version int NOT NULL,
      spec json NOT NULL,
      stages json NOT NULL,
      created_at datetime(3) NOT NULL,
      KEY bake_of_kitchen (kitchen_id, created_at),
      CONSTRAINT bake_kitchen FOREIGN KEY (kitchen_id) REFERENCES kitchen (id),
      CONSTRAINT bake_pie FOREIGN KEY (pie_id) REFERENCES pie (id)
    ) ENGINE=InnoDB`);
    await queries.query(`CREATE TABLE IF NOT EXISTS bake_event (
      id uuid NOT NULL PRIMARY KEY,
      bake_id uuid NOT NULL,
      kind varchar(20) NOT NULL,
      at datetime(3) NOT NULL,
      received_at datetime(3) NOT NULL,
      minutes int NULL,
      undoes uuid NULL,
      note varchar(200) NULL,
      KEY event_of_bake (bake_id, at),
      CONSTRAINT event_bake FOREIGN KEY (bake_id) REFERENCES bake (id)
    ) ENGINE=InnoDB`);
  }

  async down(queries: QueryRunner): Promise<void> {
    for (const table of ['bake_event', 'bake', 'pie_version', 'pie', 'oven', 'dish', 'kitchen']) {
      await queries.query(`DROP TABLE ${table}`);
    }
  }
}

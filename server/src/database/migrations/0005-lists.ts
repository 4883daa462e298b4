import type { PieSpec } from '@mardle/core';
import { isFinished } from '@mardle/core';
import type { MigrationInterface, QueryRunner } from 'typeorm';
import { pieWords } from '../../pies/pie-words.js';

const AT_ONCE = 500;

const parsed = (json: unknown): PieSpec => (typeof json === 'string' ? JSON.parse(json) : json) as PieSpec;

/** Done again from its start after a kill half way. What lists show, find and sort by stands in columns of its own; ids of fruits differ by case and accent. */
export class Lists1764200000000 implements MigrationInterface {
  name = 'Lists1764200000000';

  async up(queries: QueryRunner): Promise<void> {
    await queries.query(`ALTER TABLE pie
      ADD COLUMN IF NOT EXISTS saved_at datetime(3) NULL,
      ADD COLUMN IF NOT EXISTS last_baked_at datetime(3) NULL,
      ADD COLUMN IF NOT EXISTS name varchar(255) NOT NULL DEFAULT '',
      ADD COLUMN IF NOT EXISTS form varchar(20) NOT NULL DEFAULT '',
      ADD COLUMN IF NOT EXISTS fruits varchar(400) NOT NULL DEFAULT '',
      ADD COLUMN IF NOT EXISTS dish varchar(120) NOT NULL DEFAULT '',
      ADD COLUMN IF NOT EXISTS oven varchar(120) NOT NULL DEFAULT '',
      ADD COLUMN IF NOT EXISTS words varchar(1200) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL DEFAULT ''`);
    for (const sort of ['saved_at', 'last_baked_at', 'name', 'fruits(60)', 'form', 'oven']) {
      const key = `pie_by_${sort.replace(/\W.*/, '')}`;
      await queries.query(`ALTER TABLE pie ADD KEY IF NOT EXISTS ${key} (kitchen_id, deleted_at, ${sort})`);
    }
    await queries.query(`ALTER TABLE bake
      ADD COLUMN IF NOT EXISTS finished tinyint NOT NULL DEFAULT 0,
      ADD COLUMN IF NOT EXISTS name varchar(255) NOT NULL DEFAULT '',
      ADD COLUMN IF NOT EXISTS oven varchar(120) NOT NULL DEFAULT '',
      ADD KEY IF NOT EXISTS bake_running (kitchen_id, finished, created_at)`);
    await queries.query(
      'ALTER TABLE own_fruit MODIFY fruit_id varchar(60) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL',
    );
    await this.fillPies(queries);
    await this.fillBakes(queries);
    await queries.query('ALTER TABLE pie MODIFY saved_at datetime(3) NOT NULL');
  }

  private async fillPies(queries: QueryRunner): Promise<void> {
    for (let from = 0; ; from += AT_ONCE) {
      const rows = (await queries.query(
        `SELECT pie.id, v.spec, v.saved_at, (SELECT MAX(created_at) FROM bake WHERE bake.pie_id = pie.id) AS baked
         FROM pie JOIN pie_version v ON v.pie_id = pie.id AND v.version = pie.version
         ORDER BY pie.id LIMIT ${AT_ONCE} OFFSET ${from}`,
      )) as { id: string; spec: unknown; saved_at: Date; baked: Date | null }[];
      for (const { id, spec, saved_at, baked } of rows) {
        const { name, form, fruits, dish, oven, words } = pieWords(parsed(spec));
        await queries.query(
          `UPDATE pie SET saved_at = ?, last_baked_at = ?, name = ?, form = ?, fruits = ?, dish = ?, oven = ?, words = ?
           WHERE id = ?`,
          [saved_at, baked, name, form, fruits, dish, oven, words, id],
        );
      }
      if (rows.length < AT_ONCE) return;
    }
  }

  private async fillBakes(queries: QueryRunner): Promise<void> {
    const bakes = (await queries.query('SELECT id, spec FROM bake')) as { id: string; spec: unknown }[];
    for (const { id, spec } of bakes) {
      const events = (await queries.query('SELECT id, kind, at, undoes FROM bake_event WHERE bake_id = ?', [
        id,
      ])) as { id: string; kind: 'cut'; at: Date; undoes: string | null }[];
      const finished = isFinished(
        events.map(({ undoes, at, ...event }) => ({
          ...event,
          at: at.toISOString(),
          ...(undoes === null ? {} : { undoes }),
        })),
      );
      const { name, oven } = pieWords(parsed(spec));
      await queries.query('UPDATE bake SET finished = ?, name = ?, oven = ? WHERE id = ?', [
        finished,
        name,
        oven,
        id,
      ]);
    }
  }

  async down(queries: QueryRunner): Promise<void> {
    for (const key of ['saved_at', 'last_baked_at', 'name', 'fruits', 'form', 'oven']) {
      await queries.query(`ALTER TABLE pie DROP KEY pie_by_${key}`);
    }
    await queries.query(`ALTER TABLE pie DROP COLUMN saved_at, DROP COLUMN last_baked_at, DROP COLUMN name, DROP COLUMN form,
      DROP COLUMN fruits, DROP COLUMN dish, DROP COLUMN oven, DROP COLUMN words`);
    await queries.query(
      'ALTER TABLE bake DROP KEY bake_running, DROP COLUMN finished, DROP COLUMN name, DROP COLUMN oven',
    );
  }
}

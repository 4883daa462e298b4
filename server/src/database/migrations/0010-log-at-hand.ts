import { isLogged } from '@mardle/core';
import type { MigrationInterface, QueryRunner } from 'typeorm';

const AT_ONCE = 500;
const SLOT_S = 180;

/**
 * The log finds its bakes by an index: whether one belongs there stands in a column of its own, and what an event takes back is
 * found without looking through all. Readings of any rhythm keep one for each few minutes. Done again from its start after a kill.
 */
export class LogAtHand1764700000000 implements MigrationInterface {
  name = 'LogAtHand1764700000000';

  async up(queries: QueryRunner): Promise<void> {
    // A large kitchen takes its time.
    await queries.query('SET SESSION max_statement_time = 0');
    await queries.query('ALTER TABLE bake_event ADD KEY IF NOT EXISTS event_undoes (undoes)');
    await queries.query(`ALTER TABLE bake
      ADD COLUMN IF NOT EXISTS logged tinyint NOT NULL DEFAULT 0,
      ADD KEY IF NOT EXISTS bake_logged (kitchen_id, logged, created_at)`);
    await this.fillLogged(queries);
    await queries.query(`UPDATE reading JOIN (
      SELECT bake_id, MIN(at) AS at FROM reading
      GROUP BY bake_id, FLOOR(UNIX_TIMESTAMP(at) / ${SLOT_S}) HAVING MAX(stays) = 0
    ) AS first USING (bake_id, at) SET reading.stays = 1`);
  }

  private async fillLogged(queries: QueryRunner): Promise<void> {
    for (let from = 0; ; from += AT_ONCE) {
      const bakes = (await queries.query(
        `SELECT id FROM bake WHERE finished = 1 ORDER BY id LIMIT ${AT_ONCE} OFFSET ${from}`,
      )) as { id: string }[];
      if (bakes.length === 0) return;
      const rows = (await queries.query(
        'SELECT id, bake_id, kind, at, undoes FROM bake_event WHERE bake_id IN (?)',
        [bakes.map(({ id }) => id)],
      )) as { id: string; bake_id: string; kind: 'cut'; at: Date; undoes: string | null }[];
      const logged = bakes.filter(({ id }) =>
        isLogged(
          rows
            .filter((row) => row.bake_id === id)
            .map(({ id: event, kind, at, undoes }) => ({
              id: event,
              kind,
              at: at.toISOString(),
              ...(undoes === null ? {} : { undoes }),
            })),
        ),
      );
      if (logged.length > 0)
        await queries.query('UPDATE bake SET logged = 1 WHERE id IN (?)', [logged.map(({ id }) => id)]);
    }
  }

  async down(queries: QueryRunner): Promise<void> {
    await queries.query('ALTER TABLE bake DROP KEY bake_logged, DROP COLUMN logged');
    await queries.query('ALTER TABLE bake_event DROP KEY event_undoes');
  }
}

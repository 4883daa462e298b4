import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Which readings the simulated probe made up. */
export class SimulatedReadings1764900000000 implements MigrationInterface {
  name = 'SimulatedReadings1764900000000';

  async up(queries: QueryRunner): Promise<void> {
    await queries.query(
      'ALTER TABLE reading ADD COLUMN IF NOT EXISTS simulated boolean NOT NULL DEFAULT false',
    );
  }

  async down(queries: QueryRunner): Promise<void> {
    await queries.query('ALTER TABLE reading DROP COLUMN simulated');
  }
}

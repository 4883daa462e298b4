import { starterSpec } from '@mardle/core';
import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Connection } from 'mysql2/promise';
import { createConnection } from 'mysql2/promise';
import { appIsReady, spawnApp } from '../system/app.js';
import { startDatabase } from '../system/mariadb.js';
import { freePort } from '../system/ports.js';

/** The id of the one kitchen, as the server has it. */
export const KITCHEN = '0a9e6f5e-4d3c-4b2a-9f18-57696b657266';

/** A large kitchen, made by the database itself: through the door it would take minutes. */
async function fill(database: Connection, pies: number, bakes: number): Promise<void> {
  const spec = JSON.stringify(starterSpec);
  await database.query(
    `INSERT INTO pie (id, kitchen_id, version, saved_at, last_baked_at, name, form, fruits, dish, oven, words)
     SELECT CONCAT('00000000-0000-4000-8000-', LPAD(seq, 12, '0')), ?, 1, NOW(3) - INTERVAL seq MINUTE,
       NOW(3) - INTERVAL seq HOUR, CONCAT('Pie ', MD5(seq)), ELT(1 + seq % 3, 'double_crust', 'lattice', 'crisp'),
       ELT(1 + seq % 4, 'Damson', 'Plum', 'Quince, Pear', 'Rhubarb'), '23 cm enamel', 'Corner oven',
       CONCAT('pie ', MD5(seq), ' ', ELT(1 + seq % 4, 'damson', 'plum', 'quince, pear', 'rhubarb'), ' corner oven')
     FROM seq_1_to_${pies}`,
    [KITCHEN],
  );
  await database.query(
    `INSERT INTO pie_version (pie_id, version, saved_at, spec)
     SELECT CONCAT('00000000-0000-4000-8000-', LPAD(seq, 12, '0')), 1, NOW(3), ? FROM seq_1_to_${pies}`,
    [spec],
  );
  await database.query(
    `INSERT INTO bake (id, kitchen_id, pie_id, pie_version, spec, stages, created_at, finished, name, oven)
     SELECT UUID(), ?, CONCAT('00000000-0000-4000-8000-', LPAD(1 + seq % ${pies}, 12, '0')), 1, ?,
       '[{"tempC":210,"timeMin":15},{"tempC":180,"timeMin":30}]', NOW(3) - INTERVAL seq MINUTE, seq > 4, 'Pie', 'Corner oven'
     FROM seq_1_to_${bakes}`,
    [KITCHEN, spec],
  );
  await database.query('ANALYZE TABLE pie, pie_version, bake');
}

export const median = (values: readonly number[]): number =>
  [...values].sort((a, b) => a - b)[values.length >> 1] ?? 0;

interface LargeKitchen {
  /** Where its server answers. */
  readonly url: string;
  /** A way to ask its database by hand. */
  readonly hand: Connection;
}

/** Does something with a server of its own over a kitchen of so many pies and bakes. */
export async function inLargeKitchen<T>(
  pies: number,
  bakes: number,
  act: (kitchen: LargeKitchen) => Promise<T>,
): Promise<T> {
  const folder = await mkdtemp(join(tmpdir(), 'mardle-bench-'));
  const database = await startDatabase(folder);
  const port = await freePort();
  const app = spawnApp(database, port, { MARDLE_LOG: 'error' });
  try {
    if (!(await appIsReady(port, 60_000, app))) throw new Error('the server for the bench did not come up');
    const { user, password, name } = database;
    const login = { host: '127.0.0.1', port: database.port, user, password, database: name };
    const hand = await createConnection(login);
    try {
      await fill(hand, pies, bakes);
      return await act({ url: `http://127.0.0.1:${port}`, hand });
    } finally {
      await hand.end();
    }
  } finally {
    app.kill('SIGTERM');
    await database.stop();
    await rm(folder, { recursive: true, force: true });
  }
}

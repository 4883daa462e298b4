import { starterSpec } from '@mardle/core';
import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Connection } from 'mysql2/promise';
import { createConnection } from 'mysql2/promise';
import { appIsReady, spawnApp } from '../system/app.js';
import { startDatabase } from '../system/mariadb.js';
import { freePort } from '../system/ports.js';
import type { Benchmark } from './measure.js';
import { compare } from './measure.js';

const PIES = 10_000;
const BAKES = 20_000;
const TIMES = 30;
const CLIENTS = 50;
const EACH = 6;
const KITCHEN = '0a9e6f5e-4d3c-4b2a-9f18-57696b657266';

/** A large kitchen, made by the database itself: through the door it would take minutes. */
export async function fill(database: Connection, pies = PIES, bakes = BAKES): Promise<void> {
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

const median = (values: readonly number[]): number =>
  [...values].sort((a, b) => a - b)[values.length >> 1] ?? 0;

async function medianOf(job: () => Promise<unknown>): Promise<number> {
  for (let i = 0; i < 5; i++) await job();
  const taken: number[] = [];
  for (let i = 0; i < TIMES; i++) {
    const begun = performance.now();
    await job();
    taken.push(performance.now() - begun);
  }
  return median(taken);
}

/** What a list asks for, and the same written by hand. */
const lists: readonly (readonly [name: string, path: string, sql: string])[] = [
  ['first page of the pies', '/pies?size=24', `ORDER BY saved_at DESC LIMIT 24`],
  ['page 300 by name', '/pies?size=24&sort=name&page=300', `ORDER BY name LIMIT 24 OFFSET 7176`],
  [
    'pies found by two words',
    '/pies?find=rhubarb%20a1&size=24',
    `AND words LIKE '%rhubarb%' AND words LIKE '%a1%' ORDER BY saved_at DESC LIMIT 24`,
  ],
];

/** Lists of a large kitchen against the same question asked of the database by hand, in the same run. */
export async function listBenchmarks(): Promise<Benchmark[]> {
  const folder = await mkdtemp(join(tmpdir(), 'mardle-bench-'));
  const database = await startDatabase(folder);
  const port = await freePort();
  const app = spawnApp(database, port, { MARDLE_LOG: 'error' });
  try {
    if (!(await appIsReady(port, 60_000, app))) throw new Error('the server for the bench did not come up');
    const { user, password, name } = database;
    const hand = await createConnection({
      host: '127.0.0.1',
      port: database.port,
      user,
      password,
      database: name,
    });
    await fill(hand);
    const get = async (path: string): Promise<void> => {
      const answer = await fetch(`http://127.0.0.1:${port}/api${path}`);
      if (!answer.ok) throw new Error(`${path}: ${answer.status}`);
      await answer.arrayBuffer();
    };
    const where = `SELECT * FROM pie WHERE kitchen_id = '${KITCHEN}' AND deleted_at IS NULL`;
    const results: Benchmark[] = [];
    for (const [what, path, sql] of lists) {
      const by = await medianOf(() => hand.query(`${where} ${sql}`));
      const count = await medianOf(() =>
        hand.query(`${where.replace('*', 'COUNT(*)')} ${sql.replace(/ORDER.*/, '')}`),
      );
      const value = await medianOf(() => get(path));
      results.push(compare(`${what}, of ${PIES}`, value, 'the same two queries by hand', by + count, 6));
    }
    const bakes = await medianOf(() => get('/bakes?size=24'));
    const byHand = await medianOf(() =>
      hand.query(
        `SELECT id, name, oven, created_at FROM bake WHERE kitchen_id = '${KITCHEN}' ORDER BY created_at DESC LIMIT 24`,
      ),
    );
    const counted = await medianOf(() =>
      hand.query(`SELECT COUNT(*) FROM bake WHERE kitchen_id = '${KITCHEN}'`),
    );
    results.push(
      compare(
        `first page of the bakes, of ${BAKES}`,
        bakes,
        'the same two queries by hand',
        byHand + counted,
        6,
      ),
    );
    const one = await medianOf(() => get('/pies?size=24'));
    const all: number[] = [];
    const begun = performance.now();
    await Promise.all(
      Array.from({ length: CLIENTS }, async () => {
        for (let i = 0; i < EACH; i++) {
          const asked = performance.now();
          await get('/pies?size=24');
          all.push(performance.now() - asked);
        }
      }),
    );
    const each = (performance.now() - begun) / all.length;
    results.push(
      compare(`a page to each of ${CLIENTS} clients at once, per answer`, each, 'one client alone', one, 1.5),
    );
    await hand.end();
    return results;
  } finally {
    app.kill('SIGTERM');
    await database.stop();
    await rm(folder, { recursive: true, force: true });
  }
}

import { join } from 'node:path';
import { ownFolder, root, run } from './test/ground.js';

const folder = ownFolder('full');

const BAKES = 20_000;
/** A table with so many rows is not to be looked through for one page of a list. */
const LARGE_ROWS = 5000;
const PATHS = [
  '/log?size=20',
  '/log?page=500&size=20',
  '/log?tasted=no&size=20',
  '/bakes?size=20',
  '/bakes?state=finished&size=6',
  '/bakes/running',
  '/pies?size=20',
  '/pies?sort=baked',
  '/days',
  '/kitchen',
  '/health/ready',
];

interface Answer {
  readonly statuses: readonly number[];
  readonly total: number;
  readonly explained: number;
  readonly wrong: readonly string[];
  readonly undoes: string;
  /** How long a page of the log took, beside one of a kitchen with the bakes of the demo alone. */
  readonly times: number;
}

describe(`a kitchen with ${BAKES} bakes`, () => {
  it('answers every list, by indexes: none looks through a large table for one page', () => {
    const answer = run(
      join(folder(), 'kitchen'),
      `const { createApp } = await import(${JSON.stringify(join(root, 'server/dist/app.js'))});
       const { DataSource } = await import('typeorm');
       const { pino } = await import('pino');
       const { port: _, user, password, name } = database;
       const server = await createApp({ port: 0, webFolder: null, supervisor: null, dataFolder: data, database: { port: database.port, user, password, name } }, pino({ level: 'silent' }));
       await server.listen(0, '127.0.0.1');
       const source = server.get(DataSource);
       const own = await server.getUrl() + '/api';
       const timed = async () => {
         const begun = performance.now();
         for (let i = 0; i < 5; i++) await (await fetch(own + '/log?size=20')).text();
         return performance.now() - begun;
       };
       await timed();
       const small = await timed();
       const [pie] = await source.query('SELECT id, kitchen_id AS kitchen FROM pie LIMIT 1');
       await source.query(\`INSERT INTO bake (id, kitchen_id, pie_id, pie_version, spec, stages, created_at, finished, logged, name, oven)
         SELECT UUID(), ?, ?, 1, v.spec, '[{"tempC":210,"timeMin":15},{"tempC":180,"timeMin":40}]',
           '2020-01-01' + INTERVAL seq HOUR, 1, seq % 50 > 0, CONCAT('Full ', seq), 'Corner oven'
         FROM seq_1_to_${BAKES}, pie_version v WHERE v.pie_id = ? AND v.version = 1\`, [pie.kitchen, pie.id, pie.id]);
       for (const [kind, hours] of [['loaded', 0], ['lowered', 1], ['out', 2], ['cut', 5]])
         await source.query(\`INSERT INTO bake_event (id, bake_id, kind, at, received_at)
           SELECT UUID(), id, ?, created_at + INTERVAL ? HOUR, created_at FROM bake WHERE name LIKE 'Full %'\`, [kind, hours]);
       await source.query('ANALYZE TABLE bake, bake_event, pie, pie_version, tasting, reading, photo');
       let asked = null;
       const logger = source.logger;
       source.logger = new Proxy(logger, { get: (it, key) => key === 'logQuery'
         ? (query, parameters = []) => asked?.push([query, parameters]) : () => undefined });
       const statuses = [];
       const wrong = [];
       let explained = 0;
       for (const path of ${JSON.stringify(PATHS)}) {
         asked = [];
         statuses.push((await fetch(own + path)).status);
         const queries = asked.filter(([query]) => query.startsWith('SELECT'));
         asked = null;
         for (const [query, parameters] of queries) {
           explained++;
           for (const { table, type, rows } of await source.query('EXPLAIN ' + query, parameters))
             if (type === 'ALL' && Number(rows) > ${LARGE_ROWS}) wrong.push(path + ': ' + table + ': ' + query);
         }
       }
       const [{ key: undoes }] = await source.query('EXPLAIN SELECT 1 FROM bake_event WHERE undoes = ?', [randomUUID()]);
       const { total } = await (await fetch(own + '/log?q=Full&size=20')).json();
       await timed();
       const times = (await timed()) / small;
       await server.close();
       console.log(JSON.stringify({ statuses, wrong, explained, undoes, total, times }));`,
    ) as Answer;
    expect(answer.wrong).toEqual([]);
    expect(new Set(answer.statuses)).toEqual(new Set([200]));
    expect(answer.explained).toBeGreaterThan(PATHS.length);
    expect(answer.undoes).toBe('event_undoes');
    expect(answer.total).toBe(BAKES - BAKES / 50);
    // Four hundred and eighty times the bakes; counting them takes some of it.
    expect(answer.times).toBeLessThan(12);
  });
});

describe('data of a newer Mardle', () => {
  it('is not started on, and told so', () => {
    const answer = run(
      join(folder(), 'newer'),
      `const { createConnection } = await import('mysql2/promise');
       const { user, password, name } = database;
       const connection = await createConnection({ host: '127.0.0.1', port: database.port, user, password, database: name });
       await connection.query("INSERT INTO migrations (timestamp, name) VALUES (9999999999999, 'FromTheFuture9999999999999')");
       await connection.end();
       const other = spawnApp(database, await freePort(), { MARDLE_LOG: 'silent' });
       const code = await new Promise((then) => other.once('exit', then));
       console.log(JSON.stringify(code));`,
    );
    expect(answer).toBe(78);
  });
});

import { inLargeKitchen, KITCHEN, median } from './large-kitchen.js';
import type { Benchmark } from './measure.js';
import { compare } from './measure.js';

const PIES = 10_000;
const BAKES = 20_000;
const TIMES = 30;
const CLIENTS = 50;
const EACH = 6;

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
export const listBenchmarks = (): Promise<Benchmark[]> =>
  inLargeKitchen(PIES, BAKES, async ({ url, hand }) => {
    const get = async (path: string): Promise<void> => {
      const answer = await fetch(`${url}/api${path}`);
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
    return results;
  });

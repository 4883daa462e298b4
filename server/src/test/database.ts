import type { Config } from '../config.js';
import { readConfig } from '../config.js';

/** Where this worker's database is: the test run starts one for each and says where; without it these tests cannot run. */
export function testConfig(): Config {
  const given = process.env['MARDLE_TEST_DATABASES'];
  if (!given) throw new Error('no test database: run the tests with npm test');
  const databases = JSON.parse(given) as NodeJS.ProcessEnv[];
  const mine = databases[Number(process.env['JEST_WORKER_ID'] ?? 1) - 1];
  return { ...readConfig({ ...process.env, MARDLE_PORT: '0', ...mine }), webFolder: null, supervisor: null };
}

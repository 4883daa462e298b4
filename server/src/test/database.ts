import type { Config } from '../config.js';
import { readConfig } from '../config.js';

/** The test run starts a database of its own and says where; without it these tests cannot run. */
export function testConfig(): Config {
  if (!process.env['MARDLE_DB_PORT']) throw new Error('no test database: run the tests with npm test');
  return { ...readConfig(process.env), webFolder: null, supervisor: null };
}

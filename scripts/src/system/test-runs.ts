import { cp, mkdir, readFile } from 'node:fs/promises';
import { join } from 'node:path';
import { appIsReady, databaseEnv, spawnApp } from './app.js';
import type { Database } from './mariadb.js';
import { startDatabase } from './mariadb.js';
import { inRoot } from './paths.js';
import { freePort } from './ports.js';
import { run } from './run.js';

/** What came of a run of tests. */
export interface TestCount {
  readonly passed: number;
  readonly failed: number;
  readonly skipped: number;
}

export const bin = (path: string): string => inRoot('node_modules', path);

/** Jest runs so many test files at once. */
const WORKERS = 2;

/** Making a database folder takes seconds: one is made for all tests, and copied. Returns where it is. */
async function prepareDatabase(folder: string): Promise<string> {
  const prepared = join(folder, 'prepared');
  await (await startDatabase(prepared)).stop();
  return join(prepared, 'mariadb');
}

/** A database from the prepared one. */
async function startCopy(prepared: string, folder: string): Promise<Database> {
  await mkdir(folder, { recursive: true });
  await cp(prepared, join(folder, 'mariadb'), { recursive: true });
  return startDatabase(folder);
}

/**
 * Runs Jest, each of its workers with a database of its own.
 * @param folder for the databases and the result, which is jest.json in it
 * @param args further arguments, such as a pattern
 * @param workers test files at once
 */
export async function runJest(
  folder: string,
  args: readonly string[] = [],
  workers = WORKERS,
): Promise<TestCount> {
  const report = join(folder, 'jest.json');
  const databases: Database[] = [];
  let code: number;
  try {
    const prepared = await prepareDatabase(folder);
    for (let i = 0; i < workers; i++) databases.push(await startCopy(prepared, join(folder, `unit-${i}`)));
    const how = ['--json', `--outputFile=${report}`, '--silent', `--maxWorkers=${workers}`];
    code = await run(process.execPath, [bin('jest/bin/jest.js'), ...how, ...args], {
      env: {
        MARDLE_TEST_DATABASES: JSON.stringify(databases.map((one) => databaseEnv(one))),
        MARDLE_TEST_PREPARED: prepared,
      },
    });
  } finally {
    for (const database of databases) await database.stop();
  }
  const { numPassedTests, numFailedTests, numPendingTests, numRuntimeErrorTestSuites } = JSON.parse(
    await readFile(report, 'utf8'),
  ) as Record<string, number>;
  const failed = (numFailedTests ?? 0) + (numRuntimeErrorTestSuites ?? 0);
  return {
    passed: numPassedTests ?? 0,
    failed: code !== 0 ? Math.max(1, failed) : failed,
    skipped: numPendingTests ?? 0,
  };
}

const SERVER_IS_UP_WITHIN_MS = 60_000;
/** Stories run in so many browsers at once. */
const BROWSERS = 2;

interface Kitchen {
  readonly url: string;
  readonly close: () => Promise<void>;
}

/** A server with a database of its own. */
async function openKitchen(folder: string): Promise<Kitchen> {
  const database = await startDatabase(folder);
  const port = await freePort();
  const app = spawnApp(database, port, { MARDLE_LOG: 'error' });
  const close = async (): Promise<void> => {
    app.kill('SIGTERM');
    await database.stop();
  };
  if (await appIsReady(port, SERVER_IS_UP_WITHIN_MS, app)) return { url: `http://127.0.0.1:${port}`, close };
  await close();
  throw new Error('the server for the browser tests did not come up');
}

/**
 * Runs the stories in browsers, each against a server and a database of its own. The server and the interface are built before.
 * @param folder for the databases and the result
 * @param args further arguments, such as a pattern
 */
export async function runBrowserTests(folder: string, args: readonly string[] = []): Promise<TestCount> {
  const kitchens: Kitchen[] = [];
  try {
    for (let i = 0; i < BROWSERS; i++) kitchens.push(await openKitchen(join(folder, `browser-${i}`)));
    const report = join(folder, 'playwright.json');
    const code = await run(process.execPath, [bin('@playwright/test/cli.js'), 'test', ...args], {
      cwd: inRoot('e2e'),
      env: {
        MARDLE_URL: kitchens.map(({ url }) => url).join(','),
        PLAYWRIGHT_JSON_OUTPUT_NAME: report,
      },
    });
    const { stats } = JSON.parse(await readFile(report, 'utf8')) as {
      stats: { expected: number; unexpected: number; flaky: number; skipped: number };
    };
    return {
      passed: stats.expected + stats.flaky,
      failed: code !== 0 ? Math.max(1, stats.unexpected) : stats.unexpected,
      skipped: stats.skipped,
    };
  } finally {
    for (const kitchen of kitchens) await kitchen.close();
  }
}

import { readFile } from 'node:fs/promises';
import { join } from 'node:path';
import { appIsReady, serverEnv, spawnApp } from './app.js';
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

/**
 * Runs Jest with a database for the tests that need one.
 * @param database that is running
 * @param report file for the result
 * @param args further arguments, such as a pattern
 */
export async function runJest(
  database: Database,
  report: string,
  args: readonly string[] = [],
): Promise<TestCount> {
  const code = await run(
    process.execPath,
    [bin('jest/bin/jest.js'), '--json', `--outputFile=${report}`, '--silent', ...args],
    { env: serverEnv(database, 0) },
  );
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

/**
 * Runs the stories in a browser against a server and a database of their own. The server and the interface are built before.
 * @param folder for the database and the result
 * @param args further arguments, such as a pattern
 */
export async function runBrowserTests(folder: string, args: readonly string[] = []): Promise<TestCount> {
  const database = await startDatabase(join(folder, 'browser'));
  const port = await freePort();
  const app = spawnApp(database, port, { MARDLE_LOG: 'error' });
  try {
    if (!(await appIsReady(port, SERVER_IS_UP_WITHIN_MS, app)))
      throw new Error('the server for the browser tests did not come up');
    const report = join(folder, 'playwright.json');
    const code = await run(process.execPath, [bin('@playwright/test/cli.js'), 'test', ...args], {
      cwd: inRoot('e2e'),
      env: {
        MARDLE_URL: `http://127.0.0.1:${port}`,
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
    app.kill('SIGTERM');
    await database.stop();
  }
}

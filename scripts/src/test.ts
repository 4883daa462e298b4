import { mkdtemp, readFile, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { appIsReady, serverEnv, spawnApp } from './system/app.js';
import { buildServer, buildWeb } from './system/build.js';
import type { Database } from './system/mariadb.js';
import { startDatabase } from './system/mariadb.js';
import { needPrograms } from './system/packages.js';
import { inRoot } from './system/paths.js';
import { freePort } from './system/ports.js';
import { run } from './system/run.js';
import { say } from './system/say.js';

/** Everything: lint, format, types, unit and server tests, browser tests; with a database and ports of its own. */

interface Count {
  readonly passed: number;
  readonly failed: number;
  readonly skipped: number;
}

const bin = (path: string): string => inRoot('node_modules', path);

async function step(name: string, args: readonly string[]): Promise<boolean> {
  say(`${name} ...`);
  const ok = (await run(process.execPath, args)) === 0;
  if (!ok) say(`${name}: failed`);
  return ok;
}

async function jest(database: Database, report: string): Promise<Count> {
  say('unit and server tests ...');
  const code = await run(
    process.execPath,
    [bin('jest/bin/jest.js'), '--json', `--outputFile=${report}`, '--silent'],
    {
      env: serverEnv(database, 0),
    },
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

async function browser(folder: string): Promise<Count> {
  say('browser tests ...');
  const database = await startDatabase(join(folder, 'browser'));
  const port = await freePort();
  const app = spawnApp(database, port, { MARDLE_LOG: 'error' });
  try {
    if (!(await appIsReady(port, 60_000, app)))
      throw new Error('the server for the browser tests did not come up');
    const report = join(folder, 'playwright.json');
    const code = await run(process.execPath, [bin('@playwright/test/cli.js'), 'test'], {
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

async function everything(folder: string): Promise<Count> {
  await needPrograms('mariadbd', 'chromium');
  const checks = [
    await step('types', [bin('typescript/bin/tsc'), '-b', 'tsconfig.json']),
    await step('lint', [bin('eslint/bin/eslint.js'), '.']),
    await step('format', [bin('prettier/bin/prettier.cjs'), '--check', '--log-level', 'warn', '.']),
  ];
  const failedChecks = checks.filter((ok) => !ok).length;
  const database = await startDatabase(join(folder, 'unit'));
  const unit = await jest(database, join(folder, 'jest.json')).finally(() => database.stop());
  await buildServer();
  await buildWeb();
  const screens = await browser(folder);
  return {
    passed: checks.length - failedChecks + unit.passed + screens.passed,
    failed: failedChecks + unit.failed + screens.failed,
    skipped: unit.skipped + screens.skipped,
  };
}

const folder = await mkdtemp(join(tmpdir(), 'mardle-test-'));
try {
  const { passed, failed, skipped } = await everything(folder);
  process.stdout.write(`${passed} passed, ${failed} failed, ${skipped} skipped\n`);
  process.exitCode = failed > 0 ? 1 : 0;
} catch (error) {
  say(error instanceof Error ? error.message : String(error));
  process.stdout.write('0 passed, 1 failed\n');
  process.exitCode = 1;
} finally {
  await rm(folder, { recursive: true, force: true });
}

import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { buildServer, buildWeb } from './system/build.js';
import { needPrograms } from './system/packages.js';
import { run } from './system/run.js';
import { say } from './system/say.js';
import type { TestCount } from './system/test-runs.js';
import { bin, runBrowserTests, runJest } from './system/test-runs.js';

/** Everything: lint, format, types, unit and server tests, browser tests; with a database and ports of its own. */

async function step(name: string, args: readonly string[]): Promise<boolean> {
  say(`${name} ...`);
  const ok = (await run(process.execPath, args)) === 0;
  if (!ok) say(`${name}: failed`);
  return ok;
}

/** What the walls hold for. */
const sources = ['core', 'contract', 'server', 'web', 'research', 'scripts'].map(
  (workspace) => `${workspace}/src`,
);

async function everything(folder: string): Promise<TestCount> {
  await needPrograms('mariadbd', 'chromium');
  const checks = await Promise.all([
    step('types and lint', [bin('typescript/bin/tsc'), '-b', 'tsconfig.json']).then(
      async (ok) => (await step('lint', [bin('eslint/bin/eslint.js'), '.'])) && ok,
    ),
    step('format', [bin('prettier/bin/prettier.cjs'), '--check', '--log-level', 'warn', '.']).then(
      async (ok) =>
        (await step('walls', [bin('dependency-cruiser/bin/dependency-cruise.mjs'), ...sources])) && ok,
    ),
  ]);
  const failedChecks = checks.filter((ok) => !ok).length;
  say('unit and server tests ...');
  const unit = await runJest(folder);
  await buildServer();
  await buildWeb();
  say('browser tests ...');
  const screens = await runBrowserTests(folder);
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

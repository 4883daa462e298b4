import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { buildServer, buildWeb } from './system/build.js';
import { needPrograms } from './system/packages.js';
import { say } from './system/say.js';
import type { TestCount } from './system/test-runs.js';
import { runBrowserTests, runJest } from './system/test-runs.js';

/** One part of the tests by itself, with what it needs: `server` has a database, `e2e` a database, a server and a browser; `unit` needs none. */
const [part = '', ...args] = process.argv.slice(2);

async function runPart(folder: string): Promise<TestCount> {
  if (part === 'unit') {
    return runJest(folder, [...args, '--selectProjects', 'core', 'contract', 'web']);
  }
  if (part === 'server') {
    await needPrograms('mariadbd');
    // Patterns first: the option would take them for projects.
    return runJest(folder, [...args, '--selectProjects', 'server']);
  }
  if (part === 'e2e') {
    await needPrograms('mariadbd', 'chromium');
    await buildServer();
    await buildWeb();
    return runBrowserTests(folder, args);
  }
  throw new Error(`there is no part "${part}": it is unit, server or e2e.`);
}

const folder = await mkdtemp(join(tmpdir(), 'mardle-test-'));
try {
  const { passed, failed, skipped } = await runPart(folder);
  process.stdout.write(`${passed} passed, ${failed} failed, ${skipped} skipped\n`);
  process.exitCode = failed > 0 ? 1 : 0;
} catch (error) {
  say(error instanceof Error ? error.message : String(error));
  process.exitCode = 1;
} finally {
  await rm(folder, { recursive: true, force: true });
}

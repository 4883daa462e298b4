import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { appIsReady, spawnApp } from './system/app.js';
import { buildServer, buildWeb } from './system/build.js';
import { startDatabase } from './system/mariadb.js';
import { needPrograms } from './system/packages.js';
import { inRoot } from './system/paths.js';
import { freePort } from './system/ports.js';
import { run } from './system/run.js';

/** Takes the pictures of docs/screenshots afresh from the demo data, with a database of its own. */
const folder = await mkdtemp(join(tmpdir(), 'mardle-shots-'));
await needPrograms('mariadbd', 'chromium');
await buildServer();
await buildWeb();
const database = await startDatabase(folder);
const port = await freePort();
const app = spawnApp(database, port);
try {
  if (!(await appIsReady(port, 60_000, app))) throw new Error('the server did not come up');
  process.exitCode = await run(
    process.execPath,
    [inRoot('node_modules/@playwright/test/cli.js'), 'test', '--config', 'screenshots.config.ts'],
    { cwd: inRoot('e2e'), env: { MARDLE_URL: `http://127.0.0.1:${port}` } },
  );
} finally {
  app.kill('SIGTERM');
  await database.stop();
  await rm(folder, { recursive: true, force: true });
}

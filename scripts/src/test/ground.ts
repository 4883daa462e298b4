import { spawnSync } from 'node:child_process';
import { cpSync, existsSync, mkdirSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';

export const root = join(__dirname, '..', '..', '..');

function isWritableFolder(folder: string): boolean {
  try {
    rmSync(mkdtempSync(join(folder, 'probe-')), { recursive: true });
    return true;
  } catch {
    return false;
  }
}

/** A new data folder gets the database that the run of tests has prepared, and need not make its own. */
function prepare(data: string): void {
  const prepared = process.env['MARDLE_TEST_PREPARED'];
  // Where nothing can be written the start itself has to say so.
  if (!prepared || existsSync(data) || !isWritableFolder(dirname(data))) return;
  mkdirSync(data, { recursive: true });
  cpSync(prepared, join(data, 'mariadb'), { recursive: true });
}

/** Runs lines of a module against the compiled scripts; what it prints last is JSON. */
export function run(data: string, lines: string): unknown {
  prepare(data);
  const script = `
    import { startDatabase } from ${JSON.stringify(join(root, 'scripts/dist/system/mariadb.js'))};
    import { appIsReady, spawnApp } from ${JSON.stringify(join(root, 'scripts/dist/system/app.js'))};
    import { freePort } from ${JSON.stringify(join(root, 'scripts/dist/system/ports.js'))};
    import { starterSpec } from ${JSON.stringify(join(root, 'core/dist/index.js'))};
    import { randomUUID } from 'node:crypto';
    import { closeSync, openSync, rmSync, statfsSync, writeFileSync, writeSync } from 'node:fs';
    const data = ${JSON.stringify(data)};
    const database = await startDatabase(data);
    const port = await freePort();
    const app = spawnApp(database, port, { MARDLE_LOG: 'silent' });
    const api = 'http://127.0.0.1:' + port + '/api';
    const ask = async (path, method = 'GET', body) => {
      const begun = performance.now();
      const answer = await fetch(api + path, { method, body: body && JSON.stringify(body), headers: { 'Content-Type': 'application/json' } });
      return { status: answer.status, ms: performance.now() - begun, body: await answer.json() };
    };
    const make = (name) => ask('/pies', 'POST', { id: randomUUID(), spec: { ...starterSpec, name } });
    try {
      if (!(await appIsReady(port, 60_000, app))) throw new Error('the server did not come up');
      ${lines}
    } finally {
      app.kill('SIGTERM');
      await database.stop();
    }
    process.exit(0);`;
  const done = spawnSync(process.execPath, ['--input-type=module', '-e', script], {
    cwd: root,
    encoding: 'utf8',
  });
  const last = done.stdout.trim().split('\n').at(-1) ?? '';
  if (done.status !== 0) throw new Error(done.stderr);
  return JSON.parse(last);
}

/** A folder for the tests of a file, gone when they are. */
export function ownFolder(name: string): () => string {
  let folder = '';
  beforeAll(() => {
    folder = mkdtempSync(join(tmpdir(), `mardle-${name}-`));
  });
  afterAll(() => rmSync(folder, { recursive: true, force: true }));
  return () => folder;
}

import { createHash } from 'node:crypto';
import { existsSync } from 'node:fs';
import { readdir, readFile, stat, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import { inRoot } from './paths.js';
import { run } from './run.js';
import { say } from './say.js';

/** Size and time of every file under some folders, as one short text: changes when any of them does. */
async function fingerprint(folders: readonly string[]): Promise<string> {
  const hash = createHash('sha256');
  const visit = async (path: string): Promise<void> => {
    const entries = await readdir(path, { withFileTypes: true }).catch(() => []);
    for (const entry of entries.sort((a, b) => a.name.localeCompare(b.name))) {
      const full = join(path, entry.name);
      if (entry.isDirectory()) await visit(full);
      else {
        const { size, mtimeMs } = await stat(full);
        hash.update(`${full} ${size} ${mtimeMs}\n`);
      }
    }
  };
  for (const folder of folders) await visit(folder);
  return hash.digest('hex');
}

/** Compiles core, contract and server; what has not changed is skipped. */
export async function buildServer(): Promise<void> {
  const code = await run(process.execPath, [inRoot('node_modules/typescript/bin/tsc'), '-b', 'server']);
  if (code !== 0) throw new Error('the server does not compile; the lines above say where');
}

/** Builds the interface when its sources changed since the last time. */
export async function buildWeb(): Promise<void> {
  const stamp = inRoot('web/dist/.stamp');
  const now = await fingerprint([
    inRoot('web/src'),
    inRoot('web/public'),
    inRoot('core/src'),
    inRoot('contract/src'),
  ]);
  if (existsSync(stamp) && (await readFile(stamp, 'utf8')) === now) return;
  say('building the interface ...');
  const code = await run(
    process.execPath,
    [inRoot('node_modules/vite/bin/vite.js'), 'build', '--logLevel', 'warn'],
    {
      cwd: inRoot('web'),
    },
  );
  if (code !== 0) throw new Error('the interface does not build; the lines above say where');
  await writeFile(stamp, now);
}

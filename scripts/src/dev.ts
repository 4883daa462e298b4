import type { ChildProcess } from 'node:child_process';
import { spawn } from 'node:child_process';
import { serverEnv } from './system/app.js';
import { startDatabase } from './system/mariadb.js';
import { needPrograms } from './system/packages.js';
import { dataFolder, inRoot } from './system/paths.js';
import { say } from './system/say.js';
import { bin } from './system/test-runs.js';

/**
 * For those who write Mardle: the compiler and the server watch the sources, the interface is served with its modules replaced
 * while it runs. The kitchen is that of the data folder; an empty one gets the demo.
 */
const port = Number(process.env['MARDLE_PORT'] ?? 4870);
const webPort = Number(process.env['MARDLE_WEB_PORT'] ?? 5173);

await needPrograms('mariadbd');
const database = await startDatabase(dataFolder);
const env = { ...serverEnv(database, port), MARDLE_PORT: String(port) };
const watch = (args: readonly string[], cwd = inRoot()): ChildProcess =>
  spawn(process.execPath, [...args], { cwd, env, stdio: ['ignore', 2, 2] });

const children = [
  watch([bin('typescript/bin/tsc'), '-b', 'server', '--watch', '--preserveWatchOutput']),
  watch(['--watch', '--enable-source-maps', inRoot('server/dist/main.js')]),
  watch([bin('vite/bin/vite.js'), '--port', String(webPort), '--strictPort'], inRoot('web')),
];

let stopping = false;
async function stop(code: number): Promise<void> {
  if (stopping) return;
  stopping = true;
  for (const child of children) child.kill('SIGTERM');
  await database.stop();
  process.exit(code);
}
for (const signal of ['SIGINT', 'SIGTERM'] as const) process.on(signal, () => void stop(0));
for (const child of children) child.once('exit', (code) => void stop(code ?? 1));
say(
  `the interface is at http://127.0.0.1:${webPort}, the server at http://127.0.0.1:${port}. Stop both with Ctrl-C.`,
);

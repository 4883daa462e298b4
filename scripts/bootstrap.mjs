// The first file of every command. It may use nothing but Node, since nothing else is installed yet:
// it brings in the npm packages when the lock file changed, compiles the scripts, and hands over.
import { spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, readdirSync, readFileSync, statSync, utimesSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath, pathToFileURL } from 'node:url';

const root = dirname(dirname(fileURLToPath(import.meta.url)));
const [command = 'start', ...rest] = process.argv.slice(2);

const say = (line) => process.stderr.write(`mardle: ${line}\n`);

function fail(message) {
  say(message);
  process.exit(1);
}

/** Runs a program with its output on stderr, so that stdout stays free for figures. */
function run(program, args) {
  const done = spawnSync(program, args, { cwd: root, stdio: ['ignore', 2, 2] });
  if (done.error) fail(`cannot run ${program}: ${done.error.message}`);
  return done.status ?? 1;
}

if (Number(process.versions.node.split('.')[0]) < 20) {
  fail(`Node 20 or newer is needed, this is ${process.versions.node}. Install Node 20 and try again.`);
}

const lock = createHash('sha256')
  .update(readFileSync(join(root, 'package-lock.json')))
  .digest('hex');
const stamp = join(root, 'node_modules', '.mardle-lock');
if (!existsSync(stamp) || readFileSync(stamp, 'utf8') !== lock) {
  say('installing npm packages (a minute or two the first time) ...');
  if (run('npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error']) !== 0) {
    fail('npm ci failed. Is the npm registry reachable? The lines above say what went wrong.');
  }
  writeFileSync(stamp, lock);
}

/** When the newest of the sources was written, ms. */
function newestMs(folder) {
  return readdirSync(folder, { withFileTypes: true }).reduce((newest, entry) => {
    const path = join(folder, entry.name);
    return Math.max(newest, entry.isDirectory() ? newestMs(path) : statSync(path).mtimeMs);
  }, 0);
}

// Compiling is a second even when nothing changed: it is left out when nothing was written since.
const compiled = join(root, 'scripts', 'dist', '.compiled');
const sources = ['core', 'contract', 'server', 'research', 'scripts'].map((workspace) =>
  join(root, workspace, 'src'),
);
const core = join(root, 'core', 'dist', 'index.js');
/** All of core in one file: reading it is a fifth of reading two hundred. */
const whole = join(root, 'core', 'dist', 'whole.js');
const made = [compiled, core, whole, join(root, 'contract', 'dist', 'index.js')];
const upToDate = made.every(existsSync) && Math.max(...sources.map(newestMs)) < statSync(compiled).mtimeMs;
if (!upToDate) {
  const begun = new Date();
  if (run(process.execPath, [join(root, 'node_modules/typescript/bin/tsc'), '-b', 'scripts']) !== 0) {
    fail('the sources do not compile; the lines above say where.');
  }
  const { build } = await import('rolldown');
  await build({ input: core, output: { file: whole, format: 'esm' }, logLevel: 'warn' });
  writeFileSync(compiled, '');
  utimesSync(compiled, begun, begun);
}
process.argv = [process.argv[0], command, ...rest];
const entry = join(root, 'scripts', 'dist', `${command}.js`);
if (!existsSync(entry)) fail(`there is no command "${command}".`);
await import(pathToFileURL(entry).href);

import type { ChildProcess } from 'node:child_process';
import { setTimeout as sleep } from 'node:timers/promises';
import { appIsReady, healthOn, spawnApp } from './system/app.js';
import { buildServer, buildWeb } from './system/build.js';
import type { Database } from './system/mariadb.js';
import { startDatabase } from './system/mariadb.js';
import { needPrograms } from './system/packages.js';
import { dataFolder, logFolder } from './system/paths.js';
import { portIsFree } from './system/ports.js';
import { endProcess, greets, isAlive, SAID_EVERY_MS } from './system/running-database.js';
import { say, stop } from './system/say.js';

const port = Number(process.env['MARDLE_PORT'] ?? 4870);
if (!Number.isInteger(port) || port < 1 || port > 65535)
  stop(`MARDLE_PORT is not a port: ${process.env['MARDLE_PORT']}`, 1);

/** A Mardle left over from a killed start is ended; anything else on the port is left alone. */
async function freeThePort(): Promise<void> {
  if (await portIsFree(port)) return;
  const left = await healthOn(port);
  if (!left) {
    throw stop(
      `port ${port} is in use by another program. Stop it, or choose another: MARDLE_PORT=4871 npm start`,
      1,
    );
  }
  if (left.supervisor !== null && isAlive(left.supervisor)) {
    process.stdout.write(`\nMardle already runs at http://127.0.0.1:${port}\n`);
    process.exit(0);
  }
  say(`a Mardle from an earlier start still answers on port ${port}; taking its place.`);
  try {
    process.kill(left.pid, 'SIGTERM');
  } catch {
    stop(
      `port ${port} is held by a Mardle of another user. Choose another port: MARDLE_PORT=4871 npm start`,
      1,
    );
  }
  for (let i = 0; i < 50 && !(await portIsFree(port)); i++) await sleep(100);
  if (!(await portIsFree(port)))
    stop(`port ${port} did not come free. Choose another: MARDLE_PORT=4871 npm start`, 1);
}

let stopping = false;
let app: ChildProcess | null = null;
let database: Database | null = null;

async function shutDown(code: number): Promise<void> {
  // A second Ctrl-C changes nothing: the first is already at it.
  if (stopping) return;
  stopping = true;
  if (app && app.exitCode === null) {
    const ended = new Promise((resolve) => app?.once('exit', resolve));
    app.kill('SIGTERM');
    await Promise.race([ended, sleep(8000)]);
  }
  await database?.stop();
  process.exit(code);
}

const LOOK_EVERY_MS = 1000;
/** A database that does not greet so many times in a row, two seconds each, hangs. */
const HUNG_AFTER = 3;

/**
 * Keeps the database up: a killed one comes back on the same port, and the server finds it again. It is watched by its
 * number, since one left over from an earlier start is not a child of this one.
 */
async function keepDatabase(): Promise<void> {
  let silent = 0;
  while (!stopping) {
    await sleep(LOOK_EVERY_MS);
    if (stopping || !database) continue;
    const { pid, port: databasePort } = database;
    const alive = isAlive(pid);
    silent = alive && !(await greets(databasePort)) ? silent + 1 : 0;
    if (stopping || (alive && silent < HUNG_AFTER)) continue;
    say(alive ? 'the database hangs; starting it again ...' : 'the database ended; starting it again ...');
    if (alive) await endProcess(pid);
    silent = 0;
    database = await startedAgain(databasePort);
  }
}

/** A disk that is full has room again one day: it is tried until it goes. */
const TRY_AGAIN_MS = 10_000;

async function startedAgain(databasePort: number): Promise<Database | null> {
  while (!stopping) {
    try {
      return await startDatabase(dataFolder, databasePort);
    } catch (error) {
      say(`${error instanceof Error ? error.message : String(error)}\ntrying again ...`);
      await sleep(TRY_AGAIN_MS);
    }
  }
  return database;
}

/** What the server ends with when trying again will not help: its words say why. */
const NOT_WITH_THIS_DATA = 78;
const LONGEST_PAUSE_MS = 30_000;
let failures = 0;

function keepApp(): void {
  if (!database || stopping) return;
  const child = spawnApp(database, port, { MARDLE_SUPERVISOR: String(process.pid), MARDLE_LOGS: logFolder });
  app = child;
  const since = Date.now();
  child.once('exit', (code) => {
    if (stopping) return;
    if (code === NOT_WITH_THIS_DATA) {
      void shutDown(1);
      return;
    }
    failures = Date.now() - since > 30_000 ? 0 : failures + 1;
    say(`the server ended (${code ?? 'by a signal'}), ${failures} times in a row; starting it again ...`);
    setTimeout(keepApp, Math.min(LONGEST_PAUSE_MS, 500 * failures ** 2));
  });
}

for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP'] as const) process.on(signal, () => void shutDown(0));

try {
  await freeThePort();
  await needPrograms('mariadbd');
  await buildServer();
  await buildWeb();
  database = await startDatabase(dataFolder);
  if (stopping) await database.stop();
  keepDatabase().catch(async (error: unknown) => {
    say(error instanceof Error ? error.message : String(error));
    await shutDown(1);
  });
  keepApp();
  // Large kitchens take a while after an update: it is waited for, and said.
  while (!stopping && !(await appIsReady(port, SAID_EVERY_MS))) say('waiting for the server to come up ...');
  process.stdout.write(`\nMardle is at http://127.0.0.1:${port}\nStop it with Ctrl-C.\n`);
} catch (error) {
  say(error instanceof Error ? error.message : String(error));
  await shutDown(1);
}

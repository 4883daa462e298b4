import type { ChildProcess } from 'node:child_process';
import { spawn } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync } from 'node:fs';
import { readFile, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { setTimeout as sleep } from 'node:timers/promises';
import { databaseUser, ownFolder } from './data-folder.js';
import { freePort } from './ports.js';
import { run } from './run.js';
import { endProcess, greets, SAID_EVERY_MS, takeRunning } from './running-database.js';
import { say } from './say.js';

export interface Database {
  readonly port: number;
  readonly user: string;
  readonly password: string;
  readonly name: string;
  readonly pid: number;
  /** Its files, and its password. */
  readonly folder: string;
  stop(): Promise<void>;
}

const DATABASE = 'mardle';
/** Where a backup is read into, by whom, and where what it takes the place of lies until it is thrown away. */
export const READ_IN = 'mardle_in';
export const READ_OUT = 'mardle_out';
export const READER = 'mardle_in';
/** An underscore stands for any sign in a grant. */
const inGrant = (name: string): string => name.replaceAll('_', '\\_');
const LONGEST_STATEMENT_S = 10;

/** A socket's path may hold only 107 bytes. */
const LONGEST_SOCKET = 100;

/** The socket lies beside the data, or, where that lies too deep, under a name of its own in the system's folder. */
function socketPath(folder: string): string {
  const own = join(folder, 'run', 'mardle.sock');
  const short = `mardle-${createHash('sha256').update(folder).digest('hex').slice(0, 12)}.sock`;
  return Buffer.byteLength(own) <= LONGEST_SOCKET ? own : join(tmpdir(), short);
}

/** Statements the database runs at each start: they make what is missing and touch nothing else. */
async function writeInitFile(folder: string, password: string): Promise<string> {
  const file = join(folder, 'init.sql');
  const who = `'${DATABASE}'@'127.0.0.1'`;
  const reader = `'${READER}'@'127.0.0.1'`;
  const lines = [
    `CREATE DATABASE IF NOT EXISTS ${DATABASE} CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;`,
    `CREATE USER IF NOT EXISTS ${who} IDENTIFIED BY '${password}';`,
    `ALTER USER ${who} IDENTIFIED BY '${password}';`,
    `GRANT ALL ON ${DATABASE}.* TO ${who};`,
    // A backup is read into a database of its own, by a user who can touch nothing else.
    `CREATE USER IF NOT EXISTS ${reader} IDENTIFIED BY '${password}';`,
    `ALTER USER ${reader} IDENTIFIED BY '${password}';`,
    ...[READ_IN, READ_OUT].map((name) => `GRANT ALL ON \`${inGrant(name)}\`.* TO ${who};`),
    `GRANT ALL ON \`${inGrant(READ_IN)}\`.* TO ${reader};`,
  ];
  await writeFile(file, `${lines.join('\n')}\n`, { mode: 0o600 });
  return file;
}

async function install(folder: string, user: string): Promise<void> {
  const files = join(folder, 'mariadb');
  if (existsSync(join(files, 'mysql'))) return;
  say('making the database folder ...');
  await rm(files, { recursive: true, force: true });
  const args = [
    '--no-defaults',
    `--user=${user}`,
    // Told from inside the folder: the program's own script breaks on a path with a space in it.
    '--datadir=./mariadb',
    '--auth-root-authentication-method=socket',
    '--skip-test-db',
    '--skip-name-resolve',
  ];
  const code = await run('mariadb-install-db', args, { cwd: folder, quiet: true });
  if (code !== 0)
    throw new Error(`mariadb-install-db failed in ${files}; is the folder writable and the disk not full?`);
}

/** What `flock` ends with where another has the lock. */
const LOCKED = 99;

async function spawnServer(
  folder: string,
  port: number,
  user: string,
  initFile: string,
): Promise<ChildProcess> {
  const socket = socketPath(folder);
  await rm(socket, { force: true });
  // The lock is the database's for as long as it runs: of two starts at once one waits for the other's.
  return spawn(
    'flock',
    [
      '--no-fork',
      '--nonblock',
      `--conflict-exit-code=${LOCKED}`,
      join(folder, 'run', 'lock'),
      'mariadbd',
      '--no-defaults',
      `--user=${user}`,
      `--datadir=${join(folder, 'mariadb')}`,
      `--socket=${socket}`,
      `--tmpdir=${join(folder, 'tmp')}`,
      `--pid-file=${join(folder, 'run', 'mariadb.pid')}`,
      `--log-error=${join(folder, 'mariadb.log')}`,
      `--init-file=${initFile}`,
      '--bind-address=127.0.0.1',
      `--port=${port}`,
      '--skip-name-resolve',
      '--character-set-server=utf8mb4',
      '--collation-server=utf8mb4_unicode_ci',
      '--default-time-zone=+00:00',
      // A committed write survives kill -9 and a power cut.
      '--innodb-flush-log-at-trx-commit=1',
      '--innodb-doublewrite=1',
      '--sync-binlog=1',
      // No question of ours takes longer; one that does is ended, not waited for.
      `--max-statement-time=${LONGEST_STATEMENT_S}`,
      // Whoever only asks whether it is up is no line in its log.
      '--log-warnings=1',
    ],
    { stdio: 'ignore', detached: true },
  );
}

const lastWords = async (folder: string): Promise<string> => {
  const log = await readFile(join(folder, 'mariadb.log'), 'utf8').catch(() => '');
  return log.split('\n').slice(-12).join('\n');
};

/** Waits for as long as a database takes that starts, and says so; false when another start has the folder. */
async function isUp(child: ChildProcess, folder: string, port: number): Promise<boolean> {
  let saidAt = Date.now();
  while (!(await greets(port))) {
    if (child.exitCode === LOCKED) return false;
    if (child.exitCode !== null || child.signalCode !== null) {
      throw new Error(
        `the database did not start. Its last words, from ${join(folder, 'mariadb.log')}:\n${await lastWords(folder)}`,
      );
    }
    if (Date.now() - saidAt > SAID_EVERY_MS) {
      saidAt = Date.now();
      say('the database still starts; after a kill it repairs its files first ...');
    }
    await sleep(100);
  }
  return true;
}

/**
 * Starts MariaDB over a data folder, or takes the one that already runs there (left over from a killed start), as long as that
 * takes. A stale socket or pid file is no hindrance; InnoDB repairs itself after a kill.
 */
export async function startDatabase(folder: string, wantedPort?: number): Promise<Database> {
  const password = await ownFolder(folder);
  const login = { user: DATABASE, password, name: DATABASE, folder };
  const running = await takeRunning(folder);
  if (running) {
    say(`the database already runs on port ${running.port}.`);
    return { ...login, port: running.port, pid: running.pid, stop: () => endProcess(running.pid) };
  }
  const initFile = await writeInitFile(folder, password);
  const user = await databaseUser(folder);
  await install(folder, user);
  const port = wantedPort ?? (await freePort());
  const child = await spawnServer(folder, port, user, initFile);
  const { pid } = child;
  if (pid === undefined) throw new Error('mariadbd could not be started');
  say('starting the database ...');
  if (!(await isUp(child, folder, port))) {
    await sleep(500);
    return startDatabase(folder, wantedPort);
  }
  await writeFile(join(folder, 'mariadb.json'), JSON.stringify({ pid, port }));
  return { ...login, port, pid, stop: () => endProcess(pid) };
}

import type { ChildProcess } from 'node:child_process';
import { spawn } from 'node:child_process';
import { createHash, randomBytes } from 'node:crypto';
import { existsSync } from 'node:fs';
import { chmod, mkdir, readFile, rename, rm, writeFile } from 'node:fs/promises';
import { createConnection } from 'node:net';
import { tmpdir, userInfo } from 'node:os';
import { join } from 'node:path';
import { setTimeout as sleep } from 'node:timers/promises';
import { freePort } from './ports.js';
import { run } from './run.js';
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

interface Running {
  readonly pid: number;
  readonly port: number;
}

const DATABASE = 'mardle';
const READY_WITHIN_MS = 60_000;
const LONGEST_STATEMENT_S = 10;

/** A socket's path may hold only 107 bytes. */
const LONGEST_SOCKET = 100;

/** The socket lies beside the data, or, where that lies too deep, under a name of its own in the system's folder. */
function socketPath(folder: string): string {
  const own = join(folder, 'run', 'mardle.sock');
  const short = `mardle-${createHash('sha256').update(folder).digest('hex').slice(0, 12)}.sock`;
  return Buffer.byteLength(own) <= LONGEST_SOCKET ? own : join(tmpdir(), short);
}

const PASSWORD = /^[0-9a-f]{48}$/;

/** The password of the data folder; one that was half written when a start was killed is made anew, each start sets it. */
async function passwordIn(folder: string): Promise<string> {
  const file = join(folder, 'password');
  const known = (await readFile(file, 'utf8').catch(() => '')).trim();
  if (PASSWORD.test(known)) return known;
  const made = randomBytes(24).toString('hex');
  await writeFile(`${file}.new`, made, { mode: 0o600 });
  await rename(`${file}.new`, file);
  return made;
}

/** The user that Debian's package makes for the database. */
const DATABASE_USER = 'mysql';

/**
 * Who the database runs as: its own user where this one is root and that one can get to the folder, else this one. The
 * folder then belongs to it; root reads it anyhow.
 */
async function databaseUser(folder: string): Promise<string> {
  const me = userInfo();
  if (me.uid !== 0 || (await run('id', [DATABASE_USER], { quiet: 'always' })) !== 0) return me.username;
  if ((await run('chown', ['-R', `${DATABASE_USER}:`, folder], { quiet: 'always' })) !== 0)
    return me.username;
  const test = ['-u', DATABASE_USER, '--', 'test', '-w', join(folder, 'run')];
  if ((await run('runuser', test, { quiet: 'always' })) === 0) return DATABASE_USER;
  await run('chown', ['-R', `${me.username}:`, folder], { quiet: 'always' });
  return me.username;
}

/** Statements the database runs at each start: they make what is missing and touch nothing else. */
async function writeInitFile(folder: string, password: string): Promise<string> {
  const file = join(folder, 'init.sql');
  const who = `'${DATABASE}'@'127.0.0.1'`;
  const lines = [
    `CREATE DATABASE IF NOT EXISTS ${DATABASE} CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;`,
    `CREATE USER IF NOT EXISTS ${who} IDENTIFIED BY '${password}';`,
    `ALTER USER ${who} IDENTIFIED BY '${password}';`,
    `GRANT ALL ON ${DATABASE}.* TO ${who};`,
  ];
  await writeFile(file, `${lines.join('\n')}\n`, { mode: 0o600 });
  return file;
}

/** Whether a process of this number runs. */
export const isAlive = (pid: number): boolean => {
  try {
    process.kill(pid, 0);
    return true;
  } catch {
    return false;
  }
};

/** A MariaDB greets whoever connects; anything else on the port does not. */
export const greets = (port: number): Promise<boolean> =>
  new Promise((resolve) => {
    const socket = createConnection({ port, host: '127.0.0.1' });
    const done = (answer: boolean): void => {
      socket.destroy();
      resolve(answer);
    };
    socket.setTimeout(2000, () => done(false));
    socket.once('error', () => done(false));
    socket.once('data', (bytes) => done(bytes.includes('MariaDB') || bytes.includes('mysql')));
  });

async function alreadyRunning(folder: string): Promise<Running | null> {
  try {
    const running = JSON.parse(await readFile(join(folder, 'mariadb.json'), 'utf8')) as Running;
    return isAlive(running.pid) && (await greets(running.port)) ? running : null;
  } catch {
    return null;
  }
}

/** Whether a database runs over a data folder. */
export const databaseRuns = async (folder: string): Promise<boolean> =>
  (await alreadyRunning(folder)) !== null;

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

/** Ends a process, by force when it does not end by itself: one that hangs never would. */
export async function endProcess(pid: number): Promise<void> {
  if (!isAlive(pid)) return;
  process.kill(pid, 'SIGTERM');
  for (let i = 0; i < 150 && isAlive(pid); i++) await sleep(100);
  if (isAlive(pid)) process.kill(pid, 'SIGKILL');
}

async function spawnServer(
  folder: string,
  port: number,
  user: string,
  initFile: string,
): Promise<ChildProcess> {
  const socket = socketPath(folder);
  await rm(socket, { force: true });
  return spawn(
    'mariadbd',
    [
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
    ],
    { stdio: 'ignore', detached: true },
  );
}

/** Makes the data folder what the database needs, and gives the password in it; says plainly when it may not. */
async function ownFolder(folder: string): Promise<string> {
  try {
    await mkdir(folder, { recursive: true });
    await chmod(folder, 0o700);
    for (const part of ['run', 'tmp']) await mkdir(join(folder, part), { recursive: true, mode: 0o700 });
    return await passwordIn(folder);
  } catch (error) {
    const why = error instanceof Error ? error.message : String(error);
    throw new Error(
      `the data folder ${folder} cannot be written (${why}). Give it back its rights, or room on its disk, or name another folder by MARDLE_DATA.`,
      { cause: error },
    );
  }
}

/**
 * Starts MariaDB over a data folder, or takes the one that already runs there (left over from a killed start).
 * A stale socket or pid file is no hindrance; InnoDB repairs itself after a kill.
 */
export async function startDatabase(folder: string, wantedPort?: number): Promise<Database> {
  const password = await ownFolder(folder);
  const login = { user: DATABASE, password, name: DATABASE, folder };
  const running = await alreadyRunning(folder);
  if (running) {
    say(`the database already runs on port ${running.port}.`);
    return { ...login, port: running.port, pid: running.pid, stop: () => endProcess(running.pid) };
  }
  const initFile = await writeInitFile(folder, password);
  const user = await databaseUser(folder);
  await install(folder, user);
  const port = wantedPort ?? (await freePort());
  const child = await spawnServer(folder, port, user, initFile);
  const pid = child.pid;
  if (pid === undefined) throw new Error('mariadbd could not be started');
  await writeFile(join(folder, 'mariadb.json'), JSON.stringify({ pid, port }));
  say('starting the database ...');
  const until = Date.now() + READY_WITHIN_MS;
  while (!(await greets(port))) {
    if (child.exitCode !== null || Date.now() > until) {
      const log = await readFile(join(folder, 'mariadb.log'), 'utf8').catch(() => '');
      throw new Error(
        `the database did not start. Its last words, from ${join(folder, 'mariadb.log')}:\n${log.split('\n').slice(-12).join('\n')}`,
      );
    }
    await sleep(100);
  }
  return { ...login, port, pid, stop: () => endProcess(pid) };
}

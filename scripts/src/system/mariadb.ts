import type { ChildProcess } from 'node:child_process';
import { spawn } from 'node:child_process';
import { createHash, randomBytes } from 'node:crypto';
import { existsSync } from 'node:fs';
import { chmod, mkdir, readdir, readFile, rename, rm, writeFile } from 'node:fs/promises';
import { createConnection } from 'node:net';
import { tmpdir, userInfo } from 'node:os';
import { basename, join } from 'node:path';
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
/** Where a backup is read into, by whom, and where what it takes the place of lies until it is thrown away. */
export const READ_IN = 'mardle_in';
export const READ_OUT = 'mardle_out';
export const READER = 'mardle_in';
/** An underscore stands for any sign in a grant. */
const inGrant = (name: string): string => name.replaceAll('_', '\\_');
/** So often it is said what is waited for. */
const SAID_EVERY_MS = 10_000;
/** A database that runs already and is silent for so long hangs. */
const HANGS_AFTER_MS = 45_000;
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

/** What Mardle makes in its folder. Nothing else there is its own: its owner and rights stay as they are. */
const OWN_PARTS = ['mariadb', 'run', 'tmp', 'init.sql', 'mariadb.log'] as const;

/** Gives the folder itself and what Mardle made in it to a user; false when that may not be. */
async function ownedBy(folder: string, user: string): Promise<boolean> {
  const parts = OWN_PARTS.map((part) => join(folder, part)).filter(existsSync);
  return (
    (await run('chown', [`${user}:`, folder], { quiet: 'always' })) === 0 &&
    (await run('chown', ['-R', `${user}:`, ...parts], { quiet: 'always' })) === 0
  );
}

/**
 * Who the database runs as: its own user where this one is root and that one can get to the folder, else this one. What Mardle
 * made in the folder then belongs to it; root reads it anyhow.
 */
async function databaseUser(folder: string): Promise<string> {
  const me = userInfo();
  if (me.uid !== 0 || (await run('id', [DATABASE_USER], { quiet: 'always' })) !== 0) return me.username;
  if (!(await ownedBy(folder, DATABASE_USER))) return me.username;
  const test = ['-u', DATABASE_USER, '--', 'test', '-w', join(folder, 'run')];
  if ((await run('runuser', test, { quiet: 'always' })) === 0) return DATABASE_USER;
  await ownedBy(folder, me.username);
  return me.username;
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

/** The argument of a program's command line that begins so; null when there is none. */
const argumentOf = (words: readonly string[], name: string): string | null =>
  words.find((word) => word.startsWith(`${name}=`))?.slice(name.length + 1) ?? null;

/** The database that runs over a data folder, by what runs on this machine: what files say of it may be stale. */
async function databaseOver(folder: string): Promise<Running | null> {
  const data = join(folder, 'mariadb');
  for (const name of await readdir('/proc').catch(() => [] as string[])) {
    if (!/^\d+$/.test(name)) continue;
    const words = (await readFile(`/proc/${name}/cmdline`, 'utf8').catch(() => '')).split('\0');
    if (basename(words[0] ?? '') !== 'mariadbd' || argumentOf(words, '--datadir') !== data) continue;
    return { pid: Number(name), port: Number(argumentOf(words, '--port')) };
  }
  return null;
}

/**
 * The database that runs over a folder already, left over from a killed start: waited for while it comes to itself, ended when
 * it hangs. Null when none runs then.
 */
async function takeRunning(folder: string): Promise<Running | null> {
  let saidAt = 0;
  const begun = Date.now();
  for (let found = await databaseOver(folder); found; found = await databaseOver(folder)) {
    if (await greets(found.port)) return found;
    if (Date.now() - begun > HANGS_AFTER_MS) {
      say('the database that runs over this folder hangs; ending it ...');
      await endProcess(found.pid);
    } else if (Date.now() - saidAt > SAID_EVERY_MS) {
      saidAt = Date.now();
      say(`a database runs over ${folder} already and does not answer yet; waiting for it ...`);
    }
    await sleep(200);
  }
  return null;
}

/** Whether a database runs over a data folder. */
export const databaseRuns = async (folder: string): Promise<boolean> => (await databaseOver(folder)) !== null;

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

/** By any of these a folder is Mardle's. */
const MARKS = ['password', 'mariadb', 'mariadb.json', 'logs', 'run'];

/** A folder with other things in it is not taken: its rights would change under whoever owns them. */
async function refuseForeign(folder: string): Promise<void> {
  const names = await readdir(folder).catch(() => [] as string[]);
  if (names.length === 0 || names.some((name) => MARKS.includes(name) || name === 'lost+found')) return;
  throw new Error(
    `the folder ${folder} holds other things than Mardle's data (${names.slice(0, 3).join(', ')} ...). Name an empty folder by MARDLE_DATA.`,
  );
}

/** Makes the data folder what the database needs, and gives the password in it; says plainly when it may not. */
async function ownFolder(folder: string): Promise<string> {
  await refuseForeign(folder);
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

import { spawn } from 'node:child_process';
import { createReadStream, createWriteStream, readdirSync } from 'node:fs';
import { open, rename, rm } from 'node:fs/promises';
import { join } from 'node:path';
import { pipeline } from 'node:stream/promises';
import { inRoot } from './paths.js';
import type { Database } from './mariadb.js';
import { READ_IN, READ_OUT, READER } from './mariadb.js';

/** The first line of a backup; the last one is the dump's own and shows that it is whole. */
const HEAD = '-- mardle-backup 1';
const TAIL = '-- Dump completed';
const READ_TAIL = 4096;

const login = ({ port, user }: Pick<Database, 'port' | 'user'>): string[] => [
  '--host=127.0.0.1',
  `--port=${port}`,
  `--user=${user}`,
];
/** The password goes by the environment: other users read command lines. */
const env = ({ password }: Database): NodeJS.ProcessEnv => ({ ...process.env, MYSQL_PWD: password });

interface Ended {
  readonly code: number;
  readonly words: string;
}

function ended(child: ReturnType<typeof spawn>): Promise<Ended> {
  let words = '';
  child.stderr?.on('data', (part: Buffer) => (words += part.toString()));
  return new Promise((resolve) => {
    child.once('error', (error) => resolve({ code: 127, words: error.message }));
    child.once('close', (code) => resolve({ code: code ?? 1, words }));
  });
}

/** Writes a consistent dump of the whole database, while others go on; a file of that name is replaced only by a whole one. */
export async function backup(database: Database, file: string): Promise<void> {
  const part = `${file}.part`;
  const args = [
    '--no-defaults',
    ...login(database),
    '--single-transaction',
    '--quick',
    '--hex-blob',
    '--skip-lock-tables',
  ];
  const child = spawn('mariadb-dump', [...args, database.name], {
    env: env(database),
    stdio: ['ignore', 'pipe', 'pipe'],
  });
  const whole = ended(child);
  const out = createWriteStream(part, { mode: 0o600 });
  try {
    out.write(`${HEAD} ${new Date().toISOString()}\n`);
    await pipeline(child.stdout, out);
    const { code, words } = await whole;
    if (code !== 0) throw new Error(`mariadb-dump failed: ${words.trim()}`);
    await rename(part, file);
  } catch (error) {
    await rm(part, { force: true });
    throw error;
  }
}

/** Why a file is no whole backup; null for one that is. */
export async function notABackup(file: string): Promise<string | null> {
  const handle = await open(file, 'r');
  try {
    const { size } = await handle.stat();
    const head = Buffer.alloc(HEAD.length);
    await handle.read(head, 0, head.length, 0);
    if (head.toString() !== HEAD) return 'it does not begin as a backup of this Mardle does';
    const tail = Buffer.alloc(Math.min(READ_TAIL, size));
    await handle.read(tail, 0, tail.length, size - tail.length);
    return tail.toString().includes(TAIL) ? null : 'its end is missing: it was cut off';
  } finally {
    await handle.close();
  }
}

async function ask(database: Database, sql: string): Promise<string> {
  const child = spawn(
    'mariadb',
    ['--no-defaults', ...login(database), '--batch', '--skip-column-names', database.name],
    {
      env: env(database),
      stdio: ['pipe', 'pipe', 'pipe'],
    },
  );
  const whole = ended(child);
  let answer = '';
  child.stdout.on('data', (bytes: Buffer) => (answer += bytes.toString()));
  child.stdin.end(sql);
  const { code, words } = await whole;
  if (code !== 0) throw new Error(`the database refused: ${words.trim()}`);
  return answer.trim();
}

const tablesOf = async (database: Database): Promise<string[]> =>
  (await ask(database, 'SHOW TABLES;')).split('\n').filter((name) => name !== '');

/** Whether nothing was ever kept there. */
export const isEmpty = async (database: Database): Promise<boolean> =>
  (await tablesOf(database)).length === 0;

const named = (database: string, table: string): string =>
  `\`${database}\`.\`${table.replaceAll('`', '``')}\``;

/** Throws away what was read in, so that nothing of it is left. */
const forget = (database: Database): Promise<string> =>
  ask(database, [READ_IN, READ_OUT].map((name) => `DROP DATABASE IF EXISTS ${name};`).join('\n'));

/**
 * Reads a backup into a database of its own. Its file is not trusted: commands of the client and other databases are out of its
 * reach, since it is read in binary mode by a user who has that one database.
 */
async function readIn(database: Database, file: string): Promise<void> {
  const args = ['--no-defaults', ...login({ ...database, user: READER })];
  const child = spawn('mariadb', [...args, '--binary-mode', '--sandbox', '--skip-local-infile', READ_IN], {
    env: env(database),
    stdio: ['pipe', 'ignore', 'pipe'],
  });
  const whole = ended(child);
  // A client that has refused a line reads no more: what it said is the reason.
  await pipeline(createReadStream(file), child.stdin).catch(() => undefined);
  const { code, words } = await whole;
  if (code !== 0) throw new Error(`the backup could not be read in: ${words.trim()}`);
}

/** Tables without which it is no kitchen. */
const NEEDED = ['kitchen', 'pie', 'pie_version', 'bake', 'bake_event', 'migrations'];

const migrationsFolder = inRoot('server/dist/database/migrations');

/** The changes of the tables that this Mardle knows. */
async function migrationNames(): Promise<string[]> {
  const files = readdirSync(migrationsFolder).filter((file) => file.endsWith('.js'));
  const modules = await Promise.all(
    files.map(
      (file) =>
        import(join(migrationsFolder, file)) as Promise<Record<string, new () => { readonly name: string }>>,
    ),
  );
  return modules.flatMap((module) => Object.values(module)).map((Migration) => new Migration().name);
}

/** What was read in, found to be a kitchen of this Mardle or an earlier one: its tables. */
async function checkedTables(database: Database): Promise<string[]> {
  const rows = await ask(
    database,
    `SELECT table_name, table_type FROM information_schema.tables WHERE table_schema = '${READ_IN}';`,
  );
  const tables = rows.split('\n').map((row) => row.split('\t'));
  const odd = tables.find(([, type]) => type !== 'BASE TABLE');
  if (odd) throw new Error(`the backup holds something that is no table of a kitchen: ${odd[0] ?? ''}.`);
  const names = tables.map(([name = '']) => name);
  const missing = NEEDED.filter((name) => !names.includes(name));
  if (missing.length > 0) throw new Error(`the backup lacks what a kitchen has: ${missing.join(', ')}.`);
  await ask(database, `SELECT COUNT(*) FROM ${named(READ_IN, 'kitchen')};`);
  const done = await ask(database, `SELECT name FROM ${named(READ_IN, 'migrations')};`);
  const known = await migrationNames();
  const newer = done.split('\n').filter((name) => name !== '' && !known.includes(name));
  if (newer.length > 0)
    throw new Error(
      `the backup was written by a newer Mardle (${newer.join(', ')}): restore it with that one.`,
    );
  return names;
}

/** Puts a backup in place of all that the database holds: read in beside it, checked, and changed over in one step. */
export async function restore(database: Database, file: string): Promise<void> {
  await forget(database);
  await ask(database, [READ_IN, READ_OUT].map((name) => `CREATE DATABASE ${name};`).join('\n'));
  try {
    await readIn(database, file);
    const tables = await checkedTables(database);
    const before = await tablesOf(database);
    const moves = [
      ...before.map((table) => `${named(database.name, table)} TO ${named(READ_OUT, table)}`),
      ...tables.map((table) => `${named(READ_IN, table)} TO ${named(database.name, table)}`),
    ];
    await ask(database, `SET FOREIGN_KEY_CHECKS = 0;\nRENAME TABLE ${moves.join(', ')};`);
  } catch (error) {
    const why = error instanceof Error ? error.message : String(error);
    throw new Error(`${why} The kitchen is as it was.`, { cause: error });
  } finally {
    await forget(database);
  }
}

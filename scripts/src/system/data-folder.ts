import { randomBytes } from 'node:crypto';
import { existsSync } from 'node:fs';
import { chmod, mkdir, readdir, readFile, rename, writeFile } from 'node:fs/promises';
import { userInfo } from 'node:os';
import { join } from 'node:path';
import { run } from './run.js';

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
export async function databaseUser(folder: string): Promise<string> {
  const me = userInfo();
  if (me.uid !== 0 || (await run('id', [DATABASE_USER], { quiet: 'always' })) !== 0) return me.username;
  if (!(await ownedBy(folder, DATABASE_USER))) return me.username;
  const test = ['-u', DATABASE_USER, '--', 'test', '-w', join(folder, 'run')];
  if ((await run('runuser', test, { quiet: 'always' })) === 0) return DATABASE_USER;
  await ownedBy(folder, me.username);
  return me.username;
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
export async function ownFolder(folder: string): Promise<string> {
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

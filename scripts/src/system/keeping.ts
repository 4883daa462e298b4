import { existsSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { backup, isEmpty, notABackup, restore } from './backup.js';
import type { Database } from './mariadb.js';
import { startDatabase } from './mariadb.js';
import { needPrograms } from './packages.js';
import { dataFolder } from './paths.js';
import { databaseRuns } from './running-database.js';
import { say } from './say.js';

/** Does something with the database of the data folder; one that was not running is stopped again. */
async function withDatabase(act: (database: Database) => Promise<void>): Promise<void> {
  await needPrograms('mariadbd');
  const ran = await databaseRuns(dataFolder);
  const database = await startDatabase(dataFolder);
  try {
    await act(database);
  } finally {
    if (!ran) await database.stop();
  }
}

/** Writes the whole kitchen into a file. */
export async function backupTo(file: string): Promise<void> {
  if (!existsSync(join(dataFolder, 'mariadb', 'mysql'))) {
    throw new Error(`there is no data in ${dataFolder} yet. MARDLE_DATA names another folder.`);
  }
  await withDatabase((database) => backup(database, resolve(file)));
  say(`${resolve(file)} holds all pies, bakes and the larder of ${dataFolder}.`);
}

/** Reads a backup into the data folder: an empty one, or with `over` in place of what is there. */
export async function restoreFrom(file: string, over: boolean): Promise<void> {
  const path = resolve(file);
  if (!existsSync(path)) throw new Error(`there is no file ${path}.`);
  const wrong = await notABackup(path);
  if (wrong) throw new Error(`${path} is no whole backup: ${wrong}. Nothing was changed.`);
  await withDatabase(async (database) => {
    if (!over && !(await isEmpty(database))) {
      throw new Error(
        `${dataFolder} has data already; nothing was changed. Name an empty folder by MARDLE_DATA, or add --over to replace it.`,
      );
    }
    await restore(database, path);
  });
  say(`${dataFolder} holds what was in ${path}. Start it with npm start.`);
}

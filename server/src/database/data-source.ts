import type { DataSourceOptions } from 'typeorm';
import { DataSource } from 'typeorm';
import type { Config } from '../config.js';
import { BakeEntity, BakeEventEntity } from '../bakes/bake.entities.js';
import { DishEntity, KitchenEntity, OvenEntity } from '../kitchens/kitchen.entities.js';
import { PieEntity, PieVersionEntity } from '../pies/pie.entities.js';
import { ReadingEntity } from '../probe/reading.entity.js';
import { DayEntity, DayTickEntity } from '../days/day.entities.js';
import { PhotoEntity } from '../log/photo.entity.js';
import { TastingEntity } from '../log/tasting.entity.js';
import { OwnRowEntity } from '../larder/own-row.entity.js';
import { OwnFruitEntity } from '../larder/own-fruit.entity.js';
import { FirstTables1764032400000 } from './migrations/0001-first-tables.js';
import { OwnRows1764800000000 } from './migrations/0011-own-rows.js';
import { OwnFruits1764036000000 } from './migrations/0002-own-fruits.js';
import { DishesAndOvens1764039600000 } from './migrations/0003-dishes-and-ovens.js';
import { LeftOutIsNull1764100000000 } from './migrations/0004-left-out-is-null.js';
import { Lists1764200000000 } from './migrations/0005-lists.js';
import { Tastings1764300000000 } from './migrations/0006-tastings.js';
import { Readings1764400000000 } from './migrations/0007-readings.js';
import { Photos1764500000000 } from './migrations/0008-photos.js';
import { Days1764600000000 } from './migrations/0009-days.js';
import { LogAtHand1764700000000 } from './migrations/0010-log-at-hand.js';
import { SimulatedReadings1764900000000 } from './migrations/0012-simulated-readings.js';

export function databaseOptions({ database }: Config): DataSourceOptions {
  return {
    type: 'mariadb',
    host: '127.0.0.1',
    port: database.port,
    username: database.user,
    password: database.password,
    database: database.name,
    timezone: 'Z',
    entities: [
      KitchenEntity,
      DishEntity,
      OvenEntity,
      PieEntity,
      PieVersionEntity,
      BakeEntity,
      BakeEventEntity,
      OwnFruitEntity,
      OwnRowEntity,
      TastingEntity,
      ReadingEntity,
      PhotoEntity,
      DayEntity,
      DayTickEntity,
    ],
    migrations: [
      FirstTables1764032400000,
      OwnFruits1764036000000,
      DishesAndOvens1764039600000,
      LeftOutIsNull1764100000000,
      Lists1764200000000,
      Tastings1764300000000,
      Readings1764400000000,
      Photos1764500000000,
      Days1764600000000,
      LogAtHand1764700000000,
      OwnRows1764800000000,
      SimulatedReadings1764900000000,
    ],
    synchronize: false,
    poolSize: 8,
    connectTimeout: 4000,
  };
}

/** This data was written by a newer Mardle: what it keeps otherwise would be spoilt by this one. */
export class NewerDataError extends Error {
  constructor(readonly migrations: readonly string[]) {
    super(
      `This data was written by a newer Mardle (${migrations.join(', ')}). Nothing was touched: start that Mardle, or give this one another folder by MARDLE_DATA.`,
    );
  }
}

/** Throws when the tables know of changes that this Mardle does not. */
async function refuseNewer(source: DataSource): Promise<void> {
  const [table] = await source.query<unknown[]>("SHOW TABLES LIKE 'migrations'");
  if (!table) return;
  const rows = await source.query<{ name: string }[]>('SELECT name FROM migrations ORDER BY id');
  const known = new Set(source.migrations.map(({ name }) => name));
  const newer = rows.map(({ name }) => name).filter((name) => !known.has(name));
  if (newer.length > 0) throw new NewerDataError(newer);
}

const LOCK = 'mardle_migrate';
const LOCK_WAIT_S = 60;

/** Brings the tables up to date; of several servers starting at once, one does it and the others wait. */
export async function migrate(
  config: Config,
  afterwards: (source: DataSource) => Promise<void>,
): Promise<void> {
  const source = await new DataSource(databaseOptions(config)).initialize();
  const lock = source.createQueryRunner();
  try {
    await lock.query('SELECT GET_LOCK(?, ?)', [LOCK, LOCK_WAIT_S]);
    await refuseNewer(source);
    await source.runMigrations({ transaction: 'each' });
    await afterwards(source);
  } finally {
    await lock.query('SELECT RELEASE_LOCK(?)', [LOCK]).catch(() => undefined);
    await lock.release();
    await source.destroy();
  }
}

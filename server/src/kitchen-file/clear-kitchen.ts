import type { EntityManager } from 'typeorm';
import { THE_KITCHEN } from '../kitchens/kitchens.service.js';

interface ForeignKey {
  readonly child: string;
  readonly childColumn: string;
  readonly parent: string;
  readonly parentColumn: string;
}

/** A table that holds rows of kitchens, and which of them are one kitchen's: a condition with one parameter, its id. */
interface KitchenTable {
  readonly name: string;
  readonly condition: string;
}

/** Tables with a column for the kitchen, and those that point to them, as the database knows them; what points to others comes first. */
async function kitchenTables(manager: EntityManager): Promise<KitchenTable[]> {
  const owned = await manager.query<{ readonly name: string }[]>(
    `SELECT TABLE_NAME AS name FROM information_schema.COLUMNS
     WHERE TABLE_SCHEMA = DATABASE() AND COLUMN_NAME = 'kitchen_id'`,
  );
  const keys = await manager.query<ForeignKey[]>(
    `SELECT TABLE_NAME AS child, COLUMN_NAME AS childColumn, REFERENCED_TABLE_NAME AS parent, REFERENCED_COLUMN_NAME AS parentColumn
     FROM information_schema.KEY_COLUMN_USAGE WHERE TABLE_SCHEMA = DATABASE() AND REFERENCED_TABLE_NAME IS NOT NULL`,
  );
  const conditions = new Map(owned.map(({ name }) => [name, 'kitchen_id = ?']));
  // A Map is walked on through what is added meanwhile: tables that point to these, then those that point to them.
  for (const [parent, condition] of conditions)
    for (const key of keys.filter((one) => one.parent === parent && !conditions.has(one.child)))
      conditions.set(
        key.child,
        `${key.childColumn} IN (SELECT ${key.parentColumn} FROM ${parent} WHERE ${condition})`,
      );
  const ordered: KitchenTable[] = [];
  while (conditions.size > 0) {
    const free = [...conditions.keys()].filter(
      (name) => !keys.some(({ parent, child }) => parent === name && child !== name && conditions.has(child)),
    );
    if (free.length === 0) throw new Error('tables of a kitchen point to each other in a circle');
    for (const name of free) {
      ordered.push({ name, condition: conditions.get(name) ?? '' });
      conditions.delete(name);
    }
  }
  return ordered;
}

/** Empties the kitchen, so that what is brought in is all there is. */
export async function clearKitchen(manager: EntityManager): Promise<void> {
  for (const { name, condition } of await kitchenTables(manager))
    await manager.query(`DELETE FROM ${name} WHERE ${condition}`, [THE_KITCHEN]);
}

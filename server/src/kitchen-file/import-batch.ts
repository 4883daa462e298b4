import type { BroughtIn } from '@mardle/contract';
import { isDeepStrictEqual } from 'node:util';
import type { EntityManager, EntityTarget, ObjectLiteral } from 'typeorm';
import { In } from 'typeorm';

export type Counts = { -readonly [K in keyof BroughtIn['added']]: number };

/** A kitchen that is being brought in. */
export interface ImportContext {
  readonly manager: EntityManager;
  readonly added: Counts;
  readonly differs: string[];
  /** Throws when whoever asked has gone. */
  readonly goOn: () => void;
}

/** So many rows go at once. */
export const AT_ONCE = 200;
const plain = (value: unknown): unknown => JSON.parse(JSON.stringify(value));
/** The same as it would be written. */
export const isSameRow = (a: unknown, b: unknown): boolean => isDeepStrictEqual(plain(a), plain(b));

/** Adds rows, some at a time. */
export async function insertAll<Row extends ObjectLiteral>(
  { manager, goOn }: ImportContext,
  entity: EntityTarget<Row>,
  rows: readonly object[],
): Promise<void> {
  for (let i = 0; i < rows.length; i += AT_ONCE) {
    goOn();
    await manager.insert(entity, rows.slice(i, i + AT_ONCE) as never);
  }
}

/** The rows of a table that have these ids, read some at a time. */
export async function rowsOf<Row extends ObjectLiteral>(
  { manager }: ImportContext,
  entity: EntityTarget<Row>,
  key: string,
  ids: readonly string[],
): Promise<Row[]> {
  const rows: Row[] = [];
  for (let i = 0; i < ids.length; i += AT_ONCE) {
    rows.push(...(await manager.findBy(entity, { [key]: In(ids.slice(i, i + AT_ONCE)) } as never)));
  }
  return rows;
}

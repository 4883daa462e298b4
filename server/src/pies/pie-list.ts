import type { PieListQuery, PieListResponse, PieSort, PieSummary } from '@mardle/contract';
import { USUAL_SIZE } from '@mardle/contract';
import type { FormKind, PieSpec } from '@mardle/core';
import { readSpec } from '@mardle/core';
import type { EntityManager, SelectQueryBuilder } from 'typeorm';
import { THE_KITCHEN } from '../kitchens/kitchens.service.js';
import { plainWords } from './pie-words.js';
import { PieEntity, PieVersionEntity } from './pie.entities.js';

/** Column and direction of each order; names come last, so that what is alike stands in order too. */
const orders: Readonly<Record<PieSort, readonly (readonly [keyof PieEntity, 'ASC' | 'DESC'])[]>> = {
  saved: [['savedAt', 'DESC']],
  name: [['name', 'ASC']],
  baked: [['lastBakedAt', 'DESC']],
  fruit: [
    ['fruits', 'ASC'],
    ['name', 'ASC'],
  ],
  form: [
    ['form', 'ASC'],
    ['name', 'ASC'],
  ],
  oven: [
    ['oven', 'ASC'],
    ['name', 'ASC'],
  ],
};

/** A word as a pattern that finds it anywhere. */
const holding = (word: string): string => `%${word.replace(/[\\%_]/g, '\\$&')}%`;

const wordsIn = (find: string): string[] =>
  plainWords(find)
    .split(/\s+/)
    .filter((word) => word !== '');

function found(rows: SelectQueryBuilder<PieEntity>, words: readonly string[]): SelectQueryBuilder<PieEntity> {
  words.forEach((word, i) => rows.andWhere(`pie.words LIKE :word${i}`, { [`word${i}`]: holding(word) }));
  return rows;
}

/** A name that begins with the first word comes first, then what has it in the name. */
function ranked(rows: SelectQueryBuilder<PieEntity>, word: string): SelectQueryBuilder<PieEntity> {
  const text = holding(word);
  return rows
    .addOrderBy('CASE WHEN pie.name LIKE :begins THEN 0 WHEN pie.name LIKE :holds THEN 1 ELSE 2 END', 'ASC')
    .setParameters({ begins: text.slice(1), holds: text });
}

/** Why a stored pie cannot be laid on the bench. */
function unreadable(spec: unknown): string | null {
  const read = readSpec(spec);
  if (read.ok) return null;
  const [problem] = read.problems;
  return problem ? `${problem.message} ${problem.remedy}` : 'It cannot be read.';
}

const summary = (row: PieEntity): PieSummary => ({
  id: row.id,
  version: row.version,
  savedAt: row.savedAt.toISOString(),
  lastBakedAt: row.lastBakedAt?.toISOString() ?? null,
  name: row.name,
  form: row.form as FormKind,
  fruits: row.fruits,
  dish: row.dish,
  oven: row.oven,
  unreadable: null,
});

/** The same with the whole pie, or with why it cannot be read. */
function wholeOf(row: PieEntity, stored: PieSpec | undefined): PieSummary {
  const wrong = stored ? unreadable(stored) : 'Its latest version is missing.';
  return { ...summary(row), unreadable: wrong, ...(stored && wrong === null ? { spec: stored } : {}) };
}

/** One page of the pies that are not put away. */
export async function listPies(
  manager: EntityManager,
  { find = '', sort, form, whole, page = 1, size = USUAL_SIZE }: PieListQuery,
  read: (stored: PieSpec) => PieSpec,
): Promise<PieListResponse> {
  const rows = manager
    .createQueryBuilder(PieEntity, 'pie')
    .where('pie.kitchen_id = :kitchen AND pie.deleted_at IS NULL', { kitchen: THE_KITCHEN });
  if (form) rows.andWhere('pie.form = :form', { form });
  const words = wordsIn(find);
  found(rows, words);
  // `getCount` would count distinct ids, at three times the cost.
  const counted = await rows.clone().select('COUNT(*)', 'total').getRawOne<{ total: string }>();
  const total = Number(counted?.total ?? 0);
  if (words[0] !== undefined && !sort) ranked(rows, words[0]);
  const order = orders[sort ?? 'saved'];
  for (const [column, way] of order) rows.addOrderBy(`pie.${column}`, way);
  const pies = await rows
    // The way of the last key, so that an index gives the order.
    .addOrderBy('pie.id', order.at(-1)?.[1])
    .offset((page - 1) * size)
    .limit(size)
    .getMany();
  return {
    pies: whole === 'yes' ? await withSpecs(manager, pies, read) : pies.map(summary),
    total,
    page,
    size,
  };
}

async function withSpecs(
  manager: EntityManager,
  pies: readonly PieEntity[],
  read: (stored: PieSpec) => PieSpec,
): Promise<PieSummary[]> {
  if (pies.length === 0) return [];
  const latest = await manager.find(PieVersionEntity, {
    where: pies.map(({ id, version }) => ({ pieId: id, version })),
  });
  const specs = new Map(latest.map(({ pieId, spec }) => [pieId, spec]));
  return pies.map((row) => {
    const stored = specs.get(row.id);
    return wholeOf(row, stored && read(stored));
  });
}

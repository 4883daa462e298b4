import type { PieListQuery, PieListResponse, PieSort, PieSummary } from '@mardle/contract';
import { USUAL_SIZE } from '@mardle/contract';
import type { FormKind, PieSpec } from '@mardle/core';
import { readSpec } from '@mardle/core';
import type { EntityManager, SelectQueryBuilder } from 'typeorm';
import { In } from 'typeorm';
import { THE_KITCHEN } from '../kitchens/kitchens.service.js';
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

const wordsIn = (find: string): string[] => find.split(/\s+/).filter((word) => word !== '');

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

const summary = (row: PieEntity, spec: PieSpec | undefined, whole: boolean): PieSummary => {
  const wrong = spec ? unreadable(spec) : 'Its latest version is missing.';
  return {
    id: row.id,
    version: row.version,
    savedAt: row.savedAt.toISOString(),
    lastBakedAt: row.lastBakedAt?.toISOString() ?? null,
    name: row.name,
    form: row.form as FormKind,
    fruits: row.fruits,
    dish: row.dish,
    oven: row.oven,
    unreadable: wrong,
    ...(whole && spec && wrong === null ? { spec } : {}),
  };
};

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
  const total = await rows.getCount();
  if (words[0] !== undefined && !sort) ranked(rows, words[0]);
  for (const [column, way] of orders[sort ?? 'saved']) rows.addOrderBy(`pie.${column}`, way);
  const pies = await rows
    .addOrderBy('pie.id')
    .offset((page - 1) * size)
    .limit(size)
    .getMany();
  const latest = await manager.find(PieVersionEntity, { where: { pieId: In(pies.map(({ id }) => id)) } });
  const specs = new Map(latest.map(({ pieId, version, spec }) => [`${pieId}/${version}`, spec]));
  return {
    pies: pies.map((row) => {
      const stored = specs.get(`${row.id}/${row.version}`);
      return summary(row, stored && read(stored), whole === 'yes');
    }),
    total,
    page,
    size,
  };
}

import type { PieSort } from '@mardle/contract';
import { Group, NativeSelect, TextInput } from '@mantine/core';
import { useDebouncedCallback } from '@mantine/hooks';
import { IconSearch } from '@tabler/icons-react';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import type { PieQuery } from '../../shared/api/pies.js';

/** Pies on a page. */
export const PAGE = 24;
const TYPING_MS = 200;

const sortWords: Readonly<Record<PieSort, string>> = {
  saved: 'last saved first',
  baked: 'last baked first',
  name: 'by name',
  fruit: 'by fruit',
  form: 'by form',
  oven: 'by oven',
};
const sorts = Object.keys(sortWords) as readonly PieSort[];

interface Shown {
  readonly find: string;
  readonly sort: PieSort;
  readonly page: number;
}

/** What the shelf shows, kept in the address: going back, or loading again, comes to the same pies. */
export function useShelf(): Shown & { readonly query: PieQuery; show(change: Partial<Shown>): void } {
  const [params, setParams] = useSearchParams();
  const find = params.get('find') ?? '';
  const sort = sorts.find((known) => known === params.get('sort')) ?? 'saved';
  const page = Math.max(1, Math.floor(Number(params.get('page') ?? 1)) || 1);
  const show = (change: Partial<Shown>): void => {
    // Another search or order begins at its first page.
    const next = { find, sort, page: 1, ...change };
    const said = [
      ['find', next.find, ''],
      ['sort', next.sort, 'saved'],
      ['page', String(next.page), '1'],
    ] as const;
    setParams(
      said
        .filter(([, value, usual]) => value !== usual)
        .map(([name, value]): [string, string] => [name, value]),
      { replace: change.page === undefined },
    );
  };
  // While something is looked for, the nearest comes first unless another order is asked for.
  const ordered = find.trim() !== '' && sort === 'saved' ? {} : { sort };
  return { find, sort, page, show, query: { find: find.trim(), ...ordered, page, size: PAGE, whole: 'yes' } };
}

interface ShelfToolsProps {
  readonly find: string;
  readonly sort: PieSort;
  /** Null until it is known. */
  readonly total: number | null;
  readonly show: (change: Partial<Shown>) => void;
}

/** Find and sort. */
export function ShelfTools({ find, sort, total, show }: ShelfToolsProps) {
  const [typed, setTyped] = useState(find);
  const look = useDebouncedCallback((next: string) => show({ find: next }), TYPING_MS);
  return (
    <Group gap={10} mb={14} role="search">
      <TextInput
        aria-label="Find a pie by name, fruit, form, dish or oven"
        placeholder="name, fruit, form, dish, oven"
        leftSection={<IconSearch size={18} aria-hidden />}
        w={320}
        maxLength={80}
        value={typed}
        onChange={({ currentTarget: { value } }) => {
          setTyped(value);
          look(value);
        }}
      />
      <NativeSelect
        aria-label="Order"
        w={190}
        value={sort}
        onChange={({ currentTarget: { value } }) => show({ sort: value as PieSort })}
        data={sorts.map((value) => ({ value, label: sortWords[value] }))}
      />
      <span role="status">{total === null ? 'fetching …' : total === 1 ? '1 pie' : `${total} pies`}</span>
    </Group>
  );
}

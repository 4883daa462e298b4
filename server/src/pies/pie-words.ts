import type { PieSpec } from '@mardle/core';
import { formKinds, formOf, larderFor } from '@mardle/core';

/** What a list shows of a pie, finds it by and sorts it by. */
interface PieWords {
  readonly name: string;
  readonly form: string;
  readonly fruits: string;
  readonly dish: string;
  readonly oven: string;
  /** All of it, for finding: in small letters without accents, so that finding need only compare bytes. */
  readonly words: string;
}

/** Small letters without accents. */
export const plainWords = (text: string): string =>
  text.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase();

const unreadable: PieWords = { name: '(unreadable)', form: '', fruits: '', dish: '', oven: '', words: '' };
const MOST = { name: 255, fruits: 400, label: 120, words: 1200 } as const;

/** Never throws: a row that cannot be read still stands in the list. */
export function pieWords(spec: PieSpec): PieWords {
  try {
    const { fruits: table } = larderFor(spec);
    const fruits = [...spec.filling.fruits]
      .sort((a, b) => b.share - a.share)
      .map(({ fruit }) => table.get(fruit)?.label ?? fruit)
      .join(', ')
      .slice(0, MOST.fruits);
    const kind = formKinds.find((known) => known === spec.form.kind);
    const name = spec.name.slice(0, MOST.name);
    const dish = spec.dish.label.slice(0, MOST.label);
    const oven = spec.bake.oven.label.slice(0, MOST.label);
    const form = kind ? formOf(kind).label : '';
    const words = plainWords([name, fruits, form, dish, oven].join(' ')).slice(0, MOST.words);
    return { name, form: kind ?? '', fruits, dish, oven, words };
  } catch {
    return unreadable;
  }
}

import type { ObjectiveEmphasis, Freezer, Nights, PieSpec, ReadyAs, StockedItem } from '@mardle/core';

/** Pies of one sort on the list of the day. */
export interface Wanted {
  readonly id: string;
  readonly count: number;
  readonly ready: { readonly at: string | number; readonly as: ReadyAs };
  readonly pie: PieSpec;
}

/** Somebody on the bench, as the file of a day has it. */
export interface Person {
  readonly id: string;
  readonly skills?: readonly string[] | null;
  readonly from: string | number;
  readonly to: string | number;
  readonly breaks?: readonly (readonly [string | number, string | number])[];
}

/** A day as its file has it: what `readDay` reads, and what goes out to a file. */
export interface DayFile {
  readonly format: 'mardle-day';
  readonly version: 1;
  readonly name: string;
  readonly zero: string;
  readonly timeZone: string;
  readonly earliest?: string | number;
  readonly nights?: Nights;
  readonly kitchen: {
    readonly hands: readonly Person[];
    readonly ovens: readonly object[];
    readonly dishes: Readonly<Record<string, number>>;
    readonly fridgePlaces?: number;
    readonly rackPlaces?: number;
    readonly hobRings?: number;
    readonly mixers?: number;
  };
  readonly pies: readonly Wanted[];
  readonly slack?: { readonly readySooner?: number; readonly beforeLoad?: number };
  readonly matters?: ObjectiveEmphasis;
  readonly freezer?: Partial<Freezer>;
  readonly buying?: {
    readonly slices?: number;
    readonly items?: Readonly<Record<string, Partial<StockedItem>>>;
  };
}

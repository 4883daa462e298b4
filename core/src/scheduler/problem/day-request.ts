import type { HotSide, PieSpec } from '../../schema/index.js';
import type { BuyingSettings } from '../lists/index.js';
import type { DayKitchen, ObjectiveEmphasis, ReadyAs } from '../model/index.js';
import type { Freezer } from './freezer.js';

/** An oven as a day asks for it: what the bake is simulated with, and what running it takes. */
export interface OvenRequest {
  readonly id: string;
  readonly kind: 'still' | 'fan';
  readonly offsetC: number;
  readonly hotSide: HotSide;
  readonly warmUpMin: number;
  readonly places: number;
  /** C a minute, when they are known. */
  readonly upCPerMin: number;
  readonly downCPerMin: number;
}

/** Pies of one sort, wanted at one hour. */
export interface PiesRequest {
  readonly id: string;
  readonly count: number;
  readonly ready: { readonly at: number; readonly as: ReadyAs };
  readonly spec: PieSpec;
}

/** Whether people may be asked to work at night. */
export const nightKinds = ['shut', 'open'] as const;
export type Nights = (typeof nightKinds)[number];

/** What is wanted by when, checked: plans are not made yet. */
export interface DayRequest {
  readonly zero: string;
  readonly timeZone: string;
  readonly earliest: number;
  /** Shut: nobody works at night where a plan without that is found. */
  readonly nights: Nights;
  readonly kitchen: Omit<DayKitchen, 'ovens'>;
  readonly ovens: readonly OvenRequest[];
  readonly pies: readonly PiesRequest[];
  readonly slack: { readonly readySooner: number; readonly beforeLoad: number };
  readonly matters: ObjectiveEmphasis;
  readonly buying: BuyingSettings;
  readonly freezer: Freezer;
}

/**
 * What a day takes for granted where nothing is said. Common practice, no source; the slack is that of a trial in which so
 * much of it made nine days of ten hold.
 */
export const usualDay = {
  loadMin: 2,
  doorMin: 1,
  packMin: 5,
  /** Paper and weights into a lined dish. */
  weighDownMin: 5,
  /** A baked shell is looked over, cracks are patched, it is brushed. */
  sealShellMin: 2,
  hobRings: 2,
  mixers: 0,
  fridgePlaces: 8,
  rackPlaces: 24,
  readySooner: 30,
  beforeLoad: 10,
  /** An oven falls so fast with its door shut, C a minute. */
  downCPerMin: 3,
  /** What a warm-up climbs: from the room to a first stage, C. */
  warmUpC: 185,
  perPieDoughMin: 3,
  mostInABatch: 8,
  rawFruitMostMin: 30,
  weepingFruitMostMin: 60,
  cookedFruitMostMin: 720,
  linedMostMin: 1440,
  builtMostMin: 75,
} as const;

/**
 * Before when nothing is done where nobody says: at the day's zero, or when somebody comes before that.
 * @param hands with the minute from which each is there
 * @returns min of the day
 * @example usualEarliest([{ from: 60 }, { from: -420 }]) // -420
 */
export const usualEarliest = (hands: readonly { readonly from: number }[]): number =>
  Math.min(0, ...hands.map(({ from }) => from));

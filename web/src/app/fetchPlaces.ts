import type { ComponentType } from 'react';
import { lazy } from 'react';

/** The code of a place did not come. */
export class NotFetchedError extends Error {}

type Fetch = () => Promise<{ readonly default: ComponentType }>;

/** Where each place's code comes from; it is fetched when somebody first goes there. */
const fetches = {
  pies: async () => ({ default: (await import('../places/pies/PiesPlace.js')).PiesPlace }),
  bench: async () => ({ default: (await import('../places/bench/BenchPlace.js')).BenchPlace }),
  day: async () => ({ default: (await import('../places/day/DayPlace.js')).DayPlace }),
  oven: async () => ({ default: (await import('../places/oven/OvenPlace.js')).OvenPlace }),
  log: async () => ({ default: (await import('../places/log/LogPlace.js')).LogPlace }),
  larder: async () => ({ default: (await import('../places/larder/LarderPlace.js')).LarderPlace }),
} satisfies Record<string, Fetch>;

const onceThere = (fetch: Fetch) =>
  lazy(() =>
    fetch().catch((cause: unknown) => {
      throw new NotFetchedError('the code of this place did not come', { cause });
    }),
  );

export const LazyPiesPlace = onceThere(fetches.pies);
export const LazyBenchPlace = onceThere(fetches.bench);
export const LazyDayPlace = onceThere(fetches.day);
export const LazyOvenPlace = onceThere(fetches.oven);
export const LazyLogPlace = onceThere(fetches.log);
export const LazyLarderPlace = onceThere(fetches.larder);

/** Brings in the rest while nobody waits: a place can be gone to when the network is not there. */
export function fetchRest(): void {
  for (const fetch of Object.values<Fetch>(fetches)) void fetch().catch(() => undefined);
}

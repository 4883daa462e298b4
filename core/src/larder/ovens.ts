import { makeTable } from '../units/index.js';

/** An oven before anybody knows better: what a pie is planned for until the kitchen has its own. */
export interface KnownOven {
  readonly id: string;
  readonly label: string;
  readonly kind: 'still' | 'fan';
  readonly offsetC: number;
  readonly warmUpMin: number;
}

/** Common practice, no source. */
export const builtInOvens = makeTable<KnownOven>({
  still: { label: 'Still oven', kind: 'still', offsetC: 0, warmUpMin: 20 },
  fan: { label: 'Fan oven', kind: 'fan', offsetC: 0, warmUpMin: 15 },
});

import type { Day, DayPie } from '../scheduler/index.js';

/** Such a pie and the shell that it is filled into, baked empty before. */
const inShell = (pie: DayPie): DayPie[] => [
  { ...pie, line: 0, baseChill: 0, dough: null },
  {
    ...pie,
    id: `${pie.id}-shell`,
    shellOf: pie.id,
    prepare: 0,
    cook: 0,
    onHob: false,
    build: 5,
    lastChill: 0,
    cool: 0,
    warm: null,
    pack: 2,
    ready: { ...pie.ready, as: 'cold' },
    ways: Object.fromEntries(
      Object.keys(pie.ways).map((oven) => [oven, [{ heat: [190, 0, 190], out: 30, cost: 0, foil: null }]]),
    ),
  },
];

/** A day whose lined pies in dishes are baked in shells that were baked before: every one, or every other. */
export const withShells = (day: Day, every = 1): Day => ({
  ...day,
  pies: day.pies.flatMap((pie, i) =>
    pie.line > 0 && pie.dish !== null && i % every === 0 ? inShell(pie) : [pie],
  ),
});

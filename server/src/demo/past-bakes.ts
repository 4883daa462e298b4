import type { Stage } from '@mardle/core';
import type { Said } from '../log/tasting.entity.js';

/** Stages that each of the demo's pies was baked at: C and minutes, twice. */
const stages = [
  [
    [200, 15],
    [180, 35],
  ],
  [
    [190, 15],
    [165, 35],
  ],
  [
    [190, 10],
    [175, 35],
  ],
  [
    [190, 15],
    [175, 25],
  ],
  [
    [200, 15],
    [180, 55],
  ],
  [
    [190, 15],
    [175, 35],
  ],
  [
    [210, 15],
    [180, 25],
  ],
] as const;

/** pie, day, thickener and sugar g, pie in and out g, weep test g, saucer, minutes of bubbles, gold and out, minutes cooled, then words. */
const columns = [
  'thickenerG',
  'sugarG',
  'inG',
  'outG',
  'weepDrainedG',
  'saucer',
  'bubbling',
  'golden',
  'out',
  'cooledMin',
  'set',
  'sweetness',
  'base',
  'top',
  'fruit',
  'gap',
  'leak',
  'crust',
] as const;

/**
 * Bakes of two seasons, invented: the damsons of the wet first year let go more juice, and the Corner oven is about 9 C hotter
 * than anybody had told it. Made once with core's `sampleLog`, so that what is hidden in them is known.
 */
const rows = `
2,2025-07-05,14,102,1778,1727,,,40,,45,240,right,right,crisp,right,tender,none,none,right
4,2025-07-05,19,177,,,,,53,35,70,150,right,right,crisp,pale,tender,none,none,right
0,2025-07-12,19,194,2196,2117,,,,27,50,200,right,sweet,crisp,dark,tender,none,none,right
6,2025-07-12,29,179,,,6.8,,,,40,240,stiff,right,crisp,right,tender,none,none,right
0,2025-07-19,19,200,,,,,37,,50,90,loose,right,crisp,dark,tender,big,none,right
0,2025-07-19,19,205,,,,runs,,30,50,45,ran,,soft,right,tender,none,none,right
3,2025-07-26,4,136,,,5.5,,,21,40,200,loose,right,crisp,right,tender,none,none,right
2,2025-07-26,14,101,,,,,,26,45,150,right,right,soft,dark,tender,none,none,right
3,2025-08-02,4,139,,,,,,21,40,240,right,right,crisp,right,tender,none,none,right
0,2025-08-02,19,209,,,,runs,38,32,50,150,loose,right,crisp,dark,tender,none,none,right
4,2025-08-09,20,174,,,,,55,31,70,240,stiff,right,crisp,dark,tender,none,none,right
0,2025-08-09,22,180,2196,2116,,,,,50,45,loose,tart,crisp,right,tender,none,none,right
6,2025-08-16,29,176,,,,,35,30,40,45,loose,right,crisp,right,tender,none,none,right
3,2025-08-16,4,131,,,,,,25,40,150,right,right,crisp,right,tender,big,leaked,right
4,2025-08-23,18,180,,,,,50,33,70,200,right,right,crisp,dark,tender,none,none,right
2,2025-08-23,14,103,,,,stands,,30,45,240,right,sweet,crisp,dark,tender,none,none,right
2,2025-08-30,15,102,,,,stands,,,45,90,loose,sweet,crisp,right,tender,none,none,right
0,2025-08-30,20,203,2196,2123,,,35,27,50,240,loose,sweet,crisp,right,tender,none,none,right
6,2025-09-06,32,167,,,,,31,,40,150,stiff,,soft,dark,tender,none,none,right
1,2025-09-06,19,238,2198,2152,,,44,24,50,200,right,right,crisp,right,tender,none,none,right
0,2025-09-13,19,219,2196,2112,20.2,,,28,50,200,loose,right,crisp,pale,tender,none,none,right
4,2026-06-27,19,179,,,,,45,31,70,150,right,right,crisp,dark,tender,none,none,right
6,2026-06-27,32,190,2194,2126,,,30,23,40,90,loose,sweet,crisp,dark,tender,big,none,shrunk
0,2026-07-04,19,203,,,18.1,,,,50,90,loose,right,crisp,right,tender,none,none,right
0,2026-07-04,18,195,,,16.3,,33,,50,150,right,right,crisp,dark,tender,none,none,right
2,2026-07-11,15,101,,,,stands,,32,45,200,stiff,right,crisp,dark,tender,none,none,right
2,2026-07-11,15,111,,,10.9,,,,45,90,right,right,crisp,right,tender,none,none,right
0,2026-07-18,19,188,2196,2116,,,40,,50,90,right,right,crisp,dark,tender,none,none,right
0,2026-07-18,20,197,2196,2121,,,39,,50,90,right,sweet,crisp,dark,tender,none,none,right
0,2026-07-25,18,198,,,,,,31,50,90,loose,,soft,dark,tender,none,none,right
0,2026-07-25,20,191,,,,,39,27,50,45,loose,sweet,crisp,dark,tender,none,none,right
0,2026-08-01,22,194,,,,,35,29,50,90,loose,,crisp,dark,tender,big,none,right
5,2026-08-01,32,149,,,,,40,28,50,240,loose,,crisp,right,tender,none,none,right
0,2026-08-08,19,208,,,,,38,,50,45,loose,sweet,crisp,right,tender,none,none,right
6,2026-08-08,31,178,2194,2127,9.3,,36,26,40,45,ran,sweet,soft,right,tender,none,none,right
0,2026-08-15,19,184,2196,2109,,creeps,38,28,50,150,right,right,crisp,right,tender,none,none,right
5,2026-08-15,34,165,,,,creeps,,30,50,45,loose,right,crisp,right,tender,none,none,right
6,2026-08-22,32,181,2194,2124,,,32,,40,90,right,right,crisp,dark,tender,none,none,right
6,2026-08-22,29,182,,,,,30,,40,200,right,right,crisp,right,tender,none,none,right
2,2026-08-29,15,108,,,13,stands,39,26,45,150,stiff,sweet,crisp,dark,tender,none,none,right
3,2026-08-29,4,140,,,,,,27,40,45,loose,right,soft,right,tender,big,none,right
2,2026-09-05,15,97,,,,,44,34,45,90,right,right,crisp,right,tender,none,none,right
`;

interface PastBake {
  readonly pie: number;
  readonly day: string;
  readonly stages: readonly [Stage, Stage];
  /** Minutes from loading; null where nobody tapped. */
  readonly bubblingMin: number | null;
  readonly goldenMin: number | null;
  readonly outMin: number;
  readonly said: Said;
}

const EVENTS: readonly string[] = ['bubbling', 'golden', 'out'];
const stageOf = ([tempC, timeMin]: readonly [number, number]): Stage => ({ tempC, timeMin });

function pastBake(row: string): PastBake {
  const [pie, day, ...values] = row.split(',');
  const told = new Map(columns.map((name, i) => [name, values[i] ?? '']));
  const minute = (name: (typeof columns)[number]): number | null => {
    const text = told.get(name);
    return text ? Number(text) : null;
  };
  const said = Object.fromEntries(
    [...told].flatMap(([name, text]) =>
      text === '' || EVENTS.includes(name) ? [] : [[name, /^[\d.]+$/.test(text) ? Number(text) : text]],
    ),
  ) as Said;
  const its = stages[Number(pie)] ?? stages[0];
  return {
    pie: Number(pie),
    day: day ?? '',
    stages: [stageOf(its[0]), stageOf(its[1])],
    bubblingMin: minute('bubbling'),
    goldenMin: minute('golden'),
    outMin: minute('out') ?? 0,
    said,
  };
}

export const pastBakes: readonly PastBake[] = rows.trim().split('\n').map(pastBake);

import type { Drawing, Lattice, Outline, Point, TemplateText } from '../../geometry/index.js';
import { about, outlinePoints } from '../../geometry/index.js';

/** Corners of a strip where it lies on the pie, cm. */
function stripCorners(
  strip: Lattice['long'][number],
  angleRad: number,
  top: Outline,
): readonly [Point[], Point] {
  const ux = Math.sin(angleRad);
  const uy = Math.cos(angleRad);
  const half = Math.min(strip.lengthCm / 2, (Math.hypot(top.lengthCm, top.widthCm) + 4) / 2);
  const at = (along: number, across: number): Point => [
    uy * (strip.offsetCm + across) + ux * along,
    -ux * (strip.offsetCm + across) + uy * along,
  ];
  const w = strip.widthCm / 2;
  return [[at(-half, -w), at(-half, w), at(half, w), at(half, -w)], at(half - 0.6, 0)];
}

/** The lattice where its strips lie. */
export function latticeOver(lattice: Lattice, top: Outline, say: TemplateText): Drawing {
  const angle = (lattice.angleDeg * Math.PI) / 180;
  const ways = [
    ...lattice.long.map((strip) => ({ strip, turn: 0, letter: '' })),
    ...lattice.cross.map((strip) => ({ strip, turn: angle, letter: 'c' })),
  ].map((way) => ({ ...way, drawn: stripCorners(way.strip, way.turn, top) }));
  const reach = Math.max(...[...lattice.long, ...lattice.cross].map(({ lengthCm }) => lengthCm));
  const whole: Outline = { kind: 'rectangle', lengthCm: reach + 1, widthCm: reach + 1 };
  return about(
    'lattice',
    'Lattice, where the strips lie',
    whole,
    [
      { points: outlinePoints(top), role: 'guide' },
      ...ways.map(({ drawn }) => ({ points: drawn[0], role: 'cut' as const })),
    ],
    [
      ...ways.map(({ drawn, strip, letter }) => ({
        at: drawn[1],
        text: `${letter}${strip.number}`,
        sizeMm: 4,
      })),
      {
        at: [0, -reach / 2 - 0.4],
        text: `strips ${say(lattice.long[0]?.widthCm ?? 0)} wide; dashed: the top of the dish`,
      },
    ],
  );
}

/** The sheet that all strips are cut from, numbered, each with its length. */
export function stripSheet({ sheetCm }: Lattice, say: TemplateText): Drawing {
  const whole: Outline = { kind: 'rectangle', lengthCm: sheetCm.lengthCm, widthCm: sheetCm.widthCm };
  const left = -sheetCm.widthCm / 2;
  const top = sheetCm.lengthCm / 2;
  const pieces = sheetCm.pieces.map(({ strip, way, fromCm, acrossCm }) => {
    const x = left + acrossCm;
    const y = top - fromCm;
    const points: Point[] = [
      [x, y],
      [x + strip.widthCm, y],
      [x + strip.widthCm, y - strip.lengthCm],
      [x, y - strip.lengthCm],
    ];
    return { points, strip, way, at: [x + strip.widthCm / 2, y - 0.9] as Point };
  });
  return about(
    'strips',
    `Strips to cut from a sheet of ${say(sheetCm.lengthCm)} x ${say(sheetCm.widthCm)}`,
    whole,
    pieces.map(({ points }) => ({ points, role: 'cut' as const })),
    pieces.flatMap(({ at, strip, way }) => [
      { at, text: `${way === 'cross' ? 'c' : ''}${strip.number}`, sizeMm: 4 },
      {
        at: [at[0], at[1] - 0.5] as Point,
        text: say(strip.lengthCm),
        sizeMm: Math.min(3, strip.widthCm * 2),
      },
    ]),
  );
}

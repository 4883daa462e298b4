import type { CutOuts, Lattice, Outline, Point } from '../../build/index.js';
import { cutOutLabels, cutOutPoints, formTraits, placedPoints, topOutline } from '../../build/index.js';
import type { UnitSystem } from '../../units/index.js';
import { showText } from '../../units/index.js';
import type { PiePlan } from '../plan.js';
import type { Drawing, LineRole, Mark } from './drawing.js';
import { closed, line, text } from './drawing.js';

const ROUND_STEPS = 180;
/** Room around a shape for its words, mm. */
const AROUND_MM = 8;

/** Edge of a shape about its middle, cm. */
function edgeOf({ kind, lengthCm, widthCm }: Outline): Point[] {
  const b = widthCm / 2;
  const a = lengthCm / 2;
  if (kind === 'rectangle') {
    return [
      [-b, -a],
      [b, -a],
      [b, a],
      [-b, a],
    ];
  }
  return Array.from({ length: ROUND_STEPS }, (_, i): Point => {
    const turn = (2 * Math.PI * i) / ROUND_STEPS;
    return [b * Math.sin(turn), a * Math.cos(turn)];
  });
}

/** Shapes about a middle in cm, as a drawing in mm. */
function about(
  id: string,
  title: string,
  whole: Outline,
  shapes: readonly { readonly points: readonly Point[]; readonly role: LineRole; readonly open?: boolean }[],
  words: readonly { readonly at: Point; readonly text: string; readonly sizeMm?: number }[],
): Drawing {
  const widthMm = whole.widthCm * 10 + 2 * AROUND_MM;
  const heightMm = whole.lengthCm * 10 + 2 * AROUND_MM;
  const onPaper = ([x, y]: Point): Point => [widthMm / 2 + 10 * x, heightMm / 2 - 10 * y];
  return {
    id,
    title,
    widthMm,
    heightMm,
    marks: [
      ...shapes.map(({ points, role, open }) =>
        line(open ? points.map(onPaper) : closed(points.map(onPaper)), role),
      ),
      ...words.map(({ at, text: said, sizeMm }): Mark => {
        const [x, y] = onPaper(at);
        return text(x, y, said, sizeMm ?? 5, 'middle');
      }),
    ],
  };
}

type Say = (cm: number) => string;

const sizeWords = ({ lengthCm, widthCm, kind }: Outline, say: Say): string =>
  kind === 'ellipse' && Math.abs(lengthCm - widthCm) < 0.01
    ? `${say(lengthCm)} across`
    : `${say(lengthCm)} x ${say(widthCm)}`;

const sheetOf = (id: string, title: string, outline: Outline, say: Say): Drawing =>
  about(
    id,
    title,
    outline,
    [{ points: edgeOf(outline), role: 'cut' }],
    [{ at: [0, 0], text: `${title}, ${sizeWords(outline, say)}` }],
  );

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

function latticeOver(lattice: Lattice, top: Outline, say: Say): Drawing {
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
      { points: edgeOf(top), role: 'guide' },
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
function stripSheet({ sheetCm }: Lattice, say: Say): Drawing {
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

function cutOutSheets(cutOuts: CutOuts, top: Outline, say: Say): Drawing[] {
  const { shape, sizeCm, widthCm, pieces } = cutOuts;
  const one: Outline = { kind: 'rectangle', lengthCm: sizeCm, widthCm };
  const name = cutOutLabels[shape];
  return [
    about(
      'piece',
      `${name}: one piece of ${pieces.length}`,
      { ...one, widthCm: Math.max(widthCm, 6) },
      [{ points: cutOutPoints(shape).map(([x, y]): Point => [x * sizeCm, y * sizeCm]), role: 'cut' }],
      [{ at: [0, 0], text: say(sizeCm), sizeMm: 4 }],
    ),
    about(
      'pieces',
      `${name}, where they lie`,
      top,
      [
        { points: edgeOf(top), role: 'guide' },
        ...pieces.map((piece) => ({ points: placedPoints(cutOuts, piece), role: 'cut' as const })),
      ],
      [],
    ),
  ];
}

/** All that is cut for a pie, at true size: sheets, strips, pieces, folds. */
export function templatesOf({ build, spec }: PiePlan, units: UnitSystem = 'metric'): Drawing[] {
  const say: Say = (cm) => showText(cm, 'cm', units);
  const { base, top } = build;
  const drawings: Drawing[] = [];
  const dishTop = topOutline(spec.dish);
  if (top.kind === 'border' && base) {
    const { fillingCm, discCm, borderCm } = top.freeForm;
    const fruit: Outline = { kind: 'ellipse', lengthCm: fillingCm, widthCm: fillingCm };
    drawings.push(
      about(
        'disc',
        'Disc for the free-form pie',
        base.outline,
        [
          { points: edgeOf(base.outline), role: 'cut' },
          { points: edgeOf(fruit), role: 'guide' },
        ],
        [
          { at: [0, 0], text: `disc ${say(discCm)}, fruit ${say(fillingCm)}, border ${say(borderCm)}` },
          { at: [0, -0.8], text: 'fold along the dashed line' },
        ],
      ),
    );
  } else if (base) drawings.push(sheetOf('base', 'Base', base.outline, say));
  switch (top.kind) {
    case 'lid':
      drawings.push(
        sheetOf('lid', spec.form.kind === 'upside_down' ? 'Lid to tuck in' : 'Lid', top.sheet.outline, say),
      );
      break;
    case 'lattice':
      drawings.push(latticeOver(top.lattice, dishTop, say), stripSheet(top.lattice, say));
      break;
    case 'cut_outs':
      drawings.push(...cutOutSheets(top.cutOuts, dishTop, say));
      break;
    case 'parcel': {
      const { outline } = top.disc;
      const half = outline.widthCm / 2;
      drawings.push(
        about(
          'disc',
          `Disc for hand pies, ${top.count} to cut`,
          outline,
          [
            { points: edgeOf(outline), role: 'cut' },
            {
              points: [
                [-half, 0],
                [half, 0],
              ],
              role: 'guide',
              open: true,
            },
          ],
          [{ at: [0, 0.8], text: `${say(outline.lengthCm)}; fold along the dashed line` }],
        ),
      );
      break;
    }
    default:
      break;
  }
  if (drawings.length === 0 && formTraits(spec.form.kind).filled === 'dish') {
    drawings.push(sheetOf('paper', 'Paper for the top of the dish', dishTop, say));
  }
  return drawings;
}

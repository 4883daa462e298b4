import type { Drawing, Mark } from '../geometry/index.js';
import { clipLine, line, text } from '../geometry/index.js';

/** Sheets of paper in mm: ISO 216 A4, and US Letter (8.5 x 11 in, ANSI/ASME Y14.1). */
export const papers = {
  a4: { label: 'A4', widthMm: 210, heightMm: 297 },
  letter: { label: 'Letter', widthMm: 215.9, heightMm: 279.4 },
} as const;
export type PaperName = keyof typeof papers;
export const paperNames = Object.keys(papers) as readonly PaperName[];

/** A sheet as it goes to the printer; marks lie within it. */
export interface Page {
  readonly title: string;
  readonly widthMm: number;
  readonly heightMm: number;
  readonly marks: readonly Mark[];
}

/** Edge that no printer reaches, the foot with the scale bar, and how far neighbours overlap to be glued. */
export const MARGIN_MM = 10;
const FOOT_MM = 14;
export const OVERLAP_MM = 10;
export const SCALE_BAR_MM = 100;

interface Turned {
  readonly widthMm: number;
  readonly heightMm: number;
}

const roomOn = ({ widthMm, heightMm }: Turned): Turned => ({
  widthMm: widthMm - 2 * MARGIN_MM,
  heightMm: heightMm - 2 * MARGIN_MM - FOOT_MM,
});

/** How many tiles cover a length, each overlapping the next. */
const tilesFor = (lengthMm: number, roomMm: number): number =>
  lengthMm <= roomMm ? 1 : Math.ceil((lengthMm - OVERLAP_MM) / (roomMm - OVERLAP_MM));

function foot(paper: Turned, words: string): Mark[] {
  const y = paper.heightMm - MARGIN_MM - 4;
  const x = MARGIN_MM;
  const ticks = Array.from({ length: 11 }, (_, i): Mark => {
    const at = x + (SCALE_BAR_MM * i) / 10;
    return line(
      [
        [at, y],
        [at, y - (i % 5 === 0 ? 3 : 1.8)],
      ],
      'frame',
    );
  });
  return [
    line(
      [
        [x, y],
        [x + SCALE_BAR_MM, y],
      ],
      'frame',
    ),
    ...ticks,
    text(
      x,
      y + 3.6,
      'This bar is 10 cm (3.94 in). If it is not, print at 100 %, without fitting to the page.',
      2.8,
    ),
    text(paper.widthMm - MARGIN_MM, y, words, 3.2, 'end', true),
  ];
}

/**
 * Lays a drawing at true size over as many sheets as it needs, upright or across, whichever takes fewer.
 * @param drawing mm
 * @param paperName size of the sheets
 * @returns pages with marks where they meet
 * @example makeTemplates(plan).flatMap((drawing) => tile(drawing, 'a4')).length // 8
 */
export function tile(drawing: Drawing, paperName: PaperName): Page[] {
  const { widthMm, heightMm } = papers[paperName];
  const ways: readonly Turned[] = [
    { widthMm, heightMm },
    { widthMm: heightMm, heightMm: widthMm },
  ];
  const counts = ways.map((way) => {
    const room = roomOn(way);
    return {
      way,
      room,
      across: tilesFor(drawing.widthMm, room.widthMm),
      down: tilesFor(drawing.heightMm, room.heightMm),
    };
  });
  const [upright, turned] = counts;
  if (!upright || !turned) return [];
  const { way, room, across, down } =
    turned.across * turned.down < upright.across * upright.down ? turned : upright;
  const pages: Page[] = [];
  const pitchMm = room.widthMm - OVERLAP_MM;
  const marks = drawing.marks.map((mark) => offJoints(mark, pitchMm, across));
  for (let row = 0; row < down; row++) {
    for (let column = 0; column < across; column++) {
      const single = across * down === 1;
      const leftMm = column * (room.widthMm - OVERLAP_MM);
      const topMm = row * (room.heightMm - OVERLAP_MM);
      const dx = MARGIN_MM - leftMm + (single ? (room.widthMm - drawing.widthMm) / 2 : 0);
      const dy = MARGIN_MM - topMm;
      const box = {
        left: MARGIN_MM,
        top: MARGIN_MM,
        right: MARGIN_MM + room.widthMm,
        bottom: MARGIN_MM + room.heightMm,
      };
      const where = single
        ? drawing.title
        : `${drawing.title}: row ${row + 1} of ${down}, column ${column + 1} of ${across}`;
      pages.push({
        title: where,
        ...way,
        marks: [
          ...marks.flatMap((mark) => placed(mark, dx, dy, box)),
          ...glueLines(box, row, column, down, across),
          ...foot(way, where),
        ],
      });
    }
  }
  return pages;
}

/** How wide a letter is against its height, on the wide side. */
const LETTER = 0.58;

/** Words that would lie over a joint between two sheets, moved to the nearest place on one of them. */
function offJoints(mark: Mark, pitchMm: number, across: number): Mark {
  if (mark.kind !== 'text' || mark.anchor !== 'middle') return mark;
  const half = (mark.text.length * mark.sizeMm * LETTER) / 2;
  for (let joint = 1; joint < across; joint++) {
    // Sheets overlap from here to there.
    const [from, to] = [joint * pitchMm, joint * pitchMm + OVERLAP_MM];
    if (mark.x + half <= from || mark.x - half >= to) continue;
    const [left, right] = [from - half, to + half];
    return { ...mark, x: mark.x - left <= right - mark.x ? left : right };
  }
  return mark;
}

/** A mark moved onto a page, and cut to what fits on it. */
function placed(mark: Mark, dx: number, dy: number, box: Parameters<typeof clipLine>[1]): Mark[] {
  if (mark.kind === 'line') {
    const moved = mark.points.map(([x, y]) => [x + dx, y + dy] as const);
    return clipLine(moved, box).map((points) => ({ ...mark, points }));
  }
  // A code is on the slip only.
  if (mark.kind === 'squares') return [];
  const x = mark.x + dx;
  const y = mark.y + dy;
  const inside = x >= box.left && x <= box.right && y >= box.top && y <= box.bottom;
  return inside ? [{ ...mark, x, y }] : [];
}

/** Where the next sheet's edge comes to lie. */
function glueLines(
  box: Parameters<typeof clipLine>[1],
  row: number,
  column: number,
  down: number,
  across: number,
): Mark[] {
  const marks: Mark[] = [];
  if (column + 1 < across) {
    const x = box.right - OVERLAP_MM;
    marks.push(
      line(
        [
          [x, box.top],
          [x, box.bottom],
        ],
        'guide',
      ),
    );
  }
  if (row + 1 < down) {
    const y = box.bottom - OVERLAP_MM;
    marks.push(
      line(
        [
          [box.left, y],
          [box.right, y],
        ],
        'guide',
      ),
    );
  }
  return marks;
}

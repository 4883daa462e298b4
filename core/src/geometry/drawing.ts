export type Point = readonly [x: number, y: number];

/** What a line is for: cut along it, fold or lay by it, or the frame of the page. */
export type LineRole = 'cut' | 'guide' | 'frame';

/** One mark on paper. Lengths in mm, x to the right and y down from the top left corner. */
export type Mark =
  | { readonly kind: 'line'; readonly points: readonly Point[]; readonly role: LineRole }
  | {
      readonly kind: 'text';
      readonly x: number;
      readonly y: number;
      readonly text: string;
      readonly sizeMm: number;
      readonly anchor: 'start' | 'middle' | 'end';
      readonly bold?: boolean;
    }
  | {
      /** Filled squares on a grid, such as of a code that a camera reads: places by column and row from the corner. */
      readonly kind: 'squares';
      readonly x: number;
      readonly y: number;
      readonly sideMm: number;
      readonly squares: readonly Point[];
    };

/** A drawing at true size. */
export interface Drawing {
  readonly id: string;
  readonly title: string;
  readonly widthMm: number;
  readonly heightMm: number;
  readonly marks: readonly Mark[];
}

export const line = (points: readonly Point[], role: LineRole): Mark => ({ kind: 'line', points, role });

export const closed = (points: readonly Point[]): Point[] => {
  const [first] = points;
  return first ? [...points, first] : [];
};

export const text = (
  x: number,
  y: number,
  words: string,
  sizeMm: number,
  anchor: 'start' | 'middle' | 'end' = 'start',
  bold = false,
): Mark => ({ kind: 'text', x, y, text: words, sizeMm, anchor, bold });

/** The part of a straight line inside a box, by Liang and Barsky; null when it misses. */
export function clipSegment(
  [x0, y0]: Point,
  [x1, y1]: Point,
  box: { readonly left: number; readonly top: number; readonly right: number; readonly bottom: number },
): readonly [Point, Point] | null {
  let from = 0;
  let to = 1;
  const edges: readonly (readonly [p: number, q: number])[] = [
    [x0 - x1, x0 - box.left],
    [x1 - x0, box.right - x0],
    [y0 - y1, y0 - box.top],
    [y1 - y0, box.bottom - y0],
  ];
  for (const [p, q] of edges) {
    if (p === 0) {
      if (q < 0) return null;
    } else if (p < 0) from = Math.max(from, q / p);
    else to = Math.min(to, q / p);
  }
  if (from > to) return null;
  const at = (share: number): Point => [x0 + (x1 - x0) * share, y0 + (y1 - y0) * share];
  return [at(from), at(to)];
}

/** A drawn line cut to a box: the runs of it that lie inside. */
export function clipLine(
  points: readonly Point[],
  box: Parameters<typeof clipSegment>[2],
): readonly (readonly Point[])[] {
  const runs: Point[][] = [];
  let run: Point[] = [];
  for (let i = 0; i + 1 < points.length; i++) {
    const part = clipSegment(points[i]!, points[i + 1]!, box);
    if (!part) continue;
    const end = run.at(-1);
    const joins = end && Math.hypot(end[0] - part[0][0], end[1] - part[0][1]) < 1e-6;
    if (!joins) {
      run = [part[0]];
      runs.push(run);
    }
    run.push(part[1]);
  }
  return runs;
}

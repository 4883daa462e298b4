import type { Drawing, LineRole, Mark, Point } from './drawing.js';
import { closed, line, text } from './drawing.js';
import type { Outline } from './outline.js';

const ROUND_STEPS = 180;
/** Room around a shape for its words, mm. */
const AROUND_MM = 8;

/** Edge of a shape about its middle, cm. */
export function outlinePoints({ kind, lengthCm, widthCm }: Outline): Point[] {
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
export function about(
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

/** A length in the baker's units. */
export type TemplateText = (cm: number) => string;

const sizeWords = ({ lengthCm, widthCm, kind }: Outline, say: TemplateText): string =>
  kind === 'ellipse' && Math.abs(lengthCm - widthCm) < 0.01
    ? `${say(lengthCm)} across`
    : `${say(lengthCm)} x ${say(widthCm)}`;

/** A sheet to roll, with its size on it. */
export const sheetDrawing = (id: string, title: string, outline: Outline, say: TemplateText): Drawing =>
  about(
    id,
    title,
    outline,
    [{ points: outlinePoints(outline), role: 'cut' }],
    [{ at: [0, 0], text: `${title}, ${sizeWords(outline, say)}` }],
  );

import type { LineRole, Mark, Page } from '@mardle/core';
import { drawnWords } from './drawn.js';
import type { PaperFonts } from './fonts.js';
import { paperFonts } from './fonts.js';
import type { Has, PrintRun } from './runs.js';
import { printRuns } from './runs.js';

const POINTS_PER_MM = 72 / 25.4;

const widthsMm: Readonly<Record<LineRole, number>> = { cut: 0.35, guide: 0.3, frame: 0.2 };
const GUIDE_DASH_MM = [2, 1.4] as const;

type Pdf = PDFKit.PDFDocument;
type Weight = keyof PaperFonts;
type TextMark = Extract<Mark, { kind: 'text' }>;

const fontName = (weight: Weight, font: number): string => `${weight}-${font}`;

/** Our type in the document, and what each of its files can write. */
async function embedFonts(pdf: Pdf, fonts: PaperFonts): Promise<Readonly<Record<Weight, readonly Has[]>>> {
  const { create } = await import('fontkit');
  const has = (weight: Weight): Has[] =>
    fonts[weight].map((file, i) => {
      pdf.registerFont(fontName(weight, i), file as Buffer);
      const font = create(file as Buffer);
      return (codePoint) => 'hasGlyphForCodePoint' in font && font.hasGlyphForCodePoint(codePoint);
    });
  return { regular: has('regular'), bold: has('bold') };
}

/** A run ready to be set: how wide it is, and how it goes onto the page. */
interface SetRun {
  readonly width: number;
  readonly draw: (x: number, y: number) => void;
}

async function setRun(pdf: Pdf, run: PrintRun, weight: Weight, size: number): Promise<SetRun> {
  const { text, font, fraction } = run;
  if (font === null) {
    const drawn = await drawnWords(text, size, weight === 'bold');
    return {
      width: drawn.width,
      draw: (x, y) => {
        pdf.image(drawn.png.buffer as ArrayBuffer, x, y - drawn.ascent, {
          width: drawn.width,
          height: drawn.height,
        });
      },
    };
  }
  const name = fontName(weight, font);
  const write = (words: string, x: number, y: number, sized = size): void => {
    pdf.font(name, sized).text(words, x, y, { lineBreak: false, baseline: 'alphabetic' });
  };
  const widthOf = (words: string, sized = size): number => pdf.font(name, sized).widthOfString(words);
  if (!fraction) return { width: widthOf(text), draw: (x, y) => write(text, x, y) };
  const [over = '', under = ''] = text.split(STROKE);
  const small = SMALL_SHARE * size;
  const strokeAt = widthOf(over, small);
  const underAt = strokeAt + widthOf(STROKE);
  return {
    width: underAt + widthOf(under, small),
    draw: (x, y) => {
      write(over, x, y - RAISED_SHARE * size, small);
      write(STROKE, x + strokeAt, y);
      write(under, x + underAt, y, small);
    },
  };
}

/** Figures of a fraction, beside others: small ones, the upper raised. */
const STROKE = '\u2044';
const SMALL_SHARE = 0.58;
const RAISED_SHARE = 0.3;

const before = { start: 0, middle: 0.5, end: 1 } as const;

async function writeText(pdf: Pdf, mark: TextMark, signs: Readonly<Record<Weight, readonly Has[]>>) {
  const weight: Weight = mark.bold ? 'bold' : 'regular';
  const size = mark.sizeMm * POINTS_PER_MM;
  const runs: SetRun[] = [];
  for (const run of printRuns(mark.text, signs[weight])) runs.push(await setRun(pdf, run, weight, size));
  const width = runs.reduce((sum, run) => sum + run.width, 0);
  let x = mark.x * POINTS_PER_MM - before[mark.anchor] * width;
  for (const run of runs) {
    run.draw(x, mark.y * POINTS_PER_MM);
    x += run.width;
  }
}

function drawLine(pdf: Pdf, { points, role }: Extract<Mark, { kind: 'line' }>): void {
  const [start, ...rest] = points;
  if (!start) return;
  const at = (mm: number): number => mm * POINTS_PER_MM;
  pdf.lineWidth(at(widthsMm[role]));
  if (role === 'guide') pdf.dash(at(GUIDE_DASH_MM[0]), { space: at(GUIDE_DASH_MM[1]) });
  else pdf.undash();
  pdf.moveTo(at(start[0]), at(start[1]));
  for (const [x, y] of rest) pdf.lineTo(at(x), at(y));
  pdf.stroke('#000');
}

function fillSquares(pdf: Pdf, { x, y, sideMm, squares }: Extract<Mark, { kind: 'squares' }>): void {
  const side = sideMm * POINTS_PER_MM;
  for (const [column, row] of squares)
    pdf.rect(x * POINTS_PER_MM + column * side, y * POINTS_PER_MM + row * side, side, side);
  pdf.fill('#000');
}

/** Pages as one PDF at true size, in the application's own type; the PDF writer is fetched when the first one is made. */
export async function pagesPdf(pages: readonly Page[], title: string): Promise<Blob> {
  const [{ default: PDFDocument }, fonts] = await Promise.all([import('pdfkit'), paperFonts()]);
  const pdf = new PDFDocument({
    autoFirstPage: false,
    // None of the reader’s own: ours are registered below.
    font: '',
    info: { Title: title, Creator: 'Mardle' },
    lang: 'en',
  });
  const parts: Uint8Array[] = [];
  const done = new Promise<void>((resolve, reject) => {
    pdf.on('data', (part: Uint8Array) => parts.push(part));
    pdf.on('end', resolve);
    pdf.on('error', reject);
  });
  const signs = await embedFonts(pdf, fonts);
  for (const { widthMm, heightMm, marks } of pages) {
    pdf.addPage({ size: [widthMm * POINTS_PER_MM, heightMm * POINTS_PER_MM], margin: 0 });
    for (const mark of marks) {
      if (mark.kind === 'text') await writeText(pdf, mark, signs);
      else if (mark.kind === 'squares') fillSquares(pdf, mark);
      else drawLine(pdf, mark);
    }
  }
  pdf.end();
  await done;
  return new Blob(parts as BlobPart[], { type: 'application/pdf' });
}

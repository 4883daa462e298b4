import type { LineRole, Page } from '@mardle/core';

const MM_PER_POINT = 25.4 / 72;

const widths: Readonly<Record<LineRole, number>> = { cut: 0.35, guide: 0.3, frame: 0.2 };

/** Signs that the fonts of every PDF reader lack, as they are written by hand. */
const byHand: Readonly<Record<string, string>> = {
  '⅓': '1/3',
  '⅔': '2/3',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
  '–': '-',
  '—': '-',
  '“': '"',
  '”': '"',
  '’': "'",
  '‘': "'",
  '…': '...',
  '\u202f': ' ',
  '\u00a0': ' ',
};

/** A text in the signs that a PDF's own fonts have: Latin letters stay, fractions are written out, others show as a box. */
export function forPaper(text: string): string {
  return [...text]
    .map((sign, i, all) => {
      const hand = byHand[sign];
      // 1 and a half: a number before a written fraction wants a space.
      if (hand) return hand.includes('/') && /\d/.test(all[i - 1] ?? '') ? ` ${hand}` : hand;
      if ((sign.codePointAt(0) ?? 0) <= 0xff) return sign;
      const plain = sign.normalize('NFD').replace(/[\u0300-\u036f]/g, '');
      return [...plain].every((letter) => (letter.codePointAt(0) ?? 0) <= 0xff) ? plain : '\u00a4';
    })
    .join('');
}

/** Pages as one PDF at true size; the PDF writer is fetched when the first one is made. */
export async function pagesPdf(pages: readonly Page[], title: string): Promise<Blob> {
  const { jsPDF } = await import('jspdf');
  const turn = ({ widthMm, heightMm }: Page) => (widthMm > heightMm ? 'landscape' : 'portrait');
  const [first] = pages;
  const pdf = new jsPDF({
    unit: 'mm',
    format: first ? [first.widthMm, first.heightMm] : 'a4',
    orientation: first ? turn(first) : 'portrait',
  });
  pdf.setProperties({ title });
  pages.forEach((page, i) => {
    if (i > 0) pdf.addPage([page.widthMm, page.heightMm], turn(page));
    for (const mark of page.marks) {
      if (mark.kind === 'text') {
        pdf.setFont('helvetica', mark.bold ? 'bold' : 'normal');
        pdf.setFontSize(mark.sizeMm / MM_PER_POINT);
        const align = ({ start: 'left', middle: 'center', end: 'right' } as const)[mark.anchor];
        pdf.text(forPaper(mark.text), mark.x, mark.y, { align });
        continue;
      }
      const [start, ...rest] = mark.points;
      if (!start) continue;
      pdf.setLineWidth(widths[mark.role]);
      pdf.setLineDashPattern(mark.role === 'guide' ? [2, 1.4] : [], 0);
      pdf.moveTo(start[0], start[1]);
      for (const [x, y] of rest) pdf.lineTo(x, y);
      pdf.stroke();
    }
  });
  return pdf.output('blob');
}

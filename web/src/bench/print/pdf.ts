import type { LineRole, Page } from '@mardle/core';

const MM_PER_POINT = 25.4 / 72;

const widths: Readonly<Record<LineRole, number>> = { cut: 0.35, guide: 0.3, frame: 0.2 };

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
        pdf.text(mark.text.replaceAll(' ', ' '), mark.x, mark.y, { align });
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

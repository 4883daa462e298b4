import type { LineRole } from '../geometry/index.js';
import type { Page } from './paper.js';

const strokes: Readonly<Record<LineRole, string>> = {
  cut: 'stroke-width=".35"',
  guide: 'stroke-width=".3" stroke-dasharray="2 1.4"',
  frame: 'stroke-width=".2"',
};

const clean = (words: string): string =>
  words.replaceAll('&', '&amp;').replaceAll('<', '&lt;').replaceAll('>', '&gt;').replaceAll('"', '&quot;');

/**
 * A page as SVG whose units are millimetres, so that it prints at true size.
 * @param options a page
 * @returns an SVG document
 * @example pageSvg(page).startsWith('<svg')
 */
export function pageSvg({ title, widthMm, heightMm, marks }: Page): string {
  const drawn = marks.map((mark) => {
    if (mark.kind === 'text') {
      const weight = mark.bold ? ' font-weight="bold"' : '';
      return `<text x="${mark.x.toFixed(2)}" y="${mark.y.toFixed(2)}" font-size="${mark.sizeMm}" text-anchor="${mark.anchor}"${weight}>${clean(mark.text)}</text>`;
    }
    if (mark.kind === 'squares') {
      const { x, y, sideMm } = mark;
      const side = sideMm.toFixed(3);
      const d = mark.squares
        .map(
          ([column, row]) =>
            `M${(x + column * sideMm).toFixed(3)} ${(y + row * sideMm).toFixed(3)}h${side}v${side}h-${side}z`,
        )
        .join('');
      return `<path d="${d}" fill="#000" shape-rendering="crispEdges"/>`;
    }
    const d = mark.points
      .map(([x, y], i) => `${i === 0 ? 'M' : 'L'}${x.toFixed(2)} ${y.toFixed(2)}`)
      .join('');
    return `<path d="${d}" fill="none" stroke="#000" ${strokes[mark.role]}/>`;
  });
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${widthMm}mm" height="${heightMm}mm" viewBox="0 0 ${widthMm} ${heightMm}" font-family="'Atkinson Hyperlegible', sans-serif">`,
    `<title>${clean(title)}</title>`,
    ...drawn,
    '</svg>',
  ].join('\n');
}

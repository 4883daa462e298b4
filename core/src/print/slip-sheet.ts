import type { Mark } from '../build/index.js';
import { line, text } from '../build/index.js';
import type { SlipLine } from '../forms/index.js';
import { adviceText } from '../forms/index.js';
import type { ClockStep, PiePlan } from '../plan/index.js';
import type { UnitSystem } from '../units/index.js';
import { household, show, showText } from '../units/index.js';
import type { Page, PaperName } from './paper.js';
import { MARGIN_MM, papers } from './paper.js';

/** Mean width of a letter, as a share of the type size: text is wrapped by it. Estimate for a plain sans. */
const LETTER_SHARE = 0.5;
const EDGE_MM = MARGIN_MM + 4;

/** Words broken into lines that fit. */
function wrap(words: string, widthMm: number, sizeMm: number): string[] {
  const most = Math.max(8, Math.floor(widthMm / (sizeMm * LETTER_SHARE)));
  const lines: string[] = [];
  for (const word of words.split(' ')) {
    const last = lines.at(-1);
    if (last !== undefined && last.length + 1 + word.length <= most)
      lines[lines.length - 1] = `${last} ${word}`;
    else lines.push(word);
  }
  return lines;
}

interface Block {
  readonly heightMm: number;
  readonly marks: (y: number) => Mark[];
}

const ruled = (y: number, leftMm: number, rightMm: number): Mark =>
  line(
    [
      [leftMm, y],
      [rightMm, y],
    ],
    'frame',
  );

function heading(words: string, leftMm: number, rightMm: number): Block {
  return {
    heightMm: 10,
    marks: (y) => [text(leftMm, y + 7, words, 4.6, 'start', true), ruled(y + 8.5, leftMm, rightMm)],
  };
}

/** What to weigh: a box to tick, the name, and the grams large at the right. */
function weighing(slip: SlipLine, units: UnitSystem, leftMm: number, rightMm: number): Block {
  const amount = slip.bought ? { number: '1', unit: '' } : show(slip.massG, 'g', units);
  const high = slip.highG === undefined ? null : show(slip.highG, 'g', units);
  const number = high && high.number !== amount.number ? `${amount.number}–${high.number}` : amount.number;
  const volume = slip.volumeMl === undefined ? null : household(slip.volumeMl, slip.least);
  const small = [volume ? `${volume.number} ${volume.unit}` : '', slip.note ?? ''].filter(Boolean).join('; ');
  const lines = small ? wrap(small, rightMm - leftMm - 46, 3) : [];
  return {
    heightMm: 7.4 + 3.8 * lines.length,
    marks: (y) => [
      line(
        [
          [leftMm, y + 2.4],
          [leftMm + 3.6, y + 2.4],
          [leftMm + 3.6, y + 6],
          [leftMm, y + 6],
          [leftMm, y + 2.4],
        ],
        'frame',
      ),
      text(leftMm + 6, y + 5.8, slip.label, 4.2),
      text(rightMm, y + 5.8, `${number} ${amount.unit}`, 4.8, 'end', true),
      ...lines.map((words, i) => text(leftMm + 6, y + 9.6 + 3.8 * i, words, 3)),
    ],
  };
}

function clockLine(step: ClockStep, leftMm: number, rightMm: number): Block {
  const lines = wrap(step.label, rightMm - leftMm - 22, 3.6);
  const at = `${Math.floor(step.startMin / 60)}:${String(Math.round(step.startMin % 60)).padStart(2, '0')}`;
  return {
    heightMm: 4.6 * lines.length + 1.4,
    marks: (y) => [
      text(leftMm + 12, y + 4.4, at, 3.6, 'end', true),
      ...lines.map((words, i) => text(leftMm + 16, y + 4.4 + 4.6 * i, words, 3.6)),
    ],
  };
}

function paragraph(words: string, leftMm: number, rightMm: number, bold = false): Block {
  const lines = wrap(words, rightMm - leftMm, 3.4);
  return {
    heightMm: 4.4 * lines.length + 1.6,
    marks: (y) => lines.map((said, i) => text(leftMm, y + 4.2 + 4.4 * i, said, 3.4, 'start', bold)),
  };
}

/**
 * The slip for the wall: what to weigh, the clock from the first touch, the cautions, what it contains.
 * @param plan a whole plan
 * @param paperName size of the sheets
 * @param units how quantities are said
 * @returns pages, mm
 * @example slipPages(plan, 'a4').length
 */
export function slipPages(plan: PiePlan, paperName: PaperName, units: UnitSystem = 'metric'): Page[] {
  const { widthMm, heightMm } = papers[paperName];
  const left = EDGE_MM;
  const right = widthMm - EDGE_MM;
  const danger = plan.advice.filter(({ level }) => level === 'danger');
  const stages = plan.bake
    ? plan.bake.stages
        .map(({ tempC, timeMin }) => `${showText(tempC, 'C', units)} ${timeMin} min`)
        .join(', then ')
    : null;
  const blocks: Block[] = [
    {
      heightMm: 13,
      marks: (y) => [text(left, y + 9, plan.spec.name, 7.5, 'start', true)],
    },
    ...(stages ? [paragraph(`Oven: ${stages}.`, left, right, true)] : []),
    ...plan.slip.flatMap((group) => [
      heading(group.title, left, right),
      ...group.lines.map((slip) => weighing(slip, units, left, right)),
    ]),
    heading('The clock, hours from the first touch', left, right),
    ...plan.clock.map((step) => clockLine(step, left, right)),
    ...(danger.length > 0 ? [heading('Mind', left, right)] : []),
    ...danger.map((advice) => paragraph(adviceText(advice, units), left, right)),
    ...(plan.allergens.length > 0
      ? [paragraph(`Contains ${plan.allergens.join(', ')}.`, left, right, true)]
      : []),
  ];
  const pages: Mark[][] = [[]];
  let y = MARGIN_MM;
  for (const block of blocks) {
    if (y + block.heightMm > heightMm - MARGIN_MM) {
      pages.push([]);
      y = MARGIN_MM;
    }
    pages.at(-1)?.push(...block.marks(y));
    y += block.heightMm;
  }
  return pages.map((marks, i) => ({
    title: pages.length > 1 ? `Slip, page ${i + 1} of ${pages.length}` : 'Slip',
    widthMm,
    heightMm,
    marks,
  }));
}

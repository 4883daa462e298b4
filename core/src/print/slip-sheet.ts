import type { Mark } from '../geometry/index.js';
import { line, text } from '../geometry/index.js';
import type { SlipLine } from '../forms/index.js';
import { adviceText } from '../forms/index.js';
import type { ClockStep, PiePlan } from '../plan/index.js';
import { clockLength, slipWords } from '../plan/index.js';
import type { SaidFirst, UnitSystem } from '../units/index.js';
import { showText } from '../units/index.js';
import type { Page, PaperName } from './paper.js';
import { MARGIN_MM, papers } from './paper.js';

/** Widths of signs, as a share of the type size; the first that fits counts. Read off a plain sans, on the wide side. */
const widths: readonly (readonly [RegExp, number])[] = [
  [/[WM@%\u2e80-\uffef]|\p{Extended_Pictographic}/u, 1],
  [/[iljtfrI.,;:'’!|()\s-]/, 0.36],
  [/[A-ZÀ-Þmw]/, 0.74],
];
const OTHER_SHARE = 0.57;

const widthOf = (words: string): number =>
  [...words].reduce((sum, sign) => sum + (widths.find(([is]) => is.test(sign))?.[1] ?? OTHER_SHARE), 0);
const EDGE_MM = MARGIN_MM + 4;

/** A word cut into pieces that fit. */
function cut(word: string, most: number): string[] {
  const pieces = [''];
  for (const sign of word) {
    const last = pieces.at(-1) ?? '';
    if (last === '' || widthOf(last + sign) <= most) pieces[pieces.length - 1] = last + sign;
    else pieces.push(sign);
  }
  return pieces;
}

/** Words broken into lines that fit. */
function wrap(words: string, widthMm: number, sizeMm: number): string[] {
  const most = widthMm / sizeMm;
  const lines: string[] = [];
  for (const word of words.split(' ').flatMap((whole) => cut(whole, most))) {
    const last = lines.at(-1);
    if (last !== undefined && widthOf(`${last} ${word}`) <= most) lines[lines.length - 1] = `${last} ${word}`;
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
function weighing(slip: SlipLine, { units, first }: SlipOptions, leftMm: number, rightMm: number): Block {
  const { number, unit, measure, buy, note } = slipWords(slip, units, first);
  const small = [measure, note, buy].filter(Boolean).join('; ');
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
      text(rightMm, y + 5.8, `${number} ${unit}`, 4.8, 'end', true),
      ...lines.map((words, i) => text(leftMm + 6, y + 9.6 + 3.8 * i, words, 3)),
    ],
  };
}

function clockLine(step: ClockStep, at: string, leftMm: number, rightMm: number): Block {
  const lines = wrap(step.label, rightMm - leftMm - 22, 3.6);
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

/** Rows of squares, true where dark, that a camera reads as where the pie is found. */
export type Code = readonly (readonly boolean[])[];

/** How a slip is said, and what stands on it beside the plan. */
export interface SlipOptions {
  readonly units: UnitSystem;
  /** What stands large: grams or cups. */
  readonly first?: SaidFirst;
  /** The time of day so many minutes after the first touch; null tells hours from it. */
  readonly timeAt: ((laterMin: number) => string) | null;
  /** Opens the pie; null where it is not kept anywhere. */
  readonly code: Code | null;
}

const usualOptions: SlipOptions = { units: 'metric', timeAt: null, code: null };

/** Rounded before it is split: 119.7 min is 2:00, never 1:60. */
function hoursFrom(timeMin: number): string {
  const whole = Math.round(timeMin);
  return `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, '0')}`;
}

const CODE_MM = 26;

function codeMark(code: Code, rightMm: number, y: number): Mark {
  const sideMm = CODE_MM / code.length;
  return {
    kind: 'squares',
    x: rightMm - CODE_MM,
    y,
    sideMm,
    squares: code.flatMap((row, i) => row.flatMap((dark, j) => (dark ? [[j, i] as const] : []))),
  };
}

/** What the pie is baked in and at, when it is ready, and how it is eaten. */
function told({ spec, bake, clock, eaten, work }: PiePlan, { units, timeAt }: SlipOptions): string[] {
  const { label, topCm } = spec.dish;
  const material = work.body.dish.label.toLowerCase();
  const heats = bake?.stages.map(({ tempC, timeMin }) => `${showText(tempC, 'C', units)} ${timeMin} min`);
  const readyMin = clockLength(clock);
  const ready = timeAt ? timeAt(readyMin) : showText(readyMin, 'min', units);
  return [
    `Dish: ${label}, ${showText(topCm, 'cm', units)} across, ${material}.`,
    ...(heats ? [`Oven: ${spec.bake.oven.label}, ${heats.join(', then ')}.`] : []),
    bake
      ? `Ready ${timeAt ? `at ${ready}` : `${ready} after the first touch`}; eaten ${eaten.label}.`
      : `Eaten ${eaten.label}.`,
  ];
}

/** Name and what the whole pie is, with the code beside them. */
function head(plan: PiePlan, options: SlipOptions, leftMm: number, rightMm: number): Block {
  const { code } = options;
  const widthMm = rightMm - leftMm - (code ? CODE_MM + 4 : 0);
  const name = wrap(plan.spec.name, widthMm, NAME_MM);
  const lines = told(plan, options).flatMap((words) => wrap(words, widthMm, TOLD_MM));
  const nameMm = 9 * name.length + 2;
  return {
    heightMm: Math.max(nameMm + 5 * lines.length + 3, code ? CODE_MM + 3 : 0),
    marks: (y) => [
      ...name.map((words, i) => text(leftMm, y + 9 + 9 * i, words, NAME_MM, 'start', true)),
      ...lines.map((words, i) => text(leftMm, y + nameMm + 4 + 5 * i, words, TOLD_MM)),
      ...(code ? [codeMark(code, rightMm, y + 2)] : []),
    ],
  };
}

/** Lines may stand so close to each other that a page holds all; closer they would touch. */
const CLOSEST = 0.86;
const ROUNDING_MM = 0.01;

const NAME_MM = 7.5;
const TOLD_MM = 3.8;

/**
 * The slip for the wall: what the pie is, what to weigh, the clock, the cautions, what it contains.
 * @param plan a whole plan
 * @param paperName size of the sheets
 * @param options how it is said, and the code that opens it
 * @returns pages, mm
 * @example slipPages(plan, 'a4').length
 */
export function slipPages(plan: PiePlan, paperName: PaperName, options: SlipOptions = usualOptions): Page[] {
  const { units, timeAt } = options;
  const { widthMm, heightMm } = papers[paperName];
  const left = EDGE_MM;
  const right = widthMm - EDGE_MM;
  const danger = plan.advice.filter(({ level }) => level === 'danger');
  const clockHeading = heading(timeAt ? 'The clock' : 'The clock, hours from the first touch', left, right);
  const blocks: Block[] = [
    head(plan, options, left, right),
    ...plan.slip.flatMap((group) => [
      heading(group.title, left, right),
      ...group.lines.map((slip) => weighing(slip, options, left, right)),
    ]),
    clockHeading,
    ...plan.clock.map((step) => clockLine(step, (timeAt ?? hoursFrom)(step.startMin), left, right)),
    ...(danger.length > 0 ? [heading('Mind', left, right)] : []),
    ...danger.map((advice) => paragraph(adviceText(advice, units), left, right)),
    ...(plan.allergens.length > 0
      ? [paragraph(`Contains ${plan.allergens.join(', ')}.`, left, right, true)]
      : []),
  ];
  const roomMm = heightMm - 2 * MARGIN_MM;
  const allMm = blocks.reduce((sum, block) => sum + block.heightMm, 0);
  // A little too long is drawn closer; what is much too long has the clock on a page of its own.
  const closer = allMm > roomMm && allMm * CLOSEST <= roomMm ? roomMm / allMm : 1;
  const clockFrom = allMm * closer > roomMm ? blocks.indexOf(clockHeading) : -1;
  const pages: Mark[][] = [[]];
  let y = MARGIN_MM;
  for (const [i, block] of blocks.entries()) {
    const over = y + block.heightMm * closer > heightMm - MARGIN_MM + ROUNDING_MM;
    if (over || i === clockFrom) {
      pages.push([]);
      y = MARGIN_MM;
    }
    pages.at(-1)?.push(...block.marks(y));
    y += block.heightMm * closer;
  }
  return pages.map((marks, i) => ({
    title: pages.length > 1 ? `Slip, page ${i + 1} of ${pages.length}` : 'Slip',
    widthMm,
    heightMm,
    marks,
  }));
}

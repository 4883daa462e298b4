import type { Bake, Stage } from '@mardle/core';
import { fieldLimit } from '@mardle/core';
import type { Annotation, Data, Shape } from 'plotly.js-dist-min';
import { themeColour } from '../../../../shared/ui/Chart/Chart.js';

/** The scale of colour and set ends here: 2 is deep. */
export const INDEX_TOP = 3;

/** Both stages as bars at their heat; these come first among the shapes, so that a shape's number is its stage's. */
export function stageShapes({ stages }: Bake, toTyped: (tempC: number) => number): Partial<Shape>[] {
  const [first, second] = stages;
  const bar = (from: number, to: number, tempC: number, colour: string): Partial<Shape> => ({
    type: 'line',
    x0: from,
    x1: to,
    y0: toTyped(tempC),
    y1: toTyped(tempC),
    line: { color: themeColour(colour), width: 7 },
  });
  return [
    bar(0, first.timeMin, first.tempC, 'currant'),
    // One heat all through is one bar to look at; pulled apart, it becomes two.
    bar(
      first.timeMin,
      first.timeMin + second.timeMin,
      second.tempC,
      second.tempC === first.tempC ? 'currant' : 'amber',
    ),
  ];
}

/** What happens when, as thin lines with a word over them: a curve of its own, for only stages are to be dragged. */
export function eventMarks({ events, turnMin, foilMin, outMin }: Bake): {
  readonly line: Data;
  readonly notes: Partial<Annotation>[];
} {
  const marks = (
    [
      ['turn', turnMin],
      ['foil', foilMin],
      ['golden', events.goldenMin],
      ['bubbles', events.edgeBubblingMin],
      ['tender', events.tenderMin],
    ] as const
  )
    .flatMap(([word, at]) => (at === null || at <= 0 || at > outMin ? [] : [{ word, at }]))
    .sort((a, b) => a.at - b.at);
  return {
    line: {
      type: 'scatter',
      mode: 'lines',
      x: marks.flatMap(({ at }) => [at, at, null]),
      y: marks.flatMap(() => [0, INDEX_TOP, null]),
      yaxis: 'y2',
      line: { color: themeColour('ink-soft'), width: 1, dash: 'dot' },
      hoverinfo: 'skip',
      showlegend: false,
    },
    notes: inRows(marks, outMin).map(({ word, at, row }) => ({
      x: at,
      yref: 'paper',
      y: 1.01 + ROW_SHARE * row,
      yanchor: 'bottom',
      text: word,
      showarrow: false,
      xanchor: 'left',
      font: { size: 12.5 },
    })),
  };
}

/** Height of a row of words over the plot, as a share of it; and how much of its width a letter takes. */
const ROW_SHARE = 0.1;
const LETTER_SHARE = 0.019;

interface Mark {
  readonly word: string;
  readonly at: number;
}

/** Words over the plot, each in the lowest row where it lies on no other. */
export function inRows(marks: readonly Mark[], longest: number): (Mark & { readonly row: number })[] {
  const ends: number[] = [];
  return marks.map((mark) => {
    const free = ends.findIndex((end) => end <= mark.at);
    const row = free === -1 ? ends.length : free;
    ends[row] = mark.at + (mark.word.length + 1) * LETTER_SHARE * longest;
    return { ...mark, row };
  });
}

const within = (path: string, value: number): number => {
  const { least, most } = fieldLimit(path);
  return Math.min(most, Math.max(least, value));
};

const MINUTE_STEP = 1;
const HEAT_STEP = 5;

/** The stages after a bar was dragged; null when it was not a stage's. Heats in steps of five of the baker's own degrees. */
export function movedStages(
  stages: readonly [Stage, Stage],
  shape: number,
  { x0, x1, y0, y1 }: Readonly<Record<'x0' | 'x1' | 'y0' | 'y1', number>>,
  fromTyped: (typed: number) => number,
): readonly [Stage, Stage] | null {
  const [first, second] = stages;
  const tempC = within('bake.stages.tempC', fromTyped(Math.round((y0 + y1) / 2 / HEAT_STEP) * HEAT_STEP));
  const minutes = (value: number): number =>
    within('bake.stages.timeMin', Math.round(value / MINUTE_STEP) * MINUTE_STEP);
  if (shape === 0) return [{ tempC, timeMin: minutes(x1) }, second];
  if (shape !== 1) return null;
  // The start of the second bar is the end of the first stage; its end is the time out.
  const firstMin = minutes(x0);
  return [
    { ...first, timeMin: firstMin },
    { tempC, timeMin: minutes(x1 - firstMin) },
  ];
}

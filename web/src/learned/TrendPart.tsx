import type { LogEntry } from '@mardle/contract';
import type { LearnedFigure, LearnedKind, TastingQuestion, Trend, UnitSystem } from '@mardle/core';
import { useMantineColorScheme } from '@mantine/core';
import type { Data, Layout } from 'plotly.js-dist-min';
import { useCallback, useMemo, useState } from 'react';
import { useNavigate } from 'react-router';
import { useTrends } from '../shared/api/log.js';
import { Chart, themeColour } from '../shared/ui/Chart/Chart.js';
import { Failure } from '../shared/ui/Failure.js';
import { useSettings } from '../state/settings.js';
import { valueText } from './valueText.js';
import classes from './LearnedList.module.css';
import { asking, dayText, isGood } from './words.js';

/** The question of a tasting that speaks most of a figure. */
const questionOf: Readonly<Record<LearnedKind, TastingQuestion>> = {
  set: 'set',
  sweetness: 'sweetness',
  oven: 'top',
  colour: 'top',
};
const HEIGHT = 250;
/** Opacity of a band, the last two digits of a colour. */
const FAINT = '30';
/** Words stand on a line of their own under the curve, this share of the height under it. */
const WORDS_UNDER = 0.14;

/** Differences of heat are counted in the reader's degrees. */
const countedIn = (
  { unit }: LearnedFigure,
  units: UnitSystem,
): { readonly times: number; readonly suffix: string } =>
  unit !== 'C'
    ? { times: 1, suffix: '' }
    : units === 'us'
      ? { times: 1.8, suffix: ' °F' }
      : { times: 1, suffix: ' °C' };

interface Seen {
  readonly trend: Trend;
  readonly bakes: readonly LogEntry[];
}

/** A band, its middle, and under them what was said of each slice. */
function drawn({ trend, bakes }: Seen, figure: LearnedFigure, units: UnitSystem): Data[] {
  const when = new Map(bakes.map(({ id, bakedAt }) => [id, bakedAt]));
  const at = trend.points.map(({ bake }) => when.get(bake) ?? '');
  const { low, high } = span(trend, figure);
  const { times } = countedIn(figure, units);
  const line = (name: string, y: number[], more: Partial<Data> = {}): Data =>
    ({
      type: 'scatter',
      mode: 'lines',
      name,
      x: at,
      y: y.map((value) => times * value),
      hoverinfo: 'skip',
      ...more,
    }) as Data;
  const question = questionOf[figure.kind];
  const spoken = bakes.filter(({ id, tasting }) => figure.bakes.includes(id) && tasting?.[question]);
  const words = spoken.map(({ tasting }) => asking[question].words[tasting?.[question] ?? ''] ?? '');
  return [
    line(
      'low',
      trend.points.map((point) => point.low),
      { line: { width: 0 } },
    ),
    line(
      'high',
      trend.points.map((point) => point.high),
      {
        line: { width: 0 },
        fill: 'tonexty',
        fillcolor: `${themeColour('damson')}${FAINT}`,
      } as Partial<Data>,
    ),
    line(
      'learned',
      trend.points.map(({ value }) => value),
      {
        mode: 'lines+markers',
        line: { color: themeColour('damson'), width: 3 },
        marker: { size: 7, color: themeColour('damson') },
        hoverinfo: 'text',
        hovertext: trend.points.map(
          (point) =>
            `${valueText(figure, point.value, units)}, ${valueText(figure, point.low, units)} to ${valueText(figure, point.high, units)}, by ${point.bakes} bakes`,
        ),
      } as Partial<Data>,
    ),
    {
      type: 'scatter',
      mode: 'markers',
      name: 'slices',
      x: spoken.map(({ bakedAt }) => bakedAt),
      y: spoken.map(() => times * (low - WORDS_UNDER * (high - low))),
      marker: {
        size: 11,
        symbol: spoken.map(({ tasting }) =>
          isGood(question, tasting?.[question] ?? null) ? 'circle' : 'diamond',
        ),
        color: spoken.map(({ tasting }) =>
          themeColour(isGood(question, tasting?.[question] ?? null) ? 'greengage' : 'amber'),
        ),
      },
      hoverinfo: 'text',
      hovertext: spoken.map(({ name, oven }, i) => `${words[i] ?? ''}: ${name}, ${oven}`),
    },
  ];
}

function span({ points }: Trend, { builtIn }: LearnedFigure): { low: number; high: number } {
  return {
    low: Math.min(builtIn.low, ...points.map(({ low }) => low)),
    high: Math.max(builtIn.high, ...points.map(({ high }) => high)),
  };
}

function TrendChart({ figure, trend, bakes }: Seen & { readonly figure: LearnedFigure }) {
  const units = useSettings((state) => state.units);
  const { colorScheme } = useMantineColorScheme();
  const navigate = useNavigate();
  const data = useMemo(
    () => (colorScheme ? drawn({ trend, bakes }, figure, units) : []),
    [trend, bakes, figure, units, colorScheme],
  );
  const layout = useMemo((): Partial<Layout> => {
    const { times, suffix } = countedIn(figure, units);
    const book = times * figure.builtIn.value;
    return {
      xaxis: { type: 'date', gridcolor: themeColour('linen-deep'), fixedrange: true },
      yaxis: {
        gridcolor: themeColour('linen-deep'),
        fixedrange: true,
        zeroline: false,
        ticksuffix: suffix,
      },
      shapes: [
        {
          type: 'line',
          xref: 'paper',
          x0: 0,
          x1: 1,
          y0: book,
          y1: book,
          line: { color: themeColour('ink-soft'), width: 2, dash: 'dot' },
        },
      ],
      annotations: [
        {
          xref: 'paper',
          x: 0.5,
          y: book,
          text: 'the book',
          showarrow: false,
          xanchor: 'center',
          yanchor: 'bottom',
        },
      ],
      margin: { l: 58, r: 12, t: 10, b: 36 },
      dragmode: false,
    };
  }, [figure, units]);
  const open = useCallback(
    (point: number) => {
      const bake = trend.points[point]?.bake;
      if (bake) void navigate(`/log/${bake}`);
    },
    [trend, navigate],
  );
  const first = trend.points[0];
  const last = trend.points.at(-1);
  const text = (value: number): string => valueText(figure, value, units);
  if (!first || !last) return null;
  const said = `${figure.label}, as it was learned: ${text(first.value)} after ${first.bakes} bakes, ${text(last.value)} after ${last.bakes}.`;
  return (
    <>
      <Chart data={data} layout={layout} height={HEIGHT} label={said} onPick={open} />
      <p>
        From {text(first.value)} ({text(first.low)} to {text(first.high)}) by {dayTextOf(bakes, first.bake)}{' '}
        to {text(last.value)} ({text(last.low)} to {text(last.high)}) now. Dots under the line are slices:
        round where “{asking[questionOf[figure.kind]].ask.toLowerCase()}” was right, a diamond where it was
        not.
      </p>
    </>
  );
}

const dayTextOf = (bakes: readonly LogEntry[], id: string): string => {
  const bake = bakes.find((one) => one.id === id);
  return bake ? dayText(bake.bakedAt) : '';
};

function TrendOf({ figure }: { readonly figure: LearnedFigure }) {
  const { data, error } = useTrends();
  if (error) return <Failure error={error} />;
  if (!data) return <p role="status">Going through all bakes …</p>;
  const trend = data.trends.find(({ kind, of }) => kind === figure.kind && of === figure.of);
  return trend ? <TrendChart figure={figure} trend={trend} bakes={data.bakes} /> : null;
}

/** How a figure moved from bake to bake, on request. */
export function TrendPart({ figure }: { readonly figure: LearnedFigure }) {
  const [open, setOpen] = useState(false);
  return (
    <details
      open={open}
      onToggle={({ currentTarget }) => setOpen(currentTarget.open)}
      className={classes.trend}
    >
      <summary>How it moved</summary>
      {open && <TrendOf figure={figure} />}
    </details>
  );
}

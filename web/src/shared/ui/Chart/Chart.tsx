import type { Config, Data, Layout, PlotMouseEvent } from 'plotly.js-dist-min';
import { useEffect, useRef } from 'react';
import { useMantineColorScheme } from '@mantine/core';

interface ChartProps {
  readonly data: Data[];
  readonly layout: Partial<Layout>;
  /** In px; as high as its place when not given. */
  readonly height?: number;
  /** What the chart shows, in words; its figures stand beside it as text. */
  readonly label: string;
  readonly onPick?: (point: number) => void;
  /** An editable shape was dragged: which, and where it lies now. */
  readonly onMove?: (shape: number, to: Readonly<Record<'x0' | 'x1' | 'y0' | 'y1', number>>) => void;
}

const LEAST_PX = 180;

const config: Partial<Config> = { displayModeBar: false, responsive: true };

/** A colour of the theme, as it is now. */
export const themeColour = (name: string): string =>
  getComputedStyle(document.documentElement).getPropertyValue(`--${name}`).trim();

/** Plotly is long to start: others have a turn before it draws. */
async function plotly() {
  const { default: Plotly } = await import('plotly.js-cartesian-dist-min');
  await new Promise((resolve) => setTimeout(resolve));
  return Plotly;
}

/** A Plotly chart in the theme's colours; Plotly itself is fetched when the first chart is shown. */
export function Chart({ data, layout, height, label, onPick, onMove }: ChartProps) {
  const place = useRef<HTMLDivElement>(null);
  const { colorScheme } = useMantineColorScheme();
  useEffect(() => {
    const element = place.current;
    if (!element) return;
    let gone = false;
    void plotly().then(async (Plotly) => {
      if (gone) return;
      const font = { family: "'Atkinson Hyperlegible', sans-serif", size: 14, color: themeColour('ink') };
      const plot = await Plotly.react(
        element,
        data,
        {
          height: height ?? Math.max(LEAST_PX, element.clientHeight),
          margin: { l: 52, r: 12, t: 12, b: 64 },
          paper_bgcolor: 'transparent',
          plot_bgcolor: 'transparent',
          showlegend: false,
          ...layout,
          font: { ...font, ...layout.font },
        },
        onMove ? { ...config, edits: { shapePosition: true } } : config,
      );
      plot.removeAllListeners('plotly_click');
      plot.on('plotly_click', ({ points }: PlotMouseEvent) => {
        const [first] = points;
        if (first) onPick?.(first.pointIndex);
      });
      plot.removeAllListeners('plotly_relayout');
      plot.on('plotly_relayout', (moved) => {
        const key = Object.keys(moved).find((name) => name.startsWith('shapes['));
        if (!key) return;
        const shape = Number(/\d+/.exec(key)?.[0]);
        const now = plot.layout.shapes?.[shape];
        if (!now) return;
        onMove?.(shape, { x0: Number(now.x0), x1: Number(now.x1), y0: Number(now.y0), y1: Number(now.y1) });
      });
    });
    return () => {
      gone = true;
    };
  }, [data, layout, height, onPick, onMove, colorScheme]);
  useEffect(() => {
    const element = place.current;
    return () => {
      if (element) void plotly().then((Plotly) => Plotly.purge(element));
    };
  }, []);
  return <div ref={place} role="img" aria-label={label} style={{ height: height ?? '100%' }} />;
}

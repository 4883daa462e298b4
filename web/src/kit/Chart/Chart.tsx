import type { Config, Data, Layout, PlotMouseEvent } from 'plotly.js-dist-min';
import { useEffect, useRef } from 'react';
import { useMantineColorScheme } from '@mantine/core';

interface ChartProps {
  readonly data: Data[];
  readonly layout: Partial<Layout>;
  readonly height: number;
  /** What the chart shows, in words; its figures stand beside it as text. */
  readonly label: string;
  readonly onPick?: (point: number) => void;
}

const config: Partial<Config> = { displayModeBar: false, responsive: true };

/** A colour of the theme, as it is now. */
export const themeColour = (name: string): string =>
  getComputedStyle(document.documentElement).getPropertyValue(`--${name}`).trim();

/** A Plotly chart in the theme's colours; Plotly itself is fetched when the first chart is shown. */
export function Chart({ data, layout, height, label, onPick }: ChartProps) {
  const place = useRef<HTMLDivElement>(null);
  const { colorScheme } = useMantineColorScheme();
  useEffect(() => {
    const element = place.current;
    if (!element) return;
    let gone = false;
    void import('plotly.js-cartesian-dist-min').then(async ({ default: Plotly }) => {
      if (gone) return;
      const plot = await Plotly.react(
        element,
        data,
        {
          height,
          margin: { l: 52, r: 12, t: 12, b: 64 },
          paper_bgcolor: 'transparent',
          plot_bgcolor: 'transparent',
          font: { family: "'Atkinson Hyperlegible', sans-serif", size: 14, color: themeColour('ink') },
          showlegend: false,
          ...layout,
        },
        config,
      );
      plot.removeAllListeners('plotly_click');
      plot.on('plotly_click', ({ points }: PlotMouseEvent) => {
        const [first] = points;
        if (first) onPick?.(first.pointIndex);
      });
    });
    return () => {
      gone = true;
    };
  }, [data, layout, height, onPick, colorScheme]);
  useEffect(() => {
    const element = place.current;
    return () => {
      if (element)
        void import('plotly.js-cartesian-dist-min').then(({ default: Plotly }) => Plotly.purge(element));
    };
  }, []);
  return <div ref={place} role="img" aria-label={label} style={{ minHeight: height }} />;
}

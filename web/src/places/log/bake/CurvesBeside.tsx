import type { LogEntry } from '@mardle/contract';
import type { PiePlan } from '@mardle/core';
import { typedUnit } from '@mardle/core';
import { useMantineColorScheme } from '@mantine/core';
import type { Data, Layout } from 'plotly.js-dist-min';
import { useMemo } from 'react';
import { Chart, themeColour } from '../../../shared/ui/Chart/Chart.js';
import { useSettings } from '../../../state/settings.js';
import { dayText } from '../../../learned/words.js';

const HEIGHT = 240;
const looks = [
  { colour: 'damson', dash: 'solid' },
  { colour: 'rim', dash: 'dash' },
] as const;

interface Baked {
  readonly entry: LogEntry;
  readonly plan: PiePlan;
}

/** The middle of both fillings through the bake, by the sums, with what probes read of them. */
export function CurvesBeside({ baked }: { readonly baked: readonly Baked[] }) {
  const system = useSettings((state) => state.units);
  const { colorScheme } = useMantineColorScheme();
  const { toTyped, word } = typedUnit('C', system);
  const data = useMemo(
    (): Data[] =>
      baked.flatMap(({ entry, plan }, i): Data[] => {
        const { colour, dash } = looks[i] ?? looks[0];
        const ink = colorScheme ? themeColour(colour) : '';
        const readings = plan.bake?.readings ?? [];
        const measured = entry.readings.filter(({ fillingC }) => fillingC !== null);
        return [
          {
            type: 'scatter',
            mode: 'lines',
            name: `${entry.name}, ${dayText(entry.bakedAt)}`,
            x: readings.map(({ timeMin }) => timeMin),
            y: readings.map(({ centreC }) => toTyped(centreC)),
            line: { color: ink, width: 3, dash },
            hovertemplate: `%{y:.0f} ${word} at %{x:.0f} min<extra></extra>`,
          },
          {
            type: 'scatter',
            mode: 'markers',
            showlegend: false,
            x: measured.map(({ atMin }) => atMin),
            y: measured.map(({ fillingC }) => toTyped(fillingC ?? NaN)),
            marker: { color: ink, size: 6, symbol: i === 0 ? 'circle' : 'diamond' },
            hoverinfo: 'skip',
          },
        ];
      }),
    [baked, colorScheme, toTyped, word],
  );
  const layout = useMemo(
    (): Partial<Layout> => ({
      xaxis: { ticksuffix: ' min', gridcolor: themeColour('linen-deep'), fixedrange: true },
      yaxis: { title: { text: word }, gridcolor: themeColour('linen-deep'), fixedrange: true },
      showlegend: true,
      legend: { orientation: 'h', y: -0.2, yanchor: 'top' },
      margin: { l: 56, r: 12, t: 10, b: 40 },
      dragmode: false,
    }),
    [word],
  );
  const ends = baked.map(({ entry, plan }) => {
    const end = plan.bake?.atEnd;
    return `${entry.name} ${end ? `${Math.round(toTyped(end.centreC))} ${word} after ${Math.round(end.timeMin)} min` : ''}`;
  });
  return (
    <Chart
      data={data}
      layout={layout}
      height={HEIGHT}
      label={`The middle of the filling by the sums: ${ends.join('; ')}.`}
    />
  );
}

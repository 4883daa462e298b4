import type { Bake, Reading } from '@mardle/core';
import { typedUnit } from '@mardle/core';
import { useMantineColorScheme } from '@mantine/core';
import type { Data, Layout, Shape } from 'plotly.js-dist-min';
import { useMemo } from 'react';
import { Chart, themeColour } from '../../kit/Chart/Chart.js';
import { useSettings } from '../../state/settings.js';

interface BakeCurvesProps {
  readonly bake: Bake;
}

interface Curve {
  readonly name: string;
  readonly colour: string;
  readonly dash: 'solid' | 'dot' | 'dash';
  readonly of: (reading: Reading) => number;
}

const curves: readonly Curve[] = [
  { name: 'oven air', colour: 'rim', dash: 'dot', of: ({ airC }) => airC },
  { name: 'top crust', colour: 'crust-dark', dash: 'solid', of: ({ topC }) => topC },
  { name: 'base', colour: 'amber', dash: 'dash', of: ({ baseC }) => baseC },
  { name: 'middle of the filling', colour: 'damson', dash: 'solid', of: ({ centreC }) => centreC },
];

/** Temperatures of oven and pie through both stages, each line named at its end. */
export function BakeCurves({ bake }: BakeCurvesProps) {
  const system = useSettings((state) => state.units);
  const { colorScheme } = useMantineColorScheme();
  const { toTyped, word } = typedUnit('C', system);
  const minutes = useMemo(() => bake.readings.map(({ timeMin }) => timeMin), [bake]);
  const data = useMemo(
    (): Data[] =>
      curves.map(({ name, colour, dash, of }) => ({
        type: 'scatter',
        mode: 'lines',
        name,
        x: minutes,
        y: bake.readings.map((reading) => toTyped(of(reading))),
        line: { color: colorScheme ? themeColour(colour) : '', width: 3, dash },
        hovertemplate: `${name} %{y:.0f} ${word} at %{x:.0f} min<extra></extra>`,
      })),
    [bake, minutes, toTyped, word, colorScheme],
  );
  const layout = useMemo((): Partial<Layout> => {
    const lowered: Partial<Shape> = {
      type: 'line',
      x0: bake.stages[0].timeMin,
      x1: bake.stages[0].timeMin,
      yref: 'paper',
      y0: 0,
      y1: 1,
      line: { color: themeColour('ink-soft'), width: 1, dash: 'dot' },
    };
    return {
      xaxis: { title: { text: 'minutes in the oven' }, gridcolor: themeColour('linen-deep') },
      yaxis: { title: { text: word }, gridcolor: themeColour('linen-deep') },
      showlegend: true,
      legend: { orientation: 'h', y: 1.16 },
      shapes: [lowered],
      margin: { l: 56, r: 10, t: 34, b: 46 },
    };
  }, [bake, word]);
  const end = bake.atEnd;
  const say = (tempC: number): string => `${Math.round(toTyped(tempC))} ${word}`;
  return (
    <Chart
      data={data}
      layout={layout}
      height={270}
      label={`Temperatures through the bake. At the end: oven air ${say(end.airC)}, top crust ${say(end.topC)}, base ${say(end.baseC)}, middle of the filling ${say(end.centreC)}.`}
    />
  );
}

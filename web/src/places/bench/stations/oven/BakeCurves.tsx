import type { Bake, Reading } from '@mardle/core';
import { typedUnit } from '@mardle/core';
import { useMantineColorScheme } from '@mantine/core';
import type { Data, Layout } from 'plotly.js-dist-min';
import { useCallback, useMemo } from 'react';
import { Chart, themeColour } from '../../../../shared/ui/Chart/Chart.js';
import { useSettings } from '../../../../state/settings.js';
import { changeBake } from '../../../../state/changeSpec.js';
import { eventMarks, INDEX_TOP, movedStages, stageShapes } from './stageShapes.js';

interface BakeCurvesProps {
  readonly bake: Bake;
  /** A filling is baked in it: not so for a shell that is filled later. */
  readonly filled: boolean;
}

interface Curve {
  readonly name: string;
  readonly colour: string;
  readonly dash: 'solid' | 'dot' | 'dash';
  readonly of: (reading: Reading) => number;
  /** Not drawn where there is none of it in the oven. */
  readonly needs?: 'base' | 'filling';
}

const heats: readonly Curve[] = [
  { name: 'oven', colour: 'rim', dash: 'dot', of: ({ airC }) => airC },
  { name: 'top', colour: 'crust-dark', dash: 'solid', of: ({ topC }) => topC },
  { name: 'base', colour: 'amber', dash: 'dash', of: ({ baseC }) => baseC, needs: 'base' },
  { name: 'middle', colour: 'damson', dash: 'solid', of: ({ centreC }) => centreC, needs: 'filling' },
];
/** Shares of the way: colour towards 2, deep; starch swollen. */
const shares: readonly Curve[] = [
  { name: 'colour', colour: 'currant', dash: 'solid', of: ({ topBrowning }) => topBrowning },
  { name: 'set', colour: 'greengage', dash: 'dash', of: ({ set }) => set, needs: 'filling' },
];

/** A pie without pastry under it reads 0 there. */
const hasBase = ({ readings }: Bake): boolean => readings.some(({ baseMoisture }) => baseMoisture > 0);

/**
 * Temperatures of oven and pie, colour and set through both stages. The stages are drawn as bars that can be dragged: up and
 * down for the heat, sideways for the time; the fields above do the same by keyboard.
 */
export function BakeCurves({ bake, filled }: BakeCurvesProps) {
  const system = useSettings((state) => state.units);
  const { colorScheme } = useMantineColorScheme();
  const { toTyped, fromTyped, word } = typedUnit('C', system);
  const lined = hasBase(bake);
  const data = useMemo((): Data[] => {
    const minutes = bake.readings.map(({ timeMin }) => timeMin);
    const draw = (curve: Curve, to: (value: number) => number, unit: string, axis: 'y' | 'y2'): Data => ({
      type: 'scatter',
      mode: 'lines',
      name: curve.name,
      x: minutes,
      y: bake.readings.map((reading) => to(curve.of(reading))),
      yaxis: axis,
      line: { color: colorScheme ? themeColour(curve.colour) : '', width: 3, dash: curve.dash },
      hovertemplate: `${curve.name} %{y:${axis === 'y' ? '.0f' : '.2f'}} ${unit} at %{x:.0f} min<extra></extra>`,
    });
    const isThere = ({ needs }: Curve): boolean => needs === undefined || (needs === 'base' ? lined : filled);
    return [
      ...heats.filter(isThere).map((curve) => draw(curve, toTyped, word, 'y')),
      ...shares.filter(isThere).map((curve) => draw(curve, (value) => value, '', 'y2')),
      eventMarks(bake).line,
    ];
  }, [bake, lined, filled, toTyped, word, colorScheme]);
  const layout = useMemo((): Partial<Layout> => {
    const { notes } = eventMarks(bake);
    return {
      xaxis: { ticksuffix: ' min', gridcolor: themeColour('linen-deep'), fixedrange: true },
      yaxis: { title: { text: word }, gridcolor: themeColour('linen-deep'), fixedrange: true },
      yaxis2: {
        overlaying: 'y',
        side: 'right',
        range: [0, INDEX_TOP],
        tickvals: [0, 1, 2, 3],
        ticktext: ['0', 'golden', 'deep', ''],
        showgrid: false,
        fixedrange: true,
      },
      showlegend: true,
      legend: { orientation: 'h', y: -0.14, yanchor: 'top', x: 0.5, xanchor: 'center', font: { size: 11.5 } },
      shapes: stageShapes(bake, toTyped),
      annotations: notes,
      font: { size: 12.5 },
      margin: { l: 50, r: 54, t: 44, b: 40 },
      dragmode: false,
    };
  }, [bake, toTyped, word]);
  const onMove = useCallback(
    (shape: number, to: Readonly<Record<'x0' | 'x1' | 'y0' | 'y1', number>>) => {
      const stages = movedStages(bake.stages, shape, to, fromTyped);
      if (stages) changeBake({ stages });
    },
    [bake, fromTyped],
  );
  const end = bake.atEnd;
  const say = (tempC: number): string => `${Math.round(toTyped(tempC))} ${word}`;
  return (
    <Chart
      data={data}
      layout={layout}
      onMove={onMove}
      label={`Temperatures and colour through the bake. At the end: oven ${say(end.airC)}, top crust ${say(end.topC)}${lined ? `, base ${say(end.baseC)}` : ''}${filled ? `, middle of the filling ${say(end.centreC)}` : ''}; colour ${end.topBrowning.toFixed(1)}, where 1 is golden and 2 deep${filled ? `; starch ${Math.round(100 * end.set)} % swollen` : ''}.`}
    />
  );
}

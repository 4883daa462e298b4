import type { Figure } from '@mardle/core';
import type { Data, Layout } from 'plotly.js-dist-min';
import { useCallback, useMemo } from 'react';
import { useMantineColorScheme } from '@mantine/core';
import { show } from '@mardle/core';
import { Chart, themeColour } from '../../../../shared/ui/Chart/Chart.js';
import { useSettings } from '../../../../state/settings.js';
import { useWhy } from '../../../../state/why.js';
import type { StationProps } from '../../../../state/changeSpec.js';

/** Steps of the ledger: what comes in, what goes, what is left. */
export const ledgerSteps: readonly {
  readonly id: string;
  readonly word: string;
  readonly sign: 1 | -1 | 0;
}[] = [
  { id: 'ledger.fruit_water', word: 'in the fruit', sign: 1 },
  { id: 'ledger.liquid_water', word: 'lemon, sugar,<br>liquid', sign: 1 },
  { id: 'ledger.bound', word: 'stays in<br>the fruit', sign: -1 },
  { id: 'ledger.boiled_off', word: 'boiled down', sign: -1 },
  { id: 'ledger.evaporated', word: 'out through<br>the top', sign: -1 },
  { id: 'ledger.soaked', word: 'drunk by<br>pastry', sign: -1 },
  { id: 'ledger.held', word: 'left to<br>hold', sign: 0 },
];

interface Bar {
  readonly figure: Figure;
  readonly word: string;
  readonly base: number;
  readonly height: number;
  readonly colour: string;
}

/** Each bar begins where the one before ended. */
function bars(figures: Readonly<Record<string, Figure>>): Bar[] {
  let level = 0;
  return ledgerSteps.flatMap(({ id, word, sign }) => {
    const figure = figures[id];
    if (!figure) return [];
    const base = sign === -1 ? level - figure.value : sign === 1 ? level : 0;
    if (sign !== 0) level += sign * figure.value;
    const colour = themeColour(sign === 1 ? 'rim' : sign === -1 ? 'crust' : 'damson');
    return [{ figure, word, base, height: figure.value, colour }];
  });
}

/** Where each gram of water goes; every bar opens to its story. */
export function LedgerPicture({ plan }: Pick<StationProps, 'plan'>) {
  const open = useWhy((state) => state.open);
  const units = useSettings((state) => state.units);
  const { colorScheme } = useMantineColorScheme();
  const figures = plan?.figures;
  const drawn = useMemo(() => (figures && colorScheme ? bars(figures) : []), [figures, colorScheme]);
  const data = useMemo(
    (): Data[] => [
      {
        type: 'bar',
        x: drawn.map(({ word }) => word),
        y: drawn.map(({ height }) => height),
        base: drawn.map(({ base }) => base),
        marker: { color: drawn.map(({ colour }) => colour) },
        text: drawn.map(({ figure }) => {
          const { number, unit } = show(figure.value, figure.unit, units);
          return `${number} ${unit}`;
        }),
        textposition: 'outside',
        cliponaxis: false,
        hovertemplate: '%{x}: %{text}<extra></extra>',
      },
    ],
    [drawn, units],
  );
  const layout = useMemo(
    (): Partial<Layout> => ({
      bargap: 0.25,
      yaxis: {
        title: { text: 'water, g' },
        gridcolor: themeColour('linen-deep'),
        zerolinecolor: themeColour('ink-soft'),
      },
      xaxis: { tickangle: 0 },
      font: { size: 12.5 },
      margin: { l: 50, r: 4, t: 18, b: 40 },
    }),
    [],
  );
  const onPick = useCallback(
    (point: number) => {
      const figure = drawn[point]?.figure;
      if (figure) open(figure.id);
    },
    [drawn, open],
  );
  return (
    <Chart
      data={data}
      layout={layout}
      label={`Where the water goes: ${drawn.map(({ figure }) => `${figure.label} ${Math.round(figure.value)} g`).join(', ')}.`}
      onPick={onPick}
    />
  );
}

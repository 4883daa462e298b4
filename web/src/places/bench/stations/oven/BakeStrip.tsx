import type { Bake, Figure, KnobKind } from '@mardle/core';
import { markOnKnob, showText } from '@mardle/core';
import { scaleLinear } from 'd3-scale';
import { useSettings } from '../../../../state/settings.js';
import classes from './BakeStrip.module.css';

interface BakeStripProps {
  readonly bake: Bake;
  readonly knob: KnobKind | undefined;
  readonly figures: Readonly<Record<string, Figure>>;
}

const WIDTH = 860;
const LANE = 24;
const lanes: readonly [id: string, word: string][] = [
  ['bake.golden', 'golden'],
  ['bake.tender', 'tender'],
  ['bake.edge_bubbling', 'bubbles at the edge'],
  ['bake.centre_bubbling', 'bubbles in the middle'],
];

/** The two stages as a strip of time with what hands do, and what should be seen when, as windows rather than minutes. */
export function BakeStrip({ bake, knob, figures }: BakeStripProps) {
  const units = useSettings((state) => state.units);
  const longest = Math.max(bake.outMin, ...lanes.map(([id]) => figures[id]?.high ?? 0)) * 1.02;
  const x = scaleLinear([0, longest], [0, WIDTH]);
  const heat = (tempC: number): string => markOnKnob(tempC, knob) ?? showText(tempC, 'C', units);
  const [first, second] = bake.stages;
  const single = first.tempC === second.tempC;
  const blocks = single
    ? [{ from: 0, to: bake.outMin, temp: first.tempC, className: classes.hot }]
    : [
        { from: 0, to: first.timeMin, temp: first.tempC, className: classes.hot },
        { from: first.timeMin, to: bake.outMin, temp: second.tempC, className: classes.low },
      ];
  const shown = lanes.flatMap(([id, word]) => {
    const figure = figures[id];
    return figure ? [{ word, figure }] : [];
  });
  const hands = [
    { at: bake.turnMin, word: 'turn' },
    ...(bake.foilMin === null ? [] : [{ at: bake.foilMin, word: 'foil' }]),
  ].sort((a, b) => a.at - b.at);
  const stagesSaid = single
    ? `One heat, ${heat(first.tempC)}, for ${bake.outMin} minutes`
    : `Stage one ${heat(first.tempC)} for ${first.timeMin} minutes, stage two ${heat(second.tempC)} for ${second.timeMin} minutes`;
  const windows = shown.map(
    ({ word, figure }) => `${word} between ${Math.round(figure.low)} and ${Math.round(figure.high)} minutes`,
  );
  const interventions = hands.map(({ at, word }) => `${word} at ${Math.round(at)} minutes`);
  return (
    <svg
      className={classes.strip}
      viewBox={`0 0 ${WIDTH} ${66 + LANE * shown.length}`}
      role="img"
      aria-label={`${[stagesSaid, ...interventions, ...windows].join('; ')}.`}
    >
      {blocks.map(({ from, to, temp, className }) => (
        <g key={from}>
          <rect
            x={x(from)}
            y={0}
            width={Math.max(0, x(to) - x(from) - 2)}
            height={30}
            rx={6}
            className={className}
          />
          <text x={x(from) + 8} y={21} className={classes.block}>
            {heat(temp)}
          </text>
        </g>
      ))}
      <text x={x(bake.outMin) - 4} y={21} textAnchor="end" className={classes.block}>
        out {bake.outMin} min
      </text>
      {hands.map(({ at, word }, i) => {
        const close = i > 0 && x(at) - x(hands[i - 1]?.at ?? 0) < 44;
        return (
          <g key={word}>
            <path d={`M${x(at) - 5} 40L${x(at)} 31L${x(at) + 5} 40Z`} className={classes.hand} />
            <text
              x={x(at) + (close ? 8 : 0)}
              y={55}
              textAnchor={close ? 'start' : 'middle'}
              className={classes.word}
            >
              {word}
            </text>
          </g>
        );
      })}
      {shown.map(({ word, figure }, i) => {
        const y = 72 + i * LANE;
        const left = x(figure.low);
        const wide = x(figure.high) - left;
        const textRight = left + wide + 8 + word.length * 9 < WIDTH;
        return (
          <g key={word}>
            <rect x={left} y={y - 8} width={wide} height={16} rx={8} className={classes.window} />
            <circle cx={x(figure.value)} cy={y} r={4} className={classes.mark} />
            <text
              x={textRight ? left + wide + 8 : left - 8}
              y={y + 5}
              textAnchor={textRight ? 'start' : 'end'}
              className={classes.word}
            >
              {word}
            </text>
          </g>
        );
      })}
    </svg>
  );
}

import type { Bake, Band, Reading } from '../bake/index.js';
import { colourTargets } from '../bake/index.js';
import type { PieSpec } from '../schema/index.js';
import type { Figure, FigureSum } from '../units/index.js';
import { figure, from, q, makeSum } from '../units/index.js';

const MODEL = 'bake simulation: heat, water, starch and colour in this dish and oven';

/** What would narrow a moment of the bake. */
const NARROWS =
  'Most of it is how far your oven is from its knob. A thermometer in it, or how much longer the last pie took, narrows it: Larder, ovens.';
/**
 * How far minutes can be trusted, as a share either way: so wide that they hold about nine times in ten when what is unknown of
 * fruit, dish and oven varies within its spread (measured over seeded pies, docs/facts.md).
 */
export const windowSpreads = { golden: 0.25, done: 0.11, bubbling: 0.13, colour: 0.4 } as const;

const FOUND =
  'Found by baking this pie at many settings of your knob: near the heats of practice, the way that brings colour and filling home together, with foil or one heat where that serves.';

/** What the filling waits for, each with its moment. */
function latest({ events, doneMin }: Bake): FigureSum {
  const waits = [
    ['tender', events.tenderMin],
    ['swollen', events.setMin],
    ['hot enough', events.heatedMin],
  ] as const;
  return (
    waits
      // What comes later than done is not asked of this form.
      .filter(([, minute]) => minute !== null && doneMin !== null && minute <= doneMin)
      .flatMap(([word, minute], i): FigureSum => [
        `${i > 0 ? ', ' : 'the latest of: '}${word} at `,
        q(minute ?? 0, 'min'),
      ])
  );
}

/** What the pie was like nearest to a minute. */
const readingAt = ({ readings, atEnd }: Bake, minute: number): Reading =>
  readings.reduce(
    (near, one) => (Math.abs(one.timeMin - minute) < Math.abs(near.timeMin - minute) ? one : near),
    atEnd,
  );

/** What a moment is told by: the pie as it stands then. */
function standsThen(bake: Bake, key: string, minute: number): FigureSum {
  const { airC, topC, centreC, coldestC, hottestC } = readingAt(bake, minute);
  const inside = makeSum`the middle at ${q(centreC, 'C')} then, the coldest at ${q(coldestC, 'C')}`;
  switch (key) {
    case 'golden':
      return makeSum`the top at ${q(topC, 'C')} then, in air of ${q(airC, 'C')}`;
    case 'edge_bubbling':
    case 'centre_bubbling':
      return makeSum`the hottest filling at ${q(hottestC, 'C')} then, the middle at ${q(centreC, 'C')}`;
    case 'done':
      return latest(bake);
    default:
      return inside;
  }
}

/** Half of a band as a share of the value, of the ranges in which the pie still comes out right. */
const within = (band: Band | undefined, value: number): { low: number; high: number } =>
  band ? { low: Math.min(band.low, value), high: Math.max(band.high, value) } : { low: value, high: value };

function stageFigures(bake: Bake, prefix: string, title: string, target: number): Figure[] {
  const single = bake.stages[0].tempC === bake.stages[1].tempC;
  const stages = single ? [{ ...bake.stages[0], timeMin: bake.outMin }] : bake.stages;
  const { bands } = bake;
  return stages.flatMap((stage, i) => [
    figure({
      id: `${prefix}.stage${i + 1}.temp`,
      label: single ? `${title}all through` : i === 0 ? `${title}first, hot` : `${title}then, lower`,
      value: stage.tempC,
      unit: 'C',
      ...within(i === 0 ? bands?.firstC : bands?.secondC, stage.tempC),
      rule: bake.found ? FOUND : 'The setting you chose.',
      sum: makeSum`its top ends at ${q(bake.atEnd.topBrowning, 'ratio')} of colour, ${q(target, 'ratio')} is wanted, after ${q(bake.outMin, 'min')}`,
      source: bake.found ? MODEL : 'your choice',
    }),
    figure({
      id: `${prefix}.stage${i + 1}.time`,
      label: single ? `${title}time` : i === 0 ? `${title}first stage` : `${title}second stage`,
      value: stage.timeMin,
      unit: 'min',
      ...(single ? {} : within(i === 0 ? bands?.firstMin : bands?.secondMin, stage.timeMin)),
      spread: single && bake.found ? windowSpreads.done : 0,
      rule: bake.found ? 'Found with the temperatures.' : 'The time you chose.',
      sum: single
        ? makeSum`${q(bake.outMin, 'min')} in all`
        : makeSum`${q(bake.outMin, 'min')} in all, less ${q(bake.outMin - stage.timeMin, 'min')}`,
      inputs: from(`${prefix}.stage${i + 1}.temp`),
      source: bake.found ? MODEL : 'your choice',
    }),
  ]);
}

/** All figures of the bake; an event that does not happen, or was so when the pie went in, has none. */
// eslint-disable-next-line max-lines-per-function -- one list: each figure with its story
export function bakeFigures(spec: PieSpec, bake: Bake): Figure[] {
  const wanted = colourTargets[spec.bake.colour].index;
  const events: [string, string, number | null, number, string][] = [
    [
      'golden',
      'Top golden',
      bake.events.goldenMin,
      windowSpreads.golden,
      'Browning of the dry hot skin reaches 1; the wash speeds it.',
    ],
    [
      'edge_bubbling',
      'Bubbles at the edge',
      bake.events.edgeBubblingMin,
      windowSpreads.bubbling,
      'Steam leaves the outer filling.',
    ],
    [
      'centre_bubbling',
      'Bubbles in the middle',
      bake.events.centreBubblingMin,
      windowSpreads.bubbling,
      'Steam leaves the middle of the filling.',
    ],
    [
      'tender',
      'Fruit tender',
      bake.events.tenderMin,
      windowSpreads.done,
      'Where a pick goes, half way to the middle, the fruit has softened; its pieces lag behind the juice round them, thick ones longest.',
    ],
    [
      'set',
      'Starch swollen',
      bake.events.setMin,
      windowSpreads.done,
      'Nine tenths of the filling has passed the swelling of its starch, later in a sugary juice.',
    ],
    [
      'done',
      'Filling done',
      bake.doneMin,
      windowSpreads.done,
      'The last of what this form asks: tender where a pick goes, starch swollen, the coldest place hot enough, or the top coloured. Bubbles are the sign to look for, not the judge.',
    ],
  ];
  return [
    ...stageFigures(bake, 'bake', '', wanted),
    ...(bake.blind ? stageFigures(bake.blind, 'blind', 'Empty shell, ', colourTargets.straw.index) : []),
    ...events.flatMap(([key, label, value, spread, rule]) =>
      value === null || value <= 0
        ? []
        : [
            figure({
              id: `bake.${key}`,
              label,
              value,
              unit: 'min',
              spread,
              rule,
              sum: standsThen(bake, key, value),
              narrows: NARROWS,
              inputs: from('bake.stage1.temp'),
              source: MODEL,
            }),
          ],
    ),
    figure({
      id: 'bake.out',
      label: 'Out of the oven after',
      value: bake.outMin,
      unit: 'min',
      spread: bake.found ? windowSpreads.done : 0,
      rule: 'Both stages. Trust the bubbles before the clock.',
      sum: makeSum`${q(bake.stages[0].timeMin, 'min')} + ${q(bake.outMin - bake.stages[0].timeMin, 'min')}`,
      narrows: NARROWS,
      inputs: from('bake.stage1.time'),
      source: bake.found ? MODEL : 'your choice',
    }),
    figure({
      id: 'bake.browning',
      label: 'Colour of the top at the end',
      value: bake.atEnd.topBrowning,
      unit: 'ratio',
      spread: windowSpreads.colour,
      rule: '1 golden, 2 deep, 4 too dark. Of an open pie the rim, of an empty shell the mean of its inside and its base.',
      sum:
        bake.events.goldenMin === null
          ? makeSum`not golden in ${q(bake.outMin, 'min')}`
          : makeSum`golden at ${q(bake.events.goldenMin, 'min')}, then ${q(Math.max(0, bake.outMin - bake.events.goldenMin), 'min')} more`,
      narrows: NARROWS,
      source: MODEL,
    }),
    ...(bake.foilMin === null
      ? []
      : [
          figure({
            id: 'bake.foil',
            label: 'Loose foil from',
            value: bake.foilMin,
            unit: 'min',
            spread: windowSpreads.golden,
            sum: makeSum`it would go on browning for ${q(bake.outMin - bake.foilMin, 'min')}; so it ends at ${q(bake.atEnd.topBrowning, 'ratio')}`,
            rule: 'The moment from which foil ends the bake at its colour; foil earlier if it is golden earlier.',
            inputs: from('bake.browning'),
            source: MODEL,
          }),
        ]),
    figure({
      id: 'bake.evaporated',
      label: 'Water that the filling loses in the oven',
      value: bake.atEnd.fillingLostG,
      unit: 'g',
      spread: 0.4,
      rule: 'Steam that leaves through vents and gaps, of one pie; it goes into the ledger.',
      sum: makeSum`${q(bake.atEnd.lostG, 'g')} that the whole pie gives off, less ${q(bake.atEnd.lostG - bake.atEnd.fillingLostG, 'g')} of its pastry`,
      source: MODEL,
    }),
    ...(bake.cooling.sliceMin === null
      ? []
      : [
          figure({
            id: 'cool.slice',
            label: 'Cool enough for a clean slice',
            value: bake.cooling.sliceMin,
            unit: 'min',
            spread: 0.2,
            rule: 'Until the hottest filling is under 45 °C on a rack at 21 °C.',
            sum:
              bake.cooling.warmMin === null
                ? makeSum`from ${q(bake.atEnd.hottestC, 'C')} out of the oven`
                : makeSum`from ${q(bake.atEnd.hottestC, 'C')} out of the oven; ${q(bake.cooling.warmMin, 'min')} to 60 °C and ${q(bake.cooling.sliceMin - bake.cooling.warmMin, 'min')} more`,
            inputs: from('bake.out'),
            source: `${MODEL}; 45 °C: common practice, no source`,
          }),
        ]),
  ];
}

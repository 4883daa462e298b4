import type { Bake, Band } from '../bake/index.js';
import type { PieSpec } from '../spec/index.js';
import type { Figure } from '../units/index.js';
import { figure, from } from '../units/index.js';

const MODEL =
  'bake simulation: heat, water, starch and colour in this dish and oven (docs/decisions/0005-bake.md)';
/** How far minutes can be trusted: tenderness within a tenth, colour and bubbling within a fifth (docs/facts.md). */
const TENDER_SPREAD = 0.1;
const WINDOW_SPREAD = 0.2;

const FOUND =
  'Found by baking this pie at many settings of your knob: the way that brings colour and filling home together, soonest.';

/** Half of a band as a share of the value, of the ranges in which the pie still comes out right. */
const within = (band: Band | undefined, value: number): { low: number; high: number } =>
  band ? { low: Math.min(band.low, value), high: Math.max(band.high, value) } : { low: value, high: value };

function stageFigures(bake: Bake, prefix: string, title: string): Figure[] {
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
      source: bake.found ? MODEL : 'your choice',
    }),
    figure({
      id: `${prefix}.stage${i + 1}.time`,
      label: single ? `${title}time` : i === 0 ? `${title}first stage` : `${title}second stage`,
      value: stage.timeMin,
      unit: 'min',
      ...(single ? {} : within(i === 0 ? bands?.firstMin : bands?.secondMin, stage.timeMin)),
      spread: single && bake.found ? WINDOW_SPREAD : 0,
      rule: bake.found ? 'Found with the temperatures.' : 'The time you chose.',
      inputs: from(`${prefix}.stage${i + 1}.temp`),
      source: bake.found ? MODEL : 'your choice',
    }),
  ]);
}

/** All figures of the bake; an event that does not happen has none. */
export function bakeFigures(spec: PieSpec, bake: Bake): Figure[] {
  const events: [string, string, number | null, number, string][] = [
    [
      'golden',
      'Top golden',
      bake.events.goldenMin,
      WINDOW_SPREAD,
      'Browning of the dry hot skin reaches 1; the wash speeds it.',
    ],
    [
      'edge_bubbling',
      'Bubbles at the edge',
      bake.events.edgeBubblingMin,
      WINDOW_SPREAD,
      'Steam leaves the outer filling.',
    ],
    [
      'centre_bubbling',
      'Bubbles in the middle',
      bake.events.centreBubblingMin,
      WINDOW_SPREAD,
      'Steam leaves the middle of the filling.',
    ],
    [
      'tender',
      'Fruit tender',
      bake.events.tenderMin,
      TENDER_SPREAD,
      'Nine tenths of the filling has softened four fifths of the way.',
    ],
    [
      'set',
      'Starch swollen',
      bake.events.setMin,
      WINDOW_SPREAD,
      'Nine tenths of the filling has passed the swelling of its starch, later in a sugary juice.',
    ],
    [
      'done',
      'Filling done',
      bake.doneMin,
      0.15,
      'The last of what this form asks: tender, starch swollen, bubbling in the middle for three minutes, or hot all through.',
    ],
  ];
  return [
    ...stageFigures(bake, 'bake', ''),
    ...(bake.blind ? stageFigures(bake.blind, 'blind', 'Empty shell, ') : []),
    ...events.flatMap(([key, label, value, spread, rule]) =>
      value === null
        ? []
        : [
            figure({
              id: `bake.${key}`,
              label,
              value,
              unit: 'min',
              spread,
              rule,
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
      spread: bake.found ? 0.15 : 0,
      rule: 'Both stages. Trust the bubbles before the clock.',
      inputs: from('bake.stage1.time'),
      source: bake.found ? MODEL : 'your choice',
    }),
    figure({
      id: 'bake.browning',
      label: 'Colour of the top at the end',
      value: bake.atEnd.topBrowning,
      unit: 'ratio',
      spread: WINDOW_SPREAD,
      rule: '1 golden, 2 deep, 4 too dark. Of an open pie the rim, of an empty shell its inside.',
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
            spread: WINDOW_SPREAD,
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
            inputs: from('bake.out'),
            source: `${MODEL}; 45 °C: common practice, no source`,
          }),
        ]),
    figure({
      id: 'bake.start',
      label: 'Goes in at',
      value: spec.bake.startC,
      unit: 'C',
      rule: 'The temperature you gave.',
      source: 'your choice',
    }),
  ];
}

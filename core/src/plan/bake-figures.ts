import type { Figure } from '../units/index.js';
import { figure, from } from '../units/index.js';
import type { Bake } from './bake.js';
import type { PieSpec } from './spec.js';

const MODEL =
  'bake simulation: heat, water, starch and colour in this dish and oven (docs/decisions/0005-bake.md)';
/** How far minutes can be trusted: tenderness within a tenth, colour and bubbling within a fifth (docs/facts.md). */
const TENDER_SPREAD = 0.1;
const WINDOW_SPREAD = 0.2;

function stageFigures(bake: Bake): Figure[] {
  return bake.stages.flatMap((stage, i) => [
    figure({
      id: `bake.stage${i + 1}.temp`,
      label: i === 0 ? 'First, hot' : 'Then, lower',
      value: stage.tempC,
      unit: 'C',
      spread: bake.found ? 0.03 : 0,
      rule: bake.found
        ? 'Found by baking this pie at many settings: the pair that brings colour and filling home together, soonest.'
        : 'The setting you chose.',
      source: bake.found ? MODEL : 'your choice',
    }),
    figure({
      id: `bake.stage${i + 1}.time`,
      label: i === 0 ? 'First stage' : 'Second stage',
      value: stage.timeMin,
      unit: 'min',
      spread: bake.found ? (i === 0 ? WINDOW_SPREAD : 0.15) : 0,
      rule: bake.found ? 'Found with the temperatures.' : 'The time you chose.',
      inputs: from(`bake.stage${i + 1}.temp`),
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
      'Tender, starch swollen, and bubbling in the middle for three minutes.',
    ],
  ];
  return [
    ...stageFigures(bake),
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
              inputs: from('bake.stage1.temp', 'bake.stage2.temp'),
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
      inputs: from('bake.stage1.time', 'bake.stage2.time'),
      source: bake.found ? MODEL : 'your choice',
    }),
    figure({
      id: 'bake.browning',
      label: 'Colour of the top at the end',
      value: bake.atEnd.topBrowning,
      unit: 'ratio',
      spread: WINDOW_SPREAD,
      rule: '1 golden, 2 deep, 4 too dark.',
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

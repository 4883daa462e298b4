import type { Figure } from '../../units/index.js';
import { figure, from, q, makeSum } from '../../units/index.js';
import { BAND_DEVIATIONS } from '../evidence.js';
import type { Filling } from '../filling.js';

const SYRUP = 'sucrose tables: density (ICUMSA, NBS C440), boiling point (Hugot), both from memory';
const DRAINING = 'weeping and draining (docs/decisions/0004-weep-test.md)';

/** Where a baker stops the pan when juice is drained and boiled down. */
export function preparationFigures({ prepared, release }: Filling): Figure[] {
  const { boilStop } = prepared;
  if (!boilStop) return [];
  const solidsG = (boilStop.juiceG * boilStop.juiceBrix) / 100;
  const wet = BAND_DEVIATIONS * release.deviation;
  return [
    figure({
      id: 'preparation.drained',
      label: 'Juice that drains',
      value: boilStop.juiceG,
      unit: 'g',
      spread: wet * 0.7,
      sum: makeSum`${q(boilStop.juiceG - solidsG, 'g')} of water + ${q(solidsG, 'g')} of sugar and fruit solids in it`,
      rule: 'Sugar draws a share of the water that will come free, faster from cut fruit; .85 of it drains, with .72 of the sugar.',
      inputs: from('sugar.mass', 'fruit.0.release'),
      source: DRAINING,
    }),
    figure({
      id: 'preparation.stop_mass',
      label: 'Boiled down, it weighs',
      value: boilStop.stopMassG,
      unit: 'g',
      spread: wet * 0.4,
      sum: makeSum`${q(boilStop.juiceG, 'g')}, less ${q(boilStop.juiceG - boilStop.stopMassG, 'g')} that boils away`,
      rule: 'The solids of the drained juice over the Brix to stop at; never past 70.',
      inputs: from('preparation.drained'),
      source: DRAINING,
    }),
    figure({
      id: 'preparation.stop_volume',
      label: 'and fills',
      value: boilStop.stopVolumeMl,
      unit: 'mL',
      spread: wet * 0.4,
      sum: makeSum`${q(boilStop.stopMassG, 'g')} / ${q(boilStop.stopMassG / boilStop.stopVolumeMl, 'ratio')} g for a mL`,
      rule: 'Its weight over the density of a syrup that strong.',
      inputs: from('preparation.stop_mass'),
      source: SYRUP,
    }),
    figure({
      id: 'preparation.stop_temp',
      label: 'and boils at',
      value: boilStop.stopTempC,
      unit: 'C',
      low: boilStop.stopTempC - 0.5,
      high: boilStop.stopTempC + 0.5,
      sum: makeSum`a syrup of ${q(boilStop.stopBrix, 'Brix')}`,
      rule: 'Boiling point of a syrup that strong at sea level; a degree less for every 300 m.',
      source: SYRUP,
    }),
  ];
}

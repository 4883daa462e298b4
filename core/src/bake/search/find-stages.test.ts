import { aBody, aPlace } from '../../test/body.js';
import { nothingSeen, watcher } from '../simulation/events.js';
import { meshSizes } from '../mesh/mesh-size.js';
import { ends } from './find-stages.js';
import { noInterventions, reading, simulateBake, startRun } from '../simulation/simulate.js';

const HOT_C = 215;

/** A pie whose top is ahead of its filling, at one hot setting. */
const endsUnder = (foilMin: number | null) => {
  const run = startRun(aBody(), aPlace, HOT_C, meshSizes.coarse, { ...noInterventions, foilMin });
  return ends(run, HOT_C, 'gold', watcher(run.model.body.done, 'gold')(nothingSeen, reading(run)));
};

describe('the ends of a setting', () => {
  it('are two where the top is ahead: bare, and with foil from then on, paler and later', () => {
    const [bare, foiled] = endsUnder(null);
    expect(bare?.foilMin).toBeNull();
    expect(foiled?.foilMin).toBeGreaterThan(10);
    expect(foiled!.foilMin!).toBeLessThan(foiled!.doneMin);
    expect(foiled!.browning).toBeLessThan(bare!.browning);
    expect(foiled!.doneMin).toBeGreaterThanOrEqual(bare!.doneMin);
  });

  it('are one where it is under foil already', () => {
    const its = endsUnder(15);
    expect(its.map(({ foilMin }) => foilMin)).toEqual([15]);
  });
});

describe('long steps', () => {
  const LONG_S = 20;
  const stages = [{ tempC: 200, timeMin: 60 }] as const;
  const bakedBy = (stepS: number, startC: number) => {
    const size = { ...meshSizes.coarse, stepS, warmedTimes: 1, settledTimes: 1 };
    const { readings } = simulateBake(aBody({ startC }), aPlace, stages, size);
    return [20, 30, 40].map((minute) => readings.find(({ timeMin }) => timeMin >= minute)!);
  };

  it.each([-18, 18])('melt, warm and boil as short ones do, from %d C', (startC) => {
    const short = bakedBy(1, startC);
    bakedBy(LONG_S, startC).forEach(({ coldestC, lostG }, i) => {
      expect(Math.abs(coldestC - short[i]!.coldestC)).toBeLessThan(1);
      expect(Math.abs(lostG / short[i]!.lostG - 1)).toBeLessThan(0.04);
    });
  });
});

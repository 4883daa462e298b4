import { aBody, aPlace } from '../../test/body.js';
import { watchHeat } from './heat-picture.js';
import { meshSizes } from '../mesh/mesh-size.js';
import { offsetFromLonger } from '../search/oven-offset.js';
import { finishNow } from '../../units/index.js';
import { findStages } from '../search/find-stages.js';
import { doneMin } from '../simulation/events.js';
import { simulateBake } from '../simulation/simulate.js';
import { once } from '../../test/once.js';

const stages = [
  { tempC: 215, timeMin: 20 },
  { tempC: 180, timeMin: 40 },
] as const;

describe('the picture of heat', () => {
  const seen = once(() => {
    const watched = watchHeat(2);
    const { readings } = simulateBake(aBody(), aPlace, stages, meshSizes.coarse, undefined, watched.see);
    return { readings, picture: watched.picture() };
  });

  it('has a frame every so many minutes, from loading to the end', () => {
    const { picture } = seen();
    expect(picture.timesMin).toEqual(Array.from({ length: 31 }, (_, i) => 2 * i));
    for (const frame of picture.tempsC) expect(frame).toHaveLength(picture.cells.length);
  });

  it('shows the same heat as the readings do', () => {
    const { picture, readings } = seen();
    picture.timesMin.forEach((timeMin, f) => {
      const now = readings.find((reading) => reading.timeMin === timeMin);
      const filling = picture.tempsC[f]!.filter((_, i) => picture.cells[i]?.kind === 'filling');
      expect(Math.min(...filling)).toBeCloseTo(now?.coldestC ?? NaN, 0);
      expect(Math.max(...filling)).toBeCloseTo(now?.hottestC ?? NaN, 0);
    });
  });

  it('lays cells over each other from base to top, and columns from the middle to the edge', () => {
    const { picture } = seen();
    const inner = picture.cells.filter(({ inner: from }) => from === 0);
    inner.slice(1).forEach((cell, i) => expect(cell.lowCm).toBeCloseTo(inner[i]!.highCm, 9));
    expect(Math.max(...picture.cells.map(({ outer }) => outer))).toBeCloseTo(1, 9);
    // 3.2 mm of crust under and over 3.2 cm of filling with a mound of 2 cm.
    expect(inner.at(-1)?.highCm).toBeCloseTo(0.32 + 5.2 + 0.32, 0);
  });
});

describe('how far off an oven is', () => {
  const body = aBody();

  it('is found again from the minutes that an oven so far off takes longer', () => {
    for (const offsetC of [-20, -8, 12]) {
      const at = (off: number): number => {
        const long = [stages[0], { tempC: 180, timeMin: 120 }];
        const oven = { ...aPlace.oven, offsetC: off };
        const { events } = simulateBake(body, { ...aPlace, oven }, long, meshSizes.coarse);
        return doneMin(events, body.done) ?? NaN;
      };
      const found = offsetFromLonger(body, aPlace, stages, at(offsetC) - at(0));
      expect(Math.abs((found ?? NaN) - offsetC)).toBeLessThanOrEqual(1.5);
    }
  });

  it('is not made up when no oven would take that long', () => {
    expect(offsetFromLonger(body, aPlace, stages, 400)).toBeNull();
    expect(offsetFromLonger(body, aPlace, stages, -60)).toBeNull();
  });
});

describe('a recipe’s own heats', () => {
  it('get the times that bring this pie home', () => {
    const keep = { firstC: 218, secondC: 177 };
    const found = finishNow(findStages(aBody(), aPlace, { keep }))!;
    expect(found.stages.map(({ tempC }) => tempC)).toEqual([218, 177]);
    const { events } = simulateBake(aBody(), aPlace, found.stages, meshSizes.coarse);
    const done = doneMin(events, aBody().done) ?? Infinity;
    expect(done).toBeLessThan(found.stages[0].timeMin + found.stages[1].timeMin + 3);
  });

  it('a pie too small for two stages gets one heat', () => {
    const small = aBody({ edgeM: 0.01, moundM: 0, filling: { ...aBody().filling!, massKg: 0.3 } });
    const [first, second] = finishNow(findStages(small, { ...aPlace, colour: 'straw' }))!.stages;
    const worth = first.tempC === second.tempC || second.timeMin >= 8;
    expect(worth).toBe(true);
  });
});

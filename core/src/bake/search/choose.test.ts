import { aBody, aPlace } from '../../test/body.js';
import type { Schedule } from './bands.js';
import { homeMin, nothingSeen } from '../simulation/events.js';
import { goodBands, bestOfPairs, colourOff, isSingle } from './bands.js';
import { knobWords, markOnKnob, onKnob } from './knob.js';
import { finishNow } from '../../units/index.js';
import type { ReferenceHeats } from './bands.js';
import { asStages, referenceHeats } from './reference-heats.js';
import { once } from '../../test/once.js';

const way = (more: Partial<Schedule> = {}): Schedule => ({
  firstC: 205,
  firstMin: 15,
  secondC: 180,
  doneMin: 45,
  filledMin: Math.min(40, more.doneMin ?? 40),
  bubbles: true,
  browning: 1.5,
  baseMoisture: 0.05,
  baseBrowning: 1,
  foilMin: null,
  ...more,
});
const usual = once(() => referenceHeats(aBody(), aPlace));
const first = (...ways: Schedule[]): Schedule | undefined => bestOfPairs(ways, 1.5, usual())[0];

/** The choice among ways that all bake the pie, as a baker would choose (common practice, no source). */
describe('of two ways the better one is', () => {
  it('that of the colour asked for', () => {
    const right = way({ firstC: 210 });
    expect(first(way({ browning: 0.6 }), right)).toBe(right);
    expect(first(way({ browning: 3.5 }), right)).toBe(right);
  });

  it('the one at usual heats', () => {
    const odd = way({ firstC: 240, secondC: 150 });
    expect(first(odd, way())).toEqual(way());
  });

  it('the one with a dry base', () => {
    const dry = way({ secondC: 185 });
    expect(first(way({ baseMoisture: 0.3 }), dry)).toBe(dry);
  });

  it('a base counts only as far as it is soggy: from a tenth on, a quarter is the worst', () => {
    const shorter = (wet: number, dry: number): number | undefined =>
      first(way({ baseMoisture: wet, doneMin: 40 }), way({ baseMoisture: dry, secondC: 175, doneMin: 46 }))
        ?.baseMoisture;
    expect(shorter(0.09, 0.02)).toBe(0.09);
    expect(shorter(0.6, 0.3)).toBe(0.6);
    expect(shorter(0.2, 0.11)).toBe(0.11);
  });

  it('the one whose filling does not wait for its colour', () => {
    // Ten minutes nobody minds; more of them are worth an oven ten degrees hotter than usual.
    const hotter = way({ firstC: 190, secondC: 190, firstMin: 0, doneMin: 55, filledMin: 50 });
    const usual: ReferenceHeats = {
      first: [205, 15],
      second: [180, 15],
      single: [180, 15],
      lowerC: 0,
      topLowerC: 0,
      oneHeat: true,
    };
    const waits = (filledMin: number): Schedule =>
      way({ firstC: 180, secondC: 180, firstMin: 0, doneMin: 65, filledMin });
    const best = (...ways: Schedule[]): Schedule | undefined => bestOfPairs(ways, 1.5, usual)[0];
    expect(best(waits(45), hotter)).toBe(hotter);
    const ready = waits(55);
    expect(best(ready, hotter)).toBe(ready);
  });

  it('the one that bubbles before it is taken out', () => {
    const bubbling = way({ firstC: 200, doneMin: 50 });
    expect(first(way({ bubbles: false }), bubbling)).toBe(bubbling);
    expect(first(way({ bubbles: false, firstC: 200 }), way({ bubbles: false }))?.firstC).toBe(205);
  });

  it('the one with a base that is not burnt', () => {
    const gold = way({ secondC: 170, baseBrowning: 2.5 });
    expect(first(way({ baseBrowning: 5 }), gold)).toBe(gold);
    expect(first(way({ baseBrowning: 2.9 }), gold)?.baseBrowning).toBe(2.9);
  });

  it('the one without foil', () => {
    const bare = way({ secondC: 185 });
    expect(first(way({ foilMin: 20 }), bare)).toBe(bare);
  });

  it('the shorter one, when nothing else tells them apart', () => {
    const pairs = bestOfPairs([way({ doneMin: 60 }), way({ doneMin: 40 })], 1.5, usual());
    expect(pairs).toHaveLength(1);
    expect(pairs[0]?.doneMin).toBe(40);
  });

  it('one heat for pies that are mostly baked at one', () => {
    const single = way({ firstC: 190, secondC: 190 });
    const oneHeat = { ...usual(), oneHeat: true };
    expect(bestOfPairs([way(), single], 1.5, oneHeat)[0]).toBe(single);
    expect(bestOfPairs([way(), single], 1.5, usual())[0]).toEqual(way());
  });
});

describe('the ranges in which it comes out right', () => {
  it('are those of the ways of the right colour', () => {
    const ways = [way(), way({ firstC: 215, firstMin: 10 }), way({ firstC: 230, browning: 4 })];
    const bands = goodBands(ways, ways[0]!, 1.5);
    expect(bands.firstC).toEqual({ low: 205, high: 215 });
    expect(bands.firstMin).toEqual({ low: 10, high: 15 });
    expect(bands.secondMin).toEqual({ low: 30, high: 35 });
  });

  it('hold the best way even when it is not quite of the colour', () => {
    const best = way({ browning: 0.8 });
    expect(goodBands([way({ firstC: 190 })], best, 1.5).firstC).toEqual({ low: 190, high: 205 });
  });

  it('measure colour by its ratio', () => {
    expect(colourOff(way({ browning: 3 }), 1.5)).toBeCloseTo(Math.log(2), 9);
    expect(colourOff(way({ browning: 0.75 }), 1.5)).toBeCloseTo(-Math.log(2), 9);
    expect(Number.isFinite(colourOff(way({ browning: 0 }), 1.5))).toBe(true);
  });
});

describe('usual heats', () => {
  it('are lower in a fan oven, and at first under a crumb', () => {
    const fan = referenceHeats(aBody(), { oven: { ...aPlace.oven, kind: 'fan' } });
    expect(usual().first[0] - fan.first[0]).toBe(12);
    const crumb = referenceHeats(aBody({ top: { ...aBody().top!, startsLowerC: 14 } }), aPlace);
    expect(usual().first[0] - crumb.first[0]).toBe(14);
    expect(crumb.second).toEqual(usual().second);
  });
});

describe('stages as they are set', () => {
  it('are in fives, and never before the filling is done', () => {
    const [one, two] = asStages(way({ firstMin: 15, doneMin: 47.2 }), { timeMin: 43, coloured: false });
    expect(one).toEqual({ tempC: 205, timeMin: 15 });
    expect(two.timeMin % 5).toBe(0);
    expect(15 + two.timeMin).toBeGreaterThanOrEqual(43 - 1);
  });

  it('one heat is cut where it would be looked at, half way', () => {
    const [one, two] = asStages(way({ firstC: 190, secondC: 190, doneMin: 40 }));
    expect(one.tempC).toBe(two.tempC);
    expect(one.timeMin + two.timeMin).toBe(40);
    expect(isSingle(way({ firstC: 190, secondC: 190 }))).toBe(true);
    expect(isSingle(way())).toBe(false);
  });

  it('a five that misses the colour by a minute is that minute longer, by more the next five', () => {
    const whole = (timeMin: number, coloured: boolean): number =>
      asStages(way({ firstC: 200, secondC: 200, doneMin: 30 }), { timeMin, coloured }).reduce(
        (sum, stage) => sum + stage.timeMin,
        0,
      );
    expect(whole(30.4, true)).toBe(31);
    expect(whole(30.4, false)).toBe(30);
    expect(whole(29.2, true)).toBe(30);
    expect(whole(31.6, true)).toBe(35);
  });

  it('short times stay in minutes', () => {
    const [one, two] = asStages(way({ firstC: 200, secondC: 200, doneMin: 7.2 }), {
      timeMin: 7,
      coloured: false,
    });
    expect(one.timeMin + two.timeMin).toBe(8);
  });
});

describe('the knob', () => {
  it.each([
    ['5_c', 183, 185],
    ['10_c', 183, 180],
    ['gas', 183, 180],
    ['gas', 212, 220],
  ] as const)('%s has %d C at %d', (knob, tempC, set) => {
    expect(onKnob(tempC, knob)).toBe(set);
  });

  it('has whole steps in Fahrenheit', () => {
    const inF = (tempC: number): number => tempC * 1.8 + 32;
    for (let tempC = 120; tempC < 260; tempC += 3) {
      expect(inF(onKnob(tempC, '25_f')) % 25).toBeCloseTo(0, 6);
      expect(Math.round(inF(onKnob(tempC, '10_f'))) % 10).toBe(0);
    }
  });

  it('says its mark only where it has marks', () => {
    expect(markOnKnob(190, 'gas')).toBe('gas 5');
    expect(markOnKnob(190, '5_c')).toBeNull();
    expect(markOnKnob(190, undefined)).toBeNull();
    expect(Object.values(knobWords).every((word) => word.length > 0)).toBe(true);
  });
});

it('a paused sum is driven to its end', () => {
  function* sum(): Generator<number, string, void> {
    yield 0.3;
    yield 0.9;
    return 'done';
  }
  expect(finishNow(sum())).toBe('done');
});

describe('a pie is home', () => {
  const events = { ...nothingSeen.events, tenderMin: 40, setMin: 38, heatedMin: 36 };
  const rule = aBody().done;

  it('a seventh later than it is done, seven minutes at most, once it is coloured', () => {
    expect(homeMin({ ...events, colouredMin: 30 }, rule, 60)).toBeCloseTo(46, 9);
    expect(homeMin({ ...events, tenderMin: 70, colouredMin: 30 }, rule, 80)).toBe(77);
    expect(homeMin({ ...events, colouredMin: 55 }, rule, 60)).toBe(55);
  });

  it('pale, when its filling has waited half an hour', () => {
    expect(homeMin(events, rule, 60)).toBeNull();
    expect(homeMin(events, rule, 70)).toBe(70);
    expect(homeMin({ ...events, colouredMin: 90 }, rule, 95)).toBe(70);
  });

  it('as soon as it is dry and coloured, when it is an empty shell', () => {
    const shell = { ...rule, tender: false, set: false, coldestC: null, coloured: true, baseDry: true };
    expect(homeMin({ ...nothingSeen.events, baseCrispMin: 30, colouredMin: 33 }, shell, 40)).toBe(33);
    expect(homeMin({ ...nothingSeen.events, baseCrispMin: 34, colouredMin: 33 }, shell, 40)).toBe(34);
  });
});

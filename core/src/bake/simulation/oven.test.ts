import type { OvenSpec } from '../../schema/index.js';
import { doorOpened, loadedOven, ovenAfter, ovenTraits } from './oven.js';
import { once } from '../../test/once.js';

const still: OvenSpec = { label: 'still', kind: 'still', offsetC: 0, warmUpMin: 20 };
const traits = once(() => ovenTraits({ oven: still }));

describe('an oven', () => {
  it('lags behind its knob by a first-order law: 63 % of the way after one time constant', () => {
    const start = { wallC: 220, airDipC: 0 };
    const { wallC } = ovenAfter(start, traits(), 180, traits().fallsS);
    expect((220 - wallC) / 40).toBeCloseTo(1 - Math.exp(-1), 10);
  });

  it('comes to the same in one step or in many', () => {
    const start = loadedOven(traits(), 210);
    let many = start;
    for (let i = 0; i < 900; i++) many = ovenAfter(many, traits(), 175, 1);
    const one = ovenAfter(start, traits(), 175, 900);
    expect(many.wallC).toBeCloseTo(one.wallC, 8);
    expect(many.airDipC).toBeCloseTo(one.airDipC, 8);
  });

  it('rises faster than it falls, and faster still with a fan', () => {
    const fan = ovenTraits({ oven: { ...still, kind: 'fan' } });
    expect(traits().risesS).toBeLessThan(traits().fallsS);
    expect(fan.fallsS).toBeLessThan(traits().fallsS);
    expect(fan.convectionWM2K).toBeGreaterThan(2 * traits().convectionWM2K);
  });

  it('stands at its knob and its own error when it is loaded, with the air fallen', () => {
    const hot = ovenTraits({ oven: { ...still, offsetC: 9 } });
    const state = loadedOven(hot, 200);
    expect(state.wallC).toBe(209);
    expect(state.airDipC).toBeCloseTo(0.3 * (209 - 22), 10);
    expect(ovenAfter(state, hot, 200, 3600).airDipC).toBeCloseTo(0, 6);
  });

  it('lets the air fall again when the door is opened, not the walls', () => {
    const steady = ovenAfter(loadedOven(traits(), 200), traits(), 200, 3600);
    const opened = doorOpened(steady, traits());
    expect(opened.wallC).toBe(steady.wallC);
    expect(opened.airDipC).toBeGreaterThan(50);
  });

  it('gives the base more from a low rack and the top more from a high one, and no more in all', () => {
    const sum = (rack: 'low' | 'middle' | 'high'): readonly number[] =>
      ovenTraits({ oven: still, rack }).radiantRiseC;
    const [up, down] = sum('low');
    const [middleUp, middleDown] = sum('middle');
    expect(down).toBeGreaterThan(up!);
    expect(sum('high')[0]).toBeGreaterThan(sum('middle')[0]!);
    expect(up! + down!).toBeCloseTo(middleUp! + middleDown!, 10);
    expect(down! - up!).toBeGreaterThan(middleDown! - middleUp!);
  });

  it('is held down by other cold pies, and by having only just got there; a small pie meets more of its air', () => {
    const full = ovenTraits({ oven: still, beside: 4 });
    expect(loadedOven(full, 200).wallC).toBeLessThan(loadedOven(traits(), 200).wallC);
    expect(loadedOven(full, 200).airDipC).toBeGreaterThan(loadedOven(traits(), 200).airDipC);
    expect(loadedOven(traits(), 200, 'just_reached').wallC).toBeLessThan(190);
    // h falls as D^-1/4 (handbook, natural convection).
    const small = ovenTraits({ oven: still }, 0.1).convectionWM2K;
    expect(small / ovenTraits({ oven: still }, 0.2).convectionWM2K).toBeCloseTo(2 ** 0.25, 8);
  });
});

import { builtInMaterials, larderRow } from '../../larder/index.js';
import { fromBelow } from './support-surface.js';
import { constant } from './constants.js';

const made = (id: string) => larderRow(builtInMaterials, id);

/** Air at 165 C, between a pie's base and its oven. Handbook values, from memory. */
const air = { kWMK: 0.036, kinematic: 3e-5, diffusivity: 4.3e-5, expansionPerK: 1 / 438 };
const GRAVITY = 9.81;

/** Round a rod that lies in still air, W/m2K: Churchill and Chu's correlation, from memory. */
function roundARod(acrossM: number, overK: number): number {
  const { kWMK, kinematic, diffusivity, expansionPerK } = air;
  const rayleigh = (GRAVITY * expansionPerK * overK * acrossM ** 3) / (kinematic * diffusivity);
  const prandtl = kinematic / diffusivity;
  const nusselt =
    (0.6 + (0.387 * rayleigh ** (1 / 6)) / (1 + (0.559 / prandtl) ** (9 / 16)) ** (8 / 27)) ** 2;
  return (nusselt * kWMK) / acrossM;
}

describe('what reaches a base from below', () => {
  it('is brought to a thin tin by the bars of its rack, as sums by hand have it', () => {
    const [bar, apart, touches, film] = [0.005, 0.027, 0.0025, 0.00007];
    const radiates = 0.5 * 4 * 5.67e-8 * 438 ** 3;
    const takesUp = ((roundARod(bar, 50) + radiates) * 0.75 * Math.PI * bar) / apart;
    const through = (air.kWMK / film) * (touches / apart);
    const brings = 1 / (1 / takesUp + 1 / through);
    const shades =
      (bar / apart) * (constant('rackShare') * constant('stillH') + made('foil').emissivity * 2 * radiates);
    const net = brings - shades;
    // What comes along the bars from beyond the dish is not in this sum: as much again at most.
    expect(constant('rackBars') * constant('stillH')).toBeGreaterThan(net);
    expect(constant('rackBars') * constant('stillH')).toBeLessThan(2 * net);
  });

  it('is no more for a rigid dish on bars, which touches them along lines', () => {
    expect(fromBelow(made('bright_aluminium'), 'rack').share).toBe(fromBelow(made('glass'), 'rack').share);
    expect(fromBelow(made('foil'), 'rack').share).toBeGreaterThan(fromBelow(made('glass'), 'rack').share);
  });

  it('is what a tray takes up, whatever shines on it', () => {
    const { emissivity } = fromBelow(made('enamelled_steel'), 'tray');
    for (const id of ['foil', 'bright_aluminium', 'aluminium'])
      expect(fromBelow(made(id), 'tray').emissivity).toBe(emissivity);
    // A bright dish gains by that, a dark one loses.
    expect(emissivity).toBeGreaterThan(fromBelow(made('foil'), 'rack').emissivity);
    expect(emissivity).toBeLessThan(fromBelow(made('enamelled_steel'), 'rack').emissivity);
  });

  it('is taken up by hot steel, not by what stands on it', () => {
    expect(fromBelow(made('foil'), 'hot_steel')).toEqual(fromBelow(made('glass'), 'hot_steel'));
  });
});

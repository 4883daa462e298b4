import { disc, oblong } from '../../test/outlines.js';
import { spreadOver } from '../../pie/forms/shared/Above.js';

describe('places spread over an outline', () => {
  it.each([1, 2.6, 5.5])('%d cm apart all lie within it', (pitchCm) => {
    const places = spreadOver(disc(23), pitchCm);
    expect(places.length).toBeGreaterThan(4);
    for (const [x, y] of places) expect(Math.hypot(x, y)).toBeLessThanOrEqual(11.5);
  });

  it('closer means more of them, about as the area goes', () => {
    const count = (pitchCm: number): number => spreadOver(disc(30), pitchCm).length;
    expect(count(1) / count(2)).toBeGreaterThan(3);
    expect(count(1) / count(2)).toBeLessThan(5.5);
  });

  it('fill a rectangle to its corners', () => {
    const places = spreadOver(oblong(40, 30), 2);
    expect(Math.max(...places.map(([, y]) => y))).toBeGreaterThan(17);
    expect(Math.max(...places.map(([x]) => x))).toBeGreaterThan(12);
  });
});

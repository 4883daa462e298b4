import { windowsHeld } from './facts/windows.js';

/** A band that is too narrow lies, one that is too wide says nothing. */
it('the windows shown hold the truth of 500 seeded pies 85 to 95 times in a hundred', () => {
  for (const share of Object.values(windowsHeld(500))) {
    expect(share).toBeGreaterThanOrEqual(0.85);
    expect(share).toBeLessThanOrEqual(0.95);
  }
}, 300_000);

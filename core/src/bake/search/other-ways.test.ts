import type { OtherSchedule } from './bands.js';
import { otherWaysInWords } from './other-ways.js';

const way = (part: Partial<OtherSchedule>): OtherSchedule => ({
  firstC: 210,
  firstMin: 20,
  secondC: 180,
  doneMin: 45,
  filledMin: 40,
  bubbles: true,
  browning: 1.5,
  baseMoisture: 0.02,
  baseBrowning: 1,
  foilMin: null,
  longerMin: 0,
  colourOff: 0,
  ...part,
});
const chosen = { browning: 1.5, baseBrowning: 1, foilMin: null };

describe('other ways in words', () => {
  it('say what is longer, paler, darker and under foil', () => {
    const [said] = otherWaysInWords(
      [way({ longerMin: 8, browning: 1.1, baseBrowning: 1.4, foilMin: 30, colourOff: -0.28 })],
      chosen,
    );
    expect(said?.differs).toBe(
      '8 minutes longer, the top stays paler, the base gets darker, foil from minute 30',
    );
  });

  it('say nothing where nothing differs, and no more of foil that is not needed', () => {
    expect(otherWaysInWords([way({})], chosen)[0]?.differs).toBe('');
    expect(otherWaysInWords([way({ longerMin: -6 })], { ...chosen, foilMin: 31 })[0]?.differs).toBe(
      '6 minutes sooner, no foil',
    );
  });

  it('are three at most, one heat among them, and none whose colour is wrong', () => {
    const all = [
      way({}),
      way({ secondC: 175 }),
      way({ secondC: 185 }),
      way({ firstC: 190, secondC: 190 }),
      way({ secondC: 165, colourOff: 0.5 }),
    ];
    const ways = otherWaysInWords(all, chosen).map((said) => said.way);
    expect(ways).toHaveLength(3);
    expect(ways.some(({ firstC, secondC }) => firstC === secondC)).toBe(true);
    expect(otherWaysInWords([all[4]!], chosen)).toEqual([]);
  });
});

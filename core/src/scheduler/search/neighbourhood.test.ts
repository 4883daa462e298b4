import { chanceFrom } from '../../units/index.js';
import { withShells } from '../../test/with-shells.js';
import type { Day } from '../model/day.js';
import type { DayIdea } from '../timetable/decoder.js';
import { decoderOf } from '../timetable/decoder.js';
import { usualOrder } from '../timetable/placing-order.js';
import { shareOutOf } from './reassign-batches.js';
import type { Found, Looking } from './neighbourhood.js';
import { neighbourOf, putBack } from './neighbourhood.js';
import { sampleDay } from '../model/sample-day.js';

/** All that is looked at costs the same: only what is looked at matters here. */
function lookingAt(day: Day): Looking {
  const decoder = decoderOf(day);
  const chance = chanceFrom(7);
  return {
    day,
    decoder,
    chance,
    shareOut: shareOutOf(day, decoder.ways, chance),
    rankOf: ({ total }) => total,
    evaluate: (idea: DayIdea): Found => ({ idea, failed: 0, total: 0, outlook: 0, lateMin: 0, troubled: [] }),
  };
}

function placedIn(looking: Looking): DayIdea {
  let idea: DayIdea = { runs: [], order: usualOrder };
  for (const i of looking.day.pies.keys()) ({ idea } = putBack(looking, idea, i));
  return idea;
}

const runWith = ({ runs }: DayIdea, i: number): string =>
  JSON.stringify(runs.find(({ pies }) => pies.includes(i)));

describe('neighbours of a plan', () => {
  const looking = lookingAt(sampleDay(3, 12));
  const idea = placedIn(looking);
  it('have every pie once', () => {
    for (let k = 0; k < 200; k++) {
      const { runs } = neighbourOf(looking, { idea, troubled: [k % 12] }).idea;
      expect(runs.flatMap(({ pies }) => pies).sort((a, b) => a - b)).toEqual([...looking.day.pies.keys()]);
    }
  });

  it('are looked for rather where a pie is late or found no place', () => {
    const placesOf = (troubled: readonly number[]): number => {
      const tried: string[] = [];
      const first: Looking = {
        ...looking,
        chance: () => 0.1,
        evaluate: (next) => {
          tried.push(runWith(next, 5));
          return looking.evaluate(next);
        },
      };
      neighbourOf(first, { idea, troubled });
      return new Set(tried).size;
    };
    // Two runs change places, and all stay in theirs; or that pie is tried here and there.
    expect(placesOf([])).toBe(1);
    expect(placesOf([5])).toBeGreaterThan(2);
  });

  it('have a shell in a run of its own laid after that of its pie, which is where it finds a place', () => {
    const days = Array.from({ length: 9 }, (_, k) => withShells(sampleDay(k + 1, 4)));
    const day = days.find(({ pies }) => pies.some(({ shellOf }) => shellOf !== undefined));
    if (!day) throw new Error('no shells');
    const shells = lookingAt(day);
    const shell = shells.day.pies.findIndex(({ shellOf }) => shellOf !== undefined);
    const whole = shells.day.pies.findIndex(({ id }) => id === shells.day.pies[shell]?.shellOf);
    expect(shell).toBeGreaterThan(whole);
    const alone = putBack(shells, { runs: [], order: usualOrder }, whole).idea;
    const places = Array.from({ length: 60 }, () => {
      const { runs } = putBack(shells, alone, shell).idea;
      const at = (i: number): number => runs.findIndex(({ pies }) => pies.includes(i));
      return at(shell) < at(whole);
    });
    // Half of them are put anywhere, to be moved later.
    expect(places.filter(Boolean).length).toBeGreaterThan(20);
  });
});

import { chanceFrom } from '../../units/index.js';
import { withShells } from '../../test/with-shells.js';
import type { Day } from '../model/day.js';
import type { Solution } from '../timetable/decoder.js';
import { makeDecoder } from '../timetable/decoder.js';
import { usualPlacingOrder } from '../timetable/placing-order.js';
import { makeBatchReassignment } from './reassign-batches.js';
import type { EvaluatedSolution, NeighbourhoodState } from './neighbourhood.js';
import { makeNeighbour, putBack } from './neighbourhood.js';
import { sampleDay } from '../model/sample-day.js';

/** All that is looked at costs the same: only what is looked at matters here. */
function lookingAt(day: Day): NeighbourhoodState {
  const decoder = makeDecoder(day);
  const chance = chanceFrom(7);
  return {
    day,
    decoder,
    chance,
    shareOut: makeBatchReassignment(day, decoder.ways, chance),
    rankOf: ({ total }) => total,
    evaluate: (solution: Solution): EvaluatedSolution => ({
      solution: solution,
      failed: 0,
      total: 0,
      smoothedTotal: 0,
      lateMin: 0,
      infeasible: [],
    }),
  };
}

function placedIn(looking: NeighbourhoodState): Solution {
  let solution: Solution = { runs: [], order: usualPlacingOrder };
  for (const i of looking.day.pies.keys()) ({ solution: solution } = putBack(looking, solution, i));
  return solution;
}

const runWith = ({ runs }: Solution, i: number): string =>
  JSON.stringify(runs.find(({ pies }) => pies.includes(i)));

describe('neighbours of a plan', () => {
  const looking = lookingAt(sampleDay(3, 12));
  const solution = placedIn(looking);
  it('have every pie once', () => {
    for (let k = 0; k < 200; k++) {
      const { runs } = makeNeighbour(looking, { solution: solution, infeasible: [k % 12] }).solution;
      expect(runs.flatMap(({ pies }) => pies).sort((a, b) => a - b)).toEqual([...looking.day.pies.keys()]);
    }
  });

  it('are looked for rather where a pie is late or found no place', () => {
    const placesOf = (infeasible: readonly number[]): number => {
      const tried: string[] = [];
      const first: NeighbourhoodState = {
        ...looking,
        chance: () => 0.1,
        evaluate: (next) => {
          tried.push(runWith(next, 5));
          return looking.evaluate(next);
        },
      };
      makeNeighbour(first, { solution: solution, infeasible: infeasible });
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
    const alone = putBack(shells, { runs: [], order: usualPlacingOrder }, whole).solution;
    const places = Array.from({ length: 60 }, () => {
      const { runs } = putBack(shells, alone, shell).solution;
      const at = (i: number): number => runs.findIndex(({ pies }) => pies.includes(i));
      return at(shell) < at(whole);
    });
    // Half of them are put anywhere, to be moved later.
    expect(places.filter(Boolean).length).toBeGreaterThan(20);
  });
});

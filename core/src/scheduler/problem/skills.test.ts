import { starterSpec } from '../../schema/index.js';
import { aHand, equalPies } from '../../test/equal-pies.js';
import { smallDay, workedDay } from '../../test/small-day.js';
import type { Day, Skill } from '../model/day.js';
import { nobodyCan } from './skills.js';

const withSkills = (...of: readonly (readonly Skill[] | null)[]): Day =>
  equalPies([1000], { hands: of.map((skills, k) => ({ ...aHand, id: `hand ${k}`, skills })) });
const said = (day: Day): string[] => nobodyCan(day).map(({ message }) => message);

describe('what nobody can do', () => {
  it('is nothing, where one can do all, or all of them together can', () => {
    expect(said(withSkills(null, ['oven']))).toEqual([]);
    expect(said(withSkills(['dough', 'fruit', 'line'], ['build', 'oven', 'pack']))).toEqual([]);
  });

  it('is told by its name', () => {
    expect(said(withSkills(['fruit', 'line', 'oven', 'pack']))).toEqual([
      'Nobody who is there mixes dough.',
      'Nobody who is there fills and closes pies.',
    ]);
  });

  it('is only what a pie of the day asks for', () => {
    const day = withSkills(['build', 'oven', 'pack']);
    const pies = day.pies.map((pie) => ({ ...pie, dough: null, prepare: 0, line: 0 }));
    expect(said({ ...day, pies })).toEqual([]);
  });

  it('is told before anything is searched, and so is an hour before all work', () => {
    const dishes = { [starterSpec.dish.label]: 1 };
    const fileOf = (at: number): object =>
      smallDay({ pies: [{ id: 'one', ready: { at }, pie: starterSpec }], dishes }) as object;
    const hands = [{ id: 'helper', from: 0, to: 900, skills: ['oven'] }];
    const ovens = [{ id: 'Oven', warmUpMin: 20, places: 2 }];
    expect(() => workedDay({ ...fileOf(600), kitchen: { hands, ovens, dishes } })).toThrow(
      /Nobody who is there mixes dough\..*Say who does that too\./,
    );
    expect(() => workedDay(fileOf(-30))).toThrow(/to be ready before anything may be done/);
  });
});

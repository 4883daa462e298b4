import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { answerLog, answerWhy } from './learn-door.js';

const logs = join(__dirname, '..', '..', '..', 'docs', 'examples', 'logs');
const read = (name: string): unknown => JSON.parse(readFileSync(join(logs, name), 'utf8'));

describe('logs of the examples', () => {
  it('are all looked at here', () => {
    expect(readdirSync(logs).sort()).toEqual(['loose-damson.json', 'two-seasons.json']);
  });

  it('two seasons: the hot oven and the wet year that were put into them are found, with their bakes', () => {
    const answered = answerLog(read('two-seasons.json'));
    if (!answered.ok) throw new Error('not read');
    const { figures, unread } = answered.answer;
    expect(unread).toEqual([]);
    const oven = figures.find(({ kind, of }) => kind === 'oven' && of === 'Corner oven');
    // Hidden when the log was made: 9 C.
    expect(oven?.learned.low).toBeLessThan(9);
    expect(oven?.learned.high).toBeGreaterThan(9);
    expect(oven?.bakes.length).toBeGreaterThan(15);
    const seasons = figures.find(({ kind, of }) => kind === 'set' && of === 'damson')?.seasons ?? [];
    expect(seasons[0]?.value).toBeGreaterThan(1.1 * (seasons[1]?.value ?? 9));
    // Hidden: 12 % leaner than balanced (.16).
    const sweet = figures.find(({ kind }) => kind === 'sweetness');
    expect(sweet?.learned.low).toBeLessThan(0.142);
    expect(sweet?.learned.high).toBeGreaterThan(0.142);
  });

  it('a damson pie that ran: the starch that was weighed short, and its remedy stands', () => {
    const answered = answerWhy(read('loose-damson.json'));
    if (!answered.ok) throw new Error('not read');
    const [first] = answered.answer.causes;
    expect(first?.cause).toBe('short_dose');
    expect(first?.was?.set).not.toBe('clean_slice');
    expect(first?.wouldBe?.set).toBe('clean_slice');
  });

  it.each([
    null,
    7,
    [],
    {},
    { format: 'mardle-log', version: 1, bakes: [{}] },
    { format: 'mardle-log', version: 2 },
  ])('says what is wrong with %j instead of throwing', (plain) => {
    for (const answer of [answerLog, answerWhy]) {
      const answered = answer(plain);
      if (answered.ok) throw new Error('it was taken');
      expect(answered.problems.length).toBeGreaterThan(0);
      for (const { message, remedy } of answered.problems) expect(`${message}|${remedy}`).toMatch(/.\|./);
    }
  });

  it('a log without a bake teaches nothing, and has nothing to explain', () => {
    const empty = { format: 'mardle-log', version: 1, bakes: [] };
    expect(answerLog(empty)).toEqual({ ok: true, answer: { figures: [], unread: [] } });
    expect(answerWhy(empty).ok).toBe(false);
  });
});

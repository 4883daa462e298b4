import { number, plus, programmeWriter, times } from './linear.js';

describe('a programme of whole numbers', () => {
  it('is told in LP format, with what is constant beside it', () => {
    const { choice, part, atMost, same, costs, written } = programmeWriter();
    const a = choice('a');
    const b = part('b');
    atMost(plus(a, times(2, b)), number(2));
    same(plus(a, b), number(1));
    costs(plus(times(3, a), number(5)));
    expect(written()).toEqual({
      text: [
        'Minimize',
        '+ 3 a',
        'Subject To',
        'r0: + 1 a + 2 b <= 2',
        'r1: + 1 a + 1 b = 1',
        'Bounds',
        'never = 0',
        '0 <= b <= 1',
        'Binary',
        'a',
        'End',
      ].join('\n'),
      constant: 5,
      variables: 2,
      rules: 2,
    });
  });

  it('cannot be done when numbers alone break a rule; one that they keep says nothing', () => {
    const { atMost, written } = programmeWriter();
    atMost(number(1), number(2));
    expect(written().rules).toBe(0);
    atMost(number(2), number(1));
    expect(written().text).toContain('never = 1');
  });
});

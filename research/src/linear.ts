/** A sum of variables, each by its name, and a constant. */
export interface LinearSum {
  readonly terms: ReadonlyMap<string, number>;
  readonly constant: number;
}

export const number = (constant: number): LinearSum => ({ terms: new Map(), constant });
export const variable = (name: string): LinearSum => ({ terms: new Map([[name, 1]]), constant: 0 });
export const nought = number(0);

export function plus(...sums: readonly LinearSum[]): LinearSum {
  const terms = new Map<string, number>();
  let constant = 0;
  for (const sum of sums) {
    constant += sum.constant;
    for (const [name, by] of sum.terms) terms.set(name, (terms.get(name) ?? 0) + by);
  }
  return { terms, constant };
}

export const times = (by: number, { terms, constant }: LinearSum): LinearSum => ({
  terms: new Map([...terms].map(([name, value]) => [name, value * by])),
  constant: constant * by,
});

export const minus = (a: LinearSum, b: LinearSum): LinearSum => plus(a, times(-1, b));

/** What is to be least, under which rules; all variables are 0 or 1, but those between that need no rule for it. */
export interface Programme {
  readonly text: string;
  /** Of the objective: a text in LP format has no place for it. */
  readonly constant: number;
  readonly variables: number;
  readonly rules: number;
}

/** Gathers rules, and tells them in the LP format that solvers read. */
export interface ProgrammeWriter {
  /** A variable that is 0 or 1. */
  choice(name: string): LinearSum;
  /** A variable between 0 and 1 that takes whole values by itself. */
  part(name: string): LinearSum;
  atMost(small: LinearSum, large: LinearSum): void;
  same(a: LinearSum, b: LinearSum): void;
  /** Adds to what is to be least. */
  costs(sum: LinearSum): void;
  written(): Programme;
}

const told = ({ terms }: LinearSum): string =>
  [...terms]
    .filter(([, by]) => by !== 0)
    .map(([name, by]) => `${by < 0 ? '-' : '+'} ${Math.abs(by)} ${name}`)
    .join(' ');

export function programmeWriter(): ProgrammeWriter {
  const choices = new Set<string>();
  const parts = new Set<string>();
  const rules: string[] = [];
  const costs: LinearSum[] = [];
  const rule = (sum: LinearSum, sign: '<=' | '='): void => {
    const text = told(sum);
    if (text) rules.push(`${text} ${sign} ${-sum.constant || 0}`);
    // Numbers alone: a rule that holds says nothing, one that does not makes the whole impossible.
    else if (sign === '<=' ? sum.constant > 0 : sum.constant !== 0) rules.push('+ 1 never = 1');
  };
  return {
    choice: (name) => {
      choices.add(name);
      return variable(name);
    },
    part: (name) => {
      parts.add(name);
      return variable(name);
    },
    atMost: (small, large) => {
      rule(minus(small, large), '<=');
    },
    same: (a, b) => {
      rule(minus(a, b), '=');
    },
    costs: (sum) => void costs.push(sum),
    written: () => {
      const cost = plus(...costs);
      const lines = [
        'Minimize',
        told(cost) || '+ 0 never',
        'Subject To',
        ...rules.map((text, k) => `r${k}: ${text}`),
        'Bounds',
        'never = 0',
        ...[...parts].map((name) => `0 <= ${name} <= 1`),
        'Binary',
        ...choices,
        'End',
      ];
      return {
        text: lines.join('\n'),
        constant: cost.constant,
        variables: choices.size + parts.size,
        rules: rules.length,
      };
    },
  };
}

import type { Fact } from './fact.js';

const digits = (value: number): string => (Math.abs(value) >= 100 ? value.toFixed(0) : value.toPrecision(3));

const row = (f: Fact): string =>
  `| ${f.id} | ${f.figure} | ${digits(f.predicted)} | ${digits(f.low)} to ${digits(f.high)} | ${f.unit} | ${f.met ? 'met' : `**missed by ${miss(f)}**`} | ${f.source} |`;

/** How far outside its range a prediction lies, as a share of the nearer bound. */
function miss({ predicted, low, high }: Fact): string {
  const bound = predicted < low ? low : high;
  return `${Math.round(100 * Math.abs(predicted / bound - 1))} %`;
}

/** The facts as docs/facts.md shows them. */
export function factsTable(facts: readonly Fact[]): string {
  const met = facts.filter((one) => one.met).length;
  return [
    '# Facts the product is held against',
    '',
    'Made by `npm run facts`; do not edit by hand. A fact is met when the prediction lies in its range; misses are shown as they are.',
    '',
    `${met} of ${facts.length} met.`,
    '',
    '| id | figure | predicted | range | unit | | source |',
    '|---|---|---|---|---|---|---|',
    ...facts.map(row),
    '',
  ].join('\n');
}

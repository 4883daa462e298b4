import { learnLog } from './learn.js';
import { nothingTasted } from '../log/log.js';
import { plainBake } from '../test/kitchen.js';
import { trendSteps } from './trend.js';

const bakes = Array.from({ length: 24 }, (_, i) =>
  plainBake({
    id: `bake ${i}`,
    tasting: { ...nothingTasted, cooledMin: 240, set: i % 2 ? 'loose' : 'right', sweetness: 'right' },
  }),
);

/** All of it, and the shares that were told on the way. */
function trendsOf(log: Parameters<typeof trendSteps>[0]) {
  const shares: number[] = [];
  const steps = trendSteps(log);
  for (;;) {
    const step = steps.next();
    if (step.done) return { trends: step.value, shares };
    shares.push(step.value);
  }
}

describe('how a figure moved', () => {
  it('ends at what the whole log teaches, and began wider', () => {
    const { trends } = trendsOf({ bakes });
    const { figures } = learnLog({ bakes });
    expect(trends.map(({ kind, of }) => `${kind} ${of}`)).toEqual(
      figures.map(({ kind, of }) => `${kind} ${of}`),
    );
    for (const { kind, of, learned, bakes: its } of figures) {
      const trend = trends.find((one) => one.kind === kind && one.of === of);
      const [first] = trend?.points ?? [];
      const last = trend?.points.at(-1);
      expect(last).toEqual({ ...learned, bake: its.at(-1), bakes: its.length });
      expect(first!.high - first!.low).toBeGreaterThan(last!.high - last!.low);
    }
  });

  it('is looked at evenly, each time with more bakes, and says how far it is', () => {
    const { trends, shares } = trendsOf({ bakes });
    const set = trends.find(({ kind }) => kind === 'set');
    const counts = set?.points.map((point) => point.bakes) ?? [];
    expect(counts).toHaveLength(16);
    expect(counts).toEqual([...counts].sort((a, b) => a - b));
    expect(new Set(counts).size).toBe(counts.length);
    expect(shares).toEqual([...shares].sort((a, b) => a - b));
    expect(shares.at(-1)).toBeLessThan(1);
  });

  it('has nothing where nothing was said', () => {
    expect(trendsOf({ bakes: [] }).trends).toEqual([]);
  });
});

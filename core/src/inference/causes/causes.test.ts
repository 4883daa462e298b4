import { starterSpec } from '../../schema/index.js';
import { finishNow } from '../../units/index.js';
import type { LoggedBake } from '../log/log.js';
import { nothingTasted } from '../log/log.js';
import { builtInLarder } from '../../larder/index.js';
import { changeForm } from '../../plan/index.js';
import { makePieTable } from '../log/pie-table.js';
import { plainBake } from '../test/kitchen.js';
import { faultEvidence } from './evidence-of.js';
import { bestQuestion, blame, isFaulty } from './blame.js';
import { causeIds } from './causes.js';
import { sampleFault } from './sample-fault.js';
import { explainFault } from './why.js';

const BAKES = 300;

const longBake = [
  { tempC: 210, timeMin: 20 },
  { tempC: 185, timeMin: 40 },
] as const;

/** Bakes with one planted fault each, that somebody said something about. */
function planted(vaguer: number) {
  const found: ReturnType<typeof sampleFault>[] = [];
  for (let seed = 1; found.length < BAKES; seed++) {
    const one = sampleFault(7919 * seed, vaguer);
    if (isFaulty(one.seen)) found.push(one);
  }
  return found;
}

describe(`${BAKES} bakes with one planted fault each`, () => {
  let blamed: { readonly truth: string; readonly odds: ReturnType<typeof blame> }[] = [];
  beforeAll(() => {
    blamed = planted(1).map(({ cause, seen, answers }) => {
      const first = blame(seen);
      const question = bestQuestion(first);
      return { truth: cause, odds: question ? blame(seen, { [question]: answers[question] }) : first };
    });
  });

  it('the true cause stands first in three of four, with at most one question', () => {
    expect(
      blamed.filter(({ truth, odds }) => odds[0]?.cause === truth).length / BAKES,
    ).toBeGreaterThanOrEqual(0.75);
  });

  it('and among the first three in 92 of 100', () => {
    const among = blamed.filter(({ truth, odds }) => odds.slice(0, 3).some(({ cause }) => cause === truth));
    expect(among.length / BAKES).toBeGreaterThanOrEqual(0.92);
  });

  it('odds are true ones: of causes said to be so likely, as many are', () => {
    for (const [from, to] of [
      [0.3, 0.6],
      [0.6, 0.8],
      [0.8, 1.01],
    ] as const) {
      const said = blamed.filter(({ odds }) => odds[0]!.odds >= from && odds[0]!.odds < to);
      const mean = said.reduce((sum, { odds }) => sum + odds[0]!.odds, 0) / said.length;
      const truly = said.filter(({ truth, odds }) => odds[0]?.cause === truth).length / said.length;
      // Two standard errors of a share of so many.
      expect(Math.abs(truly - mean)).toBeLessThan(2 * Math.sqrt((mean * (1 - mean)) / said.length) + 0.05);
    }
  });
});

describe('why a pie went wrong, as the bench says it', () => {
  const cold = { ...nothingTasted, cooledMin: 200, base: 'crisp', top: 'right', gap: 'none' } as const;

  it('odds of all causes come to one, whatever was said', () => {
    const odds = blame(sampleFault(3).seen);
    expect(odds).toHaveLength(causeIds.length);
    expect(odds.reduce((sum, one) => sum + one.odds, 0)).toBeCloseTo(1, 9);
  });

  it('a loose slice under short-weighed starch: the dose, and its remedy mends it in the sums', () => {
    const bake = plainBake({
      weighed: { thickenerG: 12, sugarG: null, inG: null, outG: null },
      tasting: { ...cold, set: 'loose' },
    });
    const why = finishNow(explainFault(bake));
    expect(why.faulty).toBe(true);
    const [first] = why.causes;
    expect(first?.cause).toBe('short_dose');
    expect(first?.odds).toBeGreaterThan(0.5);
    expect(first?.rerun?.wasPlan.filling.thickenerG).toBe(12);
    expect(first?.rerun?.was.set).not.toBe('clean_slice');
    expect(first?.rerun?.wouldBe.set).toBe('clean_slice');
  });

  it('a slice cut after forty minutes ran: the knife, not the starch', () => {
    const why = finishNow(explainFault(plainBake({ tasting: { ...cold, cooledMin: 40, set: 'loose' } })));
    expect(why.causes[0]?.cause).toBe('cut_warm');
    expect(why.causes[0]?.remedy).toMatch(/wait/i);
  });

  it('dark, mushy, golden eight minutes early: the oven, and cooler stages for it give a lighter top', () => {
    const bake = plainBake({
      events: [
        { kind: 'colour_golden', atMin: 22 },
        { kind: 'bubbling', atMin: 30 },
      ],
      tasting: { ...nothingTasted, cooledMin: 200, top: 'dark', fruit: 'mush', base: 'hard' },
    });
    const why = finishNow(explainFault(bake));
    expect(why.causes[0]?.cause).toBe('oven_hot');
    const rerun = why.causes[0]?.rerun;
    expect(rerun?.wouldBe.topBrowning).toBeLessThan(rerun?.was.topBrowning ?? 0);
    // It lay bare in an oven 18 C too hot: nobody told foil for it.
    expect(rerun?.was.topBrowning).toBeGreaterThan(2);
    // The slice that is drawn is of that bake too.
    expect(rerun?.wasPlan.bake?.atEnd.topBrowning).toBe(rerun?.was.topBrowning);
  });

  it('the same under foil that was tapped: its top is lighter than bare, its base as burnt', () => {
    const hot = (events: LoggedBake['events']) =>
      finishNow(
        explainFault(
          plainBake({
            events: [{ kind: 'colour_golden', atMin: 22 }, { kind: 'bubbling', atMin: 30 }, ...events],
            tasting: { ...nothingTasted, cooledMin: 200, top: 'dark', fruit: 'mush', base: 'hard' },
          }),
        ),
      ).causes.find(({ cause }) => cause === 'oven_hot')?.rerun?.was;
    const bare = hot([]);
    const foiled = hot([{ kind: 'foil_on', atMin: 30 }]);
    expect(foiled?.topBrowning).toBeLessThan(0.8 * (bare?.topBrowning ?? 0));
    expect(foiled?.baseBrowning).toBeGreaterThan(0.9 * (bare?.baseBrowning ?? Infinity));
  });

  it('dark, all else right: nothing lay over it, and foil from when it is golden gives a lighter top on the same base', () => {
    const why = finishNow(
      explainFault(
        plainBake({ stages: longBake, tasting: { ...cold, set: 'right', fruit: 'tender', top: 'dark' } }),
      ),
    );
    expect(why.causes[0]?.cause).toBe('no_foil');
    const { was, wouldBe, wouldBePlan } = why.causes[0]!.rerun!;
    expect(wouldBe.topBrowning).toBeLessThan(0.8 * was.topBrowning!);
    expect(wouldBe.baseBrowning).toBeGreaterThan(0.9 * was.baseBrowning!);
    const { foilMin, events } = wouldBePlan.bake!;
    expect(Math.abs(foilMin! - events.goldenMin!)).toBeLessThan(1);
  });

  it('asks nothing when it is sure, and no more than one thing at a time', () => {
    const sure = [
      { cause: 'overfull', odds: 0.95 },
      { cause: 'shut_lid', odds: 0.05 },
    ] as const;
    expect(bestQuestion(sure)).toBeNull();
    const unsure = [
      { cause: 'overfull', odds: 0.5 },
      { cause: 'shut_lid', odds: 0.45 },
    ] as const;
    expect(['over_rim', 'vents_open']).toContain(bestQuestion(unsure));
  });

  it('a good slice has nothing to explain', () => {
    expect(
      isFaulty({
        said: { ...cold, set: 'right', fruit: 'tender', sweetness: 'right', leak: 'none', crust: 'right' },
      }),
    ).toBe(false);
    expect(isFaulty({ said: null })).toBe(false);
  });

  it('tells of no part that a pie has not: no lid on a crisp, no base under it, no dough', () => {
    const { spec } = changeForm(starterSpec, 'crisp');
    const bake = plainBake({
      plan: spec,
      tasting: {
        ...nothingTasted,
        cooledMin: 200,
        set: 'ran',
        base: 'soft',
        gap: 'big',
        leak: 'leaked',
        crust: 'shrunk',
      },
    });
    const seen = faultEvidence({ bake, table: makePieTable(bake, builtInLarder) });
    const told = blame(seen).map(({ cause }) => cause);
    for (const cause of ['shut_lid', 'warm_filling', 'cold_base', 'warm_dough', 'worked_dough']) {
      expect(told).not.toContain(cause);
    }
    expect(told).toContain('juicy_fruit');
  });

  it('judges a pie that took what was learned by that plan, not by the book', () => {
    const plan = {
      ...starterSpec,
      filling: { ...starterSpec.filling, learned: { dose: 1.3, deviation: 0.06, bakes: 12 } },
    };
    const bake = plainBake({ plan });
    const { planned } = faultEvidence({ bake, table: makePieTable(bake, builtInLarder) });
    expect(planned.set).toBeCloseTo(0, 1);
  });

  it('refuses a plan that cannot be made', () => {
    const bake = plainBake({ plan: { ...starterSpec, filling: { ...starterSpec.filling, fruits: [] } } });
    expect(() => finishNow(explainFault(bake))).toThrow();
  });
});

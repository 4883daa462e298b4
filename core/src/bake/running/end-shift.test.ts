import { planPie } from '../../plan/index.js';
import { starterSpec } from '../../schema/index.js';
import type { Handled } from './end-shift.js';
import { endShiftMin, handledSoFar, isOtherwise } from './end-shift.js';
import type { BakeEvent, BakeEventKind } from './running.js';

const planned = planPie(starterSpec);
if (!planned.ok || !planned.plan.bake) throw new Error('the starter pie cannot be planned');
const { plan } = planned;
const bake = planned.plan.bake;
const [first] = bake.stages;
const nothing: Handled = { loweredMin: null, foilMin: null, doorMin: [], moreFirstMin: 0 };
const shift = (handled: Partial<Handled>): number =>
  endShiftMin(plan.work, plan.spec.bake, bake, { ...nothing, ...handled });

const start = Date.parse('2026-10-24T06:00:00Z');
const event = (kind: BakeEventKind, min: number, more: Partial<BakeEvent> = {}): BakeEvent => ({
  id: `${kind}-${min}`,
  kind,
  at: new Date(start + min * 60_000).toISOString(),
  ...more,
});

describe('the end of a bake, by what hands really did', () => {
  it('stays when all went as planned', () => {
    expect(shift({})).toBe(0);
    expect(shift({ loweredMin: first.timeMin })).toBe(0);
    expect(isOtherwise(bake, { ...nothing, loweredMin: first.timeMin })).toBe(false);
  });

  it('comes sooner when the oven stayed hot for longer, later when it was lowered at once', () => {
    const late = shift({ loweredMin: first.timeMin + 14 });
    const early = shift({ loweredMin: 1 });
    expect(late).toBeLessThan(0);
    expect(early).toBeGreaterThan(0);
    // Fourteen minutes some 40 degrees hotter cannot save more minutes than they were.
    expect(late).toBeGreaterThan(-14);
  });

  it('comes later with the door opened again and again', () => {
    expect(shift({ doorMin: [5, 15, 25, 35] })).toBeGreaterThan(0);
  });

  it('reads what was done from the events', () => {
    const events = [
      event('loaded', 0),
      event('more_time', 3, { minutes: 5 }),
      event('lowered', 29),
      event('door_opened', 31),
      event('more_time', 40, { minutes: 5 }),
      event('foil_on', 44),
    ];
    expect(handledSoFar(events)).toEqual({ loweredMin: 29, foilMin: 44, doorMin: [31], moreFirstMin: 5 });
    expect(isOtherwise(bake, handledSoFar(events))).toBe(true);
    expect(handledSoFar([event('loaded', 0)])).toEqual(nothing);
  });
});

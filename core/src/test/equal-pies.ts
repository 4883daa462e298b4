import type { Day, DayPie } from '../scheduler/index.js';

/** A pair of hands that can do everything, and is there all the time. */
export const aHand: Day['kitchen']['hands'][number] = {
  id: 'lead',
  skills: null,
  from: 0,
  to: 3000,
  breaks: [],
};

export const anOven: Day['kitchen']['ovens'][number] = {
  id: 'long',
  places: 8,
  warmUpMin: 20,
  upCPerMin: 8,
  downCPerMin: 3,
  fullFrom: 3,
  fullMin: 0,
};

/** From the oven's door to the hour: 50 to bake, 100 to cool, 5 to pack; 25 of chill before. */
const pie: Omit<DayPie, 'id' | 'ready'> = {
  label: 'Damson',
  dish: 'large',
  dough: 'butter',
  prepare: 10,
  cook: 0,
  onHob: false,
  fruitMost: 720,
  line: 10,
  baseChill: 20,
  lineMost: 1440,
  build: 15,
  lastChill: 25,
  lastMost: 90,
  cool: 100,
  warm: null,
  pack: 5,
  sets: null,
  ways: { long: [{ heat: [190, 0, 190], out: 50, cost: 0, foil: null }] },
};

/** From mixing until such a pie is ready, with nobody in its way, min. */
export const aloneMin = 15 + 30 + 10 + 20 + 15 + 25 + 50 + 100 + 5;

/** A day of equal pies, each wanted at its hour, by one pair of hands with room for all of them. */
export const equalPies = (hours: readonly number[], kitchen: Partial<Day['kitchen']> = {}): Day => ({
  format: 'mardle-day',
  version: 1,
  zero: '2026-09-12T03:00:00+02:00',
  timeZone: 'Europe/Berlin',
  earliest: 0,
  doughs: { butter: { mixMin: 15, perPieMin: 3, most: 6, chillLeast: 30, chillMost: 1440 } },
  kitchen: {
    hands: [aHand],
    ovens: [anOven],
    hobRings: 2,
    mixers: 0,
    fridgePlaces: 40,
    rackPlaces: 20,
    loadMin: 2,
    doorMin: 1,
    dishes: { large: 20 },
    ...kitchen,
  },
  pies: hours.map((at, i) => ({ ...pie, id: `pie-${i + 1}`, ready: { at, as: 'cold' } })),
  slack: { readySooner: 0, beforeLoad: 0 },
});

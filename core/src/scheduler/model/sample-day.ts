import { chanceFrom } from '../../units/index.js';
import type { Day, DayPie, BakeProgramme, BakeOption } from './day.js';

const heats: readonly BakeProgramme[] = [
  [210, 15, 180],
  [200, 20, 175],
  [190, 0, 190],
  [220, 10, 185],
];

/**
 * A day out of the hat, the same one for the same seed: hands, ovens, hours and dishes as a hall kitchen has. For measuring a
 * solver, and for checking it.
 * @param seed any whole number
 * @param pies how many
 * @param options hands and ovens, up to 3 of each
 * @returns a day worked out
 * @example sampleDay(1, 12).pies.length // 12
 */
// eslint-disable-next-line max-lines-per-function -- one kitchen, field by field
export function sampleDay(seed: number, pies: number, { hands = 3, ovens = 2 } = {}): Day {
  const chance = chanceFrom(seed);
  const between = (least: number, most: number): number => least + Math.floor(chance() * (most - least + 1));
  const pick = <T>(of: readonly T[]): T => of[between(0, of.length - 1)]!;
  const ovenIds = ['long', 'corner', 'third'].slice(0, ovens);
  const firstHour = 300 + 25 * pies;
  const kinds = Array.from({ length: Math.max(1, Math.ceil(pies / 2)) }, (_, k) => {
    const out = between(35, 60);
    const ways = Object.fromEntries(
      ovenIds.map((oven) => {
        const can = heats.filter(() => chance() < 0.6);
        const known: readonly BakeProgramme[] = can.length > 0 ? can : [pick(heats)];
        return [
          oven,
          known.map((heat): BakeOption => ({
            heat,
            out: out + between(-5, 8),
            cost: between(0, 12),
            foil: null,
          })),
        ];
      }),
    );
    const lined = chance() < 0.8;
    const cooked = chance() < 0.3;
    return {
      label: `Kind ${k + 1}`,
      dish: pick(['large', 'small', null]),
      dough: chance() < 0.9 ? pick(['butter', 'lard']) : null,
      prepare: between(5, 20),
      cook: cooked ? between(10, 40) : 0,
      onHob: cooked,
      fruitMost: cooked ? 720 : 30,
      line: lined ? 12 : 0,
      baseChill: lined ? 20 : 0,
      lineMost: 1440,
      build: between(10, 25),
      lastChill: lined ? 25 : 0,
      lastMost: 90,
      pack: between(3, 8),
      ways,
    };
  });
  const dayPies = Array.from({ length: pies }, (_, i): DayPie => {
    const kind = pick(kinds);
    const warm = chance() < 0.15;
    const cool = warm ? between(30, 50) : between(100, 160);
    return {
      ...kind,
      id: `pie-${i + 1}`,
      cool,
      warm: warm ? cool + between(60, 90) : null,
      sets: null,
      ready: { at: pick([firstHour, firstHour, firstHour + 90]), as: warm ? 'warm' : 'cold' },
    };
  });
  return {
    format: 'mardle-day',
    version: 1,
    zero: '2026-09-12T03:00:00+02:00',
    timeZone: 'Europe/Berlin',
    earliest: 0,
    kitchen: {
      hands: Array.from({ length: hands }, (_, h) => ({
        id: ['lead', 'second', 'helper'][h] ?? `hand-${h}`,
        skills: h === 2 ? (['fruit', 'line', 'oven', 'pack'] as const) : null,
        from: h === 2 ? 60 : 0,
        to: firstHour + 400,
        breaks: chance() < 0.4 ? [[200, 220] as const] : [],
      })),
      ovens: ovenIds.map((id, k) => ({
        id,
        places: k === 0 ? 4 : 2,
        warmUpMin: 20,
        upCPerMin: 8,
        downCPerMin: 3,
        fullFrom: k === 0 ? 3 : 2,
        fullMin: 3,
      })),
      hobRings: 2,
      mixers: between(0, 1),
      fridgePlaces: between(4, 8) + Math.ceil(pies / 4),
      rackPlaces: 8 + pies,
      loadMin: 2,
      doorMin: 1,
      dishes: { large: Math.max(2, Math.ceil(pies / 2)), small: Math.max(1, Math.ceil(pies / 3)) },
    },
    doughs: {
      butter: { mixMin: 15, perPieMin: 3, most: 6, chillLeast: 30, chillMost: 1440 },
      lard: { mixMin: 15, perPieMin: 3, most: 4, chillLeast: 30, chillMost: 1440 },
    },
    pies: dayPies,
    slack: { readySooner: 0, beforeLoad: 0 },
  };
}

import type { Larder } from '../../larder/index.js';
import { builtInLarder } from '../../larder/index.js';
import { readSpec } from '../../plan/index.js';
import type { FieldProblem, Reader } from '../../schema/index.js';
import { hotSides, instantMs, isPlain, makeReader } from '../../schema/index.js';
import type { DayRequest, OvenRequest, PiesRequest } from './day-request.js';
import { usualDay, usualEarliest } from './day-request.js';
import type { Worker } from '../model/index.js';
import { readyKinds, skills } from '../model/index.js';
import { readBuying } from './read-buying.js';
import { readFreezer } from './read-freezer.js';
import { readEmphasis } from './read-weights.js';
import { nameProblems, isDuplicate } from './unique-names.js';

export const DAY_FORMAT = 'mardle-day';
export const DAY_VERSION = 1;
const MOST_PIES = 60;
const MOST_OF_A_KIND = 40;

type ReadDay =
  | { readonly ok: true; readonly asked: DayRequest }
  | { readonly ok: false; readonly problems: readonly FieldProblem[] };

function readHand(reader: Reader, at: string, value: unknown, zeroMs: number): Worker {
  const hand = reader.part(at, value, 'who it is and from when to when');
  reader.known(at, hand, ['id', 'skills', 'from', 'to', 'breaks']);
  const from = reader.minute(`${at}.from`, hand['from'], zeroMs);
  const to = reader.minute(`${at}.to`, hand['to'], zeroMs);
  if (to <= from)
    reader.wrong(
      `${at}.to`,
      `${reader.text(`${at}.id`, hand['id'], 'Somebody')} leaves before coming.`,
      'Set the hour of leaving after that of coming.',
    );
  const breaks = reader
    .list(`${at}.breaks`, hand['breaks'] ?? [], 'pairs of from and to', 20)
    .map((pair, i) => {
      const [start, end] = reader.list(`${at}.breaks.${i}`, pair, 'from and to', 2);
      const span = [
        reader.minute(`${at}.breaks.${i}.0`, start, zeroMs),
        reader.minute(`${at}.breaks.${i}.1`, end, zeroMs),
      ] as const;
      if (span[1] < span[0]) {
        reader.wrong(`${at}.breaks.${i}`, 'A break ends before it begins.', 'Write when it begins first.');
      }
      return span;
    });
  const known = hand['skills'] ?? null;
  return {
    id: reader.text(`${at}.id`, hand['id']),
    skills:
      known === null
        ? null
        : reader
            .list(`${at}.skills`, known, `some of: ${skills.join(', ')}`, skills.length)
            .map((skill, i) => reader.choice(`${at}.skills.${i}`, skill, skills)),
    from,
    to,
    breaks,
  };
}

function readOven(reader: Reader, at: string, value: unknown): OvenRequest {
  const oven = reader.part(at, value, 'what the oven is like');
  reader.known(at, oven, [
    'id',
    'kind',
    'offsetC',
    'hotSide',
    'warmUpMin',
    'places',
    'upCPerMin',
    'downCPerMin',
  ]);
  const warmUpMin = reader.whole(`${at}.warmUpMin`, oven['warmUpMin'], { least: 1, most: 120 });
  const rate = { least: 0.2, most: 60 };
  return {
    id: reader.text(`${at}.id`, oven['id']),
    kind: reader.choice(`${at}.kind`, oven['kind'], ['still', 'fan'], 'still'),
    offsetC: reader.number(`${at}.offsetC`, oven['offsetC'], { least: -60, most: 60, usual: 0 }),
    hotSide: reader.choice(`${at}.hotSide`, oven['hotSide'], hotSides, 'none'),
    warmUpMin,
    places: reader.whole(`${at}.places`, oven['places'], { least: 1, most: 40 }),
    upCPerMin: reader.number(`${at}.upCPerMin`, oven['upCPerMin'], {
      ...rate,
      usual: Math.min(60, usualDay.warmUpC / warmUpMin),
    }),
    downCPerMin: reader.number(`${at}.downCPerMin`, oven['downCPerMin'], {
      ...rate,
      usual: usualDay.downCPerMin,
    }),
  };
}

function readPies(reader: Reader, at: string, value: unknown, zeroMs: number, larder: Larder): PiesRequest {
  const entry = reader.part(at, value, 'which pie, how many, ready when and as what');
  reader.known(at, entry, ['id', 'count', 'ready', 'pie']);
  const ready = reader.part(`${at}.ready`, entry['ready'], 'when it is wanted, and as what');
  reader.known(`${at}.ready`, ready, ['at', 'as']);
  const read = readSpec(entry['pie'], larder);
  if (!read.ok) {
    for (const problem of read.problems) {
      reader.problems.push({ ...problem, field: `${at}.pie${problem.field ? `.${problem.field}` : ''}` });
    }
  }
  return {
    id: reader.text(`${at}.id`, entry['id']),
    count: reader.whole(`${at}.count`, entry['count'], { least: 1, most: MOST_OF_A_KIND, usual: 1 }),
    ready: {
      at: reader.minute(`${at}.ready.at`, ready['at'], zeroMs),
      as: reader.choice(`${at}.ready.as`, ready['as'], readyKinds, 'cold'),
    },
    // What could not be read is in the problems: this is not looked at.
    spec: (read.ok ? read.spec : entry['pie']) as PiesRequest['spec'],
  };
}

const isZone = (name: string): boolean => {
  try {
    new Intl.DateTimeFormat('en', { timeZone: name });
    return true;
  } catch {
    return false;
  }
};

/**
 * A day from a file: kitchen, pies with counts, hours; each pie a whole pie file under `pie`. Times are whole minutes from
 * `zero`, or instants with their offset.
 * @param plain anything
 * @param larder as for a plan
 * @returns the day as it is asked for, or all that is wrong by field; never throws
 * @example readDay({ format: 'mardle-day', version: 1 }).ok // false
 */
export function readDay(plain: unknown, larder: Larder = builtInLarder): ReadDay {
  const reader = makeReader();
  const file = reader.part('', plain, 'a day with format, version, zero, kitchen and pies');
  if (file['format'] !== DAY_FORMAT) {
    reader.wrong('format', 'This is no day of Mardle.', `Write "format": "${DAY_FORMAT}".`);
    return { ok: false, problems: reader.problems };
  }
  if (file['version'] !== DAY_VERSION) {
    reader.wrong('version', 'This version of a day is not known here.', `Write "version": ${DAY_VERSION}.`);
    return { ok: false, problems: reader.problems };
  }
  reader.known('', file, [
    'format',
    'version',
    'name',
    'zero',
    'timeZone',
    'earliest',
    'kitchen',
    'pies',
    'slack',
    'matters',
    'buying',
    'freezer',
  ]);
  const zeroMs = instantMs(file['zero']);
  if (Number.isNaN(zeroMs)) {
    reader.wrong(
      'zero',
      'zero must be an instant with its offset.',
      'Write it as 2026-09-12T03:00:00+02:00.',
    );
    return { ok: false, problems: reader.problems };
  }
  const timeZone = reader.text('timeZone', file['timeZone'], 'UTC');
  if (!isZone(timeZone)) {
    reader.wrong(
      'timeZone',
      `There is no time zone "${timeZone}".`,
      'Write its IANA name, as Europe/Berlin.',
    );
  }
  const kitchen = reader.part('kitchen', file['kitchen'], 'hands, ovens and dishes');
  reader.known('kitchen', kitchen, [
    'hands',
    'ovens',
    'hobRings',
    'mixers',
    'fridgePlaces',
    'rackPlaces',
    'loadMin',
    'dishes',
  ]);
  const hands = reader
    .list('kitchen.hands', kitchen['hands'], 'everybody on the bench', 12)
    .map((hand, i) => readHand(reader, `kitchen.hands.${i}`, hand, zeroMs));
  const ovens = reader
    .list('kitchen.ovens', kitchen['ovens'], 'the ovens', 8)
    .map((oven, i) => readOven(reader, `kitchen.ovens.${i}`, oven));
  if (hands.length === 0) reader.wrong('kitchen.hands', 'Nobody is there.', 'Write who bakes.');
  if (ovens.length === 0) reader.wrong('kitchen.ovens', 'There is no oven.', 'Write at least one.');
  isDuplicate(
    reader,
    'kitchen.hands',
    hands.map(({ id }) => id),
  );
  isDuplicate(
    reader,
    'kitchen.ovens',
    ovens.map(({ id }) => id),
  );
  const dishes = Object.fromEntries(
    Object.entries(reader.part('kitchen.dishes', kitchen['dishes'] ?? {}, 'how many of each dish')).map(
      ([label, count]) => [label, reader.whole(`kitchen.dishes.${label}`, count, { least: 0, most: 200 })],
    ),
  );
  const places = (name: string, usual: number, least = 0): number =>
    reader.whole(`kitchen.${name}`, kitchen[name], { least, most: 200, usual });
  const slack = isPlain(file['slack']) ? file['slack'] : {};
  if (file['slack'] !== undefined) reader.part('slack', file['slack'], 'readySooner and beforeLoad');
  reader.known('slack', slack, ['readySooner', 'beforeLoad']);
  const pies = reader
    .list('pies', file['pies'], 'which pies are wanted', MOST_PIES)
    .map((pie, i) => readPies(reader, `pies.${i}`, pie, zeroMs, larder));
  // What could not be read brings no fruit along.
  const known = pies.filter(
    (_, i) => !reader.problems.some(({ field }) => field.startsWith(`pies.${i}.pie`)),
  );
  const ownFruits = known.flatMap(({ spec }) => spec.ownFruits.map(({ id }) => id));
  const asked: DayRequest = {
    zero: String(file['zero']),
    timeZone,
    earliest: reader.minute('earliest', file['earliest'] ?? usualEarliest(hands), zeroMs),
    kitchen: {
      hands,
      hobRings: places('hobRings', usualDay.hobRings),
      mixers: places('mixers', usualDay.mixers),
      fridgePlaces: places('fridgePlaces', usualDay.fridgePlaces, 1),
      rackPlaces: places('rackPlaces', usualDay.rackPlaces, 1),
      loadMin: reader.whole('kitchen.loadMin', kitchen['loadMin'], {
        least: 1,
        most: 15,
        usual: usualDay.loadMin,
      }),
      doorMin: usualDay.doorMin,
      dishes,
    },
    ovens,
    pies,
    slack: {
      readySooner: reader.whole('slack.readySooner', slack['readySooner'], {
        least: 0,
        most: 240,
        usual: usualDay.readySooner,
      }),
      beforeLoad: reader.whole('slack.beforeLoad', slack['beforeLoad'], {
        least: 0,
        most: 60,
        usual: usualDay.beforeLoad,
      }),
    },
    matters: readEmphasis(reader, file['matters']),
    buying: readBuying(reader, file['buying']),
    freezer: readFreezer(reader, file['freezer'], dishes, larder, ownFruits),
  };
  const wanted = asked.pies.reduce((sum, { count }) => sum + count, 0);
  if (wanted === 0) reader.wrong('pies', 'No pie is wanted.', 'Write at least one.');
  if (wanted > MOST_PIES) {
    reader.wrong(
      'pies',
      `${wanted} pies are more than a day is planned for.`,
      `Ask for at most ${MOST_PIES}.`,
    );
  }
  isDuplicate(
    reader,
    'pies',
    asked.pies.map(({ id }) => id),
  );
  nameProblems(reader, asked.pies);
  return reader.problems.length > 0 ? { ok: false, problems: reader.problems } : { ok: true, asked };
}

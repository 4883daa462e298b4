import { bakeEventKinds } from '../../bake/index.js';
import type { Larder } from '../../larder/index.js';
import { builtInLarder } from '../../larder/index.js';
import { readSpec } from '../../plan/index.js';
import type { FieldProblem, Reader, Stage } from '../../schema/index.js';
import { bakeRecordLimits, isPlain, makeReader, saucerResults } from '../../schema/index.js';
import type { BakeLog, LoggedBake, LoggedEvent, LoggedReading, Tasting } from './log.js';
import { tastingWords } from './log.js';

export const LOG_FORMAT = 'mardle-log';
export const LOG_VERSION = 1;
const MOST_BAKES = 5000;
const LONGEST_MIN = 24 * 60;
const MOST_COOLED_MIN = 7 * 24 * 60;
const MOST_G = 50_000;

export type ReadLog =
  | { readonly ok: true; readonly log: BakeLog }
  | { readonly ok: false; readonly problems: readonly FieldProblem[] };

/** A figure that may be left out. */
const maybe = (
  reader: Reader,
  at: string,
  value: unknown,
  limits: { readonly least: number; readonly most: number },
): number | null => (value === undefined || value === null ? null : reader.number(at, value, limits));

const word = <T extends string>(reader: Reader, at: string, value: unknown, of: readonly T[]): T | null =>
  value === undefined || value === null ? null : reader.choice(at, value, of);

const flag = (reader: Reader, at: string, value: unknown): boolean => {
  if (typeof value !== 'boolean')
    reader.wrong(at, `${at} must be true or false.`, 'Write true, false or nothing.');
  return value === true;
};

function readTasting(reader: Reader, at: string, value: unknown): Tasting | null {
  if (value === undefined || value === null) return null;
  const said = reader.part(at, value, 'what was said of the slice');
  reader.known(at, said, ['cooledMin', 'stands', ...Object.keys(tastingWords)]);
  const of = <Q extends keyof typeof tastingWords>(question: Q) =>
    word<(typeof tastingWords)[Q][number]>(
      reader,
      `${at}.${question}`,
      said[question],
      tastingWords[question],
    );
  return {
    cooledMin: maybe(reader, `${at}.cooledMin`, said['cooledMin'], { least: 0, most: MOST_COOLED_MIN }),
    set: of('set'),
    sweetness: of('sweetness'),
    base: of('base'),
    top: of('top'),
    fruit: of('fruit'),
    gap: of('gap'),
    leak: of('leak'),
    crust: of('crust'),
    ...(said['stands'] === undefined ? {} : { stands: flag(reader, `${at}.stands`, said['stands']) }),
  };
}

function readStages(reader: Reader, at: string, value: unknown): readonly [Stage, Stage] | null {
  if (value === undefined || value === null) return null;
  const [first, second] = reader.list(at, value, 'the two stages', 2).map((stage, i): Stage => {
    const part = reader.part(`${at}.${i}`, stage, 'tempC and timeMin');
    return {
      tempC: reader.number(`${at}.${i}.tempC`, part['tempC'], { least: 90, most: 300 }),
      timeMin: reader.number(`${at}.${i}.timeMin`, part['timeMin'], { least: 0, most: 360 }),
    };
  });
  if (first && second) return [first, second];
  reader.wrong(at, 'A bake has two stages.', 'Write both; at one heat the second is as hot as the first.');
  return null;
}

function readEvent(reader: Reader, at: string, value: unknown): LoggedEvent {
  const event = reader.part(at, value, 'kind and atMin');
  reader.known(at, event, ['kind', 'atMin']);
  return {
    kind: reader.choice(`${at}.kind`, event['kind'], bakeEventKinds),
    atMin: reader.number(`${at}.atMin`, event['atMin'], { least: 0, most: LONGEST_MIN }),
  };
}

function readReading(reader: Reader, at: string, value: unknown): LoggedReading {
  const reading = reader.part(at, value, 'atMin with fillingC, airC or both');
  reader.known(at, reading, ['atMin', 'fillingC', 'airC']);
  return {
    atMin: reader.number(`${at}.atMin`, reading['atMin'], { least: 0, most: LONGEST_MIN }),
    fillingC: maybe(reader, `${at}.fillingC`, reading['fillingC'], bakeRecordLimits.probeC),
    airC: maybe(reader, `${at}.airC`, reading['airC'], bakeRecordLimits.probeC),
  };
}

const bakeFields = [
  'id',
  'season',
  'plan',
  'stages',
  'oven',
  'weighed',
  'weepTest',
  'saucerTest',
  'events',
  'readings',
  'tasting',
];

/** One bake of a log, read field by field. */
function readBakeIn(reader: Reader, at: string, value: unknown, larder: Larder): LoggedBake {
  const bake = reader.part(at, value, 'a bake with its plan');
  reader.known(at, bake, bakeFields);
  const read = readSpec(bake['plan'], larder);
  if (!read.ok) {
    for (const problem of read.problems) {
      reader.problems.push({ ...problem, field: `${at}.plan${problem.field ? `.${problem.field}` : ''}` });
    }
  }
  const part = (name: string): Readonly<Record<string, unknown>> =>
    bake[name] === undefined || bake[name] === null
      ? {}
      : reader.part(`${at}.${name}`, bake[name], `what is known`);
  const weighed = part('weighed');
  reader.known(`${at}.weighed`, weighed, ['thickenerG', 'sugarG', 'inG', 'outG']);
  const grams = (name: string): number | null =>
    maybe(reader, `${at}.weighed.${name}`, weighed[name], { least: 0, most: MOST_G });
  const oven = read.ok ? read.spec.bake.oven.label : 'oven';
  const lists = (name: string, what: string, most: number): readonly unknown[] =>
    reader.list(`${at}.${name}`, bake[name] ?? [], what, most);
  return {
    id: reader.text(`${at}.id`, bake['id']),
    season: reader.text(`${at}.season`, bake['season'], 'all'),
    // What could not be read is in the problems: this is not looked at.
    plan: (read.ok ? read.spec : bake['plan']) as LoggedBake['plan'],
    stages: readStages(reader, `${at}.stages`, bake['stages']),
    oven: reader.text(`${at}.oven`, bake['oven'], oven || 'oven'),
    weighed: {
      thickenerG: grams('thickenerG'),
      sugarG: grams('sugarG'),
      inG: grams('inG'),
      outG: grams('outG'),
    },
    weepDrainedG:
      maybe(reader, `${at}.weepTest.drainedG`, part('weepTest')['drainedG'], { least: 0, most: 100 }) ??
      (read.ok ? (read.spec.filling.weepTest?.drainedG ?? null) : null),
    saucer:
      word(reader, `${at}.saucerTest.result`, part('saucerTest')['result'], saucerResults) ??
      (read.ok ? (read.spec.filling.saucerTest?.result ?? null) : null),
    events: lists('events', 'what was tapped', bakeRecordLimits.events)
      .map((event, i) => readEvent(reader, `${at}.events.${i}`, event))
      .sort((a, b) => a.atMin - b.atMin),
    readings: lists('readings', 'what the probe read', bakeRecordLimits.readings)
      .map((reading, i) => readReading(reader, `${at}.readings.${i}`, reading))
      .sort((a, b) => a.atMin - b.atMin),
    tasting: readTasting(reader, `${at}.tasting`, bake['tasting']),
  };
}

/**
 * A log from a file: bakes with their plans, oldest first. One bake alone is a log of one.
 * @param plain anything
 * @param larder as for a plan
 * @returns the log, or all that is wrong with it by field; never throws
 * @example readLog({ format: 'mardle-log', version: 1 }).ok // false
 */
export function readLog(plain: unknown, larder: Larder = builtInLarder): ReadLog {
  const reader = makeReader();
  const file = reader.part('', plain, 'a log with format, version and bakes');
  if (file['format'] !== LOG_FORMAT) {
    reader.wrong('format', 'This is no log of Mardle.', `Write "format": "${LOG_FORMAT}".`);
    return { ok: false, problems: reader.problems };
  }
  if (file['version'] !== LOG_VERSION) {
    reader.wrong('version', 'This version of a log is not known here.', `Write "version": ${LOG_VERSION}.`);
    return { ok: false, problems: reader.problems };
  }
  reader.known('', file, ['format', 'version', 'name', 'bakes']);
  if (!Array.isArray(file['bakes'])) {
    reader.wrong('bakes', 'There are no bakes in it.', 'Write a list of bakes, the oldest first.');
  }
  const bakes = reader
    .list('bakes', file['bakes'] ?? [], 'bakes, the oldest first', MOST_BAKES)
    .map((bake, i) => readBakeIn(reader, `bakes.${i}`, bake, larder));
  const seen = new Set<string>();
  bakes.forEach(({ id }, i) => {
    if (seen.has(id)) {
      reader.wrong(`bakes.${i}.id`, `"${id}" is there twice.`, 'Give each bake a name of its own.');
    }
    seen.add(id);
  });
  return reader.problems.length === 0
    ? { ok: true, log: { bakes } }
    : { ok: false, problems: reader.problems };
}

/**
 * A log as its file has it.
 * @param log of a kitchen
 * @returns plain JSON that `readLog` reads back
 * @example logFile({ bakes: [] })
 */
export const logFile = ({ bakes }: BakeLog): Readonly<Record<string, unknown>> => ({
  format: LOG_FORMAT,
  version: LOG_VERSION,
  bakes: bakes.map(({ weepDrainedG, saucer, ...bake }) => ({
    ...bake,
    weepTest: weepDrainedG === null ? null : { drainedG: weepDrainedG },
    saucerTest: saucer === null ? null : { result: saucer },
  })),
});

/** Whether something says of itself that it is a log. */
export const isLogFile = (plain: unknown): boolean => isPlain(plain) && plain['format'] === LOG_FORMAT;

import {
  BakeEventRequest,
  checkShape,
  KitchenFileBake,
  KitchenFileDay,
  KitchenFileDish,
  KitchenFileOven,
  KitchenFilePie,
  KitchenFilePieVersion,
  KitchenFileReading,
  KitchenFileRequest,
  OwnFruitRequest,
  ownRowKinds,
  ownRowShapes,
} from '@mardle/contract';
import type { FieldProblem, OwnRowKind, OwnRows } from '@mardle/contract';
import type { OwnFruit } from '@mardle/core';
import { checkOwnFruit, dishProblems, isPlain, readSpec } from '@mardle/core';
import type { ClassConstructor } from 'class-transformer';
import { setImmediate as breathe } from 'node:timers/promises';
import { dayProblems } from '../days/days.service.js';
import { bodyProblem } from '../middleware/body-size-guard.js';
import { isKeptPhoto } from '../log/plain-photo.js';
import { withUpgradedSpec } from '../pies/stored-spec.js';
import { invalid } from '../problems/problem.js';

/** A kitchen that was read and found right. */
export interface CheckedKitchen extends Omit<KitchenFileRequest, 'fruits' | 'days' | OwnRowKind> {
  readonly fruits: readonly OwnFruit[];
  readonly days: KitchenFileDay[];
  readonly thickeners: readonly OwnRows['thickeners'][];
  readonly staples: readonly OwnRows['staples'][];
  readonly sold: readonly OwnRows['sold'][];
}

/** Others are answered after so many parts. */
const BREATH = 20;

const at = (field: string, { field: inner, ...rest }: FieldProblem): FieldProblem => ({
  field: [field, inner].filter((name) => name !== '').join('.'),
  ...rest,
});

const listOf = (part: unknown, name: string): readonly unknown[] => {
  const list = (part as Readonly<Record<string, unknown>> | null)?.[name];
  return Array.isArray(list) ? (list as unknown[]) : [];
};

/** The same with its lists empty: each part of those is looked at by itself. */
const emptied = (value: unknown, lists: readonly string[]): unknown =>
  isPlain(value)
    ? Object.fromEntries(
        Object.entries(value).map(([key, inner]) => [
          key,
          lists.includes(key) && Array.isArray(inner) ? [] : inner,
        ]),
      )
    : value;

/** A value of a size that looking at it costs little. */
function modestly(value: unknown): unknown {
  const odd = bodyProblem(value);
  if (odd) throw odd;
  return value;
}

/** A value in its shape. */
function shapedOne<T extends object>(
  field: string,
  value: unknown,
  shape: ClassConstructor<T>,
  also: (value: T) => readonly FieldProblem[] = () => [],
): T {
  const checked = checkShape(shape, modestly(value));
  const problems = checked.ok ? also(checked.value) : checked.problems;
  if (!checked.ok || problems.length > 0) throw invalid(problems.map((one) => at(field, one)));
  return checked.value;
}

/** Each part of a list in its shape, the whole refused at the first that is not. */
async function shaped<T extends object>(
  field: string,
  parts: readonly unknown[],
  shape: ClassConstructor<T>,
  also: (part: T) => readonly FieldProblem[] = () => [],
): Promise<T[]> {
  const read: T[] = [];
  for (const [i, part] of parts.entries()) {
    read.push(shapedOne(`${field}.${i}`, part, shape, also));
    if (i % BREATH === BREATH - 1) await breathe();
  }
  return read;
}

const problem = (field: string, message: string, remedy: string): FieldProblem => ({
  field,
  message,
  remedy,
});

/** What a spec in the file is wrong in: it must open on the bench. */
function specProblems(field: string, spec: unknown): FieldProblem[] {
  const read = readSpec(spec);
  return read.ok ? [] : read.problems.map((one) => at(field, one));
}

const versionAt =
  (i: number) =>
  ({ version, spec }: KitchenFilePieVersion): FieldProblem[] =>
    version === i + 1
      ? specProblems('spec', spec)
      : [
          problem(
            'version',
            `Version ${i + 1} is missing; version ${version} stands in its place.`,
            'A pie has all its versions, from the first one on.',
          ),
        ];

async function shapedPies(pies: readonly unknown[]): Promise<KitchenFilePie[]> {
  const read: KitchenFilePie[] = [];
  for (const [i, pie] of pies.entries()) {
    const head = shapedOne(`pies.${i}`, emptied(pie, ['versions']), KitchenFilePie);
    const told = listOf(pie, 'versions');
    if (told.length === 0) {
      throw invalid([
        problem(`pies.${i}.versions`, 'This pie has no version.', 'Put one in, or take it out.'),
      ]);
    }
    const versions: KitchenFilePieVersion[] = [];
    for (const [k, version] of told.entries()) {
      const field = `pies.${i}.versions.${k}`;
      versions.push(
        shapedOne(field, withUpgradedSpec(modestly(version)), KitchenFilePieVersion, versionAt(k)),
      );
      if (k % BREATH === 0) await breathe();
    }
    read.push({ ...head, versions });
  }
  return read;
}

async function shapedBakes(bakes: readonly unknown[]): Promise<KitchenFileBake[]> {
  const eventIds = new Set<string>();
  const read: KitchenFileBake[] = [];
  for (const [i, bake] of bakes.entries()) {
    const field = `bakes.${i}`;
    const head = shapedOne(
      field,
      withUpgradedSpec(modestly(emptied(bake, ['events', 'readings']))),
      KitchenFileBake,
    );
    const events = await shaped(`${field}.events`, listOf(bake, 'events'), BakeEventRequest);
    const readings = await shaped(`${field}.readings`, listOf(bake, 'readings'), KitchenFileReading);
    const whole = { ...head, events, readings };
    const problems = bakeProblems(whole, eventIds);
    if (problems.length > 0) throw invalid(problems.map((one) => at(field, one)));
    read.push(whole);
    await breathe();
  }
  return read;
}

/** What belongs together is there together: a bake names a pie and a version of the file or of the kitchen. */
function bakeProblems(bake: KitchenFileBake, ids: Set<string>): FieldProblem[] {
  const twice = bake.events.findIndex(({ id }) => ids.size === ids.add(id).size);
  if (twice >= 0) {
    return [problem(`events.${twice}.id`, 'Another event has this id.', 'Give each event an id of its own.')];
  }
  if (!bake.events.some(({ kind }) => kind === 'loaded')) {
    return [problem('events', 'This bake was never loaded.', 'A bake begins with an event "loaded".')];
  }
  return specProblems('spec', bake.spec);
}

function refuseTwice(field: string, parts: readonly { readonly id: string }[]): void {
  const seen = new Set<string>();
  const twice = parts.findIndex(({ id }) => seen.size === seen.add(id).size);
  if (twice < 0) return;
  throw invalid([
    problem(`${field}.${twice}.id`, 'This id stands twice in the list.', 'Give each an id of its own.'),
  ]);
}

async function refuseOddPhotos(bakes: readonly KitchenFileBake[]): Promise<void> {
  for (const [i, { photo }] of bakes.entries()) {
    if (photo === undefined || (await isKeptPhoto(Buffer.from(photo, 'base64')))) continue;
    throw invalid([
      problem(
        `bakes.${i}.photo`,
        'This is not a picture as Mardle keeps it.',
        'Take it out, and keep the picture with the slice once the kitchen is here.',
      ),
    ]);
  }
}

const parts = ['dishes', 'ovens', 'fruits', 'pies', 'bakes', 'days', ...ownRowKinds];

const ownRows = <Kind extends OwnRowKind>(
  kind: Kind,
  lists: Readonly<Record<string, readonly unknown[]>>,
): Promise<OwnRows[Kind][]> => {
  const { shape, check } = ownRowShapes[kind];
  return shaped<OwnRows[Kind]>(kind, lists[kind] ?? [], shape, check);
};

/** Reads a kitchen file whole before any of it is kept; refuses it with the place of what is wrong first. */
export async function checkKitchen(body: unknown): Promise<CheckedKitchen> {
  const lists = Object.fromEntries(parts.map((part) => [part, listOf(body, part)]));
  // Checked without what is in its lists: each part of them is counted before it is looked at.
  const head = shapedOne('', emptied(body, parts), KitchenFileRequest);
  const { dishes = [], ovens = [], fruits = [], pies = [], bakes = [], days = [] } = lists;
  const checked = {
    ...head,
    dishes: await shaped('dishes', dishes, KitchenFileDish, ({ dish }) => dishProblems(dish)),
    ovens: await shaped('ovens', ovens, KitchenFileOven),
    fruits: await shaped('fruits', fruits, OwnFruitRequest, checkOwnFruit),
    pies: await shapedPies(pies),
    bakes: await shapedBakes(bakes),
    days: await shaped('days', days, KitchenFileDay, ({ content }) => dayProblems(content)),
    thickeners: await ownRows('thickeners', lists),
    staples: await ownRows('staples', lists),
    sold: await ownRows('sold', lists),
  };
  for (const kind of ownRowKinds) refuseTwice(kind, checked[kind]);
  refuseTwice('dishes', checked.dishes);
  refuseTwice('ovens', checked.ovens);
  refuseTwice('fruits', checked.fruits);
  refuseTwice('pies', checked.pies);
  refuseTwice('bakes', checked.bakes);
  refuseTwice('days', checked.days);
  await refuseOddPhotos(checked.bakes);
  return checked;
}

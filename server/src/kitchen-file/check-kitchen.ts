import {
  checkShape,
  KitchenFileBake,
  KitchenFileDish,
  KitchenFileOven,
  KitchenFilePie,
  KitchenFileRequest,
  OwnFruitRequest,
} from '@mardle/contract';
import type { FieldProblem } from '@mardle/contract';
import type { OwnFruit } from '@mardle/core';
import { checkOwnFruit, dishProblems, isPlain, readSpec } from '@mardle/core';
import type { ClassConstructor } from 'class-transformer';
import { setImmediate as breathe } from 'node:timers/promises';
import { isModest } from '../doors/modest.js';
import { isKeptPhoto } from '../log/plain-photo.js';
import { withUpgradedSpec } from '../pies/stored-spec.js';
import { invalid, tooMuch } from '../problems/problem.js';

/** A kitchen that was read and found right. */
export interface CheckedKitchen extends Omit<KitchenFileRequest, 'fruits'> {
  readonly fruits: readonly OwnFruit[];
}

/** Others are answered after so many parts. */
const BREATH = 20;

const at = (field: string, { field: inner, ...rest }: FieldProblem): FieldProblem => ({
  field: inner ? `${field}.${inner}` : field,
  ...rest,
});

const listOf = (part: unknown, name: string): readonly unknown[] => {
  const list = (part as Readonly<Record<string, unknown>> | null)?.[name];
  return Array.isArray(list) ? (list as unknown[]) : [];
};

const longLists = ['versions', 'events', 'readings'];

/** A part without its long lists, which have limits of their own. */
const withoutLists = (part: unknown): unknown =>
  typeof part === 'object' && part !== null
    ? { ...part, ...Object.fromEntries(longLists.map((list) => [list, 0])) }
    : part;

/** Each part of a list in its shape, the whole refused at the first that is not. */
async function shaped<T extends object>(
  field: string,
  parts: readonly unknown[],
  shape: ClassConstructor<T>,
  also: (part: T) => readonly FieldProblem[],
  prepare: (part: unknown) => unknown = (part) => part,
): Promise<T[]> {
  const read: T[] = [];
  for (const [i, part] of parts.entries()) {
    const inner = longLists.flatMap((list) => listOf(part, list));
    if (![withoutLists(part), ...inner].every(isModest)) throw tooMuch();
    const checked = checkShape(shape, prepare(part));
    const problems = checked.ok ? also(checked.value) : checked.problems;
    if (!checked.ok || problems.length > 0) throw invalid(problems.map((one) => at(`${field}.${i}`, one)));
    read.push(checked.value);
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

function pieProblems({ versions }: KitchenFilePie): FieldProblem[] {
  const [first] = versions.flatMap((one, i) => {
    if (one.version !== i + 1) {
      return [
        problem(
          `versions.${i}.version`,
          `Version ${i + 1} is missing; version ${one.version} stands in its place.`,
          'A pie has all its versions, from the first one on.',
        ),
      ];
    }
    return specProblems(`versions.${i}.spec`, one.spec);
  });
  return first ? [first] : [];
}

const pieWithUpgraded = (pie: unknown): unknown =>
  typeof pie === 'object' && pie !== null && 'versions' in pie && Array.isArray(pie.versions)
    ? { ...pie, versions: pie.versions.map(withUpgradedSpec) }
    : pie;

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

const parts = ['dishes', 'ovens', 'fruits', 'pies', 'bakes'];

const emptied = (body: object): object =>
  Object.fromEntries(
    Object.entries(body).map(([key, value]) => [
      key,
      parts.includes(key) && Array.isArray(value) ? [] : value,
    ]),
  );

/** Reads a kitchen file whole before any of it is kept; refuses it with the place of what is wrong first. */
export async function checkKitchen(body: unknown): Promise<CheckedKitchen> {
  const lists = Object.fromEntries(parts.map((part) => [part, listOf(body, part)]));
  // Checked without what is in its lists: each part of them is counted before it is looked at.
  const rest = isPlain(body) ? { ...body, ...emptied(body) } : body;
  if (!isModest(rest)) throw tooMuch();
  const head = checkShape(KitchenFileRequest, rest);
  if (!head.ok) throw invalid(head.problems);
  const { dishes = [], ovens = [], fruits = [], pies = [], bakes = [] } = lists;
  const eventIds = new Set<string>();
  const checked = {
    ...head.value,
    dishes: await shaped('dishes', dishes, KitchenFileDish, ({ dish }) => dishProblems(dish)),
    ovens: await shaped('ovens', ovens, KitchenFileOven, () => []),
    fruits: await shaped('fruits', fruits, OwnFruitRequest, checkOwnFruit),
    pies: await shaped('pies', pies, KitchenFilePie, pieProblems, pieWithUpgraded),
    bakes: await shaped(
      'bakes',
      bakes,
      KitchenFileBake,
      (bake) => bakeProblems(bake, eventIds),
      withUpgradedSpec,
    ),
  };
  refuseTwice('dishes', checked.dishes);
  refuseTwice('ovens', checked.ovens);
  refuseTwice('fruits', checked.fruits);
  refuseTwice('pies', checked.pies);
  refuseTwice('bakes', checked.bakes);
  await refuseOddPhotos(checked.bakes);
  return checked;
}

import type { Larder } from '../../larder/index.js';
import type { FieldProblem } from '../../schema/index.js';
import { shellId } from '../model/index.js';
import type { DayRequest, PiesRequest } from './day-request.js';
import { MOST_PIES } from './day-schema.js';
import { portionIds } from './freezer.js';

const problem = (field: string, message: string, remedy: string): FieldProblem => ({
  field,
  message,
  remedy,
});

const isZone = (name: string): boolean => {
  try {
    new Intl.DateTimeFormat('en', { timeZone: name });
    return true;
  } catch {
    return false;
  }
};

/** Names stand for one thing each. */
const duplicates = (field: string, rows: readonly { readonly id: string }[]): FieldProblem[] => {
  const ids = rows.map(({ id }) => id);
  return ids.flatMap((id, i) =>
    ids.indexOf(id) < i
      ? [problem(`${field}.${i}.id`, `"${id}" is there twice.`, 'Give each a name of its own.')]
      : [],
  );
};

/** Each single pie has a name of its own in the plan, and so has each shell: "plum-1" is the first of two plums too. */
function sharedNames(pies: readonly PiesRequest[]): FieldProblem[] {
  const taken = new Map<string, number>();
  return pies.flatMap(({ id, count }, i) => {
    const portions = portionIds(id, count);
    const names = [...portions, ...portions.map(shellId)];
    const shared = names.find((name) => {
      const other = taken.get(name);
      return other !== undefined && pies[other]?.id !== id;
    });
    for (const name of names) if (!taken.has(name)) taken.set(name, i);
    if (shared === undefined) return [];
    const other = pies[taken.get(shared) ?? 0]?.id ?? '';
    return [
      problem(
        `pies.${i}.id`,
        `"${id}" and "${other}" would both have a pie called "${shared}".`,
        'Give each a name of its own.',
      ),
    ];
  });
}

const shifts = ({ kitchen }: DayRequest): FieldProblem[] =>
  kitchen.hands.flatMap(({ id, from, to }, i) =>
    to > from
      ? []
      : [
          problem(
            `kitchen.hands.${i}.to`,
            `${id} leaves before coming.`,
            'Set the hour of leaving after that of coming.',
          ),
        ],
  );

/** Shells lie in dishes of the kitchen; dough and fruit are of the larder, or fruit that a pie of the day brings along. */
function freezerProblems({ freezer, kitchen, pies }: DayRequest, larder: Larder): FieldProblem[] {
  const owned = new Map(Object.entries(kitchen.dishes));
  const shells = Object.entries(freezer.shells).flatMap(([label, count]) => {
    const there = owned.get(label) ?? 0;
    if (count <= there) return [];
    return [
      problem(
        `freezer.shells.${label}`,
        `${count} shells lie in "${label}", and the kitchen has ${there} of it.`,
        'Count the dishes in the freezer under kitchen.dishes too.',
      ),
    ];
  });
  const doughs = Object.keys(freezer.dough)
    .filter((id) => !larder.doughs.has(id))
    .map((id) =>
      problem(
        `freezer.dough.${id}`,
        `There is no dough "${id}".`,
        `Write one of: ${[...larder.doughs.keys()].join(', ')}.`,
      ),
    );
  const brought = pies.flatMap(({ spec }) => spec.ownFruits.map(({ id }) => id));
  const fruits = Object.keys(freezer.fruit)
    .filter((id) => !larder.fruits.has(id) && !brought.includes(id))
    .map((id) =>
      problem(
        `freezer.fruit.${id}`,
        `There is no fruit "${id}".`,
        'Write the id of a fruit of the Larder, as pie files have it, or of one that a pie of this day brings along.',
      ),
    );
  return [...shells, ...doughs, ...fruits];
}

function tooMany(pies: readonly PiesRequest[]): FieldProblem[] {
  const wanted = pies.reduce((sum, { count }) => sum + count, 0);
  if (wanted <= MOST_PIES) return [];
  return [
    problem('pies', `${wanted} pies are more than a day is planned for.`, `Ask for at most ${MOST_PIES}.`),
  ];
}

/**
 * What does not go together in a day whose fields are each right.
 * @param asked the day
 * @param larder with the rows it names
 * @returns fields with what to do; none when it can be worked out
 */
export const dayConflicts = (asked: DayRequest, larder: Larder): FieldProblem[] => [
  ...(isZone(asked.timeZone)
    ? []
    : [
        problem(
          'timeZone',
          `There is no time zone "${asked.timeZone}".`,
          'Write its IANA name, as Europe/Berlin.',
        ),
      ]),
  ...shifts(asked),
  ...duplicates('kitchen.hands', asked.kitchen.hands),
  ...duplicates('kitchen.ovens', asked.ovens),
  ...duplicates('pies', asked.pies),
  ...tooMany(asked.pies),
  ...sharedNames(asked.pies),
  ...freezerProblems(asked, larder),
];

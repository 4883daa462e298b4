import { HttpException } from '@nestjs/common';
import type { FieldProblem, ProblemDocument } from '@mardle/contract';

/** An error that is answered as a problem document, RFC 9457. */
export class Problem extends HttpException {
  constructor(readonly document: ProblemDocument) {
    super(document, document.status);
  }
}

const make = (
  slug: string,
  status: number,
  title: string,
  detail: string,
  remedy: string,
  problems?: readonly FieldProblem[],
): Problem => new Problem({ type: `urn:mardle:problem:${slug}`, title, status, detail, remedy, problems });

export const invalid = (problems: readonly FieldProblem[]): Problem =>
  make(
    'invalid',
    422,
    'Something in it cannot be right',
    problems.map(({ field, message }) => `${field}: ${message}`).join(' '),
    problems[0]?.remedy ?? 'Correct the fields named and send it again.',
    problems,
  );

export const notFound = (what: string): Problem =>
  make(
    'not-found',
    404,
    'Not there',
    `There is no such ${what}.`,
    'Go back to the list and choose again; it may have been put away.',
  );

export const changedMeanwhile = (current: number): Problem =>
  make(
    'changed-meanwhile',
    412,
    'Changed meanwhile',
    `This pie was saved elsewhere meanwhile; the latest version is ${current}.`,
    'Keep yours as the newest version, take the other, or save yours as a copy. Nothing was overwritten.',
  );

export const saidMeanwhile = (current: number): Problem =>
  make(
    'said-meanwhile',
    412,
    'Somebody else said something',
    `This slice was written down elsewhere meanwhile; that is version ${current}.`,
    'Look at what was said, and say yours over it. Nothing was overwritten.',
  );

export const dayMeanwhile = (current: number): Problem =>
  make(
    'day-meanwhile',
    412,
    'Somebody else planned the day',
    `This day was shared elsewhere meanwhile; the latest version is ${current}.`,
    'Look at theirs, and plan again if it has to be. Nothing was overwritten.',
  );

export const needsVersion = (): Problem =>
  make(
    'needs-version',
    428,
    'Which version?',
    'Saving needs an If-Match header with the version it builds on.',
    'Send the ETag that the pie was read with as If-Match.',
  );

export const taken = (what: string): Problem =>
  make(
    'taken',
    409,
    'Already there',
    `A different ${what} with this id is already there.`,
    'Send it with a new id.',
  );

export const wrongHost = (): Problem =>
  make(
    'wrong-host',
    421,
    'Wrong address',
    'Mardle answers on this machine only.',
    'Open it at the address that npm start printed.',
  );

export const databaseAway = (): Problem =>
  make(
    'database-away',
    503,
    'The database does not answer',
    'Whether this was kept is not certain. What you typed is kept in this browser.',
    'Wait a moment and save again: nothing is kept twice. If it goes on, look at what npm start prints.',
  );

export const wrongOrigin = (): Problem =>
  make(
    'wrong-origin',
    403,
    'From another page',
    'Mardle answers its own pages only.',
    'Open Mardle at the address that npm start printed, and do it there.',
  );

export const busy = (): Problem =>
  make(
    'busy',
    429,
    'Others are at it',
    'As many kitchens as Mardle writes into files at once are on their way.',
    'Wait until the first is there, and ask again.',
  );

export const oddName = (name: string): Problem =>
  invalid([
    {
      field: name,
      message: 'Nothing may be called that.',
      remedy: 'Take it out; docs/plan-format.md names every field.',
    },
  ]);

export const tooMuch = (): Problem =>
  make(
    'too-much',
    413,
    'Too much at once',
    'It has more fields, or deeper ones, than anything that Mardle keeps.',
    'Send one pie, or at most 200 events, at a time.',
  );

export const storageFull = (): Problem =>
  make(
    'storage-full',
    507,
    'The disk is full',
    'Nothing was saved: the disk that holds Mardle’s data has no room. What there is can still be read.',
    'Make room on that disk and save again; docs/operate.md says where the data is.',
  );

export const storageReadOnly = (): Problem =>
  make(
    'storage-read-only',
    503,
    'The data cannot be written',
    'Nothing was saved: the folder that holds Mardle’s data may only be read. What there is can still be read.',
    'Give the folder back its rights, or mount its disk for writing, and save again; docs/operate.md says where it is.',
  );

export const unstorable = (): Problem =>
  make(
    'unstorable',
    422,
    'It cannot be kept',
    'Something in it is longer, larger or otherwise than what can be kept. Nothing was saved.',
    'Shorten texts and check numbers and dates, and send it again.',
  );

import type { ArgumentsHost, ExceptionFilter } from '@nestjs/common';
import { Catch, HttpException } from '@nestjs/common';
import type { ProblemDocument } from '@mardle/contract';
import { PROBLEM_TYPE } from '@mardle/contract';
import type { Request, Response } from 'express';
import type { Logger } from 'pino';
import { databaseAway, Problem, storageFull, storageReadOnly, unstorable } from './problem.js';

/** What codes of mysql2 and of MariaDB itself mean for whoever asked. */
const meanings: readonly (readonly [codes: ReadonlySet<string>, problem: () => Problem])[] = [
  [
    new Set([
      'ECONNREFUSED',
      'ECONNRESET',
      'EPIPE',
      'ETIMEDOUT',
      'PROTOCOL_CONNECTION_LOST',
      'PROTOCOL_SEQUENCE_TIMEOUT',
      'POOL_CLOSED',
      'ER_SERVER_SHUTDOWN',
      'ER_CON_COUNT_ERROR',
      'ER_CONNECTION_KILLED',
      'ER_QUERY_INTERRUPTED',
      'ER_STATEMENT_TIMEOUT',
      'ER_LOCK_WAIT_TIMEOUT',
      'ER_LOCK_DEADLOCK',
    ]),
    databaseAway,
  ],
  [new Set(['ER_DISK_FULL', 'ER_RECORD_FILE_FULL', 'ENOSPC', 'ER_CANT_CREATE_FILE']), storageFull],
  [
    new Set(['ER_OPTION_PREVENTS_STATEMENT', 'ER_OPEN_AS_READONLY', 'ER_READ_ONLY_MODE', 'EROFS']),
    storageReadOnly,
  ],
  [
    new Set([
      'ER_DATA_TOO_LONG',
      'ER_WARN_DATA_OUT_OF_RANGE',
      'ER_TRUNCATED_WRONG_VALUE',
      'ER_TRUNCATED_WRONG_VALUE_FOR_FIELD',
      'ER_CANNOT_CONVERT_STRING',
      'ER_CONSTRAINT_FAILED',
    ]),
    unstorable,
  ],
];

/** What an error of the database means; null for one of another kind. */
function meaningOf(error: unknown): Problem | null {
  if (typeof error !== 'object' || error === null) return null;
  const {
    code = '',
    driverError,
    fatal,
  } = error as { code?: string; driverError?: unknown; fatal?: boolean };
  const known = meanings.find(([codes]) => codes.has(code));
  if (known) return known[1]();
  if (fatal === true) return databaseAway();
  return driverError === undefined || driverError === error ? null : meaningOf(driverError);
}

/** The status of an error that says its own: Nest's, and those of the body parser and the router. */
function httpStatus(error: unknown): number | null {
  if (error instanceof HttpException) return error.getStatus();
  const status = typeof error === 'object' && error !== null && 'status' in error ? error.status : null;
  return typeof status === 'number' && status >= 400 && status < 500 ? status : null;
}

const messageOf = (error: unknown): string => (error instanceof Error ? error.message : 'Not understood');

function remedyFor(status: number, message: string): string {
  if (status === 404) return 'Check the address.';
  if (status === 413) return 'Send less: a pie is a few kilobytes.';
  return message.includes('JSON') ? 'Send the body as JSON.' : 'Correct the request and send it again.';
}

/** What the log says of an error, once: a stack only for what nobody foresaw. */
function rootCause(error: unknown, { status, type }: ProblemDocument): object {
  if (status === 500) return { err: error };
  const { code, message } = error as { code?: string; message?: string };
  return { problem: type, code, cause: message };
}

/** Every error leaves the server as a problem document that says what to do. */
@Catch()
export class ProblemFilter implements ExceptionFilter {
  constructor(private readonly log: Logger) {}

  catch(error: unknown, host: ArgumentsHost): void {
    const http = host.switchToHttp();
    const response = http.getResponse<Response>();
    const document = this.documentFor(error);
    if (document.status >= 500) this.log.error(rootCause(error, document), document.title);
    response
      .status(document.status)
      .type(PROBLEM_TYPE)
      .send(JSON.stringify({ ...document, instance: http.getRequest<Request>().originalUrl }));
  }

  private documentFor(error: unknown): ProblemDocument {
    if (error instanceof Problem) return error.document;
    const meaning = meaningOf(error);
    if (meaning) return meaning.document;
    const status = httpStatus(error);
    if (status !== null) {
      return {
        type: 'about:blank',
        title: messageOf(error),
        status,
        detail: messageOf(error),
        remedy: remedyFor(status, messageOf(error)),
      };
    }
    return {
      type: 'about:blank',
      title: 'Something broke in Mardle',
      status: 500,
      detail: 'Whether this was kept is not certain. The server’s log has the reason.',
      remedy: 'Try again, nothing is kept twice; if it happens again, restart with npm start.',
    };
  }
}

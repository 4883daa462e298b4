import type { ArgumentsHost, ExceptionFilter } from '@nestjs/common';
import { Catch, HttpException } from '@nestjs/common';
import type { ProblemDocument } from '@mardle/contract';
import { PROBLEM_TYPE } from '@mardle/contract';
import type { Request, Response } from 'express';
import type { Logger } from 'pino';
import { databaseAway, Problem } from './problem.js';

/** Codes of a database that is away or going away, from mysql2 and from MariaDB itself. */
const AWAY = new Set([
  'ECONNREFUSED',
  'ECONNRESET',
  'EPIPE',
  'ETIMEDOUT',
  'PROTOCOL_CONNECTION_LOST',
  'ER_SERVER_SHUTDOWN',
  'ER_CON_COUNT_ERROR',
  'ER_CONNECTION_KILLED',
]);

function isAway(error: unknown): boolean {
  if (typeof error !== 'object' || error === null) return false;
  const { code, driverError, fatal } = error as { code?: string; driverError?: unknown; fatal?: boolean };
  return (
    (code !== undefined && AWAY.has(code)) || fatal === true || (driverError !== error && isAway(driverError))
  );
}

function remedyFor(status: number, message: string): string {
  if (status === 404) return 'Check the address.';
  if (status === 413) return 'Send less: a pie is a few kilobytes.';
  return message.includes('JSON') ? 'Send the body as JSON.' : 'Correct the request and send it again.';
}

/** Every error leaves the server as a problem document that says what to do. */
@Catch()
export class ProblemFilter implements ExceptionFilter {
  constructor(private readonly log: Logger) {}

  catch(error: unknown, host: ArgumentsHost): void {
    const http = host.switchToHttp();
    const response = http.getResponse<Response>();
    const document = this.documentFor(error);
    if (document.status >= 500) this.log.error({ err: error }, document.title);
    response
      .status(document.status)
      .type(PROBLEM_TYPE)
      .send(JSON.stringify({ ...document, instance: http.getRequest<Request>().originalUrl }));
  }

  private documentFor(error: unknown): ProblemDocument {
    if (error instanceof Problem) return error.document;
    if (isAway(error)) return databaseAway().document;
    if (error instanceof HttpException) {
      const status = error.getStatus();
      return {
        type: 'about:blank',
        title: error.message,
        status,
        detail: error.message,
        remedy: remedyFor(status, error.message),
      };
    }
    return {
      type: 'about:blank',
      title: 'Something broke in Mardle',
      status: 500,
      detail: 'Nothing was saved. The server’s log has the reason.',
      remedy: 'Try again; if it happens again, restart with npm start.',
    };
  }
}

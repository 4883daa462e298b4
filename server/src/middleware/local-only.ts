import { PROBLEM_TYPE } from '@mardle/contract';
import type { NextFunction, Request, Response } from 'express';
import type { Problem } from '../problems/problem.js';
import { wrongHost, wrongOrigin } from '../problems/problem.js';

const LOCAL_HOSTS = new Set(['127.0.0.1', 'localhost', '[::1]']);

const isLocal = (host: string): boolean => LOCAL_HOSTS.has(host.replace(/:\d+$/, '').toLowerCase());

/** A page that asks: one of this server's own, or none that says so. Another program's page on this machine is not. */
function isOwnOrigin(origin: string | undefined, host: string): boolean {
  if (origin === undefined) return true;
  try {
    const page = new URL(origin).host.toLowerCase();
    return isLocal(page) && page === host.toLowerCase();
  } catch {
    return false;
  }
}

/** A request that names two hosts means neither. */
const namesOneHost = (rawHeaders: readonly string[]): boolean =>
  rawHeaders.filter((name, i) => i % 2 === 0 && name.toLowerCase() === 'host').length === 1;

const refuse = (response: Response, { document }: Problem): void =>
  void response.status(document.status).type(PROBLEM_TYPE).send(JSON.stringify(document));

/** A page elsewhere that points its own name at this machine, or sends forms to it, gets no answer; nothing of it is read. */
export function localOnly({ headers, rawHeaders }: Request, response: Response, next: NextFunction): void {
  const host = headers.host ?? '';
  if (!namesOneHost(rawHeaders) || !isLocal(host)) return refuse(response, wrongHost());
  if (!isOwnOrigin(headers.origin, host)) return refuse(response, wrongOrigin());
  next();
}

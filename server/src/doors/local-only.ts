import { PROBLEM_TYPE } from '@mardle/contract';
import type { NextFunction, Request, Response } from 'express';
import type { Problem } from '../problems/problem.js';
import { wrongHost, wrongOrigin } from '../problems/problem.js';

const LOCAL_HOSTS = new Set(['127.0.0.1', 'localhost', '[::1]']);

const isLocal = (host: string): boolean => LOCAL_HOSTS.has(host.replace(/:\d+$/, '').toLowerCase());

/** A page that asks: local, or none that says so. */
function isLocalOrigin(origin: string | undefined): boolean {
  if (origin === undefined) return true;
  try {
    return isLocal(new URL(origin).host);
  } catch {
    return false;
  }
}

const refuse = (response: Response, { document }: Problem): void =>
  void response.status(document.status).type(PROBLEM_TYPE).send(JSON.stringify(document));

/** A page elsewhere that points its own name at this machine, or sends forms to it, gets no answer; nothing of it is read. */
export function localOnly({ headers }: Request, response: Response, next: NextFunction): void {
  if (!isLocal(headers.host ?? '')) return refuse(response, wrongHost());
  if (!isLocalOrigin(headers.origin)) return refuse(response, wrongOrigin());
  next();
}

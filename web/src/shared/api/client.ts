import type { ProblemDocument } from '@mardle/contract';
import { useConnection } from '../../state/sending/connection.js';

/** An answer that was a problem document, or none at all. */
export class ProblemError extends Error {
  constructor(readonly document: ProblemDocument) {
    super(document.detail);
  }

  get status(): number {
    return this.document.status;
  }
}

const unreachable: ProblemDocument = {
  type: 'urn:mardle:problem:unreachable',
  title: 'Mardle does not answer',
  status: 0,
  detail: 'The server does not answer. What you did is kept in this browser.',
  remedy: 'It will be sent as soon as Mardle answers. If it stays away, start it again on its machine.',
};

/** Statuses that are no fault of what was asked: the next asking may go well. */
export const isTrouble = (status: number): boolean => status === 0 || status === 503 || status === 507;

/** Whether it is worth sending the same again. */
export const mayGoWellLater = (error: unknown): boolean =>
  !(error instanceof ProblemError) || isTrouble(error.status) || error.status >= 500;

export interface Ask {
  readonly method?: 'GET' | 'POST' | 'PUT' | 'DELETE';
  readonly body?: unknown;
  /** Sent as it is, in place of a body. */
  readonly file?: Blob;
  readonly signal?: AbortSignal;
  readonly version?: number;
}

/** Asks the server; throws a ProblemError for anything but success. */
export async function ask<T>(
  path: string,
  { method = 'GET', body, file, version, signal }: Ask = {},
): Promise<T> {
  const headers = new Headers({ Accept: 'application/json' });
  if (body !== undefined) headers.set('Content-Type', 'application/json');
  if (file) headers.set('Content-Type', file.type || 'application/octet-stream');
  if (version !== undefined) headers.set('If-Match', `"${version}"`);
  let answer: Response;
  try {
    answer = await fetch(`/api${path}`, {
      method,
      headers,
      body: file ?? (body === undefined ? undefined : JSON.stringify(body)),
      signal: signal ?? null,
    });
  } catch (error) {
    if (signal?.aborted) throw error;
    useConnection.getState().failed(unreachable);
    throw new ProblemError(unreachable);
  }
  const serverMs = Date.parse(answer.headers.get('Date') ?? '');
  if (Number.isFinite(serverMs)) useConnection.getState().told(serverMs);
  if (!answer.ok) {
    const document = (await answer
      .json()
      .catch(() => ({ ...unreachable, status: answer.status }))) as ProblemDocument;
    if (isTrouble(answer.status)) useConnection.getState().failed(document);
    throw new ProblemError(document);
  }
  useConnection.getState().answered(method !== 'GET');
  return (answer.status === 204 ? undefined : await answer.json()) as T;
}

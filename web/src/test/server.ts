import fetchMock from 'fetch-mock';

/** What a stood-in server was asked for. */
export interface Asked {
  readonly method: string;
  readonly path: string;
  readonly body: unknown;
  readonly ifMatch: string | null;
}

interface Answer {
  readonly status?: number;
  readonly body?: unknown;
}

/**
 * Stands in for the server in tests of screens alone; the stories in e2e use the real one. Answers by `METHOD /path`; what is
 * not named can't be reached. Returns the list of what was asked.
 */
export function standInServer(
  answers: Readonly<Record<string, Answer | ((asked: Asked) => Answer)>>,
): Asked[] {
  const log: Asked[] = [];
  fetchMock.hardReset();
  Object.assign(fetchMock.config, { allowRelativeUrls: true, fallbackToNetwork: false });
  fetchMock.mockGlobal().route('*', ({ url, options }) => {
    const { pathname, search } = new URL(url, location.href);
    const asked: Asked = {
      method: (options.method ?? 'get').toUpperCase(),
      path: pathname + search,
      body: typeof options.body === 'string' ? (JSON.parse(options.body) as unknown) : undefined,
      ifMatch: new Headers(options.headers as Record<string, string>).get('If-Match'),
    };
    log.push(asked);
    const found = answers[`${asked.method} ${asked.path}`];
    if (!found) return { throws: new TypeError('no such address') };
    const { status = 200, body } = typeof found === 'function' ? found(asked) : found;
    return body === undefined ? status : { status, body: body as object };
  });
  return log;
}

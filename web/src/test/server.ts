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
 * not named is not found. Returns the list of what was asked.
 */
export function standInServer(
  answers: Readonly<Record<string, Answer | ((asked: Asked) => Answer)>>,
): Asked[] {
  const log: Asked[] = [];
  Object.assign(globalThis, {
    fetch: (url: string, init: RequestInit = {}): Promise<unknown> => {
      const asked: Asked = {
        method: init.method ?? 'GET',
        path: url,
        body: typeof init.body === 'string' ? (JSON.parse(init.body) as unknown) : undefined,
        ifMatch: (init.headers as { get(name: string): string | null } | undefined)?.get('If-Match') ?? null,
      };
      log.push(asked);
      const found = answers[`${asked.method} ${url}`];
      if (!found) return Promise.reject(new TypeError('no such address'));
      const { status = 200, body } = typeof found === 'function' ? found(asked) : found;
      return Promise.resolve({ ok: status < 400, status, json: () => Promise.resolve(body) });
    },
    Headers: class {
      private readonly values = new Map<string, string>();
      constructor(from: Record<string, string> = {}) {
        for (const [name, value] of Object.entries(from)) this.set(name, value);
      }
      set(name: string, value: string): void {
        this.values.set(name.toLowerCase(), value);
      }
      get(name: string): string | null {
        return this.values.get(name.toLowerCase()) ?? null;
      }
    },
  });
  return log;
}

/** A parsed OpenAPI document, as far as requests are made from it. */
export interface OpenApi {
  readonly paths: Readonly<Record<string, Readonly<Record<string, Operation>>>>;
  readonly components: { readonly schemas: Readonly<Record<string, Schema>> };
}

interface Operation {
  readonly parameters?: readonly {
    readonly name: string;
    readonly in: string;
    readonly schema?: Schema;
  }[];
  readonly requestBody?: { readonly content: Readonly<Record<string, { readonly schema: Schema }>> };
}

export interface Schema {
  readonly $ref?: string;
  readonly type?: string;
  readonly enum?: readonly unknown[];
  readonly const?: unknown;
  readonly minimum?: number;
  readonly maximum?: number;
  readonly format?: string;
  readonly properties?: Readonly<Record<string, Schema>>;
  readonly items?: Schema;
  readonly minItems?: number;
  readonly allOf?: readonly Schema[];
  readonly oneOf?: readonly Schema[];
  readonly anyOf?: readonly Schema[];
}

type Random = () => number;

const pick = <T>(random: Random, values: readonly T[]): T =>
  values[Math.floor(random() * values.length)] as T;

/** What stands where something else should: of every kind that JSON has, and worse. */
const odd: readonly unknown[] = [
  null,
  true,
  false,
  0,
  -1,
  -0,
  1e308,
  -1e308,
  2 ** 53,
  0.1,
  '',
  ' ',
  '0',
  'NaN',
  '\ud800',
  '\u0000',
  'a\r\nb',
  '\u202egnirts',
  'x'.repeat(5000),
  "' OR 1=1 --",
  '../../../etc/passwd',
  'constructor',
  '__proto__',
  '2026-W10-1',
  '9999-12-31T23:59:59.999Z',
  '+275760-09-13T00:00:00.000Z',
  '0000-00-00T00:00:00Z',
  '2026-02-30T10:00:00Z',
  'DAMSON',
  'dámson',
  [],
  [[]],
  {},
  { length: 3, 0: 1 },
  { then: 1 },
  { toString: null, valueOf: null },
  [null],
  Array.from({ length: 300 }, (_, i) => i),
];

/** Objects as deep and as wide as a client can make them. */
const deep = (depth: number): unknown => (depth === 0 ? 1 : { a: deep(depth - 1) });
const wide = (fields: number): object =>
  Object.fromEntries(Array.from({ length: fields }, (_, i) => [`field${i}`, i]));

/** Anything as a text that an address may hold. */
const asText = (value: unknown): string =>
  (typeof value === 'string' ? value : (JSON.stringify(value) ?? '')).replace(/\p{Cs}/gu, '?');

/** Makes one hostile request after another from what the document says, the same for the same random numbers. */
export class Hostile {
  constructor(
    private readonly document: OpenApi,
    private readonly random: Random,
    /** Ids that are there, so that requests get past the address. */
    private readonly known: readonly string[],
  ) {}

  private resolve(schema: Schema): Schema {
    const [inner] = schema.allOf ?? schema.oneOf ?? schema.anyOf ?? [];
    if (schema.$ref) {
      return this.resolve(this.document.components.schemas[schema.$ref.split('/').at(-1) ?? ''] ?? {});
    }
    return inner ? this.resolve(inner) : schema;
  }

  private id(): string {
    const id = pick(this.random, this.known);
    return pick(this.random, [
      id,
      id,
      id,
      id.toUpperCase(),
      '00000000-0000-0000-0000-000000000000',
      'x',
      `${id}0`,
    ]);
  }

  /** Something of the right kind, now and then at its limits. */
  private right(schema: Schema, depth = 0): unknown {
    const of = this.resolve(schema);
    if (of.enum) return pick(this.random, of.enum);
    if (of.const !== undefined) return of.const;
    if (of.properties) {
      if (depth > 6) return {};
      return Object.fromEntries(
        Object.entries(of.properties).map(([name, property]) => [name, this.value(property, depth + 1)]),
      );
    }
    if (of.items) {
      const length = Math.max(of.minItems ?? 0, Math.floor(this.random() * 3));
      const { items } = of;
      return Array.from({ length }, () => this.value(items, depth + 1));
    }
    if (of.type === 'number' || of.type === 'integer') {
      const { minimum = -1, maximum = 100 } = of;
      const between = minimum + (maximum - minimum) * this.random();
      return pick(this.random, [minimum, maximum, of.type === 'integer' ? Math.floor(between) : between]);
    }
    if (of.type === 'boolean') return this.random() < 0.5;
    if (of.format === 'uuid') return this.id();
    return pick(this.random, ['damson', 'enamelled_steel', 'all_butter', 'pie', '2026-10-24T10:00:00Z']);
  }

  private value(schema: Schema, depth: number): unknown {
    return this.random() < 0.06 ? pick(this.random, odd) : this.right(schema, depth);
  }

  /** A sound body with a few things changed: nearest to what gets through. */
  private bent(sound: unknown): unknown {
    const copy = structuredClone(sound);
    const changes = 1 + Math.floor(this.random() * 3);
    for (let i = 0; i < changes; i++) {
      let at = copy as Record<string, unknown>;
      for (;;) {
        const keys = Object.keys(at);
        const key = keys.length === 0 || this.random() < 0.05 ? 'surprise' : pick(this.random, keys);
        const inner = at[key];
        if (typeof inner === 'object' && inner !== null && this.random() < 0.75) {
          at = inner as Record<string, unknown>;
          continue;
        }
        at[key] = structuredClone(pick(this.random, odd));
        break;
      }
    }
    return copy;
  }

  /** The body of a request: bent, made from the schema, or nothing that anybody would send. */
  body(operation: Operation, sound: unknown): string {
    const schema = operation.requestBody?.content['application/json']?.schema;
    if (!schema) return '';
    const kind = this.random();
    if (kind < 0.55 && sound !== undefined) return JSON.stringify(this.bent(sound));
    if (kind < 0.85) return JSON.stringify(this.right(schema));
    return pick(this.random, [
      '',
      '{',
      'null',
      '[]',
      '"text"',
      '{"__proto__": {"a": 1}, "constructor": {"prototype": 1}}',
      '{"id": "\\ud800"}',
      JSON.stringify(deep(40)),
      JSON.stringify(wide(5000)),
      `${'['.repeat(3000)}${']'.repeat(3000)}`,
      JSON.stringify(pick(this.random, odd)) ?? 'undefined',
    ]);
  }

  /** An address with its parts filled in, and now and then a query that nobody asked for. */
  address(path: string, operation: Operation): string {
    const filled = path.replace(/\{(\w+)\}/g, (_, name: string) => {
      if (this.random() < 0.15) return encodeURIComponent(asText(pick(this.random, odd)).slice(0, 200));
      return name === 'version' ? String(1 + Math.floor(this.random() * 3)) : this.id();
    });
    const asked = (operation.parameters ?? []).filter((parameter) => parameter.in === 'query');
    const query = new URLSearchParams();
    for (const { name, schema = {} } of asked) {
      if (this.random() < 0.6) continue;
      const value = this.random() < 0.4 ? pick(this.random, odd) : this.right(schema);
      query.append(name, asText(value));
      if (this.random() < 0.1) query.append(name, 'again');
    }
    if (this.random() < 0.05) query.append('surprise[a][b]', '1');
    const text = query.toString();
    return text === '' ? filled : `${filled}?${text}`;
  }

  ifMatch(): string | null {
    return pick(this.random, [
      '"1"',
      '"2"',
      'W/"1"',
      '*',
      '"99999999999999999999"',
      '"-1"',
      '',
      'x'.repeat(300),
      null,
    ]);
  }
}

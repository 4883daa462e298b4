import type { Larder } from '../larder/index.js';
import type { Unit } from '../units/index.js';

/** What every field of a spec tells about itself. */
interface Told {
  /** What it is, in the words of the pie file's table. */
  readonly what: string;
  /** Version of the pie file that brought it; 1 when not said. */
  readonly since?: number;
}

export interface NumberField extends Told {
  readonly type: 'number';
  readonly unit: Unit;
  readonly least: number;
  readonly most: number;
  readonly whole?: true;
  /** What to do about a number outside its limits. */
  readonly remedy: string;
}

interface ChoiceField<Value extends string | number = string | number> extends Told {
  readonly type: 'choice';
  readonly of: readonly Value[];
}

/** Control characters and halves of a letter: no text that a hand writes has them, and neither paper nor database takes them. */
const UNWRITABLE = /[\p{Cc}\p{Cs}]/u;

/**
 * Whether a text can be kept, shown and printed as it is.
 * @param text any
 * @returns false for control characters and lone surrogates
 * @example isWritable('Damson') // true
 */
export const isWritable = (text: string): boolean => !UNWRITABLE.test(text);

/**
 * The same for a note, which may have lines.
 * @param text any
 * @returns false for control characters that break no line, and lone surrogates
 * @example isNote('ran a little\nless starch') // true
 */
export const isNote = (text: string): boolean => text.split('\n').every(isWritable);

/**
 * A note as it can be kept: what cannot be written is left out of it.
 * @param text as typed or pasted
 * @returns what is left of it, with its lines
 * @example writable('ran\ta little') // 'ran a little'
 */
export const writable = (text: string): string =>
  text
    .replace(/\r\n?/g, '\n')
    .replace(/\t/g, ' ')
    .split('\n')
    .map((line) => [...line].filter(isWritable).join(''))
    .join('\n');

interface TextField extends Told {
  readonly type: 'text';
  readonly longest: number;
  /** What to do when it is empty; it may be when this is not given. */
  readonly emptyRemedy?: string;
}

/** The id of a row of one of the larder's tables. */
interface RowField extends Told {
  readonly type: 'row';
  readonly table: keyof Omit<Larder, 'flourCupG'>;
  readonly noun: string;
}

interface FlagField extends Told {
  readonly type: 'flag';
}

/** A part of the spec with fields of its own. */
export interface PartField<Fields extends Schema = Schema> extends Told {
  readonly type: 'part';
  readonly name: string;
  readonly of: Fields;
}

interface ListField<Fields extends Schema = Schema> extends Told {
  readonly type: 'list';
  readonly name: string;
  readonly of: Fields;
  readonly least: number;
  readonly most: number;
  /** What is said of an empty one, where that is more than a number too small. */
  readonly empty?: { readonly message: string; readonly remedy: string };
}

/** Two of a kind, one after the other. */
interface PairField<Fields extends Schema = Schema> extends Told {
  readonly type: 'pair';
  readonly name: string;
  readonly of: Fields;
}

/** Named numbers that core checks by a table of their own. */
interface FiguresField<Name extends string = string> extends Told {
  readonly type: 'figures';
  readonly of: readonly Name[];
}

/** Always the same word. */
interface FixedField<Value extends string = string> extends Told {
  readonly type: 'fixed';
  readonly is: Value;
}

/** A minute of a day: whole minutes from the file's zero, or an instant with its offset. */
interface MinuteField extends Told {
  readonly type: 'minute';
}

/** Spans of minutes, each from and to. */
interface SpansField extends Told {
  readonly type: 'spans';
  readonly most: number;
}

/** An instant, ISO 8601 with its offset. */
interface InstantField extends Told {
  readonly type: 'instant';
}

/** Some words of a list. */
interface WordsField<Value extends string = string> extends Told {
  readonly type: 'words';
  readonly of: readonly Value[];
}

/** A whole pie file of any version. */
interface PieFileField extends Told {
  readonly type: 'pie_file';
}

/** Values of one kind, each by a name that the file chooses. */
interface NamedField<Of extends NumberField | PartField = NumberField | PartField> extends Told {
  readonly type: 'named';
  readonly of: Of;
}

type Field =
  | MinuteField
  | SpansField
  | InstantField
  | WordsField
  | PieFileField
  | NamedField
  | NumberField
  | ChoiceField
  | TextField
  | RowField
  | FlagField
  | PartField
  | ListField
  | PairField
  | FiguresField
  | FixedField;

/** A field that may be left out, and what is meant then. */
export interface Optional {
  readonly leftOut: string;
}
/** A field that may be null, and what is meant then. */
export interface Nullable {
  readonly nullMeans: string;
}

export type AnyField = Field & Partial<Optional & Nullable>;
export interface Schema {
  readonly [key: string]: AnyField;
}

export const optional = <const F extends Field>(leftOut: string, field: F): F & Optional => ({
  ...field,
  leftOut,
});
export const orNull = <const F extends Field>(nullMeans: string, field: F): F & Nullable => ({
  ...field,
  nullMeans,
});

type ValueOf<F> = F extends NumberField
  ? number
  : F extends ChoiceField<infer Value>
    ? Value
    : F extends FixedField<infer Value>
      ? Value
      : F extends TextField | RowField
        ? string
        : F extends FlagField
          ? boolean
          : F extends ListField<infer Fields>
            ? readonly SpecOf<Fields>[]
            : F extends PairField<infer Fields>
              ? readonly [SpecOf<Fields>, SpecOf<Fields>]
              : F extends PartField<infer Fields>
                ? SpecOf<Fields>
                : F extends FiguresField<infer Name>
                  ? Readonly<Partial<Record<Name, number>>>
                  : FileValueOf<F>;

type FileValueOf<F> = F extends MinuteField
  ? number
  : F extends SpansField
    ? readonly (readonly [from: number, to: number])[]
    : F extends InstantField
      ? string
      : F extends WordsField<infer Value>
        ? readonly Value[]
        : F extends NamedField<infer Of>
          ? Readonly<Record<string, Of extends PartField<infer Fields> ? SpecOf<Fields> : number>>
          : unknown;

type OrNull<F> = F extends Nullable ? ValueOf<F> | null : ValueOf<F>;
type LeftOut<S> = { [K in keyof S]: S[K] extends Optional ? K : never }[keyof S];

/** Plain data of the shape that a schema describes. */
export type SpecOf<S> = { readonly [K in Exclude<keyof S, LeftOut<S>>]: OrNull<S[K]> } & {
  readonly [K in LeftOut<S>]?: OrNull<S[K]> | undefined;
};

/** A field as it stands in the whole spec: its path (lists without their numbers) and itself. */
export interface FieldAt {
  readonly path: string;
  readonly field: AnyField;
}

/**
 * All fields of a schema in order, parts before what is in them.
 * @param schema of the spec or a part
 * @param parent path before it
 * @returns fields with their paths
 * @example listFields(pieSchema)[0]?.path // 'format'
 */
export function listFields(schema: Schema, parent = ''): FieldAt[] {
  return Object.entries(schema).flatMap(([key, field]) => {
    const path = parent ? `${parent}.${key}` : key;
    const inside =
      field.type === 'part' || field.type === 'list' || field.type === 'pair'
        ? listFields(field.of, path)
        : field.type === 'named' && field.of.type === 'part'
          ? listFields(field.of.of, `${path}.*`)
          : [];
    return [{ path, field }, ...inside];
  });
}

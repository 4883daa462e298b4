import Papa from 'papaparse';

/** One row of a table as text, keyed by column name. */
export type TextRow = Readonly<Record<string, string>>;

/**
 * Reads a delimited table with a header row. Lines that begin with `#` are remarks.
 * A table whose cells are sentences is kept with bars between them.
 * Throws when a row has more or fewer cells than the header: a shifted table must never be used.
 */
export function readTable(csv: string, delimiter: ',' | '|' = ','): TextRow[] {
  const { data, errors } = Papa.parse<Record<string, string>>(csv.trim(), {
    header: true,
    delimiter,
    comments: '#',
    skipEmptyLines: true,
    transform: (cell) => cell.trim(),
  });
  const [first] = errors;
  if (first) throw new Error(`table row ${(first.row ?? 0) + 1}: ${first.message}`);
  return data;
}

/** The number in a cell; throws when it is not one. */
export function numberIn(row: TextRow, column: string): number {
  const value = Number(row[column] === '' ? NaN : row[column]);
  if (!Number.isFinite(value)) throw new Error(`table cell ${row['id']}.${column} is not a number`);
  return value;
}

/** The text in a cell; throws when the column is missing. */
export function textIn(row: TextRow, column: string): string {
  const value = row[column];
  if (value === undefined) throw new Error(`table has no column ${column}`);
  return value;
}

/** Rows by their `id`, in the order of the table. */
export function byId<Row extends { readonly id: string }>(rows: readonly Row[]): ReadonlyMap<string, Row> {
  return new Map(rows.map((row) => [row.id, row]));
}

/**
 * Rows of a table by their id, each with its id in it, in the order they were written. The compiler checks every cell.
 * @example makeTable<Sugar>({ white: { label: 'White sugar', ... } })
 */
export const makeTable = <Row extends { readonly id: string }>(
  rows: Readonly<Record<string, Omit<Row, 'id'>>>,
): ReadonlyMap<string, Row> =>
  new Map(Object.entries(rows).map(([id, row]) => [id, { id, ...row } as unknown as Row]));

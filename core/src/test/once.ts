/** Set while a changed line of core is tried out on its tests. */
const underMutation = process.env['MARDLE_MUTATE'] !== undefined;

/**
 * What several tests look at, made when the first of them asks for it: no pie is planned while tests are described. Under
 * mutation each makes its own, so that each is known to lean on the lines that made it.
 */
export function once<T>(make: () => T): () => T {
  let made: { readonly it: T } | null = null;
  return () => {
    if (made && !underMutation) return made.it;
    made = { it: make() };
    return made.it;
  };
}

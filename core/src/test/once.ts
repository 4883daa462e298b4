/** What several tests look at, made when the first of them asks for it: no pie is planned while tests are described. */
export function once<T>(make: () => T): () => T {
  let made: { readonly it: T } | null = null;
  return () => (made ??= { it: make() }).it;
}

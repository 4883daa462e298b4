/** What the controls of a list in pages do, for those who hear them. */
export const pageWords = {
  first: 'First page',
  last: 'Last page',
  next: 'Next page',
  previous: 'Page before',
} as const;

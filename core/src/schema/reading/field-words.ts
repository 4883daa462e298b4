/** An hour with its offset: without one nobody knows which instant is meant. */
const INSTANT = /^\d{4}-\d\d-\d\dT\d\d:\d\d(:\d\d(\.\d+)?)?(Z|[+-]\d\d:\d\d)$/;

/** The instant of an ISO 8601 text that has its offset, ms; NaN for anything else. */
export const instantMs = (text: unknown): number =>
  typeof text === 'string' && INSTANT.test(text) ? Date.parse(text) : NaN;

const singular: Readonly<Record<string, string>> = {
  hands: 'hand',
  ovens: 'oven',
  pies: 'pie',
  breaks: 'break',
  bakes: 'bake',
  events: 'event',
  readings: 'reading',
  stages: 'stage',
};

/**
 * A field in words.
 * @param field its path
 * @returns words
 * @example fieldInWords('kitchen.hands.0.from') // 'hand 1 from'
 */
export const fieldInWords = (field: string): string =>
  field
    .split('.')
    .filter((word) => word !== 'kitchen')
    .map((word, i, words) => {
      if (/^\d+$/.test(word)) return String(Number(word) + 1);
      const isCounted = /^\d+$/.test(words[i + 1] ?? '');
      return isCounted ? (singular[word] ?? word) : word;
    })
    .join(' ') || 'the file';

import type { TastingQuestion } from '@mardle/core';
import { goodWords } from '@mardle/core';

/** Each question of a tasting as a hand would ask it, with its words as they are shown. */
export const asking: Readonly<
  Record<TastingQuestion, { readonly ask: string; readonly words: Readonly<Record<string, string>> }>
> = {
  set: {
    ask: 'The filling',
    words: { ran: 'ran', loose: 'loose', right: 'right', stiff: 'stiff', gluey: 'gluey' },
  },
  sweetness: { ask: 'Sweetness', words: { tart: 'too tart', right: 'right', sweet: 'too sweet' } },
  base: { ask: 'The base', words: { raw: 'raw', soft: 'soft', crisp: 'crisp', hard: 'hard' } },
  top: { ask: 'The top', words: { pale: 'pale', right: 'right', dark: 'dark' } },
  fruit: { ask: 'The fruit', words: { hard: 'hard', tender: 'tender', mush: 'mush' } },
  gap: { ask: 'Gap under the lid', words: { none: 'none', some: 'some', big: 'big' } },
  leak: { ask: 'Juice over the rim', words: { none: 'none', leaked: 'it leaked' } },
  crust: { ask: 'The pastry', words: { right: 'right', tough: 'tough', shrunk: 'shrunk' } },
};

export const questionsAsked = Object.keys(asking) as readonly TastingQuestion[];
export const isGood = (question: TastingQuestion, word: string | null): boolean =>
  word === null || word === goodWords[question];

const days = new Intl.DateTimeFormat(undefined, { dateStyle: 'medium' });
export const dayText = (at: string): string => days.format(new Date(at));

/** What was wrong with a slice in a few words; "good" when nothing was, and nothing when nobody tasted it. */
export function faultWords(tasting: Readonly<Record<TastingQuestion, string | null>> | null): string {
  if (!tasting) return 'not tasted';
  const wrong = questionsAsked.flatMap((question) => {
    const word = tasting[question];
    return word === null || isGood(question, word)
      ? []
      : [`${nouns[question]} ${asking[question].words[word] ?? word}`];
  });
  return wrong.length === 0 ? 'good' : wrong.join(', ');
}

const nouns: Readonly<Record<TastingQuestion, string>> = {
  set: 'filling',
  sweetness: '',
  base: 'base',
  top: 'top',
  fruit: 'fruit',
  gap: 'gap',
  leak: 'rim:',
  crust: 'pastry',
};

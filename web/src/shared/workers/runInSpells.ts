/** Lets messages in, so that a newer job or a cancel is seen. */
export const letMessagesIn = (): Promise<void> => new Promise((resolve) => setTimeout(resolve));

interface Spells<Step> {
  /** So long the sum goes on at one go, ms. */
  readonly spellMs?: number;
  /** Whether the answer is still wanted; asked between spells. */
  readonly isWanted?: () => boolean;
  /** Told of every step. */
  readonly seen?: (step: Step) => void;
  /** Told of the last step of each spell. */
  readonly progress?: (step: Step) => void;
}

const SPELL_MS = 12;

/**
 * Runs a long sum of a worker in short spells.
 * @returns what it comes to; undefined when it was not wanted any more
 */
export async function runInSpells<Step, Value>(
  sum: Generator<Step, Value>,
  { spellMs = SPELL_MS, isWanted = () => true, seen, progress }: Spells<Step> = {},
): Promise<Value | undefined> {
  let beganMs = performance.now();
  for (;;) {
    const { done, value } = sum.next();
    if (done) return value;
    seen?.(value);
    if (performance.now() - beganMs < spellMs) continue;
    progress?.(value);
    await letMessagesIn();
    if (!isWanted()) return undefined;
    beganMs = performance.now();
  }
}

import type { LogEntry } from '@mardle/contract';
import type { TastingQuestion } from '@mardle/core';
import { tastingWords, writable } from '@mardle/core';
import { Button, NumberInput, Textarea } from '@mantine/core';
import { useDebouncedCallback } from '@mantine/hooks';
import { useRef, useState } from 'react';
import { sendTasting, useKeepTasting } from '../../../shared/api/log.js';
import { mayGoWellLater, ProblemError } from '../../../shared/api/client.js';
import { Failure } from '../../../shared/ui/Failure.js';
import { useUnsent } from '../../../state/sending/unsent.js';
import { PhotoPart } from './PhotoPart.js';
import type { TastingDraft } from '../../../learned/tastingDraft.js';
import { tastingDraft } from '../../../learned/tastingDraft.js';
import classes from './TastingForm.module.css';
import { asking, questionsAsked } from '../../../learned/words.js';

const SOON_MS = 500;

const grams = [
  { key: 'thickenerG', label: 'Thickener', most: 50_000 },
  { key: 'sugarG', label: 'Sugar', most: 50_000 },
  { key: 'inG', label: 'Pie in its dish, going in', most: 50_000 },
  { key: 'outG', label: 'Pie in its dish, come out', most: 50_000 },
  { key: 'weepDrainedG', label: 'Weep test drained', most: 100 },
] as const;

/** What was said without the fields that were refused; null when it was not refused for its fields, or nothing is left. */
function withoutWrong(said: TastingDraft, error: unknown): TastingDraft | null {
  if (!(error instanceof ProblemError) || error.status !== 422) return null;
  const wrong = new Set((error.document.problems ?? []).map(({ field }) => field.split('.')[0]));
  const left = Object.entries(said).filter(([key]) => !wrong.has(key));
  return left.length === 0 || left.length === Object.keys(said).length
    ? null
    : (Object.fromEntries(left) as TastingDraft);
}

/** How the slice was, by thumb: one tap an answer, kept as it is tapped. */
// eslint-disable-next-line max-lines-per-function -- one form, field by field
export function TastingForm({ entry }: { readonly entry: LogEntry }) {
  const unsent = useUnsent(({ tastings }) => tastings.find(({ bakeId }) => bakeId === entry.id));
  const { keepTasting, forgetTasting } = useUnsent.getState();
  const [said, setSaid] = useState<TastingDraft>(() => unsent?.said ?? tastingDraft(entry));
  const [weighing, setWeighing] = useState(false);
  const keep = useKeepTasting();
  const version = useRef(entry.version);
  const waiting = useRef<TastingDraft | null>(null);
  const taken = (kept: LogEntry): void => {
    version.current = kept.version;
    forgetTasting(entry.id);
  };
  /** One after the other: each builds on the version that the last one made. */
  const send = async (): Promise<void> => {
    const next = waiting.current;
    if (!next || keep.isPending) return;
    waiting.current = null;
    const kept = await keep
      .mutateAsync({ id: entry.id, said: { version: version.current, ...next } })
      .catch((error: unknown) => {
        // The server is away: kept here, and sent when it answers.
        if (mayGoWellLater(error))
          keepTasting({ bakeId: entry.id, said: { version: version.current, ...next } });
        // Somebody else said something: what is shown is theirs until it is said again.
        if (!(error instanceof ProblemError) || error.status !== 412) waiting.current ??= next;
        // What cannot be right holds up nothing else: the rest is kept without it, and it is told.
        const sound = withoutWrong(next, error);
        if (sound)
          void sendTasting(entry.id, { version: version.current, ...sound }).then(taken, () => undefined);
        return null;
      });
    if (!kept) return;
    taken(kept);
    if (waiting.current) await send();
  };
  // Whoever goes on at once loses nothing.
  const soon = useDebouncedCallback(() => void send(), { delay: SOON_MS, flushOnUnmount: true });
  const say = (change: Partial<TastingDraft>): void => {
    const next = Object.fromEntries(
      Object.entries({ ...said, ...change }).filter(([, value]) => value !== undefined && value !== ''),
    ) as TastingDraft;
    setSaid(next);
    waiting.current = next;
    soon();
  };
  const answer = (question: TastingQuestion, word: string): void =>
    // A second tap takes it back.
    say({
      [question]: said[question] === word ? undefined : word,
      // Another word was not asked about yet.
      ...(question === 'set' ? { stands: undefined } : {}),
    });
  return (
    <section className={classes.tasting} aria-label="How the slice was">
      <h3>How the slice was</h3>
      <div className={classes.slice}>
        <div>
          {questionsAsked.map((question) => (
            <div key={question} className={classes.question} role="group" aria-label={asking[question].ask}>
              <span>{asking[question].ask}</span>
              <div>
                {tastingWords[question].map((word) => (
                  <button
                    key={word}
                    type="button"
                    aria-pressed={said[question] === word}
                    onClick={() => answer(question, word)}
                  >
                    {asking[question].words[word] ?? word}
                  </button>
                ))}
              </div>
            </div>
          ))}
        </div>
        <PhotoPart entry={entry} />
      </div>
      <div className={classes.measures}>
        <NumberInput
          label="Cooled before it was cut"
          suffix=" min"
          w={190}
          min={0}
          max={10_080}
          clampBehavior="strict"
          allowDecimal={false}
          value={said.cooledMin ?? ''}
          onChange={(value) => say({ cooledMin: typeof value === 'number' ? value : undefined })}
        />
        <Textarea
          label="A note"
          autosize
          maxLength={500}
          value={said.note ?? ''}
          onChange={({ currentTarget: { value } }) => say({ note: writable(value) })}
        />
        <Button variant="subtle" size="sm" aria-expanded={weighing} onClick={() => setWeighing(!weighing)}>
          {weighing ? 'Less' : 'What was weighed'}
        </Button>
      </div>
      {weighing && (
        <div className={classes.measures}>
          {grams.map(({ key, label, most }) => (
            <NumberInput
              key={key}
              label={label}
              suffix=" g"
              w={190}
              min={0}
              max={most}
              clampBehavior="strict"
              value={said[key] ?? ''}
              onChange={(value) => say({ [key]: typeof value === 'number' ? value : undefined })}
            />
          ))}
        </div>
      )}
      {keep.error && <Failure error={keep.error} />}
      <p role="status" className={classes.kept}>
        {keep.isPending
          ? 'Keeping …'
          : unsent?.refused
            ? 'Kept here only: somebody else said something meanwhile. Say it again to have it count.'
            : unsent
              ? 'Kept here, sent when Mardle answers.'
              : keep.isSuccess
                ? 'Kept.'
                : ''}
      </p>
    </section>
  );
}

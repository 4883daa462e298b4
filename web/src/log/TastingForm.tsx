import type { LogEntry } from '@mardle/contract';
import type { TastingQuestion } from '@mardle/core';
import { tastingWords } from '@mardle/core';
import { Button, NumberInput, Textarea } from '@mantine/core';
import { useDebouncedCallback } from '@mantine/hooks';
import { useRef, useState } from 'react';
import { useKeepTasting } from '../api/log.js';
import { ProblemError } from '../api/client.js';
import { Failure } from '../kit/Failure.js';
import { PhotoPart } from './PhotoPart.js';
import type { Said } from './said.js';
import { saidOf } from './said.js';
import classes from './TastingForm.module.css';
import { asking, questionsAsked } from './words.js';

const SOON_MS = 500;

const grams = [
  { key: 'thickenerG', label: 'Thickener', most: 50_000 },
  { key: 'sugarG', label: 'Sugar', most: 50_000 },
  { key: 'inG', label: 'Pie in its dish, going in', most: 50_000 },
  { key: 'outG', label: 'Pie in its dish, come out', most: 50_000 },
  { key: 'weepDrainedG', label: 'Weep test drained', most: 100 },
] as const;

/** How the slice was, by thumb: one tap an answer, kept as it is tapped. */
export function TastingForm({ entry }: { readonly entry: LogEntry }) {
  const [said, setSaid] = useState<Said>(() => saidOf(entry));
  const [weighing, setWeighing] = useState(false);
  const keep = useKeepTasting();
  const version = useRef(entry.version);
  const waiting = useRef<Said | null>(null);
  /** One after the other: each builds on the version that the last one made. */
  const send = async (): Promise<void> => {
    const next = waiting.current;
    if (!next || keep.isPending) return;
    waiting.current = null;
    const kept = await keep
      .mutateAsync({ id: entry.id, said: { version: version.current, ...next } })
      .catch((error: unknown) => {
        // Somebody else said something: what is shown is theirs until it is said again.
        if (!(error instanceof ProblemError) || error.status !== 412) waiting.current ??= next;
        return null;
      });
    if (!kept) return;
    version.current = kept.version;
    if (waiting.current) await send();
  };
  const soon = useDebouncedCallback(() => void send(), SOON_MS);
  const say = (change: Partial<Said>): void => {
    const next = Object.fromEntries(
      Object.entries({ ...said, ...change }).filter(([, value]) => value !== undefined && value !== ''),
    ) as Said;
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
          allowDecimal={false}
          value={said.cooledMin ?? ''}
          onChange={(value) => say({ cooledMin: typeof value === 'number' ? value : undefined })}
        />
        <Textarea
          label="A note"
          autosize
          maxLength={500}
          value={said.note ?? ''}
          onChange={({ currentTarget: { value } }) => say({ note: value })}
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
              value={said[key] ?? ''}
              onChange={(value) => say({ [key]: typeof value === 'number' ? value : undefined })}
            />
          ))}
        </div>
      )}
      {keep.error && <Failure error={keep.error} />}
      <p role="status" className={classes.kept}>
        {keep.isPending ? 'Keeping …' : keep.isSuccess ? 'Kept.' : ''}
      </p>
    </section>
  );
}

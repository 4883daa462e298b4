import type { LogEntry } from '@mardle/contract';
import type { Answers, CauseFound } from '@mardle/core';
import { Button, Group, Progress } from '@mantine/core';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { SliceOnPlate } from '../../../pie/SliceOnPlate/SliceOnPlate.js';
import { whyInWorker } from '../../../shared/workers/log.js';
import classes from './WhyPart.module.css';
import { faultWords } from '../../../learned/words.js';

function Cause({ found }: { readonly found: CauseFound }) {
  const { label, remedy, odds, rerun } = found;
  const percent = Math.round(100 * odds);
  return (
    <li className={classes.cause}>
      <div className={classes.odds} aria-label={`${percent} in 100`}>
        <strong>{percent} %</strong>
        <Progress value={percent} aria-hidden />
      </div>
      <div>
        <h4>{label}</h4>
        <p>{remedy}</p>
        {rerun && (
          <div className={classes.slices}>
            <SliceOnPlate plan={rerun.wasPlan} said="So the sums have it" />
            <SliceOnPlate plan={rerun.wouldBePlan} said="With the remedy" />
          </div>
        )}
      </div>
    </li>
  );
}

/** Why a slice was not right: causes with their odds, each remedy baked again in the sums, and one question more. */
export function WhyPart({ entry }: { readonly entry: LogEntry }) {
  const [answers, setAnswers] = useState<Answers>({});
  const [share, setShare] = useState(0);
  const wrong = entry.tasting !== null && faultWords(entry.tasting) !== 'good';
  const {
    data: why,
    isFetching,
    error,
  } = useQuery({
    queryKey: ['why', entry.id, entry.version, answers],
    queryFn: async () => (await whyInWorker(entry, answers, setShare)) ?? null,
    enabled: wrong,
    staleTime: Infinity,
    retry: false,
    placeholderData: keepPreviousData,
  });
  if (!wrong) return null;
  const question = why?.question;
  return (
    <section className={classes.why} aria-label="Why it may be so">
      <h3>Why it may be so</h3>
      {isFetching && (
        <p role="status">
          Baking the causes again … <Progress value={100 * share} aria-label="Causes looked at" />
        </p>
      )}
      {error && <p role="alert">This pie cannot be planned any more, so its causes cannot be told.</p>}
      {question && (
        <Group gap={8} className={classes.question}>
          <strong>{question.text}</strong>
          <Button size="sm" onClick={() => setAnswers({ ...answers, [question.id]: true })}>
            Yes
          </Button>
          <Button
            size="sm"
            variant="default"
            onClick={() => setAnswers({ ...answers, [question.id]: false })}
          >
            No
          </Button>
        </Group>
      )}
      <ol>
        {why?.causes.slice(0, 4).map((found) => (
          <Cause key={found.cause} found={found} />
        ))}
      </ol>
    </section>
  );
}

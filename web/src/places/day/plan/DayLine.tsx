import type { Day, DayPlan, DayTask, TaskKind, MoveRequest } from '@mardle/core';
import { taskId, unloadGroups, heatWords, pieName, showDegrees, taskWords, wallTime } from '@mardle/core';
import type { CSSProperties } from 'react';
import { useMemo, useState } from 'react';
import { useDay } from '../../../state/day/day.js';
import { useSettings } from '../../../state/settings.js';
import classes from './DayLine.module.css';
import { DragBox, DragLine, DropRow } from './DragLine.js';
import { hourMarks } from '../hours.js';
import { MoveTask } from './MoveTask.js';
import type { Stretch } from './stretches.js';
import { placing, makeStretches } from './stretches.js';

interface Box {
  readonly id: string;
  readonly from: number;
  readonly to: number;
  readonly kind: TaskKind | 'run' | 'cool';
  readonly word: string;
  readonly said: string;
  /** Null for what nobody drags. */
  readonly task: DayTask | null;
}

interface Row {
  readonly name: string;
  /** Where its place among the rows says more than its name. */
  readonly shown?: string | undefined;
  /** Whether it is a pair of hands. */
  readonly hands: boolean;
  readonly boxes: readonly Box[];
}

const shortWords: Readonly<Record<TaskKind, string>> = {
  mix: 'dough',
  prepare: 'fruit',
  line: 'line',
  build: 'fill',
  load: 'in',
  out: 'out',
  pack: 'pack',
};

const legend: readonly (readonly [Box['kind'], string])[] = [
  ['mix', 'dough'],
  ['prepare', 'fruit'],
  ['line', 'lining'],
  ['build', 'filling'],
  ['load', 'in and out'],
  ['run', 'in the oven'],
  ['cool', 'cooling'],
  ['pack', 'packing'],
];

interface DayLineProps {
  readonly day: Day;
  readonly plan: DayPlan;
  readonly by: 'line' | 'pies';
}

/** The day from left to right, a row for each pair of hands and each oven, or for each pie. Nights are left out. */
export function DayLine({ day, plan, by }: DayLineProps) {
  const units = useSettings((state) => state.units);
  const stretches = useMemo(() => makeStretches(plan), [plan]);
  const at = placing(stretches);
  const dayOf = (minute: number): string => wallTime(day, minute).slice(0, 3);
  const rows =
    by === 'pies' ? pieRows(day, plan) : resourceRows(day, plan, (tempC) => showDegrees(tempC, units));
  const done = useDay((state) => state.done);
  const [wish, setWish] = useState<{ readonly task: DayTask; readonly wish: MoveRequest } | null>(null);
  const style = (from: number, to: number): CSSProperties | null => {
    const left = at(from);
    const right = at(to);
    return left === null || right === null
      ? null
      : { left: `${100 * left}%`, width: `${100 * (right - left)}%` };
  };
  return (
    <DragLine stretches={stretches} onDrop={(task, wanted) => setWish({ task, wish: wanted })}>
      <div
        className={classes.line}
        role="img"
        aria-label="The day on a line of time; the lists below say the same."
      >
        <div className={classes.hours}>
          {marksOf(day, stretches, at).map(({ mark, left }) => (
            <span key={mark} style={{ left: `${100 * left}%` }}>
              {wallTime(day, mark).slice(4)}
            </span>
          ))}
          {stretches.slice(1).map(({ from }) => (
            <i key={`gap ${from}`} style={{ left: `${100 * (at(from) ?? 0)}%` }}>
              ⋯
            </i>
          ))}
          {stretches
            .filter(({ from }, i) => i === 0 || dayOf(from) !== dayOf(stretches[i - 1]?.from ?? from))
            .map(({ from }) => (
              <b key={from} style={{ left: `${100 * (at(from) ?? 0)}%` }}>
                {dayOf(from)}
              </b>
            ))}
        </div>
        {rows.map(({ name, shown, hands, boxes }) => (
          <DropRow key={name} hands={hands ? name : null} className={classes.row}>
            <b className={classes.who}>{shown ?? name}</b>
            <div className={classes.track}>
              {boxes.map(({ id, from, to, kind, word, said, task }) => {
                const where = style(from, to);
                if (!where) return null;
                const box = { className: classes[kind], style: where, title: said };
                const inside = hasRoom(where, word) ? word : '';
                return task !== null && !done.includes(task.id) ? (
                  <DragBox key={id} task={task} {...box}>
                    {inside}
                  </DragBox>
                ) : (
                  <div key={id} {...box}>
                    {inside}
                  </div>
                );
              })}
            </div>
          </DropRow>
        ))}
      </div>
      <ul className={classes.legend} aria-label="What the colours are">
        {legend.map(([kind, word]) => (
          <li key={kind}>
            <div className={classes.track}>
              <div className={classes[kind]} />
            </div>
            {word}
          </li>
        ))}
        {stretches.length > 1 && <li>⋯ hours in which nothing is done are left out</li>}
      </ul>
      {wish && <MoveTask day={day} plan={plan} {...wish} onClose={() => setWish(null)} />}
    </DragLine>
  );
}

/** Hours are told so far from each other that they can be read, as a share of the width. */
const APART = 0.06;
const LAST = 0.97;

function marksOf(
  day: Day,
  stretches: readonly Stretch[],
  at: (minute: number) => number | null,
): { readonly mark: number; readonly left: number }[] {
  const shown: { readonly mark: number; readonly left: number }[] = [];
  for (const mark of stretches.flatMap(({ from, to }) => hourMarks(day, from, to))) {
    const left = at(mark) ?? 0;
    if (left <= LAST && left - (shown.at(-1)?.left ?? -1) >= APART) shown.push({ mark, left });
  }
  return shown;
}

/** A letter takes about so much of the width of the line, per cent. */
const LETTER_PERCENT = 1.05;

/** A word is shown where it has room; what has none says it when it is pointed at, and in the lists. */
const hasRoom = ({ width }: CSSProperties, word: string): boolean =>
  Number.parseFloat(String(width)) >= LETTER_PERCENT * word.length;

function resourceRows(day: Day, plan: DayPlan, degrees: (tempC: number) => string): Row[] {
  const hands = day.kitchen.hands.map(({ id }) => ({
    name: id,
    boxes: unloadGroups(plan)
      .flatMap(([task]) => (task?.hands === id ? [task] : []))
      .map((task) => ({
        id: task.id,
        from: task.start,
        to: task.end,
        kind: task.kind,
        word: shortWords[task.kind],
        said: `${wallTime(day, task.start)} ${taskWords(day, plan, task)}`,
        task,
      })),
    hands: true,
  }));
  const ovens = day.kitchen.ovens.map(({ id }) => ({
    name: id,
    boxes: plan.runs
      .filter(({ oven }) => oven === id)
      .map((run): Box => {
        const names = run.pies.map(({ pie, out }) => `${pieName(day, pie)} (${out} min)`).join(', ');
        return {
          id: run.id,
          from: run.start,
          to: run.start + Math.max(...run.pies.map(({ out }) => out)),
          kind: 'run',
          word: run.pies.length === 1 ? '1 pie' : `${run.pies.length} pies`,
          said: `${wallTime(day, run.start)} ${heatWords(run.heat, degrees)}: ${names}`,
          task: null,
        };
      }),
    hands: false,
  }));
  return [...hands, ...ovens];
}

function pieRows(day: Day, plan: DayPlan): Row[] {
  return day.pies.map((pie) => {
    const run = plan.runs.find(({ pies }) => pies.some((one) => one.pie === pie.id));
    const out = run?.pies.find((one) => one.pie === pie.id)?.out ?? 0;
    const pack = plan.tasks.find(({ id }) => id === taskId('pack', pie.id));
    const boxes: Box[] = plan.tasks
      .filter(({ of, kind }) => of === pie.id && kind !== 'out')
      .map((task) => ({
        id: task.id,
        from: task.start,
        to: task.end,
        kind: task.kind,
        word: shortWords[task.kind],
        said: `${wallTime(day, task.start)} ${taskWords(day, plan, task)}, ${task.hands}`,
        task,
      }));
    if (run) {
      boxes.push({
        id: `bake:${pie.id}`,
        from: run.start,
        to: run.start + out,
        kind: 'run',
        word: `${out} min`,
        said: `${wallTime(day, run.start)} in the ${run.oven}, ${out} min`,
        task: null,
      });
      const cooled = run.start + out + pie.cool;
      boxes.push({
        id: `cool:${pie.id}`,
        from: run.start + out,
        to: pack ? Math.min(cooled, pack.start) : cooled,
        kind: 'cool',
        word: 'cools',
        said: `cools ${pie.cool} min`,
        task: null,
      });
    }
    const shown = pie.shellOf === undefined ? undefined : 'its shell';
    return { name: pieName(day, pie.id), shown, boxes, hands: false };
  });
}

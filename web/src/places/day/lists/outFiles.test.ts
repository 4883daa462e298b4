import {
  finishDay,
  unloadGroups,
  instantAt,
  sampleDay,
  solveDay,
  starterSpec,
  makeWeighingList,
} from '@mardle/core';
import ICAL from 'ical.js';
import papa from 'papaparse';
import { calendarOf, tableOfAmounts } from './outFiles.js';

/** A day over the night in which clocks go back: one hour is on the wall twice. */
const day = { ...sampleDay(1, 3), zero: '2026-10-25T00:30:00+02:00' };
const found = finishDay(solveDay(day, { evaluations: 100 }));
if (!found) throw new Error('no plan');
const plan = found;

it('another library reads every task of the calendar at its instant, with its alarm, also across a clock change', async () => {
  const text = await calendarOf(day, plan, 'Clocks go back');
  const events = new ICAL.Component(ICAL.parse(text) as unknown[]).getAllSubcomponents('vevent');
  const begins = unloadGroups(plan).flatMap(([task]) => (task ? [task.start] : []));
  expect(events).toHaveLength(begins.length);
  const starts = events
    .map((event) => new ICAL.Event(event).startDate.toJSDate().getTime())
    .sort((a, b) => a - b);
  expect(starts).toEqual(begins.map((start) => instantAt(day, start)).sort((a, b) => a - b));
  expect(events.every((event) => event.getAllSubcomponents('valarm').length === 1)).toBe(true);
});

it('the table comes back as it went out, and a name that begins like a sum stays text', async () => {
  const { amounts } = makeWeighingList([{ count: 2, spec: { ...starterSpec, name: '=1+1, "odd"' } }]);
  const text = await tableOfAmounts(amounts);
  const { data, errors } = papa.parse<Record<string, string>>(text, { header: true });
  expect(errors).toEqual([]);
  expect(data.map((row) => row['what'])).toEqual(amounts.map(({ label }) => label));
  expect(data[0]?.['for']).toBe('2 =1+1, "odd"');
});

import type { Day, WeighingLine, DayPlan, BuyingLine } from '@mardle/core';
import { unloadGroups, instantAt, taskWords } from '@mardle/core';

const ALARM_BEFORE_S = 300;

/** The day as a calendar (RFC 5545): an event for each thing to do, with an alarm five minutes before. Instants are UTC. */
export async function calendarOf(day: Day, plan: DayPlan, name: string): Promise<string> {
  const { default: ical, ICalAlarmType } = await import('ical-generator');
  const calendar = ical({ name, prodId: { company: 'Mardle', product: 'Bake day' } });
  for (const [task] of unloadGroups(plan)) {
    if (!task) continue;
    calendar.createEvent({
      id: `${day.zero}-${task.id}@mardle`,
      start: new Date(instantAt(day, task.start)),
      end: new Date(instantAt(day, task.end)),
      summary: taskWords(day, plan, task),
      description: task.hands,
      alarms: [{ type: ICalAlarmType.display, trigger: ALARM_BEFORE_S }],
    });
  }
  return calendar.toString();
}

const honest = (massG: number): number => (massG < 10 ? Math.round(10 * massG) / 10 : Math.round(massG));

/** What the day takes as a table for other programs, grams. */
export async function tableOfAmounts(amounts: readonly WeighingLine[]): Promise<string> {
  const { default: papa } = await import('papaparse');
  return papa.unparse(
    amounts.map(({ title, label, massG, boughtG, pies }) => ({
      part: title,
      what: label,
      'to weigh, g': honest(massG),
      'to buy, g': honest(boughtG),
      for: pies.map(({ name, count }) => `${count} ${name}`).join('; '),
    })),
    // A name that begins like a sum is text, also in a spreadsheet.
    { escapeFormulae: true },
  );
}

/** What is to be bought as a table for other programs, grams and money. */
export async function tableOfBuying(items: readonly BuyingLine[]): Promise<string> {
  const { default: papa } = await import('papaparse');
  return papa.unparse(
    items.map(({ label, pieces, needsG, haveG, missingG, packG, packs, packPrice, buysCost }) => ({
      what: label,
      pieces: pieces ?? '',
      'needed, g': honest(needsG),
      'is there, g': haveG ?? '',
      'to buy, g': honest(missingG),
      'a pack, g': packG ?? '',
      packs: packs ?? '',
      'a pack costs': packPrice ?? '',
      cost: buysCost === null ? '' : buysCost.toFixed(2),
    })),
    { escapeFormulae: true },
  );
}

import type { LogEntry, TastingRequest } from '@mardle/contract';

/** What is known of a bake afterwards, as it is sent. */
export type TastingDraft = Omit<TastingRequest, 'version'>;

/** Minutes from the oven to the knife, as they were tapped. */
function minutesCooled({ events }: LogEntry): number | undefined {
  const at = (kind: 'out' | 'cut'): number | undefined => events.find((event) => event.kind === kind)?.atMin;
  const out = at('out');
  const cut = at('cut');
  return out === undefined || cut === undefined ? undefined : Math.round(Math.max(0, cut - out));
}

/** What was said so far. */
export function tastingDraft(entry: LogEntry): TastingDraft {
  const { tasting, weighed, note } = entry;
  const told = { ...tasting, ...weighed, weepDrainedG: entry.weepDrainedG, saucer: entry.saucer };
  return {
    cooledMin: minutesCooled(entry),
    ...(Object.fromEntries(Object.entries(told).filter(([, value]) => value !== null)) as TastingDraft),
    ...(note ? { note } : {}),
  };
}

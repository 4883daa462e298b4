import type { Reader } from '../../schema/index.js';
import type { DayMatters } from '../model/index.js';
import { matterKinds, matterStops } from '../model/index.js';

/** What a day's file says matters more or less than usual; what is as usual is left out. */
export function readMatters(reader: Reader, value: unknown): DayMatters {
  if (value === undefined) return {};
  const matters = reader.part('matters', value, `some of ${matterKinds.join(', ')}`);
  reader.known('matters', matters, matterKinds);
  const read = matterKinds.map(
    (kind) => [kind, reader.choice(`matters.${kind}`, matters[kind], matterStops, 'usual')] as const,
  );
  return Object.fromEntries(read.filter(([, stop]) => stop !== 'usual'));
}

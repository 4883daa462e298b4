import type { Reader } from '../../schema/index.js';
import type { ObjectiveEmphasis } from '../model/index.js';
import { objectiveKinds, emphases } from '../model/index.js';

/** What a day's file says matters more or less than usual; what is as usual is left out. */
export function readEmphasis(reader: Reader, value: unknown): ObjectiveEmphasis {
  if (value === undefined) return {};
  const matters = reader.part('matters', value, `some of ${objectiveKinds.join(', ')}`);
  reader.known('matters', matters, objectiveKinds);
  const read = objectiveKinds.map(
    (kind) => [kind, reader.choice(`matters.${kind}`, matters[kind], emphases, 'usual')] as const,
  );
  return Object.fromEntries(read.filter(([, stop]) => stop !== 'usual'));
}

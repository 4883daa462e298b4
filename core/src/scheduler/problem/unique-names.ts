import type { Reader } from '../../schema/index.js';
import type { PiesRequest } from './day-request.js';
import { portionIds } from './freezer.js';
import { shellId } from '../model/index.js';

/** Names stand for one thing each. */
export function isDuplicate(reader: Reader, at: string, ids: readonly string[]): void {
  ids.forEach((id, i) => {
    if (ids.indexOf(id) < i) {
      reader.wrong(`${at}.${i}.id`, `"${id}" is there twice.`, 'Give each a name of its own.');
    }
  });
}

/** Each single pie has a name of its own in the plan, and so has each shell: "plum-1" is the first of two plums too. */
export function nameProblems(reader: Reader, pies: readonly PiesRequest[]): void {
  const taken = new Map<string, number>();
  pies.forEach(({ id, count }, i) => {
    const ids = portionIds(id, count);
    for (const one of [...ids, ...ids.map(shellId)]) {
      const other = taken.get(one);
      if (other !== undefined && other !== i && pies[other]?.id !== id) {
        reader.wrong(
          `pies.${i}.id`,
          `"${id}" and "${pies[other]?.id ?? ''}" would both have a pie called "${one}".`,
          'Give each a name of its own.',
        );
        return;
      }
      taken.set(one, i);
    }
  });
}

import { readDay } from '@mardle/core';
import type { DayFile } from './dayFile.js';

/** What a file of a day may leave out is said in it: how many of each pie, cold, and whose clock it is. The same where all is said. */
export function wholeDayFile(file: DayFile): DayFile {
  const read = readDay(file);
  if (!read.ok) return file;
  const { timeZone, pies } = read.asked;
  const said: Partial<DayFile> = file;
  const isSaid = said.timeZone !== undefined && file.pies.every((pie) => 'count' in pie && 'as' in pie.ready);
  if (isSaid) return file;
  return {
    ...file,
    timeZone,
    pies: file.pies.map((pie, i) => ({
      ...pie,
      count: pies[i]?.count ?? 1,
      ready: { ...pie.ready, as: pies[i]?.ready.as ?? 'cold' },
    })),
  };
}

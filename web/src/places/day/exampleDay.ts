import saturday from '../../../../docs/examples/days/saturday.json?url';
import type { DayFile } from '../../state/day/dayFile.js';

/** The Saturday of the demo: sixteen pies for a stall, two ovens, three people. */
export async function exampleDay(): Promise<DayFile> {
  const answer = await fetch(saturday);
  return (await answer.json()) as DayFile;
}

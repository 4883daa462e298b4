import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { bakeRecordLimits } from '../../schema/index.js';
import { readLog } from './read-log.js';

interface PlainLog {
  readonly bakes: readonly { readonly events: readonly object[]; readonly readings: readonly object[] }[];
}

const plain = JSON.parse(
  readFileSync(join(__dirname, '../../../../docs/examples/logs/loose-damson.json'), 'utf8'),
) as PlainLog;

const withReadings = (readings: readonly object[]): unknown => ({
  ...plain,
  bakes: plain.bakes.map((bake) => ({ ...bake, readings })),
});

/** A kitchen's own log is a file that the log reads: what the one may hold the other takes. */
describe('a log of a full kitchen', () => {
  it('is read with a probe that read for hours, and what a broken wire reads', () => {
    const { least, most } = bakeRecordLimits.probeC;
    const readings = Array.from({ length: 5000 }, (_, i) => ({
      atMin: i / 100,
      fillingC: i % 2 === 0 ? least : most,
    }));
    const read = readLog(withReadings(readings));
    expect(read.ok || read.problems).toBe(true);
  });

  it('is refused by name when a reading is none', () => {
    const read = readLog(withReadings([{ atMin: 1, fillingC: bakeRecordLimits.probeC.most + 1 }]));
    expect(read.ok ? [] : read.problems.map(({ field }) => field)).toEqual(['bakes.0.readings.0.fillingC']);
  });
});

import { spawnSync } from 'node:child_process';
import { mkdirSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { ownFolder, run } from './test/ground.js';

const folder = ownFolder('disk');

/** A disk of its own, which not every machine lets root make. */
function mounted(disk: string, how = ''): boolean {
  mkdirSync(disk, { recursive: true });
  return spawnSync('mount', ['-t', 'tmpfs', '-o', `size=240m${how}`, 'tmpfs', disk]).status === 0;
}

const mayMount = ((): boolean => {
  const disk = mkdtempSync(join(tmpdir(), 'mardle-mount-'));
  const may = mounted(disk);
  if (may) spawnSync('umount', ['-l', disk]);
  rmSync(disk, { recursive: true, force: true });
  return may;
})();

describe('a folder that may only be read', () => {
  (mayMount ? it : it.skip)(
    'is said in plain words, with what to do',
    () => {
      const disk = join(folder(), 'read-only');
      expect(mounted(disk, ',ro')).toBe(true);
      try {
        expect(() => run(join(disk, 'data'), '')).toThrow(/cannot be written .* MARDLE_DATA/);
      } finally {
        spawnSync('umount', ['-l', disk]);
      }
    },
    60_000,
  );
});

describe('a full disk', () => {
  (mayMount ? it : it.skip)(
    'refuses what it cannot keep, still reads, and goes on by itself',
    () => {
      const disk = join(folder(), 'small');
      expect(mounted(disk)).toBe(true);
      try {
        const answer = run(
          disk,
          `const ballast = data + '/ballast';
         const file = openSync(ballast, 'w');
         const part = Buffer.alloc(65536);
         for (let left = statfsSync(data); left.bavail * left.bsize > 200_000; left = statfsSync(data)) writeSync(file, part);
         closeSync(file);
         const kept = [];
         let refused = null;
         for (let i = 0; i < 4000 && !refused; i++) {
           const made = await make('Fill ' + i);
           if (made.status === 201) kept.push(made.body.id); else refused = made;
         }
         const { body: list } = await ask('/pies?find=Fill&size=1');
         rmSync(ballast);
         const again = await make('After');
         const last = await ask('/pies/' + kept.at(-1));
         console.log(JSON.stringify({ refused: refused?.status, remedy: refused?.body.remedy, all: list.total === kept.length, again: again.status, last: last.status }));`,
        );
        expect(answer).toEqual({
          refused: 507,
          remedy: expect.stringMatching(/Make room/),
          all: true,
          again: 201,
          last: 200,
        });
      } finally {
        spawnSync('umount', ['-l', disk]);
      }
    },
    180_000,
  );
});

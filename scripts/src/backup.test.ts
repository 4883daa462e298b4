import { spawnSync } from 'node:child_process';
import { existsSync, readFileSync, statSync, truncateSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { ownFolder, root, run } from './test/ground.js';

const mardle = (data: string, ...args: string[]): { status: number | null; stderr: string } =>
  spawnSync(process.execPath, [join(root, 'scripts', 'bootstrap.mjs'), 'mardle', ...args], {
    encoding: 'utf8',
    env: { ...process.env, MARDLE_DATA: data },
  });

const folder = ownFolder('backup');

describe('backup and restore', () => {
  it('bring a kitchen into an empty folder with an odd name, whole, while the old one is there', () => {
    const from = join(folder(), 'Küche "eins"');
    const file = join(folder(), 'kitchen.sql');
    run(from, `await make('Äpfel 🥧'); console.log(JSON.stringify(1));`);
    expect(mardle(from, 'backup', file).status).toBe(0);
    expect(statSync(file).mode & 0o077).toBe(0);

    const cut = join(folder(), 'cut.sql');
    writeFileSync(cut, readFileSync(file));
    truncateSync(cut, statSync(file).size - 200);
    const to = join(folder(), 'other kitchen');
    for (const [bad, why] of [
      [cut, /its end is missing/],
      [join(root, 'README.md'), /does not begin as a backup/],
      [join(folder(), 'nothing.sql'), /there is no file/],
    ] as const) {
      const refused = mardle(to, 'restore', bad);
      expect(refused.status).toBe(2);
      expect(refused.stderr).toMatch(why);
    }
    expect(existsSync(to)).toBe(false);

    expect(mardle(to, 'restore', file).status).toBe(0);
    const twice = mardle(to, 'restore', file);
    expect([twice.status, twice.stderr]).toEqual([2, expect.stringMatching(/has data already.*--over/s)]);
    expect(mardle(to, 'restore', file, '--over').status).toBe(0);
    const names = run(
      to,
      `const { body } = await ask('/pies?find=Äpfel'); console.log(JSON.stringify(body.pies.map(({ name }) => name)));`,
    );
    expect(names).toEqual(['Äpfel 🥧']);
  });

  it('a file that was tampered with runs no command, touches no other database, and leaves the kitchen as it was', () => {
    const data = join(folder(), 'tampered');
    const file = join(folder(), 'tampered.sql');
    run(data, `await make('Stays'); console.log(1);`);
    expect(mardle(data, 'backup', file).status).toBe(0);
    const sound = readFileSync(file, 'utf8');
    const mark = join(folder(), 'ran');
    const bent = (line: string): string => {
      const at = join(folder(), `bent-${Math.random()}.sql`);
      const [head = '', ...rest] = sound.split('\n');
      writeFileSync(at, [head, line, ...rest].join('\n'));
      return at;
    };
    for (const line of [
      `\\! touch ${mark}`,
      `system touch ${mark}`,
      'USE mysql;',
      'CREATE DATABASE elsewhere;',
      'DROP TABLE mardle.pie_version;',
      `SELECT 1 INTO OUTFILE '${mark}';`,
      'THIS IS NO SQL;',
    ]) {
      const { status, stderr } = mardle(data, 'restore', bent(line), '--over');
      expect([line, status, /The kitchen is as it was/.test(stderr)]).toEqual([line, 2, true]);
      expect(existsSync(mark)).toBe(false);
    }
    // Written by a Mardle to come: it would start here and spoil what it does not know.
    const newer = join(folder(), 'newer.sql');
    writeFileSync(newer, sound.replace(/OwnRows\d+/, 'Tomorrow9999999999999'));
    const refused = mardle(data, 'restore', newer, '--over');
    expect([refused.status, /newer Mardle \(Tomorrow9999999999999\)/.test(refused.stderr)]).toEqual([
      2,
      true,
    ]);
    // Cut in the middle of a table, with an end put on.
    const half = join(folder(), 'half.sql');
    writeFileSync(half, `${sound.slice(0, sound.length / 2)}\n-- Dump completed\n`);
    expect(mardle(data, 'restore', half, '--over').status).toBe(2);
    const names = run(
      data,
      `const { body } = await ask('/pies?find=Stays'); console.log(JSON.stringify(body.pies.map(({ name }) => name)));`,
    );
    expect(names).toEqual(['Stays']);
  });

  it('a folder without data has nothing to back up', () => {
    const empty = mardle(join(folder(), 'empty'), 'backup', join(folder(), 'none.sql'));
    expect(empty.status).toBe(2);
    expect(empty.stderr).toMatch(/there is no data/);
    expect(existsSync(join(folder(), 'none.sql'))).toBe(false);
  });
});

describe('a kitchen as a file', () => {
  it('brought into an empty folder is the same kitchen: pies put away, slices, pictures, readings', () => {
    const file = join(folder(), 'kitchen.json');
    const counts = run(
      join(folder(), 'file from'),
      `const { default: sharp } = await import('sharp');
       const { writeFileSync } = await import('node:fs');
       await make('Äpfel 🥧');
       const put = await make('Put away');
       await fetch(api + '/pies/' + put.body.id, { method: 'DELETE' });
       const [bake] = (await ask('/log?size=1')).body.bakes;
       const bytes = await sharp({ create: { width: 90, height: 60, channels: 3, background: '#703050' } }).png().toBuffer();
       await fetch(api + '/log/' + bake.id + '/photo', { method: 'PUT', body: bytes, headers: { 'Content-Type': 'image/png' } });
       await ask('/log/' + bake.id + '/tasting', 'PUT', { version: bake.version, set: 'loose', note: 'ran' });
       await fetch(api + '/bakes/' + bake.id + '/readings', { method: 'POST', headers: { 'Content-Type': 'application/json' },
         body: JSON.stringify({ readings: [{ at: bake.bakedAt, fillingC: 21.5 }, { at: new Date(Date.parse(bake.bakedAt) + 60000).toISOString(), airC: 180 }] }) });
       const { body } = await ask('/kitchen/file');
       writeFileSync(${JSON.stringify(file)}, JSON.stringify(body));
       console.log(JSON.stringify([body.pies.length, body.bakes.filter(({ photo }) => photo).length, body.bakes.flatMap(({ readings }) => readings).length]));`,
    );
    // Of readings of the same minutes, long ago, one stays.
    expect(counts).toEqual([11, 1, 1]);
    const same = run(
      join(folder(), 'file to'),
      `const { isDeepStrictEqual } = await import('node:util');
       const { readFileSync } = await import('node:fs');
       const { savedAt: _, ...told } = JSON.parse(readFileSync(${JSON.stringify(file)}, 'utf8'));
       const brought = await ask('/kitchen/file', 'POST', { ...told, savedAt: _ });
       const { savedAt: __, ...here } = (await ask('/kitchen/file')).body;
       const instead = await ask('/kitchen/file?instead=yes', 'POST', { ...told, savedAt: _ });
       const { savedAt: ___, ...then } = (await ask('/kitchen/file')).body;
       console.log(JSON.stringify({ pies: brought.body.added.pies, photos: brought.body.added.photos, differs: brought.body.differs, same: isDeepStrictEqual(here, told), status: instead.status, whole: isDeepStrictEqual(then, told) }));`,
    );
    // What was said anew of a bake of the demo is otherwise here, and stays.
    expect(same).toEqual({
      pies: 2,
      photos: 1,
      differs: [expect.stringMatching(/^the slice of /)],
      same: false,
      status: 200,
      whole: true,
    });
  });
});

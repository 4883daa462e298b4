import { spawnSync } from 'node:child_process';
import {
  existsSync,
  mkdirSync,
  mkdtempSync,
  readFileSync,
  rmSync,
  statSync,
  truncateSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

const root = join(__dirname, '..', '..');

/** Runs lines of a module against the compiled scripts; what it prints last is JSON. */
function run(data: string, lines: string): unknown {
  const script = `
    import { startDatabase } from ${JSON.stringify(join(root, 'scripts/dist/system/mariadb.js'))};
    import { appIsReady, spawnApp } from ${JSON.stringify(join(root, 'scripts/dist/system/app.js'))};
    import { freePort } from ${JSON.stringify(join(root, 'scripts/dist/system/ports.js'))};
    import { starterSpec } from ${JSON.stringify(join(root, 'core/dist/index.js'))};
    import { randomUUID } from 'node:crypto';
    import { closeSync, openSync, rmSync, statfsSync, writeSync } from 'node:fs';
    const data = ${JSON.stringify(data)};
    const database = await startDatabase(data);
    const port = await freePort();
    const app = spawnApp(database, port, { MARDLE_LOG: 'silent' });
    const api = 'http://127.0.0.1:' + port + '/api';
    const ask = async (path, method = 'GET', body) => {
      const begun = performance.now();
      const answer = await fetch(api + path, { method, body: body && JSON.stringify(body), headers: { 'Content-Type': 'application/json' } });
      return { status: answer.status, ms: performance.now() - begun, body: await answer.json() };
    };
    const make = (name) => ask('/pies', 'POST', { id: randomUUID(), spec: { ...starterSpec, name } });
    try {
      if (!(await appIsReady(port, 60_000, app))) throw new Error('the server did not come up');
      ${lines}
    } finally {
      app.kill('SIGTERM');
      await database.stop();
    }
    process.exit(0);`;
  const done = spawnSync(process.execPath, ['--input-type=module', '-e', script], {
    cwd: root,
    encoding: 'utf8',
  });
  const last = done.stdout.trim().split('\n').at(-1) ?? '';
  if (done.status !== 0) throw new Error(done.stderr);
  return JSON.parse(last);
}

const mardle = (data: string, ...args: string[]): { status: number | null; stderr: string } =>
  spawnSync(process.execPath, [join(root, 'scripts', 'bootstrap.mjs'), 'mardle', ...args], {
    encoding: 'utf8',
    env: { ...process.env, MARDLE_DATA: data },
  });

let folder = '';
beforeAll(() => {
  folder = mkdtempSync(join(tmpdir(), 'mardle-ground-'));
});
afterAll(() => rmSync(folder, { recursive: true, force: true }));

describe('backup and restore', () => {
  it('bring a kitchen into an empty folder with an odd name, whole, while the old one is there', () => {
    const from = join(folder, 'Küche "eins"');
    const file = join(folder, 'kitchen.sql');
    run(from, `await make('Äpfel 🥧'); console.log(JSON.stringify(1));`);
    expect(mardle(from, 'backup', file).status).toBe(0);
    expect(statSync(file).mode & 0o077).toBe(0);

    const cut = join(folder, 'cut.sql');
    writeFileSync(cut, readFileSync(file));
    truncateSync(cut, statSync(file).size - 200);
    const to = join(folder, 'other kitchen');
    for (const [bad, why] of [
      [cut, /its end is missing/],
      [join(root, 'README.md'), /does not begin as a backup/],
      [join(folder, 'nothing.sql'), /there is no file/],
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
  }, 180_000);

  it('a folder without data has nothing to back up', () => {
    const empty = mardle(join(folder, 'empty'), 'backup', join(folder, 'none.sql'));
    expect(empty.status).toBe(2);
    expect(empty.stderr).toMatch(/there is no data/);
    expect(existsSync(join(folder, 'none.sql'))).toBe(false);
  }, 60_000);
});

describe('a kitchen as a file', () => {
  it('brought into an empty folder is the same kitchen: pies put away, slices, pictures, readings', () => {
    const file = join(folder, 'kitchen.json');
    const counts = run(
      join(folder, 'file from'),
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
      join(folder, 'file to'),
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
  }, 180_000);
});

describe('a data folder that was left in the middle of something', () => {
  it('starts again: a password half written, tables half made', () => {
    const data = join(folder, 'half');
    run(data, `console.log(1);`);
    writeFileSync(join(data, 'password'), 'abc');
    const total = run(data, `console.log(JSON.stringify((await ask('/pies')).body.total));`);
    expect(total).toBe(9);
  }, 120_000);
});

describe('a database that hangs', () => {
  it('is answered for within two seconds, with what to do', () => {
    const answer = run(
      join(folder, 'hangs'),
      `process.kill(database.pid, 'SIGSTOP');
       const { status, ms, body } = await ask('/pies');
       process.kill(database.pid, 'SIGCONT');
       console.log(JSON.stringify({ status, inTime: ms < 2500, remedy: body.remedy }));`,
    );
    expect(answer).toEqual({ status: 503, inTime: true, remedy: expect.stringMatching(/save again/) });
  }, 120_000);
});

describe('a server whose database is gone', () => {
  it('ends when it is told to', () => {
    const ended = run(
      join(folder, 'gone'),
      `process.kill(database.pid, 'SIGKILL');
       const end = new Promise((then) => app.once('exit', () => then(true)));
       app.kill('SIGTERM');
       console.log(JSON.stringify(await Promise.race([end, new Promise((then) => setTimeout(() => then(false), 20_000))])));`,
    );
    expect(ended).toBe(true);
  }, 120_000);
});

describe('a bake whose server and database are killed again and again', () => {
  it('is what was tapped and read, each once and in its order; taps are sent until they are taken', () => {
    const answer = run(
      join(folder, 'killed'),
      `const { runningBake } = await import(${JSON.stringify(join(root, 'core/dist/index.js'))});
       let [server, store] = [app, database];
       const pie = await make('Killed');
       const id = randomUUID();
       // Today: what is older than a day is thinned.
       const loadedMs = 60_000 * (Math.floor(Date.now() / 60_000) - 70);
       const at = (min) => new Date(loadedMs + min * 60000).toISOString();
       const stages = [{ tempC: 210, timeMin: 20 }, { tempC: 180, timeMin: 30 }];
       const loaded = { id: randomUUID(), kind: 'loaded', at: at(0) };
       const patiently = async (path, body) => {
         for (const until = Date.now() + 90_000; Date.now() < until; ) {
           const { status } = await fetch(api + path, { method: 'POST', body: JSON.stringify(body), headers: { 'Content-Type': 'application/json' } }).catch(() => ({ status: 0 }));
           if (status > 0 && status < 300) return;
           if (status >= 400 && status < 500) throw new Error(path + ' ' + status);
           await new Promise((then) => setTimeout(then, 100));
         }
         throw new Error('never taken: ' + path);
       };
       const killServer = async () => {
         server.kill('SIGKILL');
         server = spawnApp(store, port, { MARDLE_LOG: 'silent' });
         if (!(await appIsReady(port, 60000, server))) throw new Error('no server');
       };
       const killStore = async () => {
         process.kill(store.pid, 'SIGKILL');
         store = await startDatabase(data, store.port);
       };
       const kills = [killServer, killStore];
       try {
       await patiently('/bakes', { id, pieId: pie.body.id, pieVersion: 1, spec: pie.body.spec, stages, loaded });
       const turned = { id: randomUUID(), kind: 'turned', at: at(25) };
       const taps = [
         { id: randomUUID(), kind: 'lowered', at: at(20) }, turned,
         { id: randomUUID(), kind: 'undo', at: at(26), undoes: turned.id },
         { id: randomUUID(), kind: 'more_time', at: at(40), minutes: 5 },
         { id: randomUUID(), kind: 'bubbling', at: at(44.5) }, { id: randomUUID(), kind: 'out', at: at(55) },
       ];
       for (const [i, tap] of taps.entries()) {
         // Killed while the tap is on its way: before it is written, or just after.
         await Promise.all([patiently('/bakes/' + id + '/events', { events: [tap] }),
           patiently('/bakes/' + id + '/readings', { readings: [{ at: tap.at, fillingC: 20 + i, airC: 180 }] }),
           kills[i % 2]()]);
       }
       const [bake] = (await ask('/bakes/running')).body;
       const { body } = await ask('/bakes/' + id + '/readings');
       const times = { stages, turnMin: 30, foilMin: null, bubblingMin: null, coolMin: 180 };
       const now = loadedMs + 60 * 60000;
       const same = JSON.stringify(runningBake(times, bake.events, now)) === JSON.stringify(runningBake(times, [loaded, ...taps], now));
       console.log(JSON.stringify({ same, ids: bake.events.map((one) => one.id).join() === [loaded, ...taps].map((one) => one.id).join(), readings: body.readings.map(({ atMin }) => atMin) }));
       } finally {
         server.kill('SIGKILL');
         await store.stop();
       }`,
    );
    expect(answer).toEqual({ same: true, ids: true, readings: [20, 25, 26, 40, 44.5, 55] });
  }, 240_000);
});

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
      const disk = join(folder, 'read-only');
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
      const disk = join(folder, 'small');
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

import { spawnSync } from 'node:child_process';
import { mkdirSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { ownFolder, root, run } from './test/ground.js';

const folder = ownFolder('ground');

describe('a data folder that was left in the middle of something', () => {
  it('starts again: a password half written, tables half made', () => {
    const data = join(folder(), 'half');
    run(data, `console.log(1);`);
    writeFileSync(join(data, 'password'), 'abc');
    const total = run(data, `console.log(JSON.stringify((await ask('/pies')).body.total));`);
    expect(total).toBe(9);
  });
});

describe('a database that hangs', () => {
  it('is answered for within two seconds, with what to do', () => {
    const answer = run(
      join(folder(), 'hangs'),
      `process.kill(database.pid, 'SIGSTOP');
       const { status, ms, body } = await ask('/pies');
       process.kill(database.pid, 'SIGCONT');
       console.log(JSON.stringify({ status, inTime: ms < 2500, remedy: body.remedy }));`,
    );
    expect(answer).toEqual({ status: 503, inTime: true, remedy: expect.stringMatching(/save again/) });
  });
});

describe('a data folder whose start was killed', () => {
  it('takes the database that still runs, also one that is silent for eight seconds', () => {
    const answer = run(
      join(folder(), 'left'),
      `const mine = database.pid;
       writeFileSync(data + '/mariadb.json', '{"pid":1,"port":1}');
       process.kill(mine, 'SIGSTOP');
       setTimeout(() => process.kill(mine, 'SIGCONT'), 8000);
       const again = await startDatabase(data);
       const list = await ask('/pies');
       console.log(JSON.stringify({ same: again.pid === mine, status: list.status }));`,
    );
    expect(answer).toEqual({ same: true, status: 200 });
  });

  it('lets two starts at once have one database', () => {
    const data = join(folder(), 'twice');
    const answer = run(
      data,
      `await database.stop();
       const [one, two] = await Promise.all([startDatabase(data), startDatabase(data)]);
       console.log(JSON.stringify(one.pid === two.pid && one.port === two.port));
       await one.stop();`,
    );
    expect(answer).toBe(true);
  });
});

describe('what is not Mardle’s', () => {
  it('is no data folder, and nothing in it changes its owner', () => {
    const home = join(folder(), 'home');
    mkdirSync(home);
    writeFileSync(join(home, 'letters.txt'), 'dear');
    const before = statSync(home).mode;
    expect(() => run(home, '')).toThrow(/holds other things than Mardle's data \(letters\.txt/);
    expect(statSync(home).mode).toBe(before);
    // What somebody puts into Mardle's own folder stays theirs.
    const data = join(folder(), 'own');
    run(data, 'console.log(1);');
    writeFileSync(join(data, 'note.txt'), 'mine');
    const { uid } = statSync(join(data, 'note.txt'));
    run(data, 'console.log(1);');
    expect(statSync(join(data, 'note.txt')).uid).toBe(uid);
  });

  it('is the folder that stands here when MARDLE_DATA is empty', () => {
    const { status, stderr } = spawnSync(
      process.execPath,
      [join(root, 'scripts/bootstrap.mjs'), 'mardle', 'backup', '/tmp/x'],
      {
        encoding: 'utf8',
        env: { ...process.env, MARDLE_DATA: '' },
      },
    );
    expect([status, stderr]).toEqual([2, expect.stringMatching(/MARDLE_DATA is empty/)]);
  });
});

describe('the log of the database', () => {
  it('does not grow because somebody asks whether it is up', () => {
    const answer = run(
      join(folder(), 'quiet'),
      `const { greets } = await import(${JSON.stringify(join(root, 'scripts/dist/system/running-database.js'))});
       const { statSync } = await import('node:fs');
       const size = () => statSync(data + '/mariadb.log').size;
       const before = size();
       for (let i = 0; i < 20; i++) await greets(database.port);
       await ask('/pies');
       console.log(JSON.stringify(size() - before));`,
    );
    expect(answer).toBe(0);
  });
});

describe('a server whose database is gone', () => {
  it('ends when it is told to', () => {
    const ended = run(
      join(folder(), 'gone'),
      `process.kill(database.pid, 'SIGKILL');
       const end = new Promise((then) => app.once('exit', () => then(true)));
       app.kill('SIGTERM');
       console.log(JSON.stringify(await Promise.race([end, new Promise((then) => setTimeout(() => then(false), 20_000))])));`,
    );
    expect(ended).toBe(true);
  });
});

describe('a bake whose server and database are killed again and again', () => {
  it('is what was tapped and read, each once and in its order; taps are sent until they are taken', () => {
    const answer = run(
      join(folder(), 'killed'),
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
       const times = { stages, turnMin: 30, foilMin: null, weightsMin: null, sign: null, taps: [], coolMin: 180 };
       const now = loadedMs + 60 * 60000;
       const same = JSON.stringify(runningBake(times, bake.events, now)) === JSON.stringify(runningBake(times, [loaded, ...taps], now));
       console.log(JSON.stringify({ same, ids: bake.events.map((one) => one.id).join() === [loaded, ...taps].map((one) => one.id).join(), readings: body.readings.map(({ atMin }) => atMin) }));
       } finally {
         server.kill('SIGKILL');
         await store.stop();
       }`,
    );
    expect(answer).toEqual({ same: true, ids: true, readings: [20, 25, 26, 40, 44.5, 55] });
  });
});

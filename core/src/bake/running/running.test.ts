import type { BakeEvent, BakeEventKind, BakeTimes } from './running.js';
import { isFinished, runningBake, standing } from './running.js';

const times: BakeTimes = {
  stages: [
    { tempC: 215, timeMin: 15 },
    { tempC: 180, timeMin: 40 },
  ],
  turnMin: 28,
  foilMin: null,
  weightsMin: null,
  sign: { label: 'Look: thick bubbles all round?', kind: 'bubbling', dueMin: 50 },
  taps: ['turned', 'bubbling', 'tender', 'colour_golden', 'foil_on', 'door_opened'],
  coolMin: 180,
};

const start = Date.parse('2026-10-24T23:30:00Z');
const at = (minutes: number): number => start + minutes * 60_000;
let ids = 0;
const event = (kind: BakeEventKind, minutes: number, more: Partial<BakeEvent> = {}): BakeEvent => ({
  id: `event-${String(++ids).padStart(4, '0')}`,
  kind,
  at: new Date(at(minutes)).toISOString(),
  ...more,
});

const loaded = event('loaded', 0);

describe('a running bake', () => {
  it('goes through its stages, the next touch always due first', () => {
    const events = [loaded];
    expect(runningBake(times, events, at(3)).next).toEqual({
      kind: 'lowered',
      label: 'Lower the oven',
      dueAt: at(15),
    });
    events.push(event('lowered', 16));
    expect(runningBake(times, events, at(17)).next?.kind).toBe('turned');
    events.push(event('turned', 28));
    expect(runningBake(times, events, at(30)).next?.kind).toBe('bubbling');
    events.push(event('bubbling', 51));
    expect(runningBake(times, events, at(52)).next).toEqual({ kind: 'out', label: 'Out', dueAt: at(55) });
    events.push(event('out', 56));
    expect(runningBake(times, events, at(60)).phase).toBe('cooling');
    expect(runningBake(times, events, at(56 + 180)).phase).toBe('ready');
    events.push(event('cut', 240));
    expect(runningBake(times, events, at(241)).phase).toBe('eaten');
  });

  it('says out when it is out, whatever was never tapped before', () => {
    const untouched = runningBake(times, [loaded], at(56));
    expect(untouched.next).toMatchObject({ kind: 'out', dueAt: at(55) });
    expect(untouched.touches.map(({ kind }) => kind)).toEqual(['lowered', 'turned', 'bubbling', 'out']);
    expect(runningBake(times, [loaded, event('lowered', 15)], at(55)).next?.kind).toBe('out');
  });

  it('of touches that are due lets the gravest lead, of equals the latest', () => {
    expect(runningBake(times, [loaded], at(30)).next?.kind).toBe('lowered');
    const lowered = [loaded, event('lowered', 15)];
    expect(runningBake(times, lowered, at(51)).next?.kind).toBe('bubbling');
    const foiled = { ...times, foilMin: 35 };
    expect(runningBake(foiled, lowered, at(51)).next?.kind).toBe('foil_on');
    expect(runningBake(foiled, lowered, at(20)).next?.kind).toBe('turned');
  });

  it('has weights lifted out of an empty shell, and asks nothing of a filling', () => {
    const shell: BakeTimes = {
      ...times,
      stages: [
        { tempC: 190, timeMin: 20 },
        { tempC: 190, timeMin: 15 },
      ],
      turnMin: 17,
      weightsMin: 25,
      sign: { label: 'Look: dry and pale gold?', kind: 'colour_pale', dueMin: 33 },
      taps: ['weights_out', 'turned', 'colour_pale', 'foil_on', 'door_opened'],
    };
    const open = runningBake(shell, [loaded], at(26));
    expect(open.next).toMatchObject({ kind: 'weights_out', label: 'Lift the weights out' });
    expect(open.touches.map(({ kind }) => kind)).toEqual(['turned', 'weights_out', 'colour_pale', 'out']);
    const out = runningBake(shell, [loaded, event('weights_out', 26)], at(27));
    expect(out.done).toEqual([{ kind: 'weights_out', at: at(26) }]);
    expect(out.next?.kind).toBe('turned');
  });

  it('comes out later or sooner by what was really done, and is sliced no sooner than it can be', () => {
    const sooner = runningBake({ ...times, shiftMin: -7 }, [loaded], at(3));
    expect(sooner.outDueAt).toBe(at(48));
    expect(sooner.sliceAt).toBe(at(48 + 180));
    // Nobody has taken it out yet: the slice waits with it.
    expect(runningBake(times, [loaded], at(70)).sliceAt).toBe(at(70 + 180));
    expect(runningBake({ ...times, coolMin: null }, [loaded], at(3)).sliceAt).toBeNull();
  });

  it('lowers nothing at one heat, and turns up what rises', () => {
    const [first] = times.stages;
    const one = runningBake({ ...times, stages: [first, { ...first, timeMin: 40 }] }, [loaded], at(3));
    expect(one).toMatchObject({ phase: 'one_heat', setTempC: 215, next: { kind: 'turned', dueAt: at(28) } });
    const rising = runningBake({ ...times, stages: [first, { tempC: 230, timeMin: 9 }] }, [loaded], at(3));
    expect(rising.next).toMatchObject({ kind: 'lowered', label: 'Turn the oven up' });
  });

  it('is the same from the same events in any order, sent any number of times', () => {
    const lowered = event('lowered', 15);
    const turned = event('turned', 30);
    const straight = runningBake(times, [loaded, lowered, turned], at(40));
    expect(runningBake(times, [turned, loaded, turned, lowered, loaded], at(40))).toEqual(straight);
  });

  it('takes back a wrong tap', () => {
    const out = event('out', 20);
    const events = [loaded, event('lowered', 15), out, event('undo', 21, { undoes: out.id })];
    expect(runningBake(times, events, at(22)).phase).toBe('stage2');
    expect(standing(events).map(({ kind }) => kind)).toEqual(['loaded', 'lowered']);
  });

  it('stand in the order of their time, whatever they are called; two of one moment in that of their names', () => {
    const rows = [
      { ...event('lowered', 15), id: 'a' },
      { ...loaded, id: 'z' },
      { ...event('turned', 15), id: 'b' },
    ];
    expect(standing(rows).map(({ id }) => id)).toEqual(['z', 'a', 'b']);
  });

  it('moves the end by five minutes more, each time', () => {
    const events = [loaded, event('more_time', 50, { minutes: 5 }), event('more_time', 55, { minutes: 5 })];
    expect(runningBake(times, events, at(56)).outDueAt).toBe(at(65));
    expect(runningBake(times, events, at(56)).sliceAt).toBe(at(65 + 180));
  });

  it('moves by them all that was still to come, and nothing that had come', () => {
    const hot = runningBake(times, [loaded, event('more_time', 5, { minutes: 5 })], at(6));
    expect(hot.next).toMatchObject({ kind: 'lowered', dueAt: at(20) });
    expect(hot.outDueAt).toBe(at(60));
    const lowered = [loaded, event('lowered', 15), event('more_time', 40, { minutes: 5 })];
    const late = runningBake(times, lowered, at(41));
    expect(late.next).toMatchObject({ kind: 'turned', dueAt: at(28) });
    const turned = runningBake(times, [...lowered, event('turned', 42)], at(43));
    expect(turned.next).toMatchObject({ kind: 'bubbling', dueAt: at(55) });
    expect(turned.outDueAt).toBe(at(60));
  });

  it('keeps what was seen, and no more asks for it', () => {
    const golden = runningBake(times, [loaded, event('colour_golden', 12)], at(13));
    expect(golden.done).toEqual([{ kind: 'colour_golden', at: at(12) }]);
    expect(golden.seen).not.toContain('colour_golden');
  });

  it('is cancelled when it was started by mistake, and comes back when that was one', () => {
    const cancelled = event('cancelled', 1);
    const events = [loaded, cancelled];
    expect(runningBake(times, events, at(2))).toMatchObject({ phase: 'cancelled', next: null });
    expect(isFinished(events)).toBe(true);
    expect(isFinished([loaded])).toBe(false);
    expect(isFinished([loaded, event('undo', 1, { undoes: loaded.id })])).toBe(true);
    const back = [...events, event('undo', 2, { undoes: cancelled.id })];
    expect(runningBake(times, back, at(3)).phase).toBe('stage1');
    expect(isFinished(back)).toBe(false);
  });

  it('neither loses nor repeats the hour when the clocks go back', () => {
    // In central Europe the clocks go back at 01:00 UTC of this night.
    expect(runningBake(times, [loaded], at(1)).outDueAt - start).toBe(55 * 60_000);
  });

  it('refuses a bake that was never loaded', () => {
    expect(() => runningBake(times, [event('out', 3)], at(4))).toThrow(/loaded/);
  });
});

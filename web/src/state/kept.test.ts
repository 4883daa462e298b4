import { starterSpec } from '@mardle/core';
import { forgetDraft, isChangedElsewhere, keepDraft, keptDraft, takeLeftDraft } from './drafts.js';
import { oncePerGesture } from './gesture.js';
import { useOutbox } from './sending/outbox.js';
import { keepSteps, keptSteps } from './steps.js';
import { thisTab } from './tab.js';
import { useTicks } from './ticks.js';

beforeEach(() => {
  localStorage.clear();
  sessionStorage.clear();
});

describe('a draft', () => {
  it('is kept for its pie alone, with the version that it builds on', () => {
    keepDraft('a', { basedOn: 3, spec: { ...starterSpec, name: 'kept' } });
    expect(keptDraft('a')).toMatchObject({ basedOn: 3, spec: { name: 'kept' } });
    expect(keptDraft('b')).toBeNull();
    forgetDraft('a');
    expect(keptDraft('a')).toBeNull();
  });

  it('of an older version is brought forward, from before tabs had drafts of their own too', async () => {
    localStorage.setItem(
      'mardle.draft.a',
      JSON.stringify({ basedOn: 1, spec: { ...starterSpec, version: 2 } }),
    );
    expect(keptDraft('a')).toBeNull();
    expect((await takeLeftDraft('a'))?.spec.version).toBe(starterSpec.version);
    expect(keptDraft('a')?.basedOn).toBe(1);
    expect(await takeLeftDraft('a')).toBeNull();
  });

  it('of a tab that is closed is taken over once, that of an open one never', async () => {
    const left = JSON.stringify({ basedOn: 2, spec: { ...starterSpec, name: 'left' } });
    localStorage.setItem('mardle.draft.a.open', left);
    localStorage.setItem('mardle.draft.a.closed', left);
    localStorage.setItem('mardle.draft.ab.closed', left);
    Object.assign(navigator, {
      locks: { query: () => Promise.resolve({ held: [{ name: 'mardle.tab.open' }] }) },
    });
    expect(await isChangedElsewhere('a')).toBe(true);
    expect((await takeLeftDraft('a'))?.spec.name).toBe('left');
    forgetDraft('a');
    expect(await takeLeftDraft('a')).toBeNull();
    expect(localStorage.getItem('mardle.draft.a.open')).toBe(left);
    localStorage.removeItem('mardle.draft.a.open');
    expect(await isChangedElsewhere('a')).toBe(false);
    Object.assign(navigator, { locks: undefined });
  });

  it.each(['not json', '{"basedOn":1}', '{"basedOn":1,"spec":{"format":"cake"}}', 'null'])(
    'that cannot be read (%s) is none, and throws nothing',
    (text) => {
      localStorage.setItem(`mardle.draft.a.${thisTab()}`, text);
      expect(keptDraft('a')).toBeNull();
    },
  );
});

describe('steps of undo', () => {
  const named = (name: string) => ({ ...starterSpec, name });

  it('are found once after a reload, and no more than thirty each way', () => {
    const many = Array.from({ length: 40 }, (_, i) => named(String(i)));
    keepSteps('a', { past: many, future: [named('next')] });
    const { past, future } = keptSteps('a');
    expect(past).toHaveLength(30);
    expect(past.at(-1)?.name).toBe('39');
    expect(future.map(({ name }) => name)).toEqual(['next']);
    expect(keptSteps('a')).toEqual({ past: [], future: [] });
  });

  it('that cannot be read are none', () => {
    sessionStorage.setItem('mardle.steps.a', '{"past":[{"format":"cake"}],"future":[]}');
    expect(keptSteps('a')).toEqual({ past: [], future: [] });
  });
});

describe('one gesture', () => {
  it('remembers the state before its first change alone', () => {
    const remember = jest.fn();
    const once = oncePerGesture(remember);
    once('before');
    once('again');
    expect(remember).toHaveBeenCalledTimes(2);
    window.dispatchEvent(new Event('pointerdown'));
    once('sweep 1');
    once('sweep 2');
    once('sweep 3');
    window.dispatchEvent(new Event('pointercancel'));
    once('after');
    expect(remember.mock.calls.map(([state]) => state as string)).toEqual([
      'before',
      'again',
      'sweep 1',
      'after',
    ]);
  });
});

describe('taps that wait for the server', () => {
  it('keep their order and their moment, and go when they have arrived', () => {
    useOutbox.setState({ waiting: [] });
    const { write, arrived } = useOutbox.getState();
    write('bake', 'lowered');
    write('bake', 'more_time', { minutes: 5 });
    const { waiting } = useOutbox.getState();
    expect(waiting.map(({ event }) => event.kind)).toEqual(['lowered', 'more_time']);
    expect(new Set(waiting.map(({ event }) => event.id)).size).toBe(2);
    expect(Date.parse(waiting[0]!.event.at)).toBeLessThanOrEqual(Date.parse(waiting[1]!.event.at));
    arrived([waiting[0]!.event.id]);
    expect(useOutbox.getState().waiting.map(({ event }) => event.minutes)).toEqual([5]);
    arrived(['of another']);
    expect(useOutbox.getState().waiting).toHaveLength(1);
  });
});

describe('ticks', () => {
  it('of one pie are cleared without those of another whose id begins alike', () => {
    useTicks.setState({ weighed: {} });
    const { toggle, clear } = useTicks.getState();
    toggle('a/flour', '199 g');
    toggle('ab/flour', '199 g');
    clear('a');
    expect(useTicks.getState().weighed).toEqual({ 'ab/flour': '199 g' });
  });

  it('on another amount tick anew instead of taking away', () => {
    useTicks.setState({ weighed: { 'a/flour': '199 g' } });
    useTicks.getState().toggle('a/flour', '210 g');
    expect(useTicks.getState().weighed).toEqual({ 'a/flour': '210 g' });
    useTicks.getState().toggle('a/flour', '210 g');
    expect(useTicks.getState().weighed).toEqual({});
  });
});

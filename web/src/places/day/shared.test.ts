import { useDay } from '../../state/day/day.js';
import { aDayFile, aSolvedDay, layNoDay } from '../../test/day.js';

const shared = { id: 'day', version: 3 };
const theirs = {
  file: aDayFile(),
  solved: aSolvedDay,
  shared: { id: 'day', version: 4 },
  done: [],
  inOven: {},
};

beforeEach(() => {
  layNoDay();
  useDay.setState({ file: aDayFile(), solved: aSolvedDay, shared, untold: false, waiting: [] });
});

const sentNow = () => {
  const { file, solved, inOven } = useDay.getState();
  return { file, solved, inOven };
};

describe('bakes of a day on all screens', () => {
  it('are told to the others when a run goes in, and no more once they know', () => {
    useDay.getState().load('pie-1', 'a-bake');
    expect(useDay.getState().untold).toBe(true);
    useDay.getState().told({ id: 'day', version: 4 }, sentNow());
    expect(useDay.getState()).toMatchObject({ untold: false, shared: { version: 4 } });
  });

  it('what went in, was bought or planned while that was sent is still to be told', () => {
    const sent = sentNow();
    useDay.getState().load('pie-1', 'a-bake');
    useDay.getState().told({ id: 'day', version: 4 }, sent);
    expect(useDay.getState().untold).toBe(true);
    const again = sentNow();
    useDay.getState().stock('Butter', { haveG: 10, packG: null, packPrice: null });
    useDay.getState().told({ id: 'day', version: 5 }, again);
    expect(useDay.getState().untold).toBe(true);
  });

  it('come from the others, beside those of this screen, which are told next', () => {
    useDay.getState().open({ ...theirs, inOven: { 'pie-2': 'their-bake' } });
    expect(useDay.getState()).toMatchObject({ untold: false, inOven: { 'pie-2': 'their-bake' } });
    useDay.getState().load('pie-1', 'a-bake');
    useDay.getState().open({ ...theirs, inOven: { 'pie-2': 'their-bake' } });
    expect(useDay.getState()).toMatchObject({
      untold: true,
      inOven: { 'pie-1': 'a-bake', 'pie-2': 'their-bake' },
    });
  });

  it('are not those of another day', () => {
    useDay.getState().load('pie-1', 'a-bake');
    useDay.getState().open({ ...theirs, shared: { id: 'another', version: 1 } });
    expect(useDay.getState().inOven).toEqual({});
  });
});

describe('a plan', () => {
  it('is told to be of what was asked, when that was changed while it was on its way', () => {
    const asked = aDayFile();
    useDay.setState({ file: asked, solved: null });
    useDay.getState().take(aSolvedDay, asked);
    expect(useDay.getState()).toMatchObject({ solved: aSolvedDay, changed: false });
    useDay.getState().change({ name: 'Another name' });
    useDay.getState().take(aSolvedDay, asked);
    expect(useDay.getState().changed).toBe(true);
  });
});

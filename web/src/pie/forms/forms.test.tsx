import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { FormKind, FormSpec, PieSpec } from '@mardle/core';
import { changeForm, starterSpec } from '@mardle/core';
import { useSettings } from '../../state/settings.js';
import { layOnBench, planOf, renderInKitchen } from '../../test/kitchen.js';
import { PastryStation } from '../../places/bench/stations/PastryStation.js';
import { TopStation } from '../../places/bench/stations/TopStation.js';
import { standInServer } from '../../test/server.js';

beforeEach(() => useSettings.setState({ units: 'metric' }));

/** Lays a form on the bench and shows its top. */
function topOf(kind: FormKind, form: Partial<FormSpec> = {}): () => PieSpec {
  const changed = changeForm(starterSpec, kind).spec;
  const spec = layOnBench({ ...changed, form: { ...changed.form, ...form } });
  renderInKitchen(<TopStation spec={spec()} plan={planOf(spec())} />);
  return spec;
}

const turn = async (dial: string, keys: string): Promise<void> => {
  screen.getByRole('slider', { name: dial }).focus();
  await userEvent.setup().keyboard(keys);
};

describe('the top of each form', () => {
  it('cut-outs: shape and size, how many, from how much dough', async () => {
    const user = userEvent.setup();
    const spec = topOf('cut_out');
    await user.click(screen.getByRole('radio', { name: /Petals/ }));
    expect(spec().form.cutOut?.shape).toBe('petal');
    expect(screen.getByRole('button', { name: /^Pieces to cut: \d+/ })).toBeInTheDocument();
    await turn('Each piece', '{ArrowRight}');
    expect(spec().form.cutOut?.sizeCm).toBe(8);
  });

  it('free-form: a border never leaves less than a handful of fruit', async () => {
    const spec = topOf('free_form', { freeForm: { discCm: 20, borderCm: 4 } });
    await turn('Border', '{End}');
    expect(spec().form.freeForm!.borderCm).toBe(7);
    expect(screen.getByRole('button', { name: /^Pleats: \d+/ })).toBeInTheDocument();
  });

  it('hand pies: how many, of which disc', async () => {
    const spec = topOf('hand_pie');
    await turn('Hand pies', '{ArrowRight}');
    expect(spec().form.handPie?.count).toBe(16);
    await turn('Disc', '{Home}');
    expect(spec().form.handPie?.discCm).toBe(9);
    expect(screen.getByText(/seal with a fork/)).toBeInTheDocument();
  });

  it('crumb: lumps that leave fruit bare say so', async () => {
    const spec = topOf('crumb_top');
    await turn('Lumps', '{End}');
    expect(spec().form.crumb?.lumpCm).toBe(3);
    const planned = planOf(spec());
    expect(planned.advice.map(({ id }) => id)).toContain('too_bare');
  });

  it('open: weights in the shell, or pricked', async () => {
    const spec = topOf('open_shell');
    expect(screen.getByText(/lift them out after 25 minutes/)).toBeInTheDocument();
    await turn('Weights in the shell', '{Home}');
    expect(spec().form.shell?.weightsMin).toBe(0);
    expect(screen.queryByRole('radio', { name: /Yolk and cream/ })).not.toBeInTheDocument();
  });

  it('cobbler: how much of the top its heaps cover', async () => {
    const spec = topOf('cobbler');
    await turn('Cover', '{End}');
    expect(spec().form.cobbler?.cover).toBe(1);
  });

  it('buckle and upside-down tell how, and what burns', () => {
    topOf('buckle');
    expect(screen.getByText(/skewer in the middle comes out clean/)).toBeInTheDocument();
    topOf('upside_down');
    expect(screen.getByText(/hot caramel burns/)).toBeInTheDocument();
  });

  it('lattice: wide and narrow strips, twisted ones are laid and not woven', async () => {
    const user = userEvent.setup();
    const spec = topOf('lattice');
    await user.click(screen.getByRole('radio', { name: /Wide and narrow/ }));
    expect(spec().form.lattice?.secondWidthCm).toBe(1);
    await user.click(screen.getByRole('radio', { name: /Twisted/ }));
    expect(spec().form.lattice?.style).toBe('twisted');
    topOf('lattice', { lattice: { strips: 6, widthCm: 2, angleDeg: 90, style: 'twisted' } });
    expect(screen.getByText(/twisted strips are not woven/)).toBeInTheDocument();
  });
});

describe('the pastry', () => {
  const show = (spec: PieSpec): void => {
    renderInKitchen(<PastryStation spec={spec} plan={planOf(spec)} />);
  };

  it('is mixed for a batch', async () => {
    const spec = layOnBench();
    show(spec());
    await turn('Mixed for', '{ArrowRight}{ArrowRight}');
    expect(spec().pastry.batch).toBe(2);
  });

  it('bought, brings its own dish; made again, brings the baker’s back', async () => {
    const user = userEvent.setup();
    const spec = layOnBench();
    const { rerender } = renderInKitchen(<PastryStation spec={spec()} plan={planOf(spec())} />);
    await user.click(screen.getByRole('tab', { name: 'There already' }));
    await user.click(screen.getByRole('radio', { name: /Bought shell/ }));
    expect(spec().dish.material).toBe('foil');
    expect(screen.getByRole('status')).toHaveTextContent('own foil');
    rerender(<div />);
  });

  it('adds up for a day, by kind of dough', async () => {
    const user = userEvent.setup();
    const puff = { ...starterSpec, name: 'Puffed', pastry: { ...starterSpec.pastry, dough: 'puff' } };
    standInServer({
      'GET /api/pies?sort=name&size=100&whole=yes': {
        body: {
          pies: [
            { id: 'a', version: 1, spec: { ...starterSpec, name: 'Plain' } },
            { id: 'b', version: 1, spec: puff },
          ],
          total: 2,
          page: 1,
          size: 100,
        },
      },
    });
    show(layOnBench()());
    await user.click(screen.getByRole('tab', { name: 'Dough for a day' }));
    const twelve = await screen.findByLabelText('How many Plain');
    await user.clear(twelve);
    await user.type(twelve, '12');
    const table = await screen.findByRole('table', { name: 'Dough for the day' });
    expect(table).toHaveTextContent('All-butter');
    expect(table).not.toHaveTextContent('Puff');
    const wanted = (12 * planOf().build.dough.massG) / 1000;
    expect(table).toHaveTextContent(`${wanted.toFixed(2)}`.slice(0, 3));
  });

  it('says when the form takes no dough', () => {
    show(layOnBench(changeForm(starterSpec, 'crisp').spec)());
    expect(screen.getByText(/takes no dough of yours/)).toBeInTheDocument();
  });
});

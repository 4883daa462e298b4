import { fireEvent, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { FormKind } from '@mardle/core';
import { changeForm, formKinds, makeLattice, starterSpec, topOutline } from '@mardle/core';
import { layOnBench, planOf, renderInKitchen } from '../../test/kitchen.js';
import { PiePicture } from './PiePicture.js';
import { colourWord } from '../../pie/CrossSection/colours.js';
import { CrossSection } from '../../pie/CrossSection/CrossSection.js';
import { withKitchenFigures } from './kitchenFigures.js';
import { Slip } from './Slip/Slip.js';
import { SliceOnPlate } from '../../pie/SliceOnPlate/SliceOnPlate.js';
import { sliceShape } from '../../pie/SliceOnPlate/shape.js';
import { WeaveSteps } from '../../pie/forms/lattice/weave/WeaveSteps.js';
import { WorkLine } from './WorkLine/WorkLine.js';

const filling = (part: Partial<typeof starterSpec.filling>): Partial<typeof starterSpec> => ({
  filling: { ...starterSpec.filling, ...part },
});

describe('the cross-section', () => {
  it('says in words what it shows', () => {
    layOnBench();
    const { rerender } = renderInKitchen(<CrossSection plan={planOf()} view="filled" />);
    expect(
      screen.getByRole('group', { name: /as filled: 23 cm enamel.*Damson mounded .* under a lid/ }),
    ).toBeInTheDocument();
    rerender(<div />);
    renderInKitchen(<CrossSection plan={planOf()} view="baked" />);
    expect(
      screen.getByRole('group', { name: /as baked: .*a gap of .* set: clean slice/ }),
    ).toBeInTheDocument();
  });

  it.each<[FormKind, RegExp]>([
    ['lattice', /under a lattice/],
    ['cut_out', /under cut-out pieces/],
    ['crumb_top', /under a crumb/],
    ['free_form', /a disc of .* on 40 x 30 cm sheet, the fruit 24.* in a folded border/],
    ['hand_pie', /one of 8 hand pies on .* folded in pastry/],
    ['open_shell', /open on top/],
    ['cobbler', /under heaps of scone dough/],
    ['buckle', /in a batter/],
  ])('%s is told in its own words', (kind, words) => {
    renderInKitchen(<CrossSection plan={planOf(changeForm(starterSpec, kind).spec)} view="filled" />);
    expect(screen.getByRole('group', { name: words })).toBeInTheDocument();
  });

  it.each(formKinds)('%s has a slice whose top is drawn', (kind) => {
    const plan = planOf(changeForm(starterSpec, kind).spec);
    const { container } = renderInKitchen(<SliceOnPlate plan={plan} />);
    expect(screen.getByRole('img', { name: /The slice to expect/ })).toBeInTheDocument();
    const drawn = [...container.querySelectorAll('path')].map((path) => path.getAttribute('d') ?? '');
    expect(drawn.some((d) => d.includes('NaN') || d.includes('undefined'))).toBe(false);
  });

  it('is a handle: the fill line moves by arrow keys', () => {
    const spec = layOnBench();
    const plan = planOf();
    renderInKitchen(<CrossSection plan={plan} view="filled" />);
    const line = screen.getByRole('slider', { name: /Fill line/ });
    fireEvent.keyDown(line, { key: 'ArrowUp' });
    expect(spec().filling.fruitMassG).toBeCloseTo(plan.filling.batch.massG + 25, -1);
    fireEvent.keyDown(line, { key: 'ArrowDown', shiftKey: true });
    // Quick fingers count every press, though the drawing has not followed yet.
    expect(spec().filling.fruitMassG).toBeCloseTo(plan.filling.batch.massG + 20, -1);
  });
});

describe('the pie from above', () => {
  it.each<[FormKind, RegExp]>([
    ['double_crust', /a lid with \d+ slits/],
    ['lattice', /\d+ by \d+ strips, woven over and under/],
    ['cut_out', /\d+ discs in rings from the rim inward/],
    ['crumb_top', /crumb over the whole top/],
    ['free_form', /a border folded in \d+ pleats/],
    ['open_shell', /open, the fruit bare/],
    ['crisp', /crumb over the whole top/],
    ['cobbler', /heaps of scone dough/],
    ['buckle', /batter with fruit showing/],
    ['pandowdy', /a lid with/],
    ['upside_down', /pricked all over/],
    ['hand_pie', /\d+ folded pies on the sheet/],
  ])('%s is drawn as its own', (kind, words) => {
    const { container } = renderInKitchen(
      <PiePicture plan={planOf(changeForm(starterSpec, kind).spec)} view="above" />,
    );
    expect(screen.getByRole('img', { name: words })).toBeInTheDocument();
    expect(container.innerHTML).not.toMatch(/NaN|undefined/);
  });
});

describe('the dough to roll', () => {
  it.each<[FormKind, RegExp]>([
    ['double_crust', /base 30.cm, \d+.g; lid 27.5.cm, \d+.g/],
    ['lattice', /base .*; strips out of .* x .*/],
    ['free_form', /base 34.cm/],
    ['hand_pie', /8 discs 14.cm/],
    ['upside_down', /lid /],
  ])('%s: %s', (kind, words) => {
    renderInKitchen(<PiePicture plan={planOf(changeForm(starterSpec, kind).spec)} view="dough" />);
    expect(screen.getByRole('img', { name: words })).toBeInTheDocument();
  });

  it('says so when there is none', () => {
    renderInKitchen(<PiePicture plan={planOf(changeForm(starterSpec, 'crisp').spec)} view="dough" />);
    expect(screen.getByText(/No dough is rolled/)).toBeInTheDocument();
  });
});

describe('the slice to expect', () => {
  it('leans and runs when the juice is thin, stands when it is set', () => {
    const set = sliceShape(planOf());
    const thin = sliceShape(planOf(filling({ thickenerMassG: 0 })));
    expect(thin.slump).toBeGreaterThan(2 * set.slump);
    expect(thin.puddleCm).toBeGreaterThan(2);
    expect(set.puddleCm).toBe(0);
  });

  it('is drawn with the gap of the plan, and said in words', () => {
    const plan = planOf(
      filling({ fruits: [{ ...starterSpec.filling.fruits[0]!, fruit: 'apple_firm_tart' }] }),
    );
    expect(sliceShape(plan).gapCm).toBe(plan.build.gapCm);
    renderInKitchen(<SliceOnPlate plan={plan} />);
    expect(
      screen.getByRole('img', { name: /The slice to expect: clean slice, moist; gap [\d.]+\scm/ }),
    ).toBeInTheDocument();
  });

  it.each([
    [0.1, 'pale'],
    [0.5, 'straw'],
    [1.5, 'gold'],
    [2.2, 'deep gold'],
    [4.2, 'too dark'],
  ])('browning %d is %s', (index, word) => {
    expect(colourWord(index)).toBe(word);
  });
});

describe('the slip on the screen', () => {
  it('ticks what was weighed, keeps the tick, and unticks all', async () => {
    const user = userEvent.setup();
    renderInKitchen(<Slip pieId="pie" plan={planOf()} baking={0.3} />);
    const flour = screen.getByRole('checkbox', { name: /Plain flour/ });
    await user.click(flour);
    expect(flour).toBeChecked();
    await user.click(screen.getByRole('button', { name: 'Untick all' }));
    expect(flour).not.toBeChecked();
    expect(screen.getByText(/working out the bake … 30 %/)).toBeInTheDocument();
    expect(screen.getByText(/egg, milk, wheat/)).toBeInTheDocument();
  });

  it('moves every hour with the first touch', async () => {
    const user = userEvent.setup();
    renderInKitchen(<Slip pieId="pie" plan={planOf()} baking={null} />);
    const first = screen.getByLabelText('First touch');
    await user.clear(first);
    await user.type(first, '07:00');
    expect(screen.getByText('07:00', { selector: 'b' })).toBeInTheDocument();
    await user.clear(first);
    await user.type(first, 'later');
    expect(screen.getByRole('alert')).toHaveTextContent('as 07:30');
    // It stays until it is mended, and the hour that counts is the last one that was one.
    await user.tab();
    expect(first).toHaveValue('later');
    expect(screen.getByText('07:00', { selector: 'b' })).toBeInTheDocument();
    await user.clear(first);
    await user.type(first, '4 pm');
    await user.tab();
    expect(first).toHaveValue('16:00');
  });

  it('says where to look when there is no plan', () => {
    renderInKitchen(<Slip pieId="pie" plan={null} baking={null} />);
    expect(screen.getByText(/comes back when the spec can be planned again/)).toBeInTheDocument();
  });
});

describe('the work line', () => {
  it('opens a station and marks what wants doing', async () => {
    const user = userEvent.setup();
    const open = jest.fn();
    const plan = planOf(filling({ thickenerMassG: 3 }));
    renderInKitchen(<WorkLine spec={plan.spec} plan={plan} open="shape" onOpen={open} />);
    expect(screen.getByRole('button', { name: /Shape/ })).toHaveAttribute('aria-current', 'step');
    expect(screen.getByRole('button', { name: /Juice.*look here/ })).toBeInTheDocument();
    await user.click(screen.getByRole('button', { name: /Pastry/ }));
    expect(open).toHaveBeenCalledWith('pastry');
  });
});

describe('the weave', () => {
  it('is tapped through, forward and back, and ends', async () => {
    const user = userEvent.setup();
    const close = jest.fn();
    const dish = { ...starterSpec.dish, topCm: 20 };
    const lattice = makeLattice({ strips: 3, widthCm: 2, angleDeg: 90 }, dish, 3);
    renderInKitchen(<WeaveSteps lattice={lattice} top={topOutline(dish)} onClose={close} />);
    const say = await screen.findByRole('status');
    expect(say).toHaveTextContent('Lay all 3 long strips');
    const next = screen.getByRole('button', { name: 'Next' });
    await user.click(next);
    expect(say).toHaveTextContent('Fold back 1, 3. Lay cross strip 2 across the middle. Unfold.');
    await user.click(next);
    expect(say).toHaveTextContent('Fold back 2. Lay cross strip 3 next to it, nearer to you');
    await user.click(screen.getByRole('button', { name: 'Back' }));
    expect(say).toHaveTextContent('cross strip 2');
    for (let i = 0; i < 3; i++) await user.click(screen.getByRole('button', { name: 'Next' }));
    await user.click(screen.getByRole('button', { name: 'Done' }));
    expect(close).toHaveBeenCalled();
  });
});

describe('figures of the kitchen', () => {
  const own = { id: 'damson', label: 'Damson', like: 'damson', figures: { releaseRipe: 0.7 } };

  it('are laid over a spec that uses the fruit, and taken off when reset', () => {
    const laid = withKitchenFigures(starterSpec, { fruits: [own], thickeners: [] });
    expect(laid.ownFruits).toEqual([own]);
    expect(withKitchenFigures(laid, { fruits: [], thickeners: [] }).ownFruits).toEqual([]);
  });

  it('leave a spec alone that does not use it', () => {
    expect(
      withKitchenFigures(starterSpec, { fruits: [{ ...own, id: 'plum', like: 'plum' }], thickeners: [] }),
    ).toBe(starterSpec);
  });

  it('keep a fruit that came with a pie from elsewhere', () => {
    const foreign = { id: 'own_x', label: 'X', like: 'plum', figures: {} };
    const spec = {
      ...starterSpec,
      ...filling({ fruits: [{ ...starterSpec.filling.fruits[0]!, fruit: 'own_x' }] }),
      ownFruits: [foreign],
    };
    expect(withKitchenFigures(spec, { fruits: [], thickeners: [] }).ownFruits).toEqual([foreign]);
  });
});

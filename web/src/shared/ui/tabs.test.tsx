import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { renderInKitchen } from '../../test/kitchen.js';
import { Tabs } from './Tabs.js';

const leaf = (id: string) => ({ id, word: id, content: () => <p>{`leaf ${id}`}</p> });

function Growing() {
  const [many, setMany] = useState(true);
  return (
    <>
      <button onClick={() => setMany(false)}>fewer</button>
      <Tabs label="Leaves" leaves={many ? [leaf('one'), leaf('two')] : [leaf('one')]} />
    </>
  );
}

it('opens the first leaf, moves by keys, and falls back to the first when the open one goes', async () => {
  const user = userEvent.setup();
  renderInKitchen(<Growing />);
  expect(screen.getByText('leaf one')).toBeInTheDocument();
  screen.getByRole('tab', { name: 'one' }).focus();
  await user.keyboard('{ArrowRight}');
  expect(screen.getByText('leaf two')).toBeInTheDocument();
  expect(screen.queryByText('leaf one')).not.toBeInTheDocument();
  await user.click(screen.getByRole('button', { name: 'fewer' }));
  expect(screen.getByText('leaf one')).toBeInTheDocument();
});

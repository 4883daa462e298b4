import { render, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { useFocusKept } from './useFocusKept.js';

function Page() {
  useFocusKept();
  const [gone, setGone] = useState<readonly string[]>([]);
  const go = (id: string) => (): void => setGone([...gone, id]);
  return (
    <main>
      <div data-testid="tabs">
        <button role="tab" aria-selected="true">
          Damson
        </button>
        <div>{!gone.includes('mix') && <button onClick={go('mix')}>Mix in</button>}</div>
      </div>
      <section data-testid="bakes">
        <button>Out now</button>
        {!gone.includes('bake') && <button onClick={go('bake')}>Put away</button>}
      </section>
    </main>
  );
}

describe('the focus, when what has it goes', () => {
  it('stays on the part of the page that it lay in, and on no other button', async () => {
    render(<Page />);
    await userEvent.click(screen.getByText('Put away'));
    await waitFor(() => expect(screen.getByTestId('bakes')).toHaveFocus());
  });

  it('goes to the open leaf where there is one, else to what is nearest', async () => {
    render(<Page />);
    await userEvent.click(screen.getByText('Mix in'));
    await waitFor(() => expect(document.activeElement).not.toBe(document.body));
    expect(screen.getByTestId('tabs')).toContainElement(document.activeElement as HTMLElement);
  });
});

import type { HotkeyItem } from '@mantine/hooks';
import { useHotkeys } from '@mantine/hooks';
import { useSettings } from '../../state/settings.js';

const TYPED_INTO =
  'input:not([type=checkbox], [type=radio], [type=button], [type=range]), textarea, select, [contenteditable]';
const PRESSED =
  'button, a[href], summary, input, select, textarea, [role=button], [role=slider], [role=tab], [role=radio], [role=option], [role=menuitem]';
/** Dialogs, drawers, menus and lists that lie over the page. */
const OVER = '[role=dialog], [role=menu], [role=listbox]';

const isIn = (target: EventTarget | null, what: string): boolean =>
  target instanceof Element && target.closest(what) !== null;

const isOpen = (): boolean =>
  [...document.querySelectorAll(OVER)].some((over) => over.checkVisibility?.() ?? true);

/** Where keys are heard: on the page, or in a dialog over it. */
type Where = 'page' | 'dialog';

/** Whether a key is meant: not for what is typed into, not for what lies over the page. */
export function isMeant(event: KeyboardEvent, where: Where): boolean {
  const held = event.ctrlKey || event.metaKey || event.altKey;
  if (where === 'page' && isOpen()) return false;
  if (isIn(event.target, TYPED_INTO) && !held) return false;
  // A focused button is pressed by Space, whatever Space does elsewhere.
  return !(event.key === ' ' && isIn(event.target, PRESSED));
}

/**
 * Keys of the page: they act only where the eye is, and single ones can be switched off (WCAG 2.1.4).
 * @param keys as Mantine writes them, with what they do
 * @param where they are heard
 */
export function useKeys(
  keys: readonly (readonly [key: string, act: () => void])[],
  where: Where = 'page',
): void {
  const single = useSettings((state) => state.singleKeys);
  useHotkeys(
    keys
      .filter(([key]) => single || key.includes('mod') || key.includes('alt'))
      .map(([key, act]): HotkeyItem => [
        key,
        (event) => {
          if (!isMeant(event, where)) return;
          event.preventDefault();
          act();
        },
        { preventDefault: false },
      ]),
    [],
  );
}

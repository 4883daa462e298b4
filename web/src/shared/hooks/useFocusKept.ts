import { useEffect } from 'react';

/** An element and all that it lies in, itself first. */
function chainOf(element: Element): Element[] {
  const chain: Element[] = [];
  for (let at: Element | null = element; at && at !== document.body; at = at.parentElement) chain.push(at);
  return chain;
}

/**
 * When the thing that has the focus goes, as a button that a press takes away, the focus stays near: on the open leaf of the
 * tabs that it lay in, else on the part of the page that it lay in. It is never put on another button, which Space would press.
 */
export function useFocusKept(): void {
  useEffect(() => {
    let chain: readonly Element[] = [];
    const remember = ({ target }: FocusEvent): void => {
      chain = target instanceof Element ? chainOf(target) : [];
    };
    const look = (): void => {
      const [gone, ...around] = chain;
      if (!gone || gone.isConnected || document.activeElement !== document.body) return;
      chain = [];
      for (const near of around) {
        if (!near.isConnected || !(near instanceof HTMLElement)) continue;
        const leaf = near.querySelector<HTMLElement>('[role=tab][aria-selected=true]');
        if (!leaf && !near.hasAttribute('tabindex')) {
          near.tabIndex = -1;
          near.dataset['standsIn'] = 'focus';
        }
        (leaf ?? near).focus({ preventScroll: true });
        // What is hidden, as a leaf that closed, takes no focus.
        if (document.activeElement !== document.body) return;
      }
    };
    const changes = new MutationObserver(look);
    document.addEventListener('focusin', remember);
    changes.observe(document.body, { childList: true, subtree: true });
    return () => {
      document.removeEventListener('focusin', remember);
      changes.disconnect();
    };
  }, []);
}

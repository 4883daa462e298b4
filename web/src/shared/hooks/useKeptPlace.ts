import type { RefObject } from 'react';
import { useEffect } from 'react';
import { useLocation, useNavigationType } from 'react-router';

/** How far down each visited place was, by its key in the history. */
const places = new Map<string, number>();

/** Going back comes back to the same place in a page; going on begins at its top. */
export function useKeptPlace(scrolls: RefObject<HTMLElement | null>): void {
  const { key, pathname } = useLocation();
  const how = useNavigationType();
  useEffect(() => {
    const element = scrolls.current;
    if (!element) return;
    element.scrollTo({ top: how === 'POP' ? (places.get(key) ?? 0) : 0 });
    const remember = (): void => void places.set(key, element.scrollTop);
    element.addEventListener('scroll', remember, { passive: true });
    return () => element.removeEventListener('scroll', remember);
    // A search that is typed stays where it is: only another page begins anew.
  }, [scrolls, pathname]); // eslint-disable-line react-hooks/exhaustive-deps
}

import { useEffect, useState } from 'react';
import { isChangedElsewhere } from '../../state/drafts.js';

/** Whether another open tab has changes to a pie that are not saved; told as soon as that changes. */
export function useChangedElsewhere(pieId: string): boolean {
  const [changed, setChanged] = useState(false);
  useEffect(() => {
    let current = true;
    const look = (): void =>
      void isChangedElsewhere(pieId).then((found) => {
        if (current) setChanged(found);
      });
    look();
    window.addEventListener('storage', look);
    window.addEventListener('focus', look);
    return () => {
      current = false;
      window.removeEventListener('storage', look);
      window.removeEventListener('focus', look);
    };
  }, [pieId]);
  return changed;
}

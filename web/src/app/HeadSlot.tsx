import type { ReactNode } from 'react';
import { createContext, use } from 'react';
import { createPortal } from 'react-dom';

/** Where a place puts what belongs in the head of the application; null while there is none. */
export const HeadSlotPlace = createContext<HTMLElement | null>(null);

/** One head for application and place: shows its children in the head; in their own place where there is none. */
export function HeadSlot({ children }: { readonly children: ReactNode }) {
  const slot = use(HeadSlotPlace);
  return slot ? createPortal(children, slot) : <>{children}</>;
}

import '@testing-library/jest-dom';
import { TextDecoder, TextEncoder } from 'node:util';

/** What jsdom lacks and Mantine asks for. */
Object.defineProperty(window, 'matchMedia', {
  value: (query: string) => ({
    matches: false,
    media: query,
    addListener: () => undefined,
    removeListener: () => undefined,
    addEventListener: () => undefined,
    removeEventListener: () => undefined,
    dispatchEvent: () => false,
  }),
});

class QuietObserver {
  observe(): void {}
  unobserve(): void {}
  disconnect(): void {}
}

/** Lists of the jsdom are never scrolled. */
Element.prototype.scrollIntoView = () => undefined;

Object.assign(window, { ResizeObserver: QuietObserver, TextEncoder, TextDecoder });

/** The labels of a field. jsdom looks through the whole page for each field and each label; a page of a day has hundreds of both. */
function labelsOf(this: HTMLElement): HTMLLabelElement[] {
  const root = this.getRootNode() as ParentNode;
  const named = this.id
    ? [...root.querySelectorAll<HTMLLabelElement>(`label[for="${CSS.escape(this.id)}"]`)]
    : [];
  const around = this.closest('label');
  return around && !around.htmlFor && !named.includes(around) ? [...named, around] : named;
}
for (const { prototype } of [HTMLInputElement, HTMLSelectElement, HTMLTextAreaElement, HTMLButtonElement]) {
  Object.defineProperty(prototype, 'labels', { get: labelsOf, configurable: true });
}

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

import '@testing-library/jest-dom/vitest';
import { notifications } from '@mantine/notifications';
import { cleanup, configure } from '@testing-library/react';
import { afterEach, vi } from 'vitest';
import { forget } from './test-server';

// what is waited for comes at once or never; a busy machine may take its time
configure({ asyncUtilTimeout: 15_000 });

afterEach(() => {
  cleanup();
  // what outlives a screen, since all files share one window
  notifications.clean();
  forget();
  localStorage.clear();
  sessionStorage.clear();
});

Object.defineProperty(document, 'fonts', { value: new EventTarget(), configurable: true });

window.matchMedia = vi.fn().mockImplementation((query: string) => ({
  matches: false,
  media: query,
  addEventListener: () => undefined,
  removeEventListener: () => undefined,
  addListener: () => undefined,
  removeListener: () => undefined,
}));

window.ResizeObserver = class {
  observe() {
    return undefined;
  }
  unobserve() {
    return undefined;
  }
  disconnect() {
    return undefined;
  }
};

// what is asserted of dates is told to a British reader
Object.defineProperty(navigator, 'language', { value: 'en-GB', configurable: true });

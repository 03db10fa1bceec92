import { useEventListener } from '@vueuse/core';

/** A key and what it does, for the list that `?` shows. */
export interface KeyAction {
  readonly keys: readonly string[];
  readonly does: string;
  readonly run: () => void;
}

const PRESSED_BY_SPACE = new Set(['BUTTON', 'A', 'SUMMARY']);
const WRITES = new Set(['INPUT', 'TEXTAREA', 'SELECT']);

/**
 * Keys of a screen. They rest while somebody writes in a field or holds a modifier. The space bar presses a button that
 * was reached by keyboard; after a tap, which leaves the button in focus too, it belongs to the screen again.
 */
export function useKeys(actions: readonly KeyAction[]): void {
  let isByTouch = false;
  useEventListener(document, 'pointerdown', () => (isByTouch = true), { capture: true });
  useEventListener(document, 'keydown', (event: KeyboardEvent) => {
    if (event.key === 'Tab') isByTouch = false;
    const target = event.target as HTMLElement;
    if (event.ctrlKey || event.metaKey || event.altKey || event.defaultPrevented) return;
    if (WRITES.has(target.tagName) || target.isContentEditable) return;
    if (event.key === ' ' && !isByTouch && PRESSED_BY_SPACE.has(target.tagName)) return;
    // What lies over the screen has keys of its own.
    if (target.closest('.v-overlay')) return;
    const action = actions.find(({ keys }) => keys.includes(event.key));
    if (!action) return;
    event.preventDefault();
    action.run();
  });
}

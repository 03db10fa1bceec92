import { useEventListener } from '@vueuse/core';
import { useThisDevice } from './useThisDevice';

/** A key and what it does, for the list that `?` shows. */
export interface KeyAction {
  readonly keys: readonly string[];
  readonly does: string;
  /** Held down, it goes on; others are pressed once. */
  readonly repeats?: boolean;
  readonly run: () => void;
}

const PRESSED_BY_SPACE = new Set(['BUTTON', 'A', 'SUMMARY']);
const WRITES = new Set(['INPUT', 'TEXTAREA', 'SELECT']);

/**
 * Keys of a screen. They rest while somebody writes in a field or holds a modifier, while a key is held down, and where this device wants
 * none. The space bar presses a button that was reached by keyboard; after a tap, which leaves the button in focus too, it belongs to the
 * screen again.
 */
export function useKeys(actions: readonly KeyAction[]): void {
  const wishes = useThisDevice();
  let isByTouch = false;
  useEventListener(document, 'pointerdown', () => (isByTouch = true), { capture: true });
  useEventListener(document, 'keydown', (event: KeyboardEvent) => {
    if (event.key === 'Tab') isByTouch = false;
    const target = event.target as HTMLElement;
    if (!wishes.value.hasKeys || event.ctrlKey || event.metaKey || event.altKey || event.defaultPrevented) return;
    if (WRITES.has(target.tagName) || target.isContentEditable) return;
    if (event.key === ' ' && !isByTouch && PRESSED_BY_SPACE.has(target.tagName)) return;
    // What lies over the screen has keys of its own.
    if (target.closest('.v-overlay')) return;
    const action = actions.find(({ keys }) => keys.includes(event.key));
    if (!action) return;
    event.preventDefault();
    // A key held down, by an elbow or a bag of flour, is one press.
    if (!event.repeat || action.repeats === true) action.run();
  });
}

// @vitest-environment happy-dom
import { afterEach, beforeEach, expect, it } from 'vitest';
import { effectScope, type EffectScope } from 'vue';
import { useKeys } from './useKeys';
import { useThisDevice } from './useThisDevice';

let pressed: string[];
let scope: EffectScope;
beforeEach(() => {
  pressed = [];
  useThisDevice().value = { ...useThisDevice().value, hasKeys: true };
  document.body.innerHTML =
    '<button>Go</button><input><p contenteditable="true">x</p><div class="v-overlay"><i>y</i></div><main>z</main>';
  scope = effectScope();
  scope.run(() => {
    useKeys([
      { keys: ['n', ' '], does: 'on', run: () => pressed.push('on') },
      { keys: ['+'], does: 'more', repeats: true, run: () => pressed.push('more') },
    ]);
  });
});
afterEach(() => {
  scope.stop();
});
/** Whether the page took the key for itself. */
function press(key: string, on = 'main', how: KeyboardEventInit = {}): boolean {
  const event = new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true, ...how });
  document.querySelector(on)!.dispatchEvent(event);
  return event.defaultPrevented;
}

it('does what its key says, once while it is held down, unless it is meant to go on', () => {
  expect(press('n')).toBe(true);
  expect(press('n', 'main', { repeat: true })).toBe(true);
  press('+', 'main', { repeat: true });
  press('+', 'main', { repeat: true });
  expect(press('x')).toBe(false);
  expect(pressed).toEqual(['on', 'more', 'more']);
});

it('rests while somebody writes, holds a modifier, or has something over the screen', () => {
  for (const on of ['input', '.v-overlay i']) expect(press('n', on)).toBe(false);
  for (const held of ['ctrlKey', 'metaKey', 'altKey']) expect(press('n', 'main', { [held]: true })).toBe(false);
  const written = document.querySelector('p')!;
  Object.defineProperty(written, 'isContentEditable', { value: true });
  expect(press('n', 'p')).toBe(false);
  expect(pressed).toEqual([]);
});

it('leaves the space bar to a button that was come to by keyboard, and takes it after a tap', () => {
  expect(press(' ', 'button')).toBe(false);
  document.querySelector('button')!.dispatchEvent(new Event('pointerdown', { bubbles: true }));
  expect(press(' ', 'button')).toBe(true);
  press('Tab', 'button');
  expect(press(' ', 'button')).toBe(false);
  expect(press('n', 'button')).toBe(true);
  expect(pressed).toEqual(['on', 'on']);
});

it('is not there where this device wants none, and gone with its page', () => {
  useThisDevice().value = { ...useThisDevice().value, hasKeys: false };
  expect(press('n')).toBe(false);
  useThisDevice().value = { ...useThisDevice().value, hasKeys: true };
  scope.stop();
  expect(press('n')).toBe(false);
  expect(pressed).toEqual([]);
});

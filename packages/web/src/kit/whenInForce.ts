import { showFault } from './showFault';

/**
 * Does what a button or a form is pressed for, once every number that is written beside it is in force. A field that cannot take what is
 * written keeps the number from before, which nobody sees: that one is never sent; the field is shown instead.
 * @param event of the button or the form
 */
export function whenInForce(event: Event, work: () => unknown): void {
  const pressed = event.currentTarget as Element | null;
  const within = pressed?.closest('form, [role="group"], section') ?? document;
  if (within.querySelector('[data-not-in-force]')) void showFault(within);
  else void work();
}

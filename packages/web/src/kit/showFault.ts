import { nextTick } from 'vue';

const FIELDS = '.v-input--error :is(input, textarea), [aria-invalid="true"]';
const SENTENCES = '[role="alert"]';

/**
 * After a form was sent in vain: the first field that is wrong comes into sight, unfolded where it was folded away, and takes the focus;
 * where no field is to blame, the sentence that says what is.
 */
export async function showFault(within: ParentNode = document.querySelector('main') ?? document): Promise<void> {
  await nextTick();
  const at = within.querySelector<HTMLElement>(FIELDS) ?? within.querySelector<HTMLElement>(SENTENCES);
  if (!at) return;
  for (let fold = at.closest('details'); fold; fold = fold.parentElement?.closest('details') ?? null) fold.open = true;
  if (at.matches(SENTENCES)) at.tabIndex = -1;
  at.scrollIntoView({ block: 'center' });
  at.focus({ preventScroll: true });
}

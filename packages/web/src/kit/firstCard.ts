import { readonly, ref } from 'vue';

/** The server's card is looked at no longer than this without the app's own, milliseconds. */
const MOST_MILLISECONDS = 12_000;

const found = document.getElementById('first');
const isShown = ref(found !== null && !found.hidden);
if (isShown.value) setTimeout(dismiss, MOST_MILLISECONDS);

function dismiss(): void {
  found?.remove();
  isShown.value = false;
}

/**
 * The card that came with the page (`first.js`): it stays on the screen while the app unfolds behind it, and goes when the app
 * has its own.
 */
export const firstCard = { element: found, isShown: readonly(isShown), dismiss };

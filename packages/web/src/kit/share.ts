import { kitText } from '@amber-ladle/words';

/** Something to give to somebody. */
export interface Shared {
  readonly title: string;
  readonly text: string;
  readonly url?: string;
}

/**
 * Gives it by the device's own way of sharing; where it has none, lays it on the clipboard.
 * @returns how it went out; nothing where somebody thought better of it
 */
export async function share(what: Shared): Promise<'shared' | 'copied' | undefined> {
  if (typeof navigator.share === 'function') {
    try {
      await navigator.share({ ...what });
      return 'shared';
    } catch (error) {
      if (error instanceof DOMException && error.name === 'AbortError') return undefined;
      // A browser that says it can, and cannot: there is still the clipboard.
    }
  }
  await copy([what.text, what.url].filter(Boolean).join('\n\n'));
  return 'copied';
}

/** Lays a text on the clipboard. @throws Error in words for the page, where the browser does not let us */
export async function copy(text: string): Promise<void> {
  try {
    await navigator.clipboard.writeText(text);
  } catch {
    throw new Error(kitText.noClipboard);
  }
}

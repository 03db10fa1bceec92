import { maskText } from '@amber-ladle/words';
import { maskToJson, MOST_PASTED } from '@amber-ladle/core/exchange';
import type { Mask } from '@amber-ladle/core/mask';

/** Where Amber Ladle is found on its reader's own machine, unless they chose another port. */
const USUAL_ADDRESS = 'http://localhost:4310';
const PATH = '/masks/paste';
const MARK = '#mask=';
/** A link longer than this is none of ours, and is not unpacked. */
const MOST_LINK = 20_000;

const through = (bytes: BlobPart, stream: CompressionStream | DecompressionStream): ReadableStream<Uint8Array> =>
  new Blob([bytes]).stream().pipeThrough(stream);

/**
 * A link that carries a whole mask in itself: behind the mark, so that no server ever sees it. JSON, deflated (RFC 1951), in the letters
 * of RFC 4648, 5.
 */
export async function maskLink(mask: Mask): Promise<string> {
  const packed = through(maskToJson(mask), new CompressionStream('deflate-raw'));
  const bytes = new Uint8Array(await new Response(packed).arrayBuffer());
  const text = btoa(String.fromCharCode(...bytes))
    .replaceAll('+', '-')
    .replaceAll('/', '_')
    .replace(/=+$/, '');
  return `${USUAL_ADDRESS}${PATH}${MARK}${text}`;
}

/** What a link carries, by what follows its mark; nothing for an address without one. @example carriedBy('http://localhost:4310/masks/paste#mask=abc') // 'abc' */
export const carriedBy = (link: string): string | undefined => {
  const [, carried] = /^(?:https?:\/\/[^\s#]+)?#mask=(\S+)$/.exec(link.trim()) ?? [];
  return carried;
};

/**
 * The file of a mask that a link carries. Nothing in it is believed yet.
 * @throws Error in words for the page, for what is damaged, cut off, or larger than a mask can be
 */
export async function maskFileOf(carried: string): Promise<string> {
  if (carried.length > MOST_LINK) throw new Error(maskText.linkTooLong);
  if (!/^[\w-]+$/.test(carried)) throw new Error(maskText.linkDamaged);
  const decoder = new TextDecoder('utf-8', { fatal: true });
  let text = '';
  try {
    const bytes = Uint8Array.from(atob(carried.replaceAll('-', '+').replaceAll('_', '/')), (one) => one.charCodeAt(0));
    const unpacked = through(bytes, new DecompressionStream('deflate-raw'));
    const reader = unpacked.getReader();
    for (let part = await reader.read(); !part.done; part = await reader.read()) {
      text += decoder.decode(part.value, { stream: true });
      // A few letters can unpack to gigabytes.
      if (text.length > MOST_PASTED.file) {
        await reader.cancel();
        throw new RangeError(maskText.linkTooLarge);
      }
    }
    return text + decoder.decode();
  } catch (error) {
    throw error instanceof RangeError ? error : new Error(maskText.linkDamaged);
  }
}

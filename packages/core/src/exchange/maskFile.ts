import { cannot } from '../message';
import { decodeHTML } from 'entities';
import { ingredientById, type Catalogue } from '../ingredient';
import type { Mask } from '../mask';

/** What a file of one mask calls itself. */
export const MASK_FORMAT = { format: 'amber-ladle-mask', version: 1 } as const;
/** So that our own mask comes back equal out of a file that other programs read as well. */
const ENCODING = 'application/vnd.amber-ladle.mask+json';

/** A mask as it is written by somebody: without the id and version of one household. */
export type FiledMask = Omit<Mask, 'id' | 'version'>;

/** What a file of a mask turned out to be. */
export type ReadMask =
  /** All of it; still to be checked as anything a person writes. */
  | { readonly kind: 'whole'; readonly mask: FiledMask }
  /** Words: a name, measures and steps to be looked at line by line. */
  | { readonly kind: 'words'; readonly text: string };

const filed = ({ id: _id, version: _version, ...mask }: Mask): FiledMask => mask;

/** Grams of each ingredient in a bowl of so many grams, as words that are read back: "333.3 g Avocado". */
const BATCH_GRAMS = 1000;
function measures(mask: FiledMask, catalogue: Catalogue): string[] {
  return mask.parts.map(({ ingredientId, share }) => {
    const grams = Number((share * BATCH_GRAMS).toPrecision(4));
    return `${grams} g ${ingredientById(catalogue, ingredientId).name}`;
  });
}

/** A mask as JSON that comes back equal. */
export const maskToJson = (mask: Mask): string => `${JSON.stringify({ ...MASK_FORMAT, mask: filed(mask) }, null, 2)}\n`;

/**
 * A mask as schema.org JSON-LD: a HowTo with its supplies, steps and times, which other programs read; the exact mask
 * stands in it as an encoding of the same work.
 * @throws RangeError for an unknown ingredient
 */
export function maskToJsonLd(mask: Mask, catalogue: Catalogue): string {
  const own = filed(mask);
  const minutes = (count: number): string => `PT${Math.round(count)}M`;
  return `${JSON.stringify(
    {
      '@context': 'https://schema.org',
      '@type': 'HowTo',
      name: mask.name,
      description: mask.summary,
      version: mask.version,
      prepTime: minutes(mask.handsOnMinutes),
      performTime: minutes(mask.wear.aimMinutes),
      totalTime: minutes(mask.handsOnMinutes + mask.wear.aimMinutes),
      supply: measures(own, catalogue).map((name) => ({ '@type': 'HowToSupply', name })),
      step: mask.steps.map((text, i) => ({ '@type': 'HowToStep', position: i + 1, text })),
      encoding: {
        '@type': 'MediaObject',
        encodingFormat: ENCODING,
        text: JSON.stringify({ ...MASK_FORMAT, mask: own }),
      },
    },
    null,
    2,
  )}\n`;
}

/**
 * A mask as plain text for anybody: name, measures for a kilogram, steps. Read back it gives the same formula; what
 * words do not hold (roles, tolerances, times) is the reader's to say again.
 * @throws RangeError for an unknown ingredient
 */
export function maskToText(mask: Mask, catalogue: Catalogue): string {
  return [
    `# ${mask.name}`,
    '',
    ...measures(filed(mask), catalogue),
    '',
    'Steps',
    ...mask.steps.map((step, i) => `${i + 1}. ${step}`),
    '',
  ].join('\n');
}

/**
 * Reads a file of a mask: our JSON, JSON-LD of ours or anybody's, by itself or in a page, a table, or plain text. Nothing in it is
 * believed yet.
 * @throws RangeError for JSON or a page that holds no mask
 */
export function readMaskFile(text: string): ReadMask {
  const trimmed = text.replace(/^\uFEFF/, '').trim();
  if (/^<(?:!doctype|html|head|\?xml|!--|script|body)/i.test(trimmed)) return inPage(trimmed);
  if (!/^[{[]/.test(trimmed)) return { kind: 'words', text: trimmed };
  const value = parsed(trimmed);
  if (value === undefined) throw cannot('damaged-json');
  const read = maskOf(value);
  if (!read) throw cannot('no-mask-in-file');
  return read;
}

function parsed(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return undefined;
  }
}

function maskOf(value: unknown): ReadMask | undefined {
  const whole = wholeIn(value);
  if (whole) return { kind: 'whole', mask: whole };
  const work = nodesOf(value).find((node) => isA(node, 'HowTo') || isA(node, 'Recipe'));
  return work && (wholeOf(work) ?? { kind: 'words', text: wordsOf(work) });
}

const LINKED_DATA = /<script\b[^>]*\btype\s*=\s*["']?application\/ld\+json["']?[^>]*>([\s\S]*?)<\/script>/gi;

/** The mask that a page tells programs of. */
function inPage(page: string): ReadMask {
  for (const [, data = ''] of page.matchAll(LINKED_DATA)) {
    const value = parsed(data.trim());
    const read = value === undefined ? undefined : maskOf(value);
    if (read) return read;
  }
  throw cannot('page-without-mask');
}

type Node = Readonly<Record<string, unknown>>;
const isNode = (value: unknown): value is Node => typeof value === 'object' && value !== null && !Array.isArray(value);
const list = (value: unknown): readonly unknown[] =>
  Array.isArray(value) ? value : value === undefined ? [] : [value];
const isA = (node: Node, type: string): boolean => list(node['@type']).includes(type);

/** A page may hold several things, side by side or in a graph. */
function nodesOf(value: unknown): readonly Node[] {
  return list(value)
    .filter(isNode)
    .flatMap((node) => [node, ...list(node['@graph']).filter(isNode)]);
}

function wholeIn(value: unknown): FiledMask | undefined {
  if (!isNode(value) || value['format'] !== MASK_FORMAT.format) return undefined;
  if (value['version'] !== MASK_FORMAT.version) throw cannot('mask-of-other-version');
  if (!isNode(value['mask'])) throw cannot('no-mask-in-file');
  return value['mask'] as unknown as FiledMask;
}

function wholeOf(work: Node): ReadMask | undefined {
  const encoding = list(work['encoding']).find((one): one is Node => isNode(one) && one['encodingFormat'] === ENCODING);
  if (!encoding) return undefined;
  try {
    const mask = wholeIn(JSON.parse(String(encoding['text'])));
    return mask && { kind: 'whole', mask };
  } catch {
    return undefined;
  }
}

const words = (value: unknown): string =>
  typeof value === 'string'
    ? decodeHTML(value.replace(/<[^>]{0,200}>/g, ' '))
        .replace(/\s+/g, ' ')
        .trim()
    : isNode(value)
      ? words(value['text'] ?? value['name'])
      : '';

/** Name, measures and steps of a work of anybody's, as text to be looked at line by line. */
function wordsOf(work: Node): string {
  const supplies = [...list(work['recipeIngredient']), ...list(work['supply'])].map(words).filter(Boolean);
  const steps = [...list(work['recipeInstructions']), ...list(work['step'])]
    .flatMap((one) => (isNode(one) && one['itemListElement'] ? list(one['itemListElement']) : [one]))
    .map(words)
    .filter(Boolean);
  return [
    `# ${words(work['name'])}`,
    '',
    ...supplies,
    '',
    'Steps',
    ...steps.map((step, i) => `${i + 1}. ${step}`),
  ].join('\n');
}

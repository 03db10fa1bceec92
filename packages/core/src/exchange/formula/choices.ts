import { readAmount } from '../readAmount';
import type { MeasureSystem } from '../../measure';
import { matchNames, type Names } from '../words';

/** A measure of which the text itself says what else would do. */
export interface Chosen {
  /** The measure with the first of them. */
  readonly text: string;
  /** What would do instead, in the order it stands. */
  readonly instead: readonly string[];
}

/** The one ingredient that words name and nothing else, if they do. */
function onlyOne(words: string, names: Names): string | undefined {
  const { found, unknown } = matchNames(words, names);
  return found.length === 1 && unknown.length === 0 ? found[0]?.ingredientId : undefined;
}

const OR = /\s*(?:,\s*)?\bor\b\s*|\s*\/\s*(?=[a-z])/i;

/**
 * Takes the choice out of a measure: "2 tbsp olive or coconut oil", "milk/coconut milk", "4 tbsp yogurt (or kefir)". What is named
 * first is the measure; the others are the maker's own stand-ins. A choice with an amount of its own stays a remark.
 * @example choiceIn('2 tbsp olive or coconut oil', namesIn(CATALOGUE), 'us') // { text: '2 tbsp olive oil', instead: ['coconut-oil'] }
 */
export function choiceIn(line: string, names: Names, system: MeasureSystem): Chosen {
  const instead: string[] = [];
  const outside = line.replace(/\s*\((?:or|alternatively)\s+([^)]*)\)/gi, (whole, inside: string) => {
    const id = readAmount(inside, system) === undefined ? onlyOne(inside, names) : undefined;
    if (id === undefined) return whole;
    instead.push(id);
    return '';
  });
  const pieces = outside.split(OR).map((piece) => piece.trim());
  const [first = '', ...others] = pieces;
  if (others.length === 0) return { text: outside, instead };
  if (others.some((other) => other === '' || /\d|\bif\b|\bunless\b|\bwhen\b/i.test(other)))
    return { text: outside, instead };
  // "olive or coconut oil": the last word belongs to both.
  const shared = (others.at(-1) ?? '').split(/\s+/).at(-1) ?? '';
  const described = readAmount(first, system)?.description ?? first;
  const whole = onlyOne(described, names) !== undefined ? first : `${first} ${shared}`;
  const firstId = onlyOne(readAmount(whole, system)?.description ?? whole, names);
  const ids = others.map((other) => onlyOne(other, names) ?? onlyOne(`${other} ${shared}`, names));
  if (firstId === undefined || ids.some((id) => id === undefined || id === firstId)) return { text: outside, instead };
  return { text: whole, instead: [...instead, ...ids.filter((id) => id !== undefined)] };
}

/** An `@example` of a docstring: what leads to it, what is asked, and what comes out. */
export interface Example {
  readonly setting: string;
  readonly asked: string;
  readonly answer: string;
}

/** Takes the stars off the left of a docstring. */
const bare = (comment: string): string => comment.replaceAll(/^\s*\* ?/gm, '');

/**
 * The examples in a source text: what is asked with its answer behind two strokes, or some lines of which the last is so.
 */
export function examplesIn(source: string): readonly Example[] {
  return [...source.matchAll(/\/\*\*(.*?)\*\//gs)]
    .flatMap(([, comment = '']) => [
      ...bare(comment).matchAll(/@example\s(.*?)(?=\n@|$(?![\s\S])|(?<=\/\/[^\n]*)\s@)/gs),
    ])
    .map(([, text = '']) => {
      const lines = text.trim().split('\n');
      const last = lines.at(-1) ?? '';
      const cut = last.lastIndexOf(' // ');
      return {
        setting: lines.slice(0, -1).join('\n'),
        asked: (cut < 0 ? last : last.slice(0, cut)).trim(),
        answer: cut < 0 ? '' : last.slice(cut + 4).trim(),
      };
    });
}

/** As a number is written: 99,000 and 1.333… are 99000 and 1.333. */
const asCode = (text: string): string => text.replaceAll(/(?<=\d),(?=\d{3}\b)/g, '').replaceAll('…', '');

/** What of an answer is a value: all of it, or what stands before words of explanation. */
export function* valuesIn(answer: string): Generator<{ readonly code: string; readonly isRough: boolean }> {
  const isRough = /^about /.test(answer);
  const text = asCode(answer.replace(/^about /, ''));
  yield { code: text, isRough };
  for (const { index } of [...text.matchAll(/[:,;] /g)].toReversed()) yield { code: text.slice(0, index), isRough };
}

/** Half of the last digit that is written; of a rough answer a fiftieth. */
function within(written: number, isRough: boolean): number {
  const [, digits = ''] = /\.(\d+)$/.exec(String(written)) ?? [];
  return isRough ? Math.abs(written) / 50 : (10 ** -digits.length / 2) * (1 + 1e-9);
}

/**
 * True where what came is what is written: figures to as many digits as are written, of things what is named of them, and nothing where nothing is.
 * @example isAsWritten({ grams: 133.24, of: 'pear' }, { grams: 133.2 }, false) // true
 */
export function isAsWritten(came: unknown, written: unknown, isRough: boolean): boolean {
  if (typeof written === 'number' && typeof came === 'number')
    return Object.is(came, written) || Math.abs(came - written) <= within(written, isRough);
  if (Array.isArray(written))
    return (
      Array.isArray(came) &&
      came.length === written.length &&
      written.every((one, at) => isAsWritten(came[at], one, isRough))
    );
  if (typeof written === 'object' && written !== null)
    return (
      typeof came === 'object' &&
      came !== null &&
      (Object.keys(written).length > 0 || Object.keys(came).length === 0) &&
      Object.entries(written).every(([name, one]) =>
        isAsWritten((came as Readonly<Record<string, unknown>>)[name], one, isRough),
      )
    );
  return Object.is(came, written);
}

const FUNCTION =
  /(\/\*\*(?:(?!\*\/).)*\*\/\n)?^export (?:function (\w+)|const (\w+) = )[<(](?:(?!^export).)*?\): (.*?) (?:=>|\{)/gms;

/** Functions of a source text that are shown to others, give a figure, and have no example of it. */
export const figuresWithoutExample = (source: string): readonly string[] =>
  [...source.matchAll(FUNCTION)].flatMap(([, doc = '', named, assigned = '', gives]) =>
    gives === 'number' && !doc.includes('@example') ? [named ?? assigned] : [],
  );

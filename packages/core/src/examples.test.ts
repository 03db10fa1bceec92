import { readdirSync, readFileSync } from 'node:fs';
import { dirname, join, relative } from 'node:path';
import { fileURLToPath, pathToFileURL } from 'node:url';
import { describe, expect, it } from 'vitest';
import { examplesIn, figuresWithoutExample, isAsWritten, valuesIn, type Example } from './testing/examples';
import { SAMPLES } from './testing/samples';

const here = dirname(fileURLToPath(import.meta.url));
const files = readdirSync(here, { recursive: true, encoding: 'utf8' })
  .filter((file) => file.endsWith('.ts') && !file.endsWith('.test.ts') && !file.endsWith('.d.ts'))
  .sort();
const load = (file: string): Promise<Record<string, unknown>> =>
  import(pathToFileURL(join(here, file)).href) as Promise<Record<string, unknown>>;

/** What examples speak of without saying it: all that the features show, and the household of the examples. */
const FACES = await Promise.all(
  files.filter((file) => /^[a-z]+\/index\.ts$/.test(file.replaceAll('\\', '/'))).map(load),
);
const common = Object.assign({}, ...FACES, SAMPLES) as Record<string, unknown>;

const featureOf = (file: string): string => file.split(/[\\/]/)[0] ?? '';

/** Runs code among things with names. */
function run(code: string, scope: Readonly<Record<string, unknown>>): unknown {
  // eslint-disable-next-line @typescript-eslint/no-implied-eval, @typescript-eslint/no-unsafe-call -- an example is code in a comment
  return new Function(...Object.keys(scope), code)(...Object.values(scope));
}

function outcome({ setting, asked, answer }: Example, scope: Readonly<Record<string, unknown>>): unknown {
  const code = (text: string): string => `${setting}\nreturn (${text});`;
  const came = run(code(asked), scope);
  for (const value of valuesIn(answer)) {
    let written: unknown;
    try {
      written = run(code(value.code), scope);
    } catch {
      continue;
    }
    return { isAsWritten: isAsWritten(came, written, value.isRough), came };
  }
  return { hasNoAnswer: answer, came };
}

describe('every example in the docstrings gives what it says', async () => {
  for (const file of files) {
    const examples = examplesIn(readFileSync(join(here, file), 'utf8'));
    if (examples.length === 0) continue;
    const beside = await Promise.all(files.filter((one) => featureOf(one) === featureOf(file)).map(load));
    const scope = Object.assign({}, ...beside, common, await load(file)) as Record<string, unknown>;
    it.each(examples)(`${relative('.', file)}: $asked`, (example) => {
      expect(outcome(example, scope)).toMatchObject({ isAsWritten: true });
    });
  }
});

it('has one for every figure that a feature shows to others', () => {
  const without = files.flatMap((file) =>
    figuresWithoutExample(readFileSync(join(here, file), 'utf8'))
      .filter((name) => name in common)
      .map((name) => `${file}: ${name}`),
  );
  expect(without).toEqual([]);
});

describe('an example', () => {
  it('is found with what leads to it, one by one, whatever follows', () => {
    const source = `/**
 * What it is.
 * @param grams of it
 * @example two(1) // 2: twice
 * @example
 * const three = 3;
 * two(three) // 6
 * @throws RangeError for less
 */
/** @example two(0) // 0 */`;
    expect(examplesIn(source)).toEqual([
      { setting: '', asked: 'two(1)', answer: '2: twice' },
      { setting: 'const three = 3;', asked: 'two(three)', answer: '6' },
      { setting: '', asked: 'two(0)', answer: '0' },
    ]);
  });

  it('is as exact as it is written', () => {
    expect(isAsWritten(3.664, 3.66, false)).toBe(true);
    expect(isAsWritten(3.666, 3.66, false)).toBe(false);
    expect(isAsWritten(1, 2, false)).toBe(false);
    expect(isAsWritten(99_400, 99_000, true)).toBe(true);
    expect(isAsWritten(99_400, 99_000, false)).toBe(false);
    expect(isAsWritten({ a: [1, { b: 'x', c: 2 }] }, { a: [1, { b: 'x' }] }, false)).toBe(true);
    expect(isAsWritten({ a: [1, 2] }, { a: [1] }, false)).toBe(false);
    expect(isAsWritten(undefined, { a: 1 }, false)).toBe(false);
    expect(isAsWritten({ a: 1 }, {}, false)).toBe(false);
    expect(isAsWritten({}, {}, false)).toBe(true);
    expect(isAsWritten('1', 1, false)).toBe(false);
  });

  it('is missed where a figure has none', () => {
    const source = `/** Twice. @example two(1) // 2 */
export const two = (one: number): number => one * 2;
/** Thrice. */
export function three(
  one: number,
): number {
  return one * 3;
}
export const words = (): string => '';
export const four = (one: number): number => one * 4;`;
    expect(figuresWithoutExample(source)).toEqual(['three', 'four']);
  });

  it('says its value before its words', () => {
    const first = (answer: string): unknown => outcome({ setting: '', asked: '5', answer }, {});
    expect(first('5: as many as a hand has')).toMatchObject({ isAsWritten: true });
    expect(first('5, and not 6')).toMatchObject({ isAsWritten: true });
    expect(first('6, and not 5')).toMatchObject({ isAsWritten: false });
    expect(first('as many as a hand has')).toMatchObject({ hasNoAnswer: 'as many as a hand has' });
    expect(first('')).toMatchObject({ hasNoAnswer: '' });
  });
});

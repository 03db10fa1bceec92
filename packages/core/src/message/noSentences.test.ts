import { readdirSync, readFileSync } from 'node:fs';
import { join, relative } from 'node:path';
import ts from 'typescript';
import { expect, it } from 'vitest';

const root = join(import.meta.dirname, '..');

/** Tables of things, the masks of the book and the texts that a reader is tried on are data; tests may speak. */
const DATA = /\/(?:data|builtIn|testing|corpus)\/|\.test\.ts$|\/testing\.ts$/;
/** Where people's own words are read, and where sources and pieces of the language of files are named. */
const READS = new Set([
  'exchange/readAmount.ts',
  'exchange/formula/proseMeasures.ts',
  'exchange/use/sentences.ts',
  'exchange/words.ts',
  'source/index.ts',
  'measure/spoons.ts',
]);

function files(folder: string): string[] {
  return readdirSync(folder, { withFileTypes: true }).flatMap((entry) =>
    entry.isDirectory() ? files(join(folder, entry.name)) : [join(folder, entry.name)],
  );
}

/** Literals of three words and more that are not thrown: what only a reader of the page could be meant to see. */
function sentencesIn(file: string): string[] {
  const source = ts.createSourceFile(file, readFileSync(file, 'utf8'), ts.ScriptTarget.Latest, true);
  const found: string[] = [];
  const visit = (node: ts.Node): void => {
    if (ts.isThrowStatement(node) || ts.isImportDeclaration(node) || ts.isNewExpression(node)) return;
    const isText =
      ts.isStringLiteral(node) || ts.isNoSubstitutionTemplateLiteral(node) || ts.isTemplateExpression(node);
    if (isText && /[a-z,;:.’]+\s+[a-z]+\s+[a-z]+/i.test(node.getText())) found.push(node.getText());
    else ts.forEachChild(node, visit);
  };
  visit(source);
  return found;
}

it('says nothing in sentences: every word of the core is a message, made into one above', () => {
  const spoken = files(root)
    .filter((file) => file.endsWith('.ts') && !DATA.test(file))
    .flatMap((file) => {
      const name = relative(root, file).replaceAll('\\', '/');
      return READS.has(name) ? [] : sentencesIn(file).map((text) => `${name}: ${text}`);
    });
  expect(spoken).toEqual([]);
});

it('would notice one', () => {
  expect(sentencesIn(join(root, 'exchange/readAmount.ts')).length).toBeGreaterThan(0);
});

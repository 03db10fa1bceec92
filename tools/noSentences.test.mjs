import { readdirSync, readFileSync } from 'node:fs';
import { dirname, join, relative } from 'node:path';
import { fileURLToPath } from 'node:url';
import ts from 'typescript';
import { expect, it } from 'vitest';

const root = join(dirname(fileURLToPath(import.meta.url)), '..', 'packages');

/** Tests may speak; tables of things, the masks of the book, texts that a reader is tried on and the demo's household are data. */
const DATA = /\/(?:data|builtIn|testing|corpus|demo|migrations)\/|\.test\.ts$|\/testing\w*\.ts$/;
/** Where people's own words are read, and where sources, settings of a machine and pieces of a file's language are named. */
const READS = new Set([
  'core/src/exchange/readAmount.ts',
  'core/src/exchange/formula/proseMeasures.ts',
  'core/src/exchange/use/sentences.ts',
  'core/src/exchange/words.ts',
  'core/src/source/index.ts',
  'core/src/measure/spoons.ts',
  'core/src/exchange/formula/headsMeant.ts',
  // What is said where the app is started, to whoever starts it.
  'server/src/plainReason.ts',
  'server/src/schema/unsound.ts',
  'server/src/schema/onlyOne.ts',
  'server/src/main.ts',
  'server/src/http/joinPage.ts',
  'server/src/http/web.ts',
  'server/src/door/certificate.ts',
  'server/src/door/passphrase.ts',
  'server/src/copy/fileSchema.ts',
  'server/src/copy/soundness.ts',
  'server/src/http/firstCard.ts',
]);
const SQL = /\b(?:SELECT|INSERT|UPDATE|DELETE|CREATE|ALTER|DROP|PRAGMA|VACUUM|ATTACH|WHERE|JOIN|ORDER BY)\b/;

const files = (folder) =>
  readdirSync(folder, { withFileTypes: true }).flatMap((entry) =>
    entry.isDirectory() ? files(join(folder, entry.name)) : [join(folder, entry.name)],
  );

/** Literals of three words and more that are not thrown: what only a reader of the page could be meant to see. */
function sentencesIn(file) {
  const source = ts.createSourceFile(file, readFileSync(file, 'utf8'), ts.ScriptTarget.Latest, true);
  const found = [];
  const visit = (node) => {
    // What a programmer is told is told in English.
    if (ts.isNewExpression(node) && /Error$/.test(node.expression.getText()) && !/Validation/.test(node.getText()))
      return;
    if (ts.isImportDeclaration(node)) return;
    const isText =
      ts.isStringLiteral(node) || ts.isNoSubstitutionTemplateLiteral(node) || ts.isTemplateExpression(node);
    if (isText && /[a-z,;:.’]+\s+[a-z]+\s+[a-z]+/i.test(node.getText()) && !SQL.test(node.getText()))
      found.push(node.getText().slice(0, 80));
    else ts.forEachChild(node, visit);
  };
  visit(source);
  return found;
}

it.each(['core', 'contract', 'server'])(
  '%s says nothing in sentences: what it has to say is a message, made into one above',
  (name) => {
    const spoken = files(join(root, name, 'src'))
      .filter((file) => file.endsWith('.ts') && !DATA.test(file))
      .flatMap((file) => {
        const path = relative(root, file).replaceAll('\\', '/');
        return READS.has(path) ? [] : sentencesIn(file).map((text) => `${path}: ${text}`);
      });
    expect(spoken).toEqual([]);
  },
);

it('would notice one', () => {
  expect(sentencesIn(join(root, 'core/src/exchange/readAmount.ts')).length).toBeGreaterThan(0);
});

it('web puts no list together by hand: what stands between its members is the language’s', () => {
  const joined = files(join(root, 'web/src'))
    .filter((file) => /\.(?:ts|vue)$/.test(file) && !file.endsWith('.test.ts'))
    .flatMap((file) => {
      const found =
        readFileSync(file, 'utf8').match(/\.join\((['"])(?:, (?:or |and )?|; (?:or|and) | (?:or|and|to) )\1\)/g) ?? [];
      return found.map((text) => `${relative(root, file)}: ${text}`);
    });
  expect(joined).toEqual([]);
});

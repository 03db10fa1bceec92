import { cp, mkdir, symlink } from 'node:fs/promises';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import ts from 'typescript';
import { build } from 'vite';

/**
 * A language that is none: every text of the words stands in marks, and what is put into it in others.
 * Whatever is read on a page outside of them was written into the page.
 * @type {{ readonly text: readonly [string, string], readonly put: readonly [string, string] }}
 */
export const MARKS = { text: ['⟦', '⟧'], put: ['⟨', '⟩'] };

const root = join(dirname(fileURLToPath(import.meta.url)), '..', '..');
const hasLetters = (text) => /\p{L}/u.test(text);
const isText = (node) =>
  ts.isStringLiteral(node) || ts.isTemplateExpression(node) || ts.isNoSubstitutionTemplateLiteral(node);
/** What Intl is asked for. */
const ASKED =
  /^(?:long|short|medium|full|narrow|numeric|2-digit|unit|percent|currency|cardinal|ordinal|conjunction|disjunction)$/;
/** What tells things apart in the code, and is read by nobody. */
const isTold = (node) => {
  const { parent } = node;
  return (
    (ts.isPropertyAssignment(parent) && (parent.name === node || ASKED.test(node.text))) ||
    ts.isParameter(parent) ||
    (ts.isElementAccessExpression(parent) && parent.argumentExpression === node) ||
    (ts.isBinaryExpression(parent) &&
      parent.operatorToken.kind !== ts.SyntaxKind.PlusToken &&
      parent.right === node &&
      !isOr(parent)) ||
    ts.isCaseClause(parent) ||
    (ts.isCallExpression(parent) && ts.isStringLiteral(node) && !node.text.includes(' '))
  );
};
const isOr = ({ operatorToken: { kind } }) =>
  kind === ts.SyntaxKind.QuestionQuestionToken || kind === ts.SyntaxKind.BarBarToken;
/** Where nothing stands that is read: types, names of modules, options of what writes dates and numbers. */
const isApart = (node) =>
  ts.isTypeNode(node) ||
  ts.isImportDeclaration(node) ||
  ts.isExportDeclaration(node) ||
  ts.isNewExpression(node) ||
  ts.isThrowStatement(node);

/** A module of the words with its texts in marks. */
function marked(code) {
  const [open, close] = MARKS.text;
  const [put, end] = MARKS.put;
  const marks = [];
  const visit = (node) => {
    if (isApart(node)) return;
    if (isText(node) && hasLetters(node.getText()) && !isTold(node)) {
      marks.push([node.getStart() + 1, open]);
      // Outside the braces, so that what is put in stays as it is.
      for (const { expression, literal } of node.templateSpans ?? [])
        marks.push([code.lastIndexOf('${', expression.getStart()), put], [literal.getStart() + 1, end]);
      marks.push([node.getEnd() - 1, close]);
    }
    ts.forEachChild(node, visit);
  };
  visit(ts.createSourceFile('words.ts', code, ts.ScriptTarget.Latest, true));
  // From the last to the first; at one place in the order of writing.
  return marks
    .map(([at, mark], i) => ({ at, mark, i }))
    .sort((a, b) => b.at - a.at || b.i - a.i)
    .reduce((text, { at, mark }) => text.slice(0, at) + mark + text.slice(at), code);
}

/**
 * Amber Ladle with its pages in the language that is none.
 * @param {string} folder an empty one
 * @returns {Promise<string>} its main file
 */
export async function markedBuild(folder) {
  const web = join(folder, 'packages', 'web');
  const server = join(folder, 'packages', 'server');
  await mkdir(web, { recursive: true });
  await cp(join(root, 'packages', 'server', 'dist'), join(server, 'dist'), { recursive: true });
  await cp(join(root, 'packages', 'server', 'package.json'), join(server, 'package.json'));
  await symlink(join(root, 'node_modules'), join(folder, 'node_modules'));
  await build({
    root: join(root, 'packages', 'web'),
    configFile: join(root, 'packages', 'web', 'vite.config.ts'),
    logLevel: 'error',
    build: { outDir: join(web, 'dist'), emptyOutDir: true, minify: false },
    plugins: [
      {
        name: 'marked',
        enforce: 'pre',
        transform: (code, id) =>
          /packages[\\/]words[\\/]src[\\/].*\.ts$/.test(id) ? { code: marked(code), map: null } : undefined,
      },
    ],
  });
  return join(server, 'dist', 'main.js');
}

import { readFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import typescript from 'typescript';
import { parser } from 'typescript-eslint';
import { parseForESLint as parsePage } from 'vue-eslint-parser';

const project = join(dirname(fileURLToPath(import.meta.url)), '..', 'packages', 'web', 'tsconfig.json');
const VUE = { extension: '.vue', isMixedContent: true, scriptKind: typescript.ScriptKind.Deferred };

/** The script of a page as the parser of pages hands it on, which is the last that it reads. */
function scriptOf(page, filePath) {
  let script = '';
  const ear = {
    parseForESLint(code, options) {
      script = code;
      return parser.parseForESLint(code, options);
    },
  };
  parsePage(page, { filePath, parser: { ts: ear, '<template>': 'espree' }, sourceType: 'module' });
  return script;
}

let program;
/** The pages and all that they use, read once. */
function programOfPages() {
  if (program) return program;
  const { config } = typescript.readConfigFile(project, typescript.sys.readFile);
  const { options, fileNames } = typescript.parseJsonConfigFileContent(
    config,
    typescript.sys,
    dirname(project),
    { allowNonTsExtensions: true },
    project,
    undefined,
    [VUE],
  );
  const host = typescript.createCompilerHost(options, true);
  const { readFile } = host;
  host.readFile = (name) => (name.endsWith('.vue') ? scriptOf(readFileSync(name, 'utf8'), name) : readFile(name));
  program = typescript.createProgram(fileNames, options, host);
  return program;
}

/**
 * ESLint's parser of what stands in `packages/web`. The scripts of pages know their types without a service that is told of
 * one page after the other and reckons all types anew for each: the whole web takes two minutes instead of twelve. What is
 * not as it stands on disk, in an editor, is read by that service.
 */
export const pagesParser = {
  meta: { name: 'pages', version: '1' },
  parseForESLint(code, options) {
    // A piece of a page that has no types: what stands in an attribute.
    if (!options.projectService) return parser.parseForESLint(code, options);
    const isAsOnDisk = programOfPages().getSourceFile(options.filePath)?.text === code;
    return parser.parseForESLint(code, {
      ...options,
      ...(isAsOnDisk ? { programs: [program], projectService: false } : { extraFileExtensions: ['.vue'] }),
    });
  },
};

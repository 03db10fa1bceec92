/** Arrows point down only: web and server → words → contract → core. Core touches nothing outside but pure helpers. */

/** The floors of core, from the ground up. */
const FLOORS = [
  ['time', 'measure', 'statistic', 'source', 'message'],
  ['ingredient'],
  ['recipe'],
  ['hair'],
  ['mask'],
  ['batch'],
  ['learn'],
  ['shelf'],
  ['judge'],
  ['washday'],
  ['exchange'],
  ['house'],
  ['plan'],
];
/** The floors of the pages; those who stand on the top one are screens that nobody else needs. */
const FLOORS_OF_WEB = [
  ['data'],
  ['kit'],
  ['caution', 'head', 'ingredient', 'shelf'],
  ['bowl', 'day'],
  ['alarms', 'notes', 'mask'],
  ['benches', 'kept', 'make', 'paste', 'settings', 'today', 'wear', 'weeks'],
  ['app'],
];
/** A floor imports those below it, never one above. */
const upwards = (name, folder, floors) =>
  floors.slice(0, -1).map((floor, i) => ({
    name: `${name}-${floor[0]}-not-above`,
    severity: 'error',
    from: { path: `^${folder}/(${floor.join('|')})/`, pathNot: '\\.test\\.ts$|/testing' },
    to: {
      path: `^${folder}/(${floors
        .slice(i + 1)
        .flat()
        .join('|')})/`,
    },
  }));

/** @type {import('dependency-cruiser').IConfiguration} */
module.exports = {
  forbidden: [
    { name: 'no-circles', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'core-stands-alone',
      comment: 'Core imports itself and packages that only compute.',
      severity: 'error',
      from: { path: '^packages/core/src', pathNot: '\\.test\\.ts$' },
      to: {
        pathNot: [
          '^packages/core/src',
          'node_modules/(fraction\\.js|@stdlib|pure-rand|parse-ingredient|papaparse|damerau-levenshtein|entities|simple-statistics)/',
        ],
      },
    },
    {
      name: 'contract-on-core',
      severity: 'error',
      from: { path: '^packages/contract/src', pathNot: '\\.test\\.ts$' },
      to: { pathNot: ['^packages/(contract|core)/src', 'node_modules/yup/'] },
    },
    {
      name: 'words-on-contract',
      comment:
        'What the core has to say and the screens show, made into sentences; the one place that knows a language.',
      severity: 'error',
      from: { path: '^packages/words/src', pathNot: '\\.test\\.ts$' },
      to: { pathNot: ['^packages/(words|contract|core)/src', 'node_modules/intl-messageformat/'] },
    },
    {
      name: 'server-not-web',
      severity: 'error',
      from: { path: '^packages/server/src' },
      to: { path: '^packages/web/' },
    },
    {
      name: 'web-not-server',
      severity: 'error',
      from: { path: '^packages/web/src' },
      to: { path: ['^packages/server/', 'node_modules/(typeorm|express|better-sqlite3)/'] },
    },
    {
      name: 'no-node-below-the-server',
      severity: 'error',
      from: { path: '^packages/(core|words|contract|web)/src', pathNot: '\\.test\\.ts$' },
      to: { dependencyTypes: ['core'] },
    },
    {
      name: 'features-by-their-face',
      comment: 'A feature of the server uses another by its index, or by its table, which is data; never its inside.',
      severity: 'error',
      from: {
        path: '^packages/server/src/([^/]+)/',
        pathNot: '\\.test\\.ts$|^packages/server/src/(http|schema|demo)/',
      },
      to: {
        path: '^packages/server/src/(?!kernel/|http/|schema/)[^/]+/',
        pathNot: ['^packages/server/src/$1/', '/(index|table)\\.ts$'],
      },
    },
    {
      name: 'services-know-no-http',
      comment: 'Only a route speaks HTTP; what it calls refuses and answers, and never knows to whom.',
      severity: 'error',
      from: {
        path: '^packages/server/src/',
        pathNot: '\\.test\\.ts$|/routes\\.ts$|^packages/server/src/(http/|server\\.ts|testing\\.ts|main\\.ts)',
      },
      to: { path: ['^packages/server/src/http/', 'node_modules/express/', '/routes\\.ts$'] },
    },
    {
      name: 'contract-features-by-their-face',
      severity: 'error',
      from: { path: '^packages/contract/src/([^/]+)/', pathNot: '\\.test\\.ts$' },
      to: {
        path: '^packages/contract/src/[^/]+/',
        pathNot: ['^packages/contract/src/$1/', '/index\\.ts$', '^packages/contract/src/wire/'],
      },
    },
    {
      name: 'web-features-by-their-face',
      comment: 'A feature of the pages uses another by its index; the way through them opens views.',
      severity: 'error',
      from: { path: '^packages/web/src/([^/]+)/', pathNot: '\\.test\\.ts$' },
      to: {
        path: '^packages/web/src/[^/]+/',
        pathNot: ['^packages/web/src/($1|data|kit)/', '/index\\.ts$', '^packages/web/src/[^/]+/\\w+View\\.vue$'],
      },
    },
    {
      name: 'web-views-by-the-router',
      comment: 'A view is opened by its address.',
      severity: 'error',
      from: { path: '^packages/web/src/', pathNot: '^packages/web/src/app/router\\.ts$' },
      to: { path: '/\\w+View\\.vue$' },
    },
    ...upwards('core', 'packages/core/src', FLOORS),
    ...upwards('web', 'packages/web/src', FLOORS_OF_WEB),
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: true,
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'types', 'default'],
      extensions: ['.ts', '.vue', '.mjs', '.js', '.cjs'],
    },
    exclude: { path: '^(packages|bench|e2e)/[^/]+/dist/' },
  },
};

/** Arrows point down only: web and server → contract → core. Core touches nothing outside but pure helpers. */
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
          'node_modules/(fraction\\.js|@stdlib|pure-rand|parse-ingredient|date-fns|@date-fns|papaparse|simple-statistics)/',
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
      from: { path: '^packages/(core|contract|web)/src', pathNot: '\\.test\\.ts$' },
      to: { dependencyTypes: ['core'] },
    },
    {
      name: 'inner-floors-of-core',
      comment: 'measure, statistic and source lie lowest; hair and ingredient above; then mask, then batch.',
      severity: 'error',
      from: { path: '^packages/core/src/(measure|statistic|source)/', pathNot: '\\.test\\.ts$' },
      to: { path: '^packages/core/src/(hair|ingredient|mask|batch)/' },
    },
    {
      name: 'learn-not-above',
      comment: 'What bowls taught stands on hair, ingredient and mask; sizing is handed the factor, never fetches it.',
      severity: 'error',
      from: { path: '^packages/core/src/(learn|batch)/', pathNot: '\\.test\\.ts$' },
      to: { path: '^packages/core/src/(judge|washday|shelf)/' },
    },
    {
      name: 'mask-not-batch',
      severity: 'error',
      from: { path: '^packages/core/src/(hair|ingredient|mask)/', pathNot: '\\.test\\.ts$' },
      to: { path: '^packages/core/src/batch/' },
    },
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

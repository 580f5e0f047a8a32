// Imports go one way: each layer may use the layers below it and none above.
const layers = ['core', 'messages', 'records', 'formats', 'sync', 'workers', 'store', 'ui', 'features', 'views', 'app'];
const above = (layer) => layers.slice(layers.indexOf(layer) + 1).join('|');

/** @type {import('dependency-cruiser').IConfiguration} */
module.exports = {
  forbidden: [
    ...layers.slice(0, -1).map((layer) => ({
      name: `${layer}-imports-a-layer-above`,
      severity: 'error',
      from: { path: `^src/${layer}/` },
      to: { path: `^src/(${above(layer)})/` },
    })),
    {
      name: 'core-stands-alone',
      comment: 'core is arithmetic: no package, no interface, no storage',
      severity: 'error',
      from: { path: '^src/core/' },
      to: { dependencyTypes: ['npm', 'npm-dev', 'core'] },
    },
    {
      name: 'offline-stands-alone',
      comment: 'the service worker knows the addresses of the pages and nothing else',
      severity: 'error',
      from: { path: '^src/offline/' },
      to: { path: '^src/(?!offline/)' },
    },
    {
      name: 'relay-stands-alone',
      comment: 'the relay passes on bytes and knows nothing of what they are',
      severity: 'error',
      from: { path: '^src/relay/' },
      to: { path: '^src/(?!relay/)' },
    },
    {
      name: 'relay-is-of-the-server',
      severity: 'error',
      from: { path: '^src/(?!relay/|app/api/)' },
      to: { path: '^src/relay/' },
    },
    {
      name: 'ui-knows-no-bicycles',
      comment: 'of the layers below, ui uses numbers, units and words only',
      severity: 'error',
      from: { path: '^src/ui/' },
      to: { path: '^src/(core/[^/]+/|records/|formats/|workers/|store/)' },
    },
    {
      name: 'view-imports-a-view',
      comment: 'what two views share belongs in features',
      severity: 'error',
      from: { path: '^src/views/([^/]+)/' },
      to: { path: '^src/views/([^/]+)/', pathNot: '^src/views/$1/' },
    },
    {
      name: 'no-cycles',
      severity: 'error',
      from: {},
      to: { circular: true, viaOnly: { dependencyTypesNot: ['type-only'] } },
    },
    { name: 'no-folder-cycles', scope: 'folder', severity: 'error', from: {}, to: { circular: true } },
    { name: 'no-orphans', severity: 'error', from: { orphan: true, path: '^src/', pathNot: '\\.d\\.ts$' }, to: {} },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '\\.test\\.tsx?$' },
    tsConfig: { fileName: 'tsconfig.json' },
    tsPreCompilationDeps: true,
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'require', 'node', 'default', 'types'],
    },
  },
};

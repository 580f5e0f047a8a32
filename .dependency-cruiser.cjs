// The house's one-way imports: each floor may use the floors below it and none above.
const floors = ['core', 'messages', 'records', 'formats', 'workers', 'store', 'kit', 'stages', 'app'];
const above = (floor) => floors.slice(floors.indexOf(floor) + 1).join('|');

/** @type {import('dependency-cruiser').IConfiguration} */
module.exports = {
  forbidden: [
    ...floors.slice(0, -1).map((floor) => ({
      name: `${floor}-looks-up`,
      severity: 'error',
      from: { path: `^src/${floor}/`, pathNot: '\\.test\\.tsx?$' },
      to: { path: `^src/(${above(floor)})/` },
    })),
    {
      name: 'core-stands-alone',
      comment: 'core is arithmetic: no package, no interface, no storage',
      severity: 'error',
      from: { path: '^src/core/', pathNot: '\\.test\\.ts$' },
      to: { dependencyTypes: ['npm', 'npm-dev', 'core'] },
    },
    {
      name: 'offline-stands-alone',
      comment: 'what answers for the server knows the pages and nothing of what is on them',
      severity: 'error',
      from: { path: '^src/offline/' },
      to: { path: '^src/(?!offline/)' },
    },
    {
      name: 'stage-reaches-into-stage',
      comment: 'what two stages share belongs in kit',
      severity: 'error',
      from: { path: '^src/stages/([^/]+)/' },
      to: { path: '^src/stages/([^/]+)/', pathNot: '^src/stages/$1/' },
    },
    {
      name: 'no-circles',
      severity: 'error',
      from: {},
      to: { circular: true, viaOnly: { dependencyTypesNot: ['type-only'] } },
    },
    { name: 'no-orphans', severity: 'error', from: { orphan: true, path: '^src/', pathNot: '\\.d\\.ts$' }, to: {} },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsConfig: { fileName: 'tsconfig.json' },
    tsPreCompilationDeps: true,
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'require', 'node', 'default', 'types'],
    },
  },
};

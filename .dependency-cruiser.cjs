/** The one-way rule: app → features → ui, demo → store, workers, devices, files → core. */
const upward = (from, to) => ({
  name: `${from}-stays-below`,
  comment: `src/${from} may not import from the rooms above it`,
  severity: 'error',
  from: { path: `^src/${from}/` },
  to: { path: `^src/(${to})/` },
});

module.exports = {
  forbidden: [
    upward('core', 'words|files|store|workers|devices|demo|ui|features|app'),
    upward('words', 'files|store|workers|devices|ui|features|app'),
    upward('(files|store|workers|devices)', 'demo|ui|features|app'),
    upward('(demo|ui)', 'features|app'),
    upward('features', 'app'),
    upward('server', 'store|workers|devices|demo|ui|features|app'),
    {
      name: 'no-feature-to-feature',
      comment: 'a feature never imports another feature',
      severity: 'error',
      from: { path: '^src/features/([^/]+)/' },
      to: { path: '^src/features/([^/]+)/', pathNot: '^src/features/$1/' },
    },
    {
      name: 'core-is-pure',
      comment:
        'the core knows no interface, storage, worker or server; zod, polygon and colour arithmetic are allowed',
      severity: 'error',
      from: { path: '^src/core/' },
      to: {
        dependencyTypes: ['npm', 'core'],
        pathNot: 'node_modules/(zod|clipper2-ts|culori|@types/culori|ml-matrix)/',
      },
    },
    { name: 'no-circular', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'no-orphans',
      severity: 'error',
      from: {
        orphan: true,
        path: '^src/',
        pathNot: '^src/(app/|proxy\\.ts$)|\\.d\\.ts$|\\.test\\.ts$',
      },
      to: {},
    },
  ],
  options: {
    tsConfig: { fileName: 'tsconfig.json' },
    tsPreCompilationDeps: true,
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '\\.test\\.tsx?$' },
  },
};

/** One-way dependencies: core knows nobody; app never reaches past workers/outside; nothing runs in circles. */
const only = (name, path, allowed, comment) => ({
  name,
  comment,
  severity: 'error',
  from: { path, pathNot: '\\.test\\.tsx?$' },
  to: { path: '^src/', pathNot: allowed },
});
module.exports = {
  forbidden: [
    { name: 'no-cycles', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'core-imports-only-core',
      comment: 'The core computes; it knows no screen, no store, no server and no package.',
      severity: 'error',
      from: { path: '^src/core/', pathNot: '\\.test\\.ts$' },
      to: { pathNot: '^src/core/' },
    },
    only('storage-imports-core', '^src/storage/', '^src/(core|storage)/', 'Storage knows the core only.'),
    only('workers-import-core', '^src/workers/', '^src/(core|workers)/', 'Workers know the core only.'),
    only('server-imports-core', '^src/server/', '^src/(core|server)/', 'The server knows the core only.'),
    only('cli-imports-core', '^src/cli/', '^src/(core|cli)/', 'The terminal entry knows the core only.'),
    only(
      'app-reaches-down',
      '^src/app/',
      '^src/(app|core|storage|workers/outside)/|^src/workers/protocol\\.ts$',
      'The app uses core, storage and the outside of workers.',
    ),
    {
      name: 'screens-never-import-each-other',
      severity: 'error',
      from: { path: '^src/app/screens/([^/]+)/' },
      to: { path: '^src/app/screens/', pathNot: '^src/app/screens/$1/' },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsConfig: { fileName: 'tsconfig.json' },
    tsPreCompilationDeps: true,
    enhancedResolveOptions: { extensions: ['.ts', '.tsx', '.js', '.json'] },
  },
};

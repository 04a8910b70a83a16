/** Which room may import which; docs/architecture.md says why. */
const ROOMS = [
  'measure',
  'validation',
  'weigh',
  'larder',
  'tin',
  'slab',
  'shop',
  'classify',
  'recipe',
  'sugar',
  'method',
  'scale',
  'setting',
  'cut',
  'cost',
  'gather',
  'time',
  'check',
  'usecases',
];

module.exports = {
  forbidden: [
    { name: 'no-circular', severity: 'error', from: {}, to: { circular: true } },
    ...ROOMS.slice(0, -1).map((room, at) => ({
      name: `core-order-${room}`,
      comment: 'A room of the core imports only rooms listed above it.',
      severity: 'error',
      from: { path: `^src/core/${room}/` },
      to: { path: `^src/core/(${ROOMS.slice(at + 1).join('|')})/` },
    })),
    {
      name: 'core-has-only-rooms',
      comment: 'Nothing lies in the root of the core.',
      severity: 'error',
      from: {},
      to: { path: '^src/core/[^/]+[.]ts$' },
    },
    {
      name: 'core-is-pure',
      comment: 'The core knows no screens, no server, no files.',
      severity: 'error',
      from: { path: '^src/core/' },
      to: { path: '^(src/(lib|routes)/)|(node_modules/(svelte|@sveltejs|better-sqlite3|carbon|apexcharts|pino))' },
    },
    { name: 'core-no-node', severity: 'error', from: { path: '^src/core/' }, to: { dependencyTypes: ['core'] } },
    {
      name: 'sqlite-in-server-only',
      severity: 'error',
      from: { path: '^src/', pathNot: '^src/lib/server/' },
      to: { path: 'node_modules/better-sqlite3' },
    },
    {
      name: 'lib-not-routes',
      severity: 'error',
      from: { path: '^src/lib/' },
      to: { path: '^src/routes/' },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    extraExtensionsToScan: ['.svelte'],
    enhancedResolveOptions: { extensions: ['.ts', '.js', '.svelte', '.json'] },
  },
};

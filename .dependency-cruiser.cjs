/** Tests and their helpers. */
const FOR_TESTS = '(\\.test|[tT]esting)\\.ts$';

/** Rooms of the core in the order of the road: each may import only earlier ones. */
const ROAD = [
  'base/result/',
  'base/random/',
  'base/message/',
  'base/problem/',
  'base/quantity/',
  'base/figure/',
  'job/',
  'place/kinds/',
  'place/reading/',
  'place/trace/',
  'place/survey/',
  'place/opening/',
  'design/layout/',
  'design/system/',
  'design/fit/',
  'design/fixing/',
  'design/load/',
  'design/template/',
  'work/stock/',
  'work/steps/',
  'work/log/',
  'road/',
  'plan\\.ts',
  'whatIf\\.ts',
  'say/words/',
  'say/scene/',
  'say/exchange/',
  'rigs/',
  'index\\.ts',
];

/** The walls of the house: who may import whom. */
module.exports = {
  forbidden: [
    {
      name: 'core-stands-alone',
      comment: 'The core imports nothing of server or app, no React, no platform API.',
      severity: 'error',
      from: { path: '^core/src', pathNot: '\\.test\\.ts$' },
      to: {
        path: '^(server|app|e2e)/|node_modules/(react|react-native|expo|express|typeorm)',
        dependencyTypesNot: ['type-only'],
      },
    },
    {
      name: 'core-has-no-node',
      severity: 'error',
      from: { path: '^core/src', pathNot: '\\.test\\.ts$' },
      to: { dependencyTypes: ['core'] },
    },
    {
      name: 'screens-do-not-import-each-other',
      severity: 'error',
      from: { path: '^app/screens/([^/]+)/' },
      to: { path: '^app/screens/([^/]+)/', pathNot: '^app/screens/$1/' },
    },
    {
      name: 'routes-only-pick-screens',
      comment: 'A route imports screens and the router; the root layout also mounts providers.',
      severity: 'error',
      from: { path: '^app/app/', pathNot: '_layout\\.tsx$' },
      to: { path: '^app/', pathNot: '^app/(app|screens)/' },
    },
    {
      name: 'only-store-and-workers-talk-to-a-worker',
      severity: 'error',
      from: { path: '^app/', pathNot: '^app/(store|workers|test)/' },
      to: { path: '^app/workers/' },
    },
    {
      name: 'only-the-store-keeps-things-on-the-device',
      severity: 'error',
      from: { path: '^app/', pathNot: '^app/(store|test)/|\\.test\\.tsx?$' },
      to: { path: 'node_modules/idb-keyval|@reduxjs/toolkit/query' },
    },
    {
      name: 'app-and-server-are-strangers',
      severity: 'error',
      from: { path: '^app/' },
      to: { path: '^server/' },
    },
    {
      name: 'server-knows-no-app',
      severity: 'error',
      from: { path: '^server/' },
      to: { path: '^app/' },
    },
    {
      name: 'no-circles',
      comment: 'Not even by a type: what two files need of one another is a third.',
      severity: 'error',
      from: {},
      to: { circular: true },
    },
    ...ROAD.slice(0, -1).map((room, index) => ({
      name: `${room.replace(/\W/g, '-')}-looks-back-only`,
      comment: 'A room of the core reads only what stands before it on the road, types included.',
      severity: 'error',
      from: { path: `^core/src/${room}`, pathNot: FOR_TESTS },
      to: { path: `^core/src/(${ROAD.slice(index + 1).join('|')})` },
    })),
    {
      name: 'every-room-is-on-the-road',
      comment: 'A new room of the core is given its place on the road.',
      severity: 'error',
      from: { path: '^core/src/', pathNot: [`^core/src/(${ROAD.join('|')})`, FOR_TESTS] },
      to: {},
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.base.json' },
    enhancedResolveOptions: { exportsFields: ['exports'], conditionNames: ['import', 'require', 'node', 'default'] },
  },
};

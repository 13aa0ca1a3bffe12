/** Tests, and what they share. */
const FOR_TESTS = '(\\.test|[tT]esting)\\.ts$';

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
      severity: 'error',
      from: {},
      to: { circular: true, viaOnly: { dependencyTypesNot: ['type-only'] } },
    },
    {
      name: 'stages-look-back-only',
      comment: 'A stage of the road reads only what stands before it.',
      severity: 'error',
      from: {
        path: '^core/src/(quantity|message|job|survey|opening|layout|system|fit|fixing|load|stock)/',
        pathNot: FOR_TESTS,
      },
      to: { path: '^core/src/(plan\\.ts|words/|scene/|exchange/|demo/)' },
    },
    ...laterStages(['survey', 'opening', 'layout', 'system', 'fit', 'fixing', 'load', 'stock']),
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.base.json' },
    enhancedResolveOptions: { exportsFields: ['exports'], conditionNames: ['import', 'require', 'node', 'default'] },
  },
};

function laterStages(road) {
  return road.slice(0, -1).map((stage, index) => ({
    name: `${stage}-does-not-read-later-stages`,
    severity: 'error',
    from: { path: `^core/src/${stage}/`, pathNot: FOR_TESTS },
    to: { path: `^core/src/(${road.slice(index + 1).join('|')})/` },
  }));
}

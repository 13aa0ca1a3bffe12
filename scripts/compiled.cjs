/** Compiles for tests on this Node: strips types and JSX, turns modules into CommonJS, keeps today's syntax. */
const compiled = (tsx) => [
  '@swc/jest',
  {
    jsc: {
      parser: { syntax: 'typescript', tsx },
      target: 'es2022',
      transform: { react: { runtime: 'automatic' } },
    },
    module: { type: 'commonjs' },
    sourceMaps: 'inline',
  },
];

/** Transforms for our own files, by file name. Packages are left out. */
module.exports = {
  '^(?!.*/node_modules/).*\\.ts$': compiled(false),
  '^(?!.*/node_modules/).*\\.tsx$': compiled(true),
};

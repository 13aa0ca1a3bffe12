/** For tests on this Node: types and JSX away, modules to CommonJS, nothing made older. */
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

/** What compiles our own files, by their names. Packages are not among them. */
module.exports = {
  '^(?!.*/node_modules/).*\\.ts$': compiled(false),
  '^(?!.*/node_modules/).*\\.tsx$': compiled(true),
};

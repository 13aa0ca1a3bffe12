/** Packages that are ES modules alone: jest has to have them compiled. */
const MODULES = 'earcut/';

module.exports = {
  displayName: 'server',
  testEnvironment: 'node',
  globalSetup: require.resolve('../scripts/programs.cjs'),
  // A package that reads certificates has a `Set` of its own.
  sandboxInjectedGlobals: require('../scripts/testGlobals.cjs').filter((name) => name !== 'Set'),
  testMatch: ['<rootDir>/src/**/*.test.ts'],
  transformIgnorePatterns: [`node_modules/(?!${MODULES})`],
  transform: { ...require('../scripts/compiled.cjs'), [`node_modules/${MODULES}.*\\.js$`]: '@swc/jest' },
};

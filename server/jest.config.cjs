module.exports = {
  displayName: 'server',
  testEnvironment: 'node',
  globalSetup: require.resolve('../scripts/programs.cjs'),
  // A package that reads certificates has a `Set` of its own.
  sandboxInjectedGlobals: require('../scripts/testGlobals.cjs').filter((name) => name !== 'Set'),
  testMatch: ['<rootDir>/src/**/*.test.ts'],
  transform: require('../scripts/compiled.cjs'),
};

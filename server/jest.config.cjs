module.exports = {
  displayName: 'server',
  testEnvironment: 'node',
  globalSetup: require.resolve('../scripts/programs.cjs'),
  sandboxInjectedGlobals: require('../scripts/testGlobals.cjs'),
  testMatch: ['<rootDir>/src/**/*.test.ts'],
  transform: require('../scripts/compiled.cjs'),
};

module.exports = {
  displayName: 'server',
  testEnvironment: 'node',
  sandboxInjectedGlobals: require('../scripts/testGlobals.cjs'),
  testMatch: ['<rootDir>/src/**/*.test.ts'],
  transform: { '\\.[jt]sx?$': ['babel-jest', { configFile: require.resolve('../babel.node.cjs') }] },
};

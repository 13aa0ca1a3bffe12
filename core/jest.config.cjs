module.exports = {
  displayName: 'core',
  testEnvironment: 'node',
  setupFiles: [require.resolve('../scripts/propertyTests.cjs'), require.resolve('./src/say/words/rest.ts')],
  sandboxInjectedGlobals: require('../scripts/testGlobals.cjs'),
  testMatch: ['<rootDir>/src/**/*.test.ts'],
  // Written as modules, without saying so.
  transformIgnorePatterns: ['node_modules/(?!(points-on-path|points-on-curve|path-data-parser)/)'],
  transform: { '\\.[jt]sx?$': ['babel-jest', { configFile: require.resolve('../babel.node.cjs') }] },
};

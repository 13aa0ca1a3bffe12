module.exports = {
  displayName: 'core',
  testEnvironment: 'node',
  setupFiles: [require.resolve('../scripts/propertyTests.cjs')],
  testMatch: ['<rootDir>/src/**/*.test.ts'],
  transform: { '\\.[jt]sx?$': ['babel-jest', { configFile: require.resolve('../babel.node.cjs') }] },
};

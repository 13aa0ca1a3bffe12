module.exports = {
  displayName: 'server',
  testEnvironment: 'node',
  testMatch: ['<rootDir>/src/**/*.test.ts'],
  transform: { '\\.[jt]sx?$': ['babel-jest', { configFile: require.resolve('../babel.node.cjs') }] },
};

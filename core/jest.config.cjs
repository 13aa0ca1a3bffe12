/** Packages that are ES modules alone: jest has to have them compiled. */
const MODULES = '(earcut|points-on-path|points-on-curve|path-data-parser)/';

module.exports = {
  displayName: 'core',
  testEnvironment: 'node',
  setupFiles: [require.resolve('../scripts/propertyTests.cjs'), require.resolve('./src/say/words/rest.ts')],
  sandboxInjectedGlobals: require('../scripts/testGlobals.cjs'),
  testMatch: ['<rootDir>/src/**/*.test.ts'],
  transformIgnorePatterns: [`node_modules/(?!${MODULES})`],
  transform: { ...require('../scripts/compiled.cjs'), [`node_modules/${MODULES}.*\\.js$`]: '@swc/jest' },
};

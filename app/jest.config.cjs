/** Packages shipped as ES modules or TypeScript: compiled for the tests. */
const TRANSFORMED = [
  '(jest-)?react-native',
  '@react-native(-community)?',
  'expo(nent)?',
  '@expo(nent)?/.*',
  '@expo-google-fonts/.*',
  'react-navigation',
  '@react-navigation/.*',
  'react-native-svg',
  'lucide-react-native',
  '@reduxjs/toolkit',
  'immer',
  'redux-undo',
  'idb-keyval',
  'react-redux',
  'date-fns',
  'earcut',
];

/** Compiles `import()` to `require`, which is all that Jest can load. */
const COMPILED = ['babel-jest', { plugins: ['@babel/plugin-transform-dynamic-import'] }];

module.exports = {
  displayName: 'app',
  preset: 'jest-expo',
  setupFiles: [require.resolve('../scripts/propertyTests.cjs'), require.resolve('../core/src/say/words/rest.ts')],
  moduleFileExtensions: ['ts', 'tsx', 'mjs', 'js', 'jsx', 'json', 'node'],
  // Our own files are compiled for this Node: as the preset compiles them, plans take twice as long.
  transform: { ...require('../scripts/compiled.cjs'), '\\.[jt]sx?$': COMPILED, '\\.mjs$': COMPILED },
  sandboxInjectedGlobals: require('../scripts/testGlobals.cjs'),
  testMatch: ['<rootDir>/**/*.test.{ts,tsx}'],
  testPathIgnorePatterns: ['/node_modules/', '/dist/'],
  transformIgnorePatterns: [`node_modules/(?!(${TRANSFORMED.join('|')}))`],
};

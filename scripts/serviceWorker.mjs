import { generateSW } from 'workbox-build';

// A closet has no signal: the whole app is kept on the device and opens without the server.
const folder = process.argv[2];
const { count, size, warnings } = await generateSW({
  globDirectory: folder,
  globPatterns: ['**/*.{html,js,css,ttf,woff2,ico,png,json,wasm}'],
  globIgnores: ['sw.js', 'metadata.json'],
  swDest: `${folder}/sw.js`,
  navigateFallback: '/index.html',
  navigateFallbackDenylist: [/^\/api\//, /^\/trust/],
  dontCacheBustURLsMatching: /-[0-9a-f]{32}\.|\.[0-9a-f]{32}\./,
  maximumFileSizeToCacheInBytes: 8_000_000,
  inlineWorkboxRuntime: true,
  sourcemap: false,
  skipWaiting: true,
  clientsClaim: true,
  cleanupOutdatedCaches: true,
});
for (const warning of warnings) process.stderr.write(`${warning}\n`);
process.stderr.write(`Service worker keeps ${count} files, ${(size / 1024).toFixed(0)} KB.\n`);

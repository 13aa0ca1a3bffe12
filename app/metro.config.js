const { getDefaultConfig } = require('expo/metro-config');
const http = require('node:http');
const path = require('node:path');

const config = getDefaultConfig(__dirname);

// pdf-lib asks for tslib's helpers as ES modules have them.
const tslib = require.resolve('tslib/tslib.es6.js');
const highs = require.resolve('highs');
// Its parts find one another as ES modules only; mixed with the other kind each has a copy of what they share.
const gesture = /^@use-gesture\/(react|core)(?:\/(\w+))?$/;
const gestureModule = (found) => {
  const [, pack, part] = found;
  const folder = path.dirname(require.resolve(`@use-gesture/${pack}/package.json`));
  const file = `use-gesture-${pack}${part ? `-${part}` : ''}.esm.js`;
  return path.join(folder, ...(part ? [part] : []), 'dist', file);
};
// Zod's own words in forty languages, of which none is ever shown.
const zodWords = require.resolve('zod/v4/locales/en.js');
config.resolver.resolveRequest = (context, name, platform) => {
  // Its ES module asks where it lies itself; in a worker it is told.
  if (name === 'highs') return { type: 'sourceFile', filePath: highs };
  if (name === 'tslib') return { type: 'sourceFile', filePath: tslib };
  if (name === '../locales/index.js') return { type: 'sourceFile', filePath: zodWords };
  const found = gesture.exec(name);
  return found
    ? { type: 'sourceFile', filePath: gestureModule(found) }
    : context.resolveRequest(context, name, platform);
};

// While developing, the app is served by Metro and asks the server beside it.
const server = process.env.EXPO_PUBLIC_SERVER;
if (server) {
  config.server.enhanceMiddleware = (metro) => (request, response, next) => {
    if (!request.url.startsWith('/api/')) return metro(request, response, next);
    const { method, headers, url } = request;
    const passed = http.request(new URL(url, server), { method, headers }, (answer) => {
      response.writeHead(answer.statusCode, answer.headers);
      answer.pipe(response);
    });
    passed.on('error', () => response.writeHead(502).end());
    request.pipe(passed);
  };
}

module.exports = config;

const { getDefaultConfig } = require('expo/metro-config');
const http = require('node:http');

const config = getDefaultConfig(__dirname);

// pdf-lib asks for tslib's helpers as ES modules have them.
const tslib = require.resolve('tslib/tslib.es6.js');
config.resolver.resolveRequest = (context, name, platform) =>
  name === 'tslib' ? { type: 'sourceFile', filePath: tslib } : context.resolveRequest(context, name, platform);

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

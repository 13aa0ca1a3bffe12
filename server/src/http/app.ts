import compression from 'compression';
import express, { type Express, type RequestHandler } from 'express';
import expressStaticGzip from 'express-static-gzip';
import helmet from 'helmet';
import { existsSync } from 'node:fs';
import path from 'node:path';
import type { Logger } from 'pino';
import { pinoHttp } from 'pino-http';
import type { JobStore } from '../db/jobStore';
import type { PhotoFolder } from '../db/photoFolder';
import type { RackStore } from '../db/rackStore';
import { onlyMeantForUs } from '../access/meantForUs';
import { LOOPBACK, nameIn, onlyOwnPages } from '../access/ownPages';
import { limitRequests } from '../access/limits';
import type { Pairing } from '../access/pairing';
import { onlyKnown, whoAsks } from '../access/whoAsks';
import type { HomeServer } from '../home/homeServer';
import { trustPage } from '../home/trustPage';
import type { PlanPool } from '../planning/planPool';
import type { Storage } from '../db/storage';
import { accessRoutes } from '../routes/access';
import { everythingRoutes } from '../routes/everything';
import { deviceRoutes } from '../routes/devices';
import { instrumentRoutes } from '../routes/instruments';
import { photoRoutes } from '../routes/photos';
import { jobRoutes } from '../routes/jobs';
import { planRoutes } from '../routes/plan';
import { rackRoutes } from '../routes/rack';
import { supplierRoutes } from '../routes/suppliers';
import { PRACTICE_DEVICES } from '../stand-ins/practice';
import { PRACTICE_SUPPLIER } from '../stand-ins/practiceSupplier';
import { errorHandler, noSuchRoute } from './errors';

export interface AppOptions {
  readonly storage: Storage;
  readonly store: JobStore;
  readonly rack: RackStore;
  readonly photos: PhotoFolder;
  readonly plans: PlanPool;
  /** Identity of this server. */
  readonly identity: string;
  /** Whether the server answers to a name. */
  readonly isOwnHost: (name: string) => boolean;
  readonly pairing: Pairing;
  /** Where phones reach the server, and what they must trust; null while it is for this computer alone. */
  readonly home: HomeServer | null;
  /** Proxies whose word on who asks is taken, as Express knows them: how many, or their addresses. */
  readonly trustProxy?: number | string | undefined;
  readonly log: Logger;
  /** Folder of the built web app; left away, only the interface is served. */
  readonly webFolder?: string | undefined;
}

/** Requests of devices that are not let in are small. */
const OPEN_JSON_LIMIT = '10kb';
const JSON_LIMIT = '2mb';
const A_YEAR = '365d';

/** The whole server: the interface under `/api`, and the built web app beside it. */
export function createApp(options: AppOptions): Express {
  const { storage, store, rack, photos, plans, identity, isOwnHost, log, webFolder } = options;
  const { pairing, home, trustProxy } = options;
  const app = express();
  app.disable('x-powered-by');
  if (trustProxy !== undefined) app.set('trust proxy', trustProxy);
  app.use(pinoHttp({ logger: log, autoLogging: { ignore: (request) => !request.url?.startsWith('/api') } }));
  app.use(
    helmet({
      contentSecurityPolicy: {
        useDefaults: false,
        directives: {
          defaultSrc: ["'self'"],
          // The solver of cutting layouts is machine code for browsers.
          scriptSrc: ["'self'", "'wasm-unsafe-eval'"],
          workerSrc: ["'self'", 'blob:'],
          // The interface's stylesheets are made in the page.
          styleSrc: ["'self'", "'unsafe-inline'"],
          imgSrc: ["'self'", 'data:', 'blob:'],
          fontSrc: ["'self'", 'data:'],
          connectSrc: ["'self'"],
          objectSrc: ["'none'"],
          baseUri: ["'self'"],
          frameAncestors: ["'none'"],
          formAction: ["'self'"],
        },
      },
      strictTransportSecurity: false,
    }),
  );
  app.use(withoutVainHeaders);
  app.use(onlyOwnPages(isOwnHost));
  app.use(compression());

  if (home) app.use('/trust', trustPage(home));

  const api = express.Router();
  api.use((_request, response, next) => {
    response.set('Cache-Control', 'no-store');
    next();
  });
  api.use(whoAsks({ pairing, isProxied: trustProxy !== undefined }));
  api.use(limitRequests());
  api.use(onlyMeantForUs(identity));
  const addresses = () => home?.addresses() ?? null;
  api.use('/access', json(OPEN_JSON_LIMIT), accessRoutes(pairing, addresses));
  api.use(onlyKnown);
  // What is in a photo is not JSON, whatever it is said to be.
  api.use('/photos', photoRoutes(photos));
  api.use('/everything', everythingRoutes(storage, photos));
  api.use(json(JSON_LIMIT));
  api.get('/health', (_request, response) => {
    response.json({ ok: true });
  });
  api.use('/jobs', jobRoutes(store));
  api.use('/plan', planRoutes(plans));
  api.use('/instruments', instrumentRoutes(store));
  api.use('/rack', rackRoutes(rack));
  api.use('/suppliers', supplierRoutes([PRACTICE_SUPPLIER]));
  api.use('/devices', deviceRoutes(PRACTICE_DEVICES));
  api.use(noSuchRoute);
  app.use('/api', api);

  if (webFolder && existsSync(path.join(webFolder, 'index.html'))) serveWeb(app, webFolder);
  app.use(errorHandler(log));
  return app;
}

/** Takes back headers of which browsers complain on a page that is neither encrypted nor of this machine. */
const withoutVainHeaders: RequestHandler = (request, response, next) => {
  if (!request.secure && !LOOPBACK.includes(nameIn(request.host ?? ''))) {
    response.removeHeader('Cross-Origin-Opener-Policy');
    response.removeHeader('Origin-Agent-Cluster');
  }
  next();
};

const json = (limit: string) => express.json({ limit, type: ['json', 'application/json'] });

/**
 * Serves the built web app. Browsers keep files that are named by their contents for good, and ask for the page itself
 * each time. Files that the build compressed are sent as the build left them.
 */
function serveWeb(app: Express, webFolder: string): void {
  const files = (folder: string, serveStatic: expressStaticGzip.ExpressStaticGzipOptions['serveStatic']) =>
    expressStaticGzip(folder, { enableBrotli: true, orderPreference: ['br', 'gz'], index: false, serveStatic });
  const kept = { immutable: true, maxAge: A_YEAR, fallthrough: false };
  app.use('/_expo', files(path.join(webFolder, '_expo'), kept));
  app.use('/assets', files(path.join(webFolder, 'assets'), kept));
  app.use(files(webFolder, { maxAge: 0 }));
  app.get('/{*path}', (_request, response) => {
    response.set('Cache-Control', 'no-cache');
    response.sendFile(path.join(webFolder, 'index.html'));
  });
}

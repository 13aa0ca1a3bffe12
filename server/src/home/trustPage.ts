import { Router } from 'express';
import type { X509Certificate } from 'node:crypto';
import { say, type PlainKey } from '../words';
import type { HomeServer } from './homeServer';

/** Where the authority's certificate is handed out, below the page. */
const FILE = 'dormer-authority.crt';

/** A page over plain HTTP that hands out the authority's certificate, with what to press on each kind of device. */
export function trustPage(home: Pick<HomeServer, 'authority' | 'addresses'>): Router {
  const router = Router();
  router.get('/', (_request, response) => {
    const certificate = home.authority();
    const { addresses, fingerprint } = home.addresses();
    const contents = certificate && fingerprint ? needed(nameOf(certificate), fingerprint) : NOT_NEEDED;
    response.set('Cache-Control', 'no-store').type('html');
    response.send(pageOf(contents + opens(addresses)));
  });
  router.get(`/${FILE}`, (_request, response, next) => {
    const certificate = home.authority();
    if (!certificate) return next();
    response.set('Cache-Control', 'no-store');
    response.set('Content-Disposition', `attachment; filename="${FILE}"`);
    response.type('application/x-x509-ca-cert').send(certificate.raw);
  });
  return router;
}

const KINDS: readonly (readonly [name: string, steps: readonly string[]])[] = [
  [
    say('trust.ios'),
    [say('trust.ios.browser'), say('trust.ios.download'), say('trust.ios.install'), say('trust.ios.trust')],
  ],
  [
    say('trust.android'),
    [say('trust.download'), say('trust.android.search'), say('trust.android.else'), say('trust.android.install')],
  ],
  [say('trust.windows'), [say('trust.windows.open'), say('trust.windows.install'), say('trust.windows.store')]],
  [say('trust.mac'), [say('trust.mac.open'), say('trust.mac.trust')]],
  [say('trust.other'), [say('trust.download'), say('trust.other.import')]],
];

function needed(name: string, fingerprint: string): string {
  const kinds = KINDS.map(
    ([kind, steps]) => `<details><summary>${escaped(kind)}</summary><ol>${steps.map(stepOf).join('')}</ol></details>`,
  );
  return `
    <p>${said('trust.why')}</p>
    <p class="caution"><strong>${said('trust.caution')}</strong> ${said('trust.hazard')}</p>
    <p class="print">${escaped(fingerprint)}</p>
    <p><a class="button" href="/trust/${FILE}" download>${said('trust.button')}</a></p>
    <h2>${said('trust.steps')}</h2>
    ${kinds.join('\n')}
    <p>${escaped(say('trust.remove', { name }))}</p>
    <h2>${said('trust.then')}</h2>`;
}

/** Words of the page, safe to stand in it. */
const said = (key: PlainKey): string => escaped(say(key));

const stepOf = (step: string): string => `<li>${escaped(step)}</li>`;

const NOT_NEEDED = `<p>${say('trust.notNeeded')}</p>`;

function opens(addresses: readonly string[]): string {
  const [first = '', ...others] = addresses.map(escaped);
  const links = others.map((address) => `<a href="${address}/">${address}</a>`);
  const more = links.length > 0 ? `<p>${say('trust.others', { addresses: links.join(', ') })}</p>` : '';
  return `<p><a class="button" href="${first}/">${said('trust.open')}</a></p>${more}`;
}

/** Name of a certificate as a device shows it. */
const nameOf = (certificate: X509Certificate): string => certificate.subject.replace(/^CN=/, '');

const escaped = (text: string): string => text.replace(/[&<>"']/g, (letter) => `&#${letter.charCodeAt(0)};`);

const pageOf = (contents: string): string => `<!doctype html>
<html lang="en">
  <head>
    <meta charset="utf-8" />
    <meta name="viewport" content="width=device-width, initial-scale=1" />
    <meta name="color-scheme" content="light dark" />
    <title>${said('trust.title')}</title>
    <style>${STYLE}</style>
  </head>
  <body>
    <main>
      <h1>${said('trust.title')}</h1>
      ${contents}
    </main>
  </body>
</html>
`;

const STYLE = `
  :root { --paper: #f5f2ea; --pencil: #23282b; --rule: #c9c3b4; --action: #17594a; --on: #ffffff; --stop: #a3261b; }
  @media (prefers-color-scheme: dark) {
    :root { --paper: #14191b; --pencil: #ece7db; --rule: #4a5357; --action: #7fc8b3; --on: #0c1a16; --stop: #ff9d8f; }
  }
  body { margin: 0; background: var(--paper); color: var(--pencil); font: 18px/1.5 system-ui, sans-serif; }
  main { max-width: 36rem; margin: 0 auto; padding: 1.5rem 1rem 4rem; }
  h1 { font-size: 1.8rem; line-height: 1.2; margin: 0 0 1rem; }
  h2 { font-size: 1.2rem; margin: 2rem 0 0.5rem; }
  .button { display: block; padding: 0.9rem 1rem; border-radius: 10px; background: var(--action); color: var(--on);
    font-weight: 600; text-align: center; text-decoration: none; }
  .caution { border-left: 4px solid var(--stop); padding-left: 0.8rem; }
  a:not(.button) { color: var(--action); overflow-wrap: anywhere; }
  .print { font: 15px/1.6 ui-monospace, monospace; overflow-wrap: anywhere; }
  details { border-top: 1px solid var(--rule); }
  summary { padding: 0.9rem 0; font-weight: 600; cursor: pointer; }
  li { margin-bottom: 0.5rem; }
`;

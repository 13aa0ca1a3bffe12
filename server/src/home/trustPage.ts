import { Router } from 'express';
import type { X509Certificate } from 'node:crypto';
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
    'iPhone or iPad',
    [
      'Open this page in the browser that came with the device.',
      'Press “Download certificate” above, then “Allow”.',
      'Open Settings, press “Profile downloaded”, then “Install” until the profile is installed.',
      'In Settings, open General, About, Certificate Trust Settings. Switch “Dormer on …” on.',
    ],
  ],
  [
    'Android phone or tablet',
    [
      'Press “Download certificate” above.',
      'Open Settings and search for “CA certificate”.',
      'If the search finds nothing: open Security, Encryption and credentials, Install a certificate, CA certificate.',
      'Press “Install anyway”, enter the screen lock, and choose the file you downloaded.',
    ],
  ],
  [
    'Windows computer',
    [
      'Press “Download certificate” above and open the file.',
      'Press “Install certificate”, choose “Current user”, then “Place all certificates in the following store”.',
      'Choose “Trusted Root Certification Authorities” and finish.',
    ],
  ],
  [
    'Mac',
    [
      'Press “Download certificate” above and open the file: it goes into the login keychain.',
      'In Keychain Access, open “Dormer on …”, open “Trust”, and choose “Always trust”.',
    ],
  ],
  [
    'Another computer',
    [
      'Press “Download certificate” above.',
      'In the settings of the browser, import the file as a certificate authority.',
    ],
  ],
];

function needed(name: string, fingerprint: string): string {
  const kinds = KINDS.map(
    ([kind, steps]) => `<details><summary>${escaped(kind)}</summary><ol>${steps.map(stepOf).join('')}</ol></details>`,
  );
  return `
    <p>Dormer encrypts what you send. For that, each device must trust the certificate of this Dormer once.</p>
    <p class="caution"><strong>Caution:</strong> A certificate you trust can vouch for a false site, which then reads
    what you type. This one can vouch for private addresses and names in .local only. Compare its fingerprint with the
    one that the computer shows, under “Add phone” or where Dormer was started. If they differ, do not install
    it.</p>
    <p class="print">${escaped(fingerprint)}</p>
    <p><a class="button" href="/trust/${FILE}" download>Download certificate</a></p>
    <h2>What to press</h2>
    ${kinds.join('\n')}
    <p>To stop trusting this Dormer, remove “${escaped(name)}” where you installed the certificate.</p>
    <h2>Then</h2>`;
}

const stepOf = (step: string): string => `<li>${escaped(step)}</li>`;

const NOT_NEEDED = '<p>This Dormer has a certificate that devices trust already.</p>';

const WHY_NAMES = 'An address made of numbers can change. Anything not sent yet then stays on the phone.';

function opens(addresses: readonly string[]): string {
  const [first = '', ...others] = addresses.map(escaped);
  const links = others.map((address) => `<a href="${address}/">${address}</a>`);
  const more = links.length > 0 ? `<p>Only if that address does not open: ${links.join(', ')}. ${WHY_NAMES}</p>` : '';
  return `<p><a class="button" href="${first}/">Open Dormer</a></p>${more}`;
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
    <title>Trust this Dormer</title>
    <style>${STYLE}</style>
  </head>
  <body>
    <main>
      <h1>Trust this Dormer</h1>
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

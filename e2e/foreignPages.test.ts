import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { chromium } from '@playwright/test';
import { CHROMIUM } from './playwright.config';
import { AT_ONE_SIZE, expect, test } from './person';

/** What a page tries to do to a server, from inside the browser. @returns what it got */
async function attack(base: string): Promise<string[]> {
  const tries: readonly [string, string, RequestInit][] = [
    ['read', '/api/jobs', {}],
    ['read without being told', '/api/jobs', { mode: 'no-cors' }],
    ['remove', '/api/jobs/demo-chimney-alcove', { method: 'DELETE' }],
    ['write as a form', '/api/rack', { method: 'POST', mode: 'no-cors', body: 'x=1' }],
    [
      'write as plain text',
      '/api/jobs/demo-chimney-alcove/restore',
      { method: 'POST', mode: 'no-cors', headers: { 'content-type': 'text/plain' }, body: '{}' },
    ],
    ['a photo', '/api/photos/taken', { method: 'PUT', body: 'x' }],
  ];
  const got: string[] = [];
  for (const [name, path, init] of tries) {
    try {
      const answer = await fetch(base + path, init);
      const text = await answer.text();
      if (answer.ok || text.includes('Chimney')) got.push(`${name}: ${answer.status} ${text.slice(0, 80)}`);
    } catch {
      // Refused by the browser or by the server.
    }
  }
  return got;
}

let foreign: Server;
let foreignBase: string;
test.beforeAll(async () => {
  foreign = createServer((_request, response) => {
    response.setHeader('content-type', 'text/html');
    response.end('<!doctype html><title>Elsewhere</title>');
  });
  await new Promise<void>((resolve) => foreign.listen(0, '127.0.0.1', resolve));
  foreignBase = `http://127.0.0.1:${(foreign.address() as AddressInfo).port}`;
});
test.afterAll(() => void foreign.close());

test('a page of another origin gets nothing and changes nothing', AT_ONE_SIZE, async ({ page, server }) => {
  await page.goto(foreignBase);
  expect(await page.evaluate(attack, server.base)).toEqual([]);
  const shown = await page.evaluate(
    (src) =>
      new Promise<boolean>((resolve) => {
        const frame = document.createElement('iframe');
        frame.onload = () => resolve(frame.contentDocument !== null);
        frame.src = src;
        document.body.append(frame);
      }),
    `${server.base}/`,
  );
  expect(shown).toBe(false);
  const { jobs } = await (await page.request.get(`${server.base}/api/jobs`)).json();
  expect(jobs).toHaveLength(6);
});

test('a name of someone else’s that is made to lead here gets nothing', AT_ONE_SIZE, async ({ server, page }) => {
  const { port } = new URL(server.base);
  const { launchOptions } = CHROMIUM;
  const browser = await chromium.launch({
    ...launchOptions,
    args: [...(launchOptions?.args ?? []), '--host-resolver-rules=MAP rebound.example 127.0.0.1'],
  });
  const rebound = await browser.newPage();
  const opened = await rebound.goto(`http://rebound.example:${port}/`);
  expect(opened?.status()).toBe(421);
  // To the browser it is the same origin, so nothing but the server refuses it.
  expect(await rebound.evaluate(attack, `http://rebound.example:${port}`)).toEqual([]);
  await browser.close();
  const { jobs } = await (await page.request.get(`${server.base}/api/jobs`)).json();
  expect(jobs).toHaveLength(6);
});

import { gzipSync } from 'node:zlib';
import { expect, test, withoutStoring } from './person';

const MOST_BYTES = 450_000;

test('what is loaded before the first screen stays small, and nothing comes from elsewhere', async ({
  page,
  server,
}) => {
  const scripts: Promise<Buffer>[] = [];
  const elsewhere: string[] = [];
  page.on('response', (response) => {
    if (!response.url().startsWith(server.base)) elsewhere.push(response.url());
    // The service worker fetches the rest in its own time; it is not the page.
    if (response.url().endsWith('.js') && !response.fromServiceWorker()) scripts.push(response.body());
  });
  // Nothing but the page itself: no service worker, no plan.
  await withoutStoring(page);
  await page.goto('/');
  await page.getByRole('link', { name: /Chimney alcove/ }).waitFor();
  const bytes = (await Promise.all(scripts)).map((body) => gzipSync(body, { level: 9 }).length);
  expect(bytes.length).toBeGreaterThan(1);
  const sum = bytes.reduce((total, byte) => total + byte, 0);
  test.info().annotations.push({ type: 'compressed JavaScript', description: `${sum} bytes` });
  expect(sum).toBeLessThan(MOST_BYTES);
  expect(elsewhere).toEqual([]);
});

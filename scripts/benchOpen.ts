import { chromium } from '@playwright/test';
import { gzipSync } from 'node:zlib';
import { CHROMIUM, PHONE } from '../e2e/playwright.config';
import { ServerProcess } from '../e2e/server';

/** Prints what a first visit costs: compressed JavaScript, and the time to a screen that can be used. */
const RUNS = 5;

async function main(): Promise<void> {
  const server = new ServerProcess();
  await server.up();
  const browser = await chromium.launch(CHROMIUM.launchOptions);
  const took: number[] = [];
  let loaded = 0;
  for (let i = 0; i < RUNS; i += 1) {
    // A context of its own has nothing in its cache.
    const context = await browser.newContext({ ...PHONE, serviceWorkers: 'block' });
    const page = await context.newPage();
    const scripts: Promise<Buffer>[] = [];
    page.on('response', (response) => {
      if (response.url().endsWith('.js') && !response.url().endsWith('/sw.js')) scripts.push(response.body());
    });
    const from = performance.now();
    await page.goto(server.base);
    await page.getByRole('link', { name: /Chimney alcove/ }).waitFor();
    took.push(performance.now() - from);
    const bytes = (await Promise.all(scripts)).map((body) => gzipSync(body, { level: 9 }).length);
    loaded = bytes.reduce((sum, byte) => sum + byte, 0);
    await context.close();
  }
  await browser.close();
  await server.end();
  took.sort((a, b) => a - b);
  const [least, median, most] = [took[0], took[RUNS >> 1], took.at(-1)].map((ms) => (ms ?? NaN).toFixed(0));
  process.stdout.write(`JavaScript before the first screen: ${(loaded / 1000).toFixed(1)} kB compressed\n`);
  process.stdout.write(`first visit to a usable list: median ${median} ms (${least} to ${most}, ${RUNS} runs)\n`);
}

void main();

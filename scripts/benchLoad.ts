import { chromium } from '@playwright/test';
import { readFileSync, readdirSync } from 'node:fs';
import path from 'node:path';
import { gzipSync } from 'node:zlib';
import { CHROMIUM, PHONE } from '../e2e/playwright.config';
import { Server } from '../e2e/server';

/** Prints what a first visit costs: compressed JavaScript, and the time to a screen that can be used. */
const RUNS = 5;

async function main(): Promise<void> {
  const folder = path.resolve('app/dist/_expo/static/js/web');
  for (const file of readdirSync(folder)) {
    const bytes = gzipSync(readFileSync(path.join(folder, file)), { level: 9 }).length;
    process.stdout.write(`${file.replace(/-[0-9a-f]{32}/, '')}: ${(bytes / 1000).toFixed(1)} kB compressed\n`);
  }
  const server = await Server.start();
  const browser = await chromium.launch(CHROMIUM.launchOptions);
  const took: number[] = [];
  for (let i = 0; i < RUNS; i += 1) {
    // A context of its own has nothing in its cache.
    const context = await browser.newContext(PHONE);
    const page = await context.newPage();
    const from = performance.now();
    await page.goto(server.base);
    await page.getByRole('link', { name: /Chimney alcove/ }).waitFor();
    took.push(performance.now() - from);
    await context.close();
  }
  await browser.close();
  await server.end();
  took.sort((a, b) => a - b);
  const [least, median, most] = [took[0], took[RUNS >> 1], took.at(-1)].map((ms) => (ms ?? NaN).toFixed(0));
  process.stdout.write(`first visit to a usable list: median ${median} ms (${least} to ${most}, ${RUNS} runs)\n`);
}

void main();

import { expect, test } from '@playwright/test';
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { gzipSync } from 'node:zlib';

const dist = path.resolve(__dirname, '../app/dist');
const MOST_BYTES = 450_000;

test('what must be loaded before the first screen stays small', () => {
  const page = readFileSync(path.join(dist, 'index.html'), 'utf8');
  const scripts = [...page.matchAll(/<script src="([^"]+)"/g)].map((found) => found[1] as string);
  expect(scripts.length).toBeGreaterThan(0);
  const bytes = scripts.reduce(
    (sum, one) => sum + gzipSync(readFileSync(path.join(dist, one)), { level: 9 }).length,
    0,
  );
  expect(bytes).toBeLessThan(MOST_BYTES);
});

test('the page asks for nothing from elsewhere', () => {
  const page = readFileSync(path.join(dist, 'index.html'), 'utf8');
  expect(page).not.toMatch(/(src|href)="(https?:)?\/\//);
});

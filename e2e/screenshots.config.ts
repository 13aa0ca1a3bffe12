import { defineConfig } from '@playwright/test';
import { CHROMIUM } from './playwright.config';

/** Makes the pictures in docs/screenshots/ from the demo data. */
export default defineConfig({
  testDir: '.',
  testMatch: 'screenshots.ts',
  outputDir: '../test-results',
  workers: 1,
  reporter: [['list']],
  use: CHROMIUM,
});

import { existsSync } from 'node:fs';
import { defineConfig, devices, type PlaywrightTestConfig } from '@playwright/test';

/** Debian's browsers. The first has no window and takes half the work for each page. */
const BROWSERS = ['/usr/bin/chromium-headless-shell', '/usr/bin/chromium'];

/** Debian's browser, with nothing that reaches out of the machine. */
export const CHROMIUM: NonNullable<PlaywrightTestConfig['use']> = {
  browserName: 'chromium',
  launchOptions: {
    executablePath: BROWSERS.find((file) => existsSync(file)),
    args: [
      '--no-sandbox',
      '--disable-gpu',
      '--disable-quic',
      '--no-first-run',
      '--disable-background-networking',
      '--disable-component-update',
      '--disable-sync',
    ],
  },
  // The words, dates and units of the first screen follow it.
  locale: 'en-GB',
  permissions: ['clipboard-read', 'clipboard-write'],
};

export const PHONE = { viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true } as const;
export const WIDE = { viewport: { width: 1280, height: 800 } } as const;

export default defineConfig({
  testDir: '.',
  testMatch: '*.test.ts',
  outputDir: '../test-results',
  // Load the built server as the build left it. Compiling it again takes seconds in every worker.
  build: { external: ['**/server/dist/**'] },
  // A busy machine takes long. Shorter limits fail there although the app is sound.
  timeout: 480_000,
  expect: { timeout: 90_000 },
  fullyParallel: true,
  workers: 2,
  forbidOnly: Boolean(process.env.CI),
  reporter: [['list']],
  // A trace slows every step by a fifth; `--trace retain-on-failure` has one where it is wanted.
  use: { ...CHROMIUM, trace: 'off' },
  projects: [
    { name: 'phone', use: { ...devices['Desktop Chrome'], ...CHROMIUM, ...PHONE } },
    { name: 'wide', grepInvert: /@one-size/, use: { ...devices['Desktop Chrome'], ...CHROMIUM, ...WIDE } },
  ],
});

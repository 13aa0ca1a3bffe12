import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { chromium, type BrowserContext, type Page } from '@playwright/test';
import { CHROMIUM, PHONE } from './playwright.config';

/** A browser with a profile of its own, which can be killed and started again with what it had kept. */
export class OwnBrowser {
  private readonly profile = mkdtempSync(path.join(tmpdir(), 'dormer-profile-'));
  private context: BrowserContext | null = null;

  /** @param args further arguments of Chromium */
  constructor(private readonly args: readonly string[] = []) {}

  async open(): Promise<Page> {
    const { launchOptions } = CHROMIUM;
    const context = await chromium.launchPersistentContext(this.profile, {
      ...launchOptions,
      ...PHONE,
      args: [...(launchOptions?.args ?? []), '--remote-debugging-port=0', ...this.args],
    });
    this.context = context;
    return context.pages()[0] ?? (await context.newPage());
  }

  /** As a battery that runs out: no page hears of it. */
  async kill(page: Page): Promise<void> {
    const gone = new Promise((resolve) => this.context?.once('close', resolve));
    const session = await page.context().newCDPSession(page);
    await session.send('Browser.crash' as 'Browser.close').catch(() => undefined);
    await gone;
    this.context = null;
  }

  async end(): Promise<void> {
    await this.context?.close().catch(() => undefined);
    rmSync(this.profile, { recursive: true, force: true, maxRetries: 5, retryDelay: 200 });
  }
}

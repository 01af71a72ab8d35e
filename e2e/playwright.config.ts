import { defineConfig } from '@playwright/test';
import { BROWSER } from './browser.ts';

export default defineConfig({
  testDir: '.',
  outputDir: '../test-results',
  // How long to wait for what does not come; a machine that others use too may stand still for some seconds.
  timeout: 180_000,
  expect: { timeout: 20_000 },
  // Much of a journey is waiting: a third one fills what two leave of two cores.
  workers: 3,
  fullyParallel: true,
  // A second try where the machine is not ours: one that needs it is told of, and what stood on the page printed.
  retries: process.env.CI ? 1 : 0,
  forbidOnly: Boolean(process.env.CI),
  reporter: process.env.WIDE_SHELF_REPORT
    ? [['list'], ['json', { outputFile: process.env.WIDE_SHELF_REPORT }]]
    : 'list',
  use: {
    viewport: { width: 1280, height: 800 },
    locale: 'en-GB',
    actionTimeout: 30_000,
    launchOptions: BROWSER,
  },
});

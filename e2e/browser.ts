import type { LaunchOptions } from '@playwright/test';

/** How Debian's headless Chromium is started; it has no window of its own, which a journey would pay for. */
export const BROWSER: LaunchOptions = {
  executablePath: '/usr/bin/chromium-headless-shell',
  args: [
    '--no-sandbox',
    '--disable-gpu',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-quic',
    '--no-first-run',
    // Letters stand where they are measured to, as on every screen of today, not on whole pixels.
    '--font-render-hinting=none',
  ],
};

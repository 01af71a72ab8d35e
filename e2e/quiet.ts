import type { Page } from '@playwright/test';

const QUIET_MS = 500;

/**
 * Waits until a page is read whole and has fetched nothing for half a second, which the page itself is asked for:
 * 'networkidle' is never said of some pages that a slowed processor is still reading when they have fetched all.
 */
export const quiet = (page: Page) =>
  page.waitForFunction(
    (ms) =>
      document.readyState === 'complete' &&
      performance.now() -
        Math.max(
          ...performance
            .getEntriesByType('navigation')
            .map((one) => (one as PerformanceNavigationTiming).loadEventEnd),
          ...performance
            .getEntriesByType('resource')
            .map((one) => (one as PerformanceResourceTiming).responseEnd),
        ) >
        ms,
    QUIET_MS,
  );

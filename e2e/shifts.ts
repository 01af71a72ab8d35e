import type { Page } from '@playwright/test';

/** Adds up the layout shift of a page from its first paint on. */
export const watchShifts = (page: Page) =>
  page.addInitScript(() => {
    (window as unknown as { moved: number }).moved = 0;
    new PerformanceObserver((list) => {
      for (const entry of list.getEntries())
        (window as unknown as { moved: number }).moved += (entry as unknown as { value: number }).value;
    }).observe({ type: 'layout-shift', buffered: true });
  });
/** What it comes to by now. */
export const shifted = (page: Page) => page.evaluate(() => (window as unknown as { moved: number }).moved);

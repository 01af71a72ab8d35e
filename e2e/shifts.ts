import type { Page } from '@playwright/test';

interface Shift extends PerformanceEntry {
  value: number;
  sources: { node: Node | null; previousRect: DOMRectReadOnly; currentRect: DOMRectReadOnly }[];
}

interface Watched {
  moved: number;
  /** What moved, from where to where. */
  movers: string[];
}

/** Adds up the layout shift of a page from its first paint on. */
export const watchShifts = (page: Page) =>
  page.addInitScript(() => {
    const watched = window as unknown as Watched;
    watched.moved = 0;
    watched.movers = [];
    new PerformanceObserver((list) => {
      for (const entry of list.getEntries() as Shift[]) {
        watched.moved += entry.value;
        for (const { node, previousRect: was, currentRect: is } of entry.sources) {
          const one = node instanceof Element ? node : node?.parentElement;
          watched.movers.push(
            `${entry.value.toFixed(5)}: <${one?.tagName} class="${one?.className}"> "${one?.textContent?.slice(0, 40)}" from ${was.x},${was.y} ${was.width}×${was.height} to ${is.x},${is.y} ${is.width}×${is.height}`,
          );
        }
      }
    }).observe({ type: 'layout-shift', buffered: true });
  });

/** What it comes to by now. */
export const shifted = (page: Page) => page.evaluate(() => (window as unknown as Watched).moved);

/** What has moved by now, each in words. */
export const movers = (page: Page) => page.evaluate(() => (window as unknown as Watched).movers);

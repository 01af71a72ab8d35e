import type { Page } from '@playwright/test';

/** What has not happened by then will not happen. */
const TOO_LONG_MS = 15_000;

/** Times something that happens in the page: from the next such event until `done` holds and has been painted, ms. */
export async function timeInPage(
  page: Page,
  event: 'pointerdown' | 'pointermove' | 'keydown',
  done: string,
  press: () => Promise<void>,
): Promise<number> {
  await page.evaluate(
    ([name, condition, tooLong]) => {
      const holds = new Function(`return (${condition})`) as () => boolean;
      const scope = window as unknown as { measured: Promise<number> };
      scope.measured = new Promise((resolve, reject) => {
        setTimeout(() => reject(new Error(`Not so after ${tooLong} ms: ${condition}`)), tooLong);
        const begin = () => {
          const start = performance.now();
          const look = () => {
            if (!holds()) return requestAnimationFrame(look);
            // The frame that shows it is painted before this message arrives.
            const channel = new MessageChannel();
            channel.port1.onmessage = () => resolve(performance.now() - start);
            channel.port2.postMessage(null);
            return undefined;
          };
          requestAnimationFrame(look);
        };
        // What happens in a frame is heard there.
        const frames = [...document.querySelectorAll('iframe')].flatMap((frame) => frame.contentWindow ?? []);
        const heard = new AbortController();
        for (const where of [window, ...frames])
          where.addEventListener(
            name,
            () => {
              heard.abort();
              begin();
            },
            { capture: true, signal: heard.signal },
          );
      });
    },
    [event, done, TOO_LONG_MS] as const,
  );
  await press();
  return page.evaluate(() => (window as unknown as { measured: Promise<number> }).measured);
}

export const timePress = (page: Page, done: string, press: () => Promise<void>): Promise<number> =>
  timeInPage(page, 'pointerdown', done, press);

export const framesOf = `[...document.querySelectorAll('iframe')].map((frame) => frame.contentDocument)`;

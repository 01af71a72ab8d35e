import type { Browser, Page } from '@playwright/test';
import { openLine, signIn } from '../e2e/store.ts';
import { atMost, distribution, type Figure } from './figure.ts';
import { StaticFrames } from './staticFrames.ts';

/** What has not happened by then will not happen. */
const TOO_LONG_MS = 15_000;

/** Times something that happens in the page: from the next such event until `done` holds and has been painted, ms. */
export async function timeInPage(
  page: Page,
  event: 'pointerdown' | 'keydown',
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
        window.addEventListener(name, begin, { capture: true, once: true });
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

/** The studio as an owner has it before them: four frames of the home page at 1280 by 800. */
export async function studioFigures(browser: Browser, url: string): Promise<Figure[]> {
  // The studio forbids code made from text, which is how the conditions below come in.
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 }, bypassCSP: true });
  // The compiler that runs this names inner functions by a helper that the page does not have.
  await page.addInitScript('globalThis.__name = (named) => named');
  let scriptBytes = 0;
  page.on('response', async (response) => {
    if (response.request().resourceType() !== 'script') return;
    const { responseBodySize } = await response.request().sizes();
    scriptBytes += responseBodySize;
  });
  await signIn(page, { url });
  // What comes later, when another place or line is opened, is no part of the first load.
  await page.waitForLoadState('networkidle');
  const firstLoad = scriptBytes;
  await openLine(page, 'Columns');
  const items = page.getByRole('textbox', { name: 'Items' });
  await items.fill('24');
  await items.press('Enter');
  await page.waitForFunction(
    `${framesOf}.every((inner) => inner.querySelectorAll('[data-shelf="new-from-the-kiln"] .card').length === 24)`,
  );

  // The pictures are there, as they are for an owner who looks before pressing.
  await page.waitForLoadState('networkidle');

  const edits: number[] = [];
  const across = page.getByRole('textbox', { name: 'Columns on Laptop' });
  const press = (up: boolean) =>
    page.getByRole('button', { name: `Columns on Laptop: ${up ? 'more' : 'fewer'}` }).click();
  const still = await StaticFrames.beside(
    page,
    () => press(true),
    () => press(false),
  );
  for (let i = 0; i < 60; i += 1) {
    const up = i % 2 === 0;
    const value = Number(await across.inputValue()) + (up ? 1 : -1);
    const done = `${framesOf}.slice(2).every((inner) => String(inner.querySelector('[data-shelf="new-from-the-kiln"] .cards').computedStyleMap().get('grid-template-columns')).includes('repeat(${value},'))`;
    edits.push(await timePress(page, done, () => press(up)));
    await still.press(done);
  }
  const ratios = await still.ratios('Edit to paint, four frames of 24 cards', edits);

  await openLine(page, 'Shows');
  await page.getByText('Limit', { exact: true }).click();
  const limit = page.getByRole('textbox', { name: 'At most' });
  await limit.fill('2');
  await limit.press('Enter');
  const changes: number[] = [];
  for (let wanted = 3; wanted <= 22; wanted += 1) {
    const done = `${framesOf}.every((inner) => inner.querySelectorAll('[data-shelf="new-from-the-kiln"] .card').length === ${wanted})`;
    changes.push(
      await timePress(page, done, () => page.getByRole('button', { name: 'At most: more' }).click()),
    );
  }
  await page.close();
  return [
    distribution('Edit to paint, four frames of 24 cards', 'ms', edits, 80),
    ...ratios,
    distribution('Change of what is shown, server asked', 'ms', changes, 250),
    atMost('Studio, first load of script, gzipped', 'KB', firstLoad / 1024, 250),
  ];
}

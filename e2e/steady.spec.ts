import { quiet } from './quiet.ts';
import { movers, shifted, watchShifts } from './shifts.ts';
import { expect, test } from './store.ts';

for (const width of [390, 768, 1100, 1440])
  test(`nothing moves while lists, searches and products come in, ${width} px wide`, async ({
    page,
    store,
  }) => {
    await watchShifts(page);
    await page.setViewportSize({ width, height: 900 });
    for (const path of [
      '/shop',
      '/shop?glaze=fogbank&density=dense&view=grid',
      '/category/vases?view=list',
      '/search?q=tabelware',
      '/product/samphire-pouring-jug',
    ]) {
      await page.goto(store.url + path);
      await quiet(page);
      // As far as anybody would scroll, so that what is fetched late is there too.
      await page.evaluate(async () => {
        for (let y = 0; y < document.body.scrollHeight; y += 600) {
          window.scrollTo(0, y);
          await new Promise((resolve) => setTimeout(resolve, 30));
        }
      });
      expect(await movers(page), path).toEqual([]);
      expect(await shifted(page), path).toBe(0);
    }
  });

for (const width of [390, 1440])
  test(`a slow machine shows what is drawn by its parts once it is whole, so that nothing makes way for what comes after, ${width} px wide`, async ({
    page,
    store,
  }) => {
    await watchShifts(page);
    await page.setViewportSize({ width, height: 900 });
    const browser = await page.context().newCDPSession(page);
    for (const path of [
      '/',
      '/shop',
      '/product/samphire-pouring-jug',
      '/category/vases',
      '/category/vases?view=list',
      '/search?q=tabelware',
      '/page/trade',
      '/saved',
    ]) {
      await browser.send('Emulation.setCPUThrottlingRate', { rate: 8 });
      await page.goto(store.url + path);
      await browser.send('Emulation.setCPUThrottlingRate', { rate: 1 });
      await quiet(page);
      expect(await movers(page), path).toEqual([]);
    }
  });

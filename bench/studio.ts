import type { Browser } from '@playwright/test';
import { openLine, signIn } from '../e2e/store.ts';
import { draggedFigures } from './dragging.ts';
import { atMost, distribution, type Figure } from './figure.ts';
import { houseColourFigures } from './houseColour.ts';
import { StaticFrames } from './staticFrames.ts';
import { framesOf, timePress } from './timing.ts';

/** The studio as an owner has it before them: four frames of the home page at 1280 by 800. */
export async function studioFigures(browser: Browser, url: string): Promise<Figure[]> {
  // The studio forbids code made from text, which is how the conditions below come in.
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 }, bypassCSP: true });
  // The compiler that runs this names inner functions by a helper that the page does not have.
  await page.addInitScript('globalThis.__name = (named) => named');
  const scripts = new Map<string, number>();
  page.on('response', async (response) => {
    if (response.request().resourceType() !== 'script') return;
    const { responseBodySize } = await response.request().sizes();
    scripts.set(new URL(response.url()).pathname, responseBodySize);
  });
  await signIn(page, { url });
  // The page itself names what it cannot begin without; places and lines are fetched by that.
  await page.waitForLoadState('networkidle');
  const document = await (await page.request.get(`${url}/studio/`)).text();
  const named = [...document.matchAll(/(?:src|href)="([^"]+\.js)"/g)].map(([, path]) => scripts.get(path!)!);
  const kilobytes = (sizes: Iterable<number>) => [...sizes].reduce((sum, size) => sum + size, 0) / 1024;
  const [firstLoad, arrange] = [kilobytes(named), kilobytes(scripts.values())];
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

  const dragged = await draggedFigures(page);

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
  const colours = await houseColourFigures(page);
  await page.close();
  return [
    distribution('Edit to paint, four frames of 24 cards', 'ms', edits, 80),
    ...ratios,
    ...colours,
    ...dragged,
    distribution('Change of what is shown, server asked', 'ms', changes, 250),
    atMost('Studio, first load of script, gzipped', 'KB', firstLoad, 250),
    atMost('Studio, the first load and the Arrange place, gzipped', 'KB', arrange, 250),
  ];
}

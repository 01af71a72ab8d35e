import type { Page } from '@playwright/test';
import { frameAt, openLine } from '../e2e/store.ts';
import { distribution, type Figure } from './figure.ts';
import { framesOf, timeInPage } from './timing.ts';

const SHELF = '[data-shelf="new-from-the-kiln"]';
const TIMES = 60;
/** A key changes spacing by so much, px. */
const SPACING_PX = 4;
/** So far a pointer moves at once, px; far enough that every movement is another size. */
const STRIDE_PX = 6;
/** Movements in one direction before the pointer turns back. */
const WAY = 10;

/** A number that goes up and down quickly: the spacing by keys that are held, the size of a picture by its edge. */
export async function draggedFigures(page: Page): Promise<Figure[]> {
  await openLine(page, 'Columns');
  const spacing: number[] = [];
  const gap = page.getByRole('textbox', { name: 'Gap between columns, px on Laptop' });
  await gap.focus();
  for (let i = 0; i < TIMES; i += 1) {
    const up = Math.floor(i / WAY) % 2 === 0;
    const wanted = Number(await gap.inputValue()) + (up ? SPACING_PX : -SPACING_PX);
    const done = `${framesOf}.slice(2).every((inner) => String(inner.querySelector('${SHELF} .cards').computedStyleMap().get('column-gap')) === '${wanted}px')`;
    spacing.push(
      await timeInPage(page, 'keydown', done, () => page.keyboard.press(up ? 'ArrowUp' : 'ArrowDown')),
    );
  }

  await openLine(page, 'Card');
  const laptop = await frameAt(page, 'Laptop');
  await page.getByRole('button', { name: /^Laptop.*: bring near/ }).click();
  const picture = laptop.locator(`${SHELF} .part-picture`).first();
  await picture.scrollIntoViewIfNeeded();
  const { x, y, width, height } = (await picture.boundingBox())!;
  const sizes: number[] = [];
  const heightIn = `${framesOf}.map((inner) => inner.querySelector('${SHELF} .part-picture')).filter(Boolean).map((one) => one.getBoundingClientRect().height).sort((a, b) => b - a)[0]`;
  await page.keyboard.down('Shift');
  let at = y + height + 1;
  await page.mouse.move(x + width / 2, at);
  await page.mouse.down();
  for (let i = 0; i < TIMES; i += 1) {
    const before = await page.evaluate<number>(heightIn);
    at += Math.floor(i / WAY) % 2 === 0 ? -STRIDE_PX : STRIDE_PX;
    sizes.push(
      await timeInPage(page, 'pointermove', `Math.abs(${heightIn} - ${before}) > ${STRIDE_PX / 2}`, () =>
        page.mouse.move(x + width / 2, at),
      ),
    );
  }
  await page.mouse.up();
  await page.keyboard.up('Shift');
  return [
    distribution('Spacing stepped by keys, to four frames', 'ms', spacing, 80),
    distribution('A picture dragged to a size, to the near frame', 'ms', sizes, 80),
  ];
}

import type { Page } from '@playwright/test';
import { distribution, type Figure } from './figure.ts';
import { framesOf, timeInPage } from './timing.ts';

const TIMES = 40;
/** The colour of the demo store's text. */
const COLOUR = '#1f2a44';

/** A colour of the house, which all that follows it has at once: taken back and set again, with four frames in sight. */
export async function houseColourFigures(page: Page): Promise<Figure[]> {
  await page.getByRole('link', { name: 'House style' }).click();
  await page
    .getByRole('region', { name: 'Colours of the store' })
    .getByRole('button', { name: new RegExp(`^Accent.* ${COLOUR}$`) })
    .click();
  await page.getByRole('link', { name: 'Arrange' }).click();
  // All four have room beside one another.
  await page.setViewportSize({ width: 1920, height: 1080 });
  const is = (set: boolean) =>
    `${framesOf}.length === 4 && ${framesOf}.every((inner) => { const region = inner.querySelector('.region'); return region && ${set ? '' : '!'}(getComputedStyle(region).getPropertyValue('--accent').trim() === '${COLOUR}'); })`;
  await page.waitForFunction(is(true));
  await page.waitForLoadState('networkidle');
  const taken: number[] = [];
  for (let i = 0; i < TIMES; i += 1) {
    const set = i % 2 === 1;
    taken.push(
      await timeInPage(page, 'keydown', is(set), () =>
        page.keyboard.press(set ? 'Control+Shift+z' : 'Control+z'),
      ),
    );
  }
  return [distribution('House colour changed, to the last of four frames', 'ms', taken, 80)];
}

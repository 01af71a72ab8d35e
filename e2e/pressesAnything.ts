import type { Locator, Page } from '@playwright/test';
import fc from 'fast-check';

const MOST = 2 ** 30;

/** A row of random numbers from 0 up to 1 that is the same for the same beginning. */
export function numbersFrom(seed: number): () => number {
  const row = fc.sample(fc.noBias(fc.nat(MOST - 1)), { seed, numRuns: 2_000 }).values();
  return () => row.next().value! / MOST;
}

/** Leads out of the studio, or starts what is tried elsewhere. */
const LEFT_ALONE = /^(Sign out|See the live store|Publish|Account of|Load again)/;
const KEYS = [
  'Escape',
  'Tab',
  'Enter',
  'ArrowDown',
  'ArrowRight',
  'Home',
  'Delete',
  ' ',
  'Control+z',
  'Control+y',
];
const WORDS = ['7', '-3', '1e9', '', 'vases', '</style>', 'ä ö', '£12.50', '0.5'];

/** What can be pressed now: within whatever is open on top, or anywhere. */
async function pressable(page: Page): Promise<Locator> {
  const on = page.locator('[role=dialog]:visible, [role=listbox]:visible, [role=menu]:visible').last();
  const within = (await on.count()) > 0 ? on : page.locator('body');
  return within.locator(
    'button:visible:not([disabled]), [role=button]:visible, [role=option]:visible, [role=menuitem]:visible, [role=row]:visible, label:visible, input[type=text]:visible',
  );
}

/** Does one thing that an owner could do, whatever it is; returns it in words. */
export async function pressAnything(page: Page, random: () => number): Promise<string> {
  const one = <T>(all: readonly T[]): T => all[Math.floor(random() * all.length)]!;
  if (random() < 0.2) {
    const key = one(KEYS);
    await page.keyboard.press(key);
    return `key ${key}`;
  }
  const all = await pressable(page);
  const count = await all.count();
  if (count === 0) {
    await page.keyboard.press('Escape');
    return 'key Escape';
  }
  const target = all.nth(Math.floor(random() * count));
  const name = await target
    .evaluate(
      (element) => element.getAttribute('aria-label') ?? element.textContent ?? element.tagName,
      null,
      {
        timeout: 1_000,
      },
    )
    .catch(() => '');
  if (LEFT_ALONE.test(name.trim())) return `left "${name}"`;
  const isText = await target
    .evaluate((element) => element.tagName === 'INPUT', null, { timeout: 1_000 })
    .catch(() => false);
  if (isText) {
    const words = one(WORDS);
    await target.fill(words, { timeout: 1_500 }).catch(() => undefined);
    await page.keyboard.press(one(['Enter', 'Tab', 'Escape']));
    return `typed "${words}" into "${name}"`;
  }
  await target.click({ timeout: 1_500, force: true }).catch(() => undefined);
  return `pressed "${name.slice(0, 60)}"`;
}

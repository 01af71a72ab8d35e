import type { Browser } from '@playwright/test';
import { openLine, signIn } from '../e2e/store.ts';
import { publishWith } from '../e2e/publish.ts';
import { distribution, type Figure } from './figure.ts';
import { framesOf, timePress } from './timing.ts';

const TABS = ['buying-reduced', 'buying-new', 'buying-best-sold', 'buying-teaware', 'under-sixty'];
const SHELVES = [
  'new-from-the-kiln',
  'reduced-now',
  'shop-by-category',
  'under-sixty',
  'recently-viewed',
  'kiln-stories',
];

/** A home page of twenty bays, one of them with five tabs. */
const busyBays = (turn: number): object[] => [
  { id: 'busy-notice', holds: 'notice', words: `Turn ${turn}`, closable: true },
  { id: 'busy-banner', holds: 'banner', title: 'Thrown slowly', button: 'See everything', link: '/shop' },
  {
    id: 'busy-tabs',
    holds: 'tabs',
    heading: { words: 'What people are buying' },
    tabs: TABS.map((shelfId, i) => ({ id: `tab-${i}`, name: `Tab ${i + 1}`, shelfId })),
  },
  ...SHELVES.map((shelfId) => ({
    id: `busy-${shelfId}`,
    holds: 'shelf',
    shelfId,
    heading: { words: `Heading of ${shelfId}` },
  })),
  ...Array.from({ length: 4 }, (_, i) => ({
    id: `busy-words-${i}`,
    holds: 'pictureText',
    columns: [1, 2, 3].map((n) => ({ id: `c${n}`, title: `Title ${n}`, words: 'A few words about it.' })),
    across: { phone: 1, tablet: 3 },
  })),
  ...Array.from({ length: 3 }, (_, i) => ({
    id: `busy-links-${i}`,
    holds: 'links',
    links: [1, 2, 3, 4].map((n) => ({ id: `l${n}`, words: `Link ${n}`, link: '/shop', icon: 'star' })),
  })),
  ...Array.from({ length: 3 }, (_, i) => ({ id: `busy-line-${i}`, holds: 'line' })),
  { id: 'busy-jump', holds: 'jump', words: 'Up', target: 'busy-tabs' },
];

const RENDERS = 30;
const EDITS = 40;

/** What a page bears that has much on it: how it is made anew, how it is sent again, and how it is edited. */
export async function busyFigures(browser: Browser, url: string): Promise<Figure[]> {
  const cold: number[] = [];
  const warm: number[] = [];
  for (let turn = 0; turn < RENDERS; turn += 1) {
    await publishWith({ url }, { 'page:home': { bays: busyBays(turn) as never } });
    const timed = async (): Promise<[number, boolean]> => {
      const start = performance.now();
      const html = await (await fetch(url)).text();
      return [performance.now() - start, html.includes(`Turn ${turn}`)];
    };
    // The first answer that has the new page is the one that was made for it.
    for (let tries = 0; tries < 200; tries += 1) {
      const [ms, isNew] = await timed();
      if (!isNew) continue;
      cold.push(ms);
      break;
    }
    for (let i = 0; i < 5; i += 1) warm.push((await timed())[0]);
  }

  const page = await browser.newPage({ viewport: { width: 1280, height: 800 }, bypassCSP: true });
  await page.addInitScript('globalThis.__name = (named) => named');
  await signIn(page, { url }, '/studio/arrange/home?bay=busy-tabs');
  await openLine(page, 'Columns');
  await page.waitForLoadState('networkidle');
  const across = page.getByRole('textbox', { name: 'Columns on Laptop' });
  const edits: number[] = [];
  for (let i = 0; i < EDITS; i += 1) {
    const up = i % 2 === 0;
    const value = Number(await across.inputValue()) + (up ? 1 : -1);
    const done = `${framesOf}.slice(2).every((inner) => String(inner.querySelector('[data-bay="busy-tabs"] .cards').computedStyleMap().get('grid-template-columns')).includes('repeat(${value},'))`;
    edits.push(
      await timePress(page, done, () =>
        page.getByRole('button', { name: `Columns on Laptop: ${up ? 'more' : 'fewer'}` }).click(),
      ),
    );
  }
  await page.close();
  return [
    distribution('A page of 20 bays with 5 tabs, made anew', 'ms', cold, 80),
    distribution('The same, sent again', 'ms', warm, 80),
    distribution('The same, edit of all tabs to paint', 'ms', edits, 80),
  ];
}

import { gzipSync } from 'node:zlib';
import autocannon from 'autocannon';
import type { Browser } from '@playwright/test';
import type { Server } from '../server/app.ts';
import { atMost, quantile, ratioAtLeast, type Figure } from './figure.ts';

const SECONDS = 4;
const ROUNDS = 4;

/** As browsers ask. */
const PACKED = { 'accept-encoding': 'br' };

const perSecond = async (url: string): Promise<number> =>
  (await autocannon({ url, connections: 20, duration: SECONDS, headers: PACKED })).requests.average;

/** A warm home page beside a constant buffer of the same bytes and packing from the same server, in turn. */
export async function servedFigures(url: string): Promise<Figure[]> {
  await perSecond(`${url}/`);
  const ratios: number[] = [];
  for (let i = 0; i < ROUNDS; i += 1) {
    const constant = await perSecond(`${url}/bench/constant`);
    const home = await perSecond(`${url}/`);
    console.log(`  home ${Math.round(home)}/s, constant ${Math.round(constant)}/s`);
    ratios.push(home / constant);
  }
  return [ratioAtLeast('Published home, warm, beside a constant buffer', quantile(ratios, 0.5), 0.8)];
}

/** Puts the constant buffer beside the pages; before the server listens. */
export function serveConstant(server: Server): void {
  let constant: Buffer | null = null;
  server.app.get('/bench/constant', async (_, reply) => {
    constant ??= (await server.app.inject({ url: '/', headers: PACKED })).rawPayload;
    return reply
      .header('content-type', 'text/html; charset=utf-8')
      .header('content-encoding', 'br')
      .send(constant);
  });
}

/** What moves while the home page comes in, at four widths, and the script that one load fetches. */
export async function layoutShiftAndScript(browser: Browser, url: string, name: string): Promise<Figure[]> {
  const figures: Figure[] = [];
  let mostScript = 0;
  for (const width of [375, 800, 1180, 1440]) {
    const page = await browser.newPage({ viewport: { width, height: 800 } });
    let scriptBytes = 0;
    page.on('response', async (response) => {
      if (response.request().resourceType() === 'script')
        scriptBytes += (await response.request().sizes()).responseBodySize;
    });
    await page.addInitScript(() => {
      const scope = window as unknown as { moved: number };
      scope.moved = 0;
      new PerformanceObserver((list) => {
        for (const entry of list.getEntries()) scope.moved += (entry as unknown as { value: number }).value;
      }).observe({ type: 'layout-shift', buffered: true });
    });
    await page.goto(url, { waitUntil: 'networkidle' });
    await page.mouse.wheel(0, 4000);
    await page.waitForTimeout(400);
    const moved = await page.evaluate(() => (window as unknown as { moved: number }).moved);
    figures.push(atMost(`${name}, layout shift at ${width}`, 'score', moved, 0));
    mostScript = Math.max(mostScript, scriptBytes);
    await page.close();
  }
  figures.push(atMost(`${name}, script, compressed`, 'KB', mostScript / 1024, 14));
  return figures;
}

/** The kinds of page that a shopper comes to first, with the address of one; each has the budgets of the home page. */
async function firstPages(url: string): Promise<readonly (readonly [name: string, path: string])[]> {
  const shop = await fetch(`${url}/shop`).then((answer) => answer.text());
  const [product] = /\/product\/[^"?]+/.exec(shop)!;
  return [
    ['Home', '/'],
    ['Listing', '/shop'],
    ['Product page', product],
  ];
}

/** What a shopper's browser sees of each of them. */
export async function homeFigures(browser: Browser, url: string): Promise<Figure[]> {
  const figures: Figure[] = [];
  for (const [name, path] of await firstPages(url)) {
    const html = await fetch(`${url}${path}`).then((answer) => answer.text());
    figures.push(
      ...(await layoutShiftAndScript(browser, `${url}${path}`, name)),
      atMost(`${name}, HTML with style, gzipped`, 'KB', gzipSync(html).length / 1024, 14.6),
    );
  }
  return figures;
}

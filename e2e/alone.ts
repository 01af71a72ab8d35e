import { readFile } from 'node:fs/promises';
import type { Page } from '@playwright/test';
import { typeFiles } from '../server/fonts/typeFile.ts';
import { htmlPage } from '../server/pages/document.tsx';
import type { PageView } from '../core/view/view.ts';

const PICTURE = '<svg xmlns="http://www.w3.org/2000/svg" width="800" height="600"/>';

/**
 * Opens pages from their views, without a store, with typefaces in place; pictures are empty ones of 4:3.
 * In public a typeface that is late is not shown any more on that page; here it is waited for.
 */
export async function drawsAlone(page: Page): Promise<(view: PageView) => Promise<void>> {
  let html = '';
  await page.route('**/*', async (route) => {
    const { pathname } = new URL(route.request().url());
    if (pathname.endsWith('.woff2'))
      return route.fulfill({ body: await readFile(typeFiles.get(pathname)!), contentType: 'font/woff2' });
    return route.request().resourceType() === 'image'
      ? route.fulfill({ body: PICTURE, contentType: 'image/svg+xml' })
      : route.fulfill({ body: html, contentType: 'text/html' });
  });
  return async (view) => {
    const sent = htmlPage(view, null).html;
    html = sent.replaceAll('font-display:optional', 'font-display:block');
    if (html === sent) throw new Error('The page waits for no typeface.');
    await page.goto('http://alone.example/');
    await page.evaluate(() => Promise.allSettled([...document.fonts].map((one) => one.load())));
  };
}

/**
 * Public pages wait for their typefaces from now on, however late those are, so that their texts can be measured:
 * without this a page keeps to the stand-ins of a typeface that is late.
 */
export async function waitsForTypefaces(page: Page): Promise<void> {
  await page.route('**/*', async (route) => {
    if (route.request().resourceType() !== 'document') return route.fallback();
    const response = await route.fetch({ maxRedirects: 0 });
    if (!response.headers()['content-type']?.startsWith('text/html')) return route.fulfill({ response });
    // Its policy names the style that was sent.
    const { 'content-security-policy': _, ...headers } = response.headers();
    const body = (await response.text()).replaceAll('font-display:optional', 'font-display:block');
    return route.fulfill({ response, headers, body });
  });
}

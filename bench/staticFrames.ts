import type { Page } from '@playwright/test';
import { quantile, ratioAtMost, type Figure } from './figure.ts';
import { framesOf, timePress } from './timing.ts';

/** What one frame of the studio holds, and where it stands. */
interface Held {
  html: string;
  style: string;
  left: number;
  top: number;
  /** Texts of its style sheets, in their order. */
  styles: string[];
}

const heldIn = (studio: Page): Promise<Held[]> =>
  studio.evaluate(() =>
    [...document.querySelectorAll('iframe')].map((frame) => {
      const { left, top } = frame.getBoundingClientRect();
      const inner = frame.contentDocument!;
      return {
        html: inner.documentElement.outerHTML,
        style: frame.style.cssText,
        left,
        top,
        styles: [...inner.querySelectorAll('style')].map((style) => style.textContent),
      };
    }),
  );

/**
 * The same frames with the same content in a page without any script of ours, where a press changes the same style
 * sheets: what the browser itself needs for an edit.
 */
export class StaticFrames {
  readonly #page: Page;
  readonly #times: number[] = [];

  private constructor(page: Page) {
    this.#page = page;
  }

  /**
   * @param edit makes the edit in the studio
   * @param back takes it back
   */
  static async beside(studio: Page, edit: () => Promise<unknown>, back: () => Promise<unknown>) {
    const before = await heldIn(studio);
    await edit();
    const after = await heldIn(studio);
    await back();
    const page = await studio
      .context()
      .browser()!
      .newPage({ viewport: studio.viewportSize(), bypassCSP: true });
    await page.addInitScript('globalThis.__name = (named) => named');
    await page.goto(new URL('/robots.txt', studio.url()).href);
    await page.evaluate(
      ([frames, changed]) => {
        document.body.innerHTML = '<button style="position:fixed;left:0;bottom:0">Edit</button>';
        const inner = frames.map(({ html, style, left, top }) => {
          const frame = document.createElement('iframe');
          frame.style.cssText = `${style};position:fixed;border:0;transform-origin:0 0;left:${left}px;top:${top}px`;
          document.body.append(frame);
          frame.contentDocument!.open();
          frame.contentDocument!.write(`<!doctype html>${html}`);
          frame.contentDocument!.close();
          return frame.contentDocument!;
        });
        const sheets = inner.map((one) => [...one.querySelectorAll('style')]);
        let edited = false;
        // As the studio's buttons for more and fewer: at once, and not when the button is let go.
        document.querySelector('button')!.addEventListener('pointerdown', () => {
          edited = !edited;
          const texts = edited ? changed : frames;
          sheets.forEach((ofFrame, i) =>
            ofFrame.forEach((sheet, j) => {
              const text = texts[i]!.styles[j]!;
              if (sheet.textContent !== text) sheet.textContent = text;
            }),
          );
        });
      },
      [before, after] as const,
    );
    // The pictures are there; those out of sight are not fetched, and frames that were written never say that they are.
    await page.waitForFunction(
      `${framesOf}.every((inner) => [...inner.images].every((one) => one.complete || one.loading === 'lazy'))`,
    );
    await page.waitForTimeout(1_500);
    return new StaticFrames(page);
  }

  /** Makes the edit, or takes it back, and counts its time. */
  async press(done: string): Promise<void> {
    this.#times.push(
      await timePress(this.#page, done, () => this.#page.getByRole('button', { name: 'Edit' }).click()),
    );
  }

  /** How many times longer the studio took for the same. */
  async ratios(name: string, studioMs: readonly number[]): Promise<Figure[]> {
    await this.#page.close();
    const ratio = (share: number) => quantile(studioMs, share) / quantile(this.#times, share);
    return [
      ratioAtMost(`${name}, beside frames without script: median`, ratio(0.5), 2),
      ratioAtMost(`${name}, beside frames without script: 95th percentile`, ratio(0.95), 2.5),
    ];
  }
}

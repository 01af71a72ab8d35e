// @vitest-environment jsdom
import { describe, expect, it } from 'vitest';
import { holdAt } from './turnedTo.ts';

/** A page with a bay that moves, whose items are 100 px apart. */
function page(inner: string): { held(): boolean; leftPx(): number } {
  document.body.innerHTML = inner;
  const moving = document.querySelector<HTMLElement>('[data-moving]');
  const window = document.querySelector<HTMLElement>('.window');
  let left = 0;
  if (window) window.scrollTo = ((to: ScrollToOptions) => (left = to.left!)) as typeof window.scrollTo;
  [...(window?.firstElementChild?.children ?? [])].forEach((one, i) =>
    Object.defineProperty(one, 'offsetLeft', { value: 100 * i }),
  );
  return { held: () => moving?.dataset.held !== undefined, leftPx: () => left };
}

const three = `<section data-bay="b"><div data-moving="foot"><div class="window"><ol><li></li><li></li><li></li></ol></div></div></section>`;

describe('a page that is turned to one of what it shows by turns', () => {
  it('shows it, and keeps still until it is let go', () => {
    const drawn = page(three);
    const letGo = holdAt(document, { bay: 'b', place: 2 });
    expect([drawn.held(), drawn.leftPx()]).toEqual([true, 200]);
    letGo();
    expect([drawn.held(), drawn.leftPx()]).toEqual([false, 200]);
  });

  it('stays as it is where there is none such, or nothing moves', () => {
    const drawn = page(three);
    holdAt(document, { bay: 'b', place: 3 })();
    holdAt(document, { bay: 'other', place: 0 })();
    expect([drawn.held(), drawn.leftPx()]).toEqual([false, 0]);
    page('<section data-bay="b"><div class="banners"></div></section>');
    expect(() => holdAt(document, { bay: 'b', place: 0 })()).not.toThrow();
  });
});

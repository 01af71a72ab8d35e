// @vitest-environment jsdom
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { keepFlick } from './flick.ts';

/** Pictures of one card, each 100 px wide, of which `at` is in sight. */
function draw(direction: 'ltr' | 'rtl' = 'ltr') {
  document.body.innerHTML = `<div class="frame" style="direction:${direction}"><div class="flick"><a></a><a></a><a></a></div>
    <button class="turn previous"><span></span></button><button class="turn next"><span></span></button>
    <span class="turns"><i data-on></i><i></i><i></i></span></div>`;
  const flick = document.querySelector('.flick')!;
  const sign = direction === 'rtl' ? -1 : 1;
  Object.defineProperty(flick, 'clientWidth', { value: 100 });
  flick.scrollTo = vi.fn((to: ScrollToOptions) => {
    flick.scrollLeft = to.left!;
    flick.dispatchEvent(new Event('scroll'));
  }) as never;
  return {
    press: (which: string) => document.querySelector<HTMLElement>(`.turn.${which} span`)!.click(),
    at: () => [...document.querySelectorAll('.turns i')].findIndex((one) => one.hasAttribute('data-on')),
    scroll(place: number) {
      flick.scrollLeft = sign * place * 100;
      flick.dispatchEvent(new Event('scroll'));
    },
    left: () => flick.scrollLeft,
  };
}

let end = () => undefined as void;
beforeEach(() => {
  vi.stubGlobal('matchMedia', () => ({ matches: false }));
  end = keepFlick(document);
});
afterEach(() => {
  end();
  vi.unstubAllGlobals();
});

describe('pictures that are flicked through', () => {
  it.each(['ltr', 'rtl'] as const)(
    'are turned by arrows, past the last to the first and back, %s',
    (direction) => {
      const { press, at, left } = draw(direction);
      const seen = [];
      for (const which of ['next', 'next', 'next', 'previous']) {
        press(which);
        seen.push(at());
      }
      expect(seen).toEqual([1, 2, 0, 2]);
      expect(left()).toBe(direction === 'rtl' ? -200 : 200);
    },
  );

  it('are marked by the one in sight, however it came there', () => {
    const { scroll, at } = draw();
    scroll(2);
    expect(at()).toBe(2);
    scroll(0.6);
    expect(at()).toBe(1);
  });

  it('do nothing any more once it has ended, nor on presses elsewhere', () => {
    const { press, at, left } = draw();
    document.querySelector<HTMLElement>('.flick a')!.click();
    expect(left()).toBe(0);
    end();
    press('next');
    expect([at(), left()]).toEqual([0, 0]);
  });
});

// @vitest-environment jsdom
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { zoneKinds } from '../../../../core/card/zones.ts';
import { dragBays } from './dragBays.ts';
import { dragCards } from './dragCards.ts';
import { dragHeight } from './dragHeight.ts';
import { dragParts } from './dragParts.ts';

const html = (parts = '') => `
  <section data-bay="a"><div data-shelf="a"><ol class="cards">
    ${[11, 12, 13].map((id, place) => `<li class="card" data-card="${id}" data-place="${place}">${parts || '<p>Item</p>'}</li>`).join('')}
  </ol></div>
  <div data-shelf="b"><li class="card" data-card="21" data-place="0"></li></div></section>`;

const pointer = (type: string, target: Element, clientX: number, clientY = 0, more: MouseEventInit = {}) =>
  target.dispatchEvent(
    new MouseEvent(type, { bubbles: true, cancelable: true, clientX, clientY, button: 0, ...more }),
  );

describe('cards that are dragged', () => {
  const card = (id: number) => document.querySelector(`[data-card="${id}"]`)!;
  let under: Element | null = null;
  let dropped = vi.fn();
  let end = () => undefined as void;
  const drag = (from: Element, onto: Element | null, px = 40) => {
    under = onto;
    pointer('pointerdown', from, 0);
    pointer('pointermove', onto ?? document.body, px);
  };
  beforeEach(() => {
    document.body.innerHTML = html();
    document.elementFromPoint = () => under;
    dropped = vi.fn();
    end = dragCards(document, ['a'], dropped);
  });
  afterEach(() => end());

  it('tell where they were dropped, and mark what happens meanwhile', () => {
    drag(card(11).firstElementChild!, card(13).firstElementChild);
    expect([card(11).hasAttribute('data-dragged'), card(13).hasAttribute('data-drop')]).toEqual([true, true]);
    pointer('pointerup', card(13), 40);
    expect(dropped).toHaveBeenCalledExactlyOnceWith({ shelf: 'a', item: 11, place: 2 });
    expect(document.querySelector('[data-dragged],[data-drop]')).toBeNull();
  });

  it('open nothing when they are let go, but the next press does', async () => {
    const clicked = vi.fn();
    document.body.addEventListener('click', clicked);
    drag(card(11), card(12));
    pointer('pointerup', card(12), 40);
    pointer('click', card(12), 40);
    expect(clicked).not.toHaveBeenCalled();
    await new Promise((resolve) => setTimeout(resolve, 1));
    pointer('click', card(12), 40);
    expect(clicked).toHaveBeenCalledOnce();
    document.body.removeEventListener('click', clicked);
  });

  it('go nowhere by a mere press, onto themselves, onto another shelf, or after Escape', () => {
    drag(card(11), card(12), 3);
    pointer('pointerup', card(12), 3);
    drag(card(11), card(11));
    pointer('pointerup', card(11), 40);
    drag(card(11), card(21));
    expect(card(21).hasAttribute('data-drop')).toBe(false);
    pointer('pointerup', card(21), 40);
    drag(card(11), card(12));
    document.dispatchEvent(new KeyboardEvent('keydown', { key: 'Escape', bubbles: true }));
    pointer('pointerup', card(12), 40);
    expect(dropped).not.toHaveBeenCalled();
  });

  it('are those of the shelves that are told of, until it is ended', () => {
    drag(card(21), card(11));
    pointer('pointerup', card(11), 40);
    end();
    drag(card(11), card(12));
    pointer('pointerup', card(12), 40);
    expect(dropped).not.toHaveBeenCalled();
  });
});

describe('bays that are dragged', () => {
  const bay = (id: string) => document.querySelector(`[data-bay=${id}]`)!;
  let dropped = vi.fn();
  let end = () => undefined as void;
  const drag = (from: Element, y: number) => {
    pointer('pointerdown', from, 0, 0);
    pointer('pointermove', document.body, 40, y);
  };
  const line = () => document.querySelector<HTMLElement>('.drop-line');
  beforeEach(() => {
    document.body.innerHTML = `<main class="main">
      ${['a', 'b', 'c'].map((id) => `<section data-bay="${id}"><h2>Of ${id}</h2><div class="card">Item</div><a href="/">Link</a></section>`).join('')}
      <section data-bay="none" hidden></section></main>
      <aside><section data-bay="side"><h2>Side</h2></section></aside>`;
    ['a', 'b', 'c'].forEach((id, i) => lay(bay(id), 0, i * 100, 600, 100));
    lay(bay('none'), 0, 300, 600, 0);
    dropped = vi.fn();
    end = dragBays(document, ['a', 'b', 'c', 'none', 'side'], ({ by, side }) => `${side} ${by}`, dropped);
  });
  afterEach(() => end());

  it('tell where they come to stand, and say and mark it meanwhile', () => {
    drag(bay('a').querySelector('h2')!, 160);
    expect(line()!.style.top).toBe('198px');
    expect(document.querySelector('.drop-words')!.textContent).toBe('before c');
    pointer('pointermove', document.body, 40, 290);
    expect(document.querySelector('.drop-words')!.textContent).toBe('after c');
    pointer('pointerup', document.body, 40, 290);
    expect(dropped).toHaveBeenCalledExactlyOnceWith({ bay: 'a', by: 'c', side: 'after' });
    expect(document.querySelector('.drop-line,.drop-words,[data-dragged]')).toBeNull();
    drag(bay('c'), 10);
    pointer('pointerup', document.body, 40, 10);
    expect(dropped).toHaveBeenLastCalledWith({ bay: 'c', by: 'a', side: 'before' });
  });

  it('go nowhere where they stand already, after Escape, or alone in their column', () => {
    for (const y of [110, 140, 151, 190, 240]) {
      drag(bay('b').querySelector('h2')!, y);
      expect(line()).toBeNull();
      pointer('pointerup', document.body, 40, y);
    }
    drag(bay('a').querySelector('h2')!, 290);
    expect(line()).not.toBeNull();
    document.dispatchEvent(new KeyboardEvent('keydown', { key: 'Escape', bubbles: true }));
    pointer('pointerup', document.body, 40, 290);
    drag(bay('side').querySelector('h2')!, 290);
    expect(line()).toBeNull();
    pointer('pointerup', document.body, 40, 290);
    expect(dropped).not.toHaveBeenCalled();
  });

  it('are not dragged by what is something for itself, nor where they are not told of', () => {
    for (const one of ['.card', 'a']) {
      drag(bay('a').querySelector(one)!, 290);
      expect(line()).toBeNull();
      pointer('pointerup', document.body, 40, 290);
    }
    end();
    end = dragBays(document, ['a', 'b'], () => '', dropped);
    drag(bay('c').querySelector('h2')!, 10);
    pointer('pointerup', document.body, 40, 10);
    expect(dropped).not.toHaveBeenCalled();
  });
});

const CARD = `
  <div class="part-picture"></div>
  <div class="texts"><p class="part-title">Title</p><div class="row"><p class="part-price">Price</p><p class="part-brand">Brand</p></div></div>`;

/** Stands there, px, in the window of the page. */
function lay(element: Element, left: number, top: number, width: number, height: number): void {
  const rect = { left, top, width, height, right: left + width, bottom: top + height } as DOMRect;
  element.getBoundingClientRect = () => rect;
  element.getClientRects = () => [rect] as unknown as DOMRectList;
}

/** A card 100 px wide: a picture of 120 px, the title on 20 px and price and brand on the next 20. */
function drawCard(): Record<'card' | 'picture' | 'title' | 'price' | 'brand', Element> {
  document.body.innerHTML = html(CARD);
  const card = document.querySelector('.card')!;
  const part = (id: string) => card.querySelector(`.part-${id}`)!;
  lay(card, 0, 0, 100, 160);
  lay(part('picture'), 0, 0, 100, 120);
  lay(part('title'), 0, 120, 100, 20);
  lay(card.querySelector('.row')!, 0, 140, 100, 20);
  lay(part('price'), 0, 140, 50, 20);
  lay(part('brand'), 50, 140, 50, 20);
  document.elementFromPoint = (x, y) => (x <= 100 && y <= 160 ? card : document.body);
  document.elementsFromPoint = () => [card];
  return { card, picture: part('picture'), title: part('title'), price: part('price'), brand: part('brand') };
}

describe('parts that are dragged', () => {
  const dropped = vi.fn();
  let end = () => undefined as void;
  let drawn = drawCard();
  const move = (from: Element, x: number, y: number) => {
    const { left, top } = from.getBoundingClientRect();
    pointer('pointerdown', from, left + 1, top + 1);
    pointer('pointermove', drawn.card, x, y);
    // Places of the picture are laid out by the browser; here each is a point.
    for (const mark of document.querySelectorAll<HTMLElement>('.drop-zones i')) {
      const at: Record<string, [number, number]> = { upperEnd: [80, 0], foot: [40, 108] };
      const [left = 500, top = 500] = at[mark.dataset.zone!] ?? [];
      lay(mark, left, top, 20, 10);
    }
    pointer('pointermove', drawn.card, x, y);
  };
  const drag = (from: Element, x: number, y: number) => {
    move(from, x, y);
    pointer('pointerup', drawn.card, x, y);
    return dropped.mock.lastCall?.[0] as unknown;
  };
  beforeEach(() => {
    dropped.mockReset();
    drawn = drawCard();
    end = dragParts(document, 'a', dropped);
  });
  afterEach(() => end());

  it('come into the nearest place of the picture, which is marked meanwhile', () => {
    move(drawn.price, 95, 6);
    const marks = [...document.querySelectorAll<HTMLElement>('.drop-zones i')];
    expect(marks.map(({ dataset }) => dataset.zone)).toEqual(
      zoneKinds.flatMap(({ id, css }) => (css ? [id] : [])),
    );
    expect(document.querySelector<HTMLElement>('.drop-zones [data-on]')?.dataset.zone).toBe('upperEnd');
    expect(drawn.price.hasAttribute('data-dragged')).toBe(true);
    pointer('pointerup', drawn.card, 95, 6);
    expect(dropped).toHaveBeenCalledExactlyOnceWith({ part: 'price', drop: { zone: 'upperEnd' } });
    expect(document.querySelector('[data-dragged],.drop-zones,.drop-line')).toBeNull();
    expect(drag(drawn.brand, 50, 112)).toEqual({ part: 'brand', drop: { zone: 'foot' } });
  });

  it('come before a line, after it or onto it, by where on it they are let go', () => {
    expect(drag(drawn.price, 50, 122)).toEqual({ part: 'price', drop: { line: 'before', of: 'title' } });
    expect(drag(drawn.price, 50, 130)).toEqual({ part: 'price', drop: { line: 'beside', of: 'title' } });
    expect(drag(drawn.price, 50, 138)).toEqual({ part: 'price', drop: { line: 'after', of: 'title' } });
    expect(drag(drawn.title, 50, 150)).toEqual({ part: 'title', drop: { line: 'beside', of: 'price' } });
  });

  it('stay where they are on their own line, beside the card, on a picture they cannot stand on, and after Escape', () => {
    drag(drawn.title, 50, 130);
    drag(drawn.price, 300, 300);
    drag(drawn.title, 90, 6);
    drag(drawn.picture, 50, 150);
    move(drawn.price, 90, 6);
    window.dispatchEvent(new KeyboardEvent('keydown', { key: 'Escape' }));
    pointer('pointerup', drawn.card, 90, 6);
    expect(dropped).not.toHaveBeenCalled();
    expect(document.documentElement.hasAttribute('data-drags')).toBe(false);
  });
});

describe('the lower edge of a picture that is dragged', () => {
  const moved = vi.fn(() => '4:5');
  const cancelled = vi.fn();
  let end = () => undefined as void;
  let drawn = drawCard();
  beforeEach(() => {
    vi.clearAllMocks();
    vi.stubGlobal('requestAnimationFrame', (run: () => void) => (run(), 1));
    drawn = drawCard();
    lay(drawn.title, 0, 130, 100, 20);
    end = dragHeight(document, 'a', moved, cancelled);
  });
  afterEach(() => {
    end();
    vi.unstubAllGlobals();
  });

  it('says how high the picture is to be, exactly with Shift, and shows it in words', () => {
    pointer('pointerdown', drawn.picture, 50, 119);
    pointer('pointermove', drawn.picture, 50, 99);
    expect(moved).toHaveBeenLastCalledWith({ widthPx: 100, heightPx: 100, exact: false }, expect.anything());
    expect(document.querySelector('.drop-words')?.textContent).toBe('4:5');
    pointer('pointermove', drawn.picture, 50, 89, { shiftKey: true });
    expect(moved).toHaveBeenLastCalledWith({ widthPx: 100, heightPx: 90, exact: true }, expect.anything());
    pointer('pointerup', drawn.picture, 50, 89);
    expect(document.querySelector('.drop-words')).toBeNull();
    expect(cancelled).not.toHaveBeenCalled();
  });

  it('follows the pointer once for each paint, and to where it was let go before the next', () => {
    const paints: (() => void)[] = [];
    vi.stubGlobal('requestAnimationFrame', (run: () => void) => paints.push(run));
    pointer('pointerdown', drawn.picture, 50, 119);
    for (const y of [109, 104, 99]) pointer('pointermove', drawn.picture, 50, y);
    expect(paints).toHaveLength(1);
    expect(moved).not.toHaveBeenCalled();
    paints[0]!();
    expect(moved).toHaveBeenCalledExactlyOnceWith(
      expect.objectContaining({ heightPx: 100 }),
      expect.anything(),
    );
    pointer('pointermove', drawn.picture, 50, 89);
    pointer('pointerup', drawn.picture, 50, 89);
    expect(moved).toHaveBeenLastCalledWith(expect.objectContaining({ heightPx: 90 }), expect.anything());
    paints[1]!();
    expect(moved).toHaveBeenCalledTimes(2);
    expect(document.querySelector('.drop-words')).toBeNull();
  });

  it('leaves Escape to others only while nothing is dragged', () => {
    const others = vi.fn();
    document.body.addEventListener('keydown', others);
    const escape = () =>
      document.body.dispatchEvent(new KeyboardEvent('keydown', { key: 'Escape', bubbles: true }));
    escape();
    expect(others).toHaveBeenCalledOnce();
    pointer('pointerdown', drawn.picture, 50, 119);
    pointer('pointermove', drawn.picture, 50, 99);
    escape();
    expect(others).toHaveBeenCalledOnce();
    document.body.removeEventListener('keydown', others);
  });

  it('is one movement until it is let go, and is taken back as one', () => {
    pointer('pointerdown', drawn.picture, 50, 119);
    pointer('pointermove', drawn.picture, 50, 99);
    pointer('pointermove', drawn.picture, 50, 109);
    const [first, second] = (moved.mock.calls as unknown as [unknown, object][]).map(
      ([, movement]) => movement,
    );
    expect(first).toBe(second);
    document.dispatchEvent(new KeyboardEvent('keydown', { key: 'Escape', bubbles: true }));
    expect(cancelled).toHaveBeenCalledExactlyOnceWith(first);
  });

  it('is shown by the pointer, and is nothing farther off or where a part is', () => {
    const at = (target: Element, y: number) => {
      pointer('pointermove', target, 50, y);
      return document.documentElement.hasAttribute('data-resizes');
    };
    expect(at(drawn.picture, 118)).toBe(true);
    expect(at(drawn.picture, 60)).toBe(false);
    lay(drawn.price, 0, 110, 100, 20);
    expect(at(drawn.price, 118)).toBe(false);
    pointer('pointerdown', drawn.price, 50, 118);
    pointer('pointermove', drawn.price, 50, 90);
    expect(moved).not.toHaveBeenCalled();
  });
});

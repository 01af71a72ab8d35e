// @vitest-environment jsdom
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { bayKinds } from '../../../core/bays/index.ts';
import { partKinds } from '../../../core/card/parts/index.ts';
import { subjectOf } from '../../../core/plan/target.ts';
import { specimenBay, specimenShelf, specimenStored } from '../../../core/specimen/specimen.ts';
import { dragCards } from './dragging.ts';
import { elementPressed, settingPressed } from './pressed.ts';

const stored = specimenStored([specimenShelf('a')]);
const shelf = subjectOf(stored, { shelf: 'a' })!.settings;
const bay = subjectOf(stored, { page: 'home', bay: 'a' })!.settings;

beforeEach(() => {
  document.body.innerHTML = `
    <section data-bay="a"><h2 class="bay-heading">Heading</h2>
      <div data-shelf="a"><button class="arrow"></button><ol class="cards">
        ${[11, 12, 13].map((id, place) => `<li class="card" data-card="${id}" data-place="${place}">${partKinds.map((kind) => `<p class="part-${kind.id}">${kind.id}</p>`).join('')}</li>`).join('')}
      </ol><nav class="pagers"><div class="pager"><a>More</a></div></nav></div>
      <div data-shelf="b"><li class="card" data-card="21" data-place="0"></li></div>
    </section>`;
});

describe('what is seen where somebody pressed', () => {
  const rect = (left: number, top: number, width: number, height: number) =>
    ({ left, top, right: left + width, bottom: top + height }) as DOMRect;
  const press = (target: Element, clientX: number, clientY: number, detail = 1) =>
    elementPressed({ target, clientX, clientY, detail } as unknown as MouseEvent);

  it('is the part under the link that covers the card, the link itself where its words are, and by keys what has the focus', () => {
    const [title, price] = [document.querySelector('.part-title')!, document.querySelector('.part-price')!];
    title.getClientRects = () => [rect(0, 0, 100, 20)] as unknown as DOMRectList;
    document.elementsFromPoint = (_, y) => (y > 20 ? [title, price] : [title]);
    expect(press(title, 10, 10)).toBe(title);
    expect(press(title, 10, 40)).toBe(price);
    expect(press(title, 10, 40, 0)).toBe(title);
    document.elementsFromPoint = () => [title];
    expect(press(title, 10, 40)).toBe(title);
  });
});

describe('what is pressed in a near frame', () => {
  const pressed = (selector: string) =>
    settingPressed(document.querySelector(selector)!, [...shelf, ...bay])?.id ?? null;

  it('opens the setting of the part, wherever on it', () => {
    expect(pressed('.bay-heading')).toBe('heading.words');
    expect(pressed('.pager a')).toBe('paging.by');
    expect(pressed('.arrow')).toBe('moving.arrowPlace');
    expect(pressed('.part-picture')).toMatch(/^card\.parts\.picture\./);
    expect(pressed('.cards')).toBeNull();
    for (const { id } of partKinds) expect(pressed(`.part-${id}`), id).toMatch(/^card\.(parts|order)/);
  });

  it('opens only what there is to be set', () => {
    const notice = specimenStored([], [specimenBay('n', { holds: 'notice' } as never)]);
    const { settings } = subjectOf(notice, { page: 'home', bay: 'n' })!;
    expect(settingPressed(document.querySelector('.pager')!, settings)).toBeNull();
    const line = document.createElement('p');
    line.className = 'notice';
    expect(settingPressed(line, settings)?.id).toBe('words');
    expect(bayKinds.length).toBeGreaterThan(2);
  });
});

describe('cards that are dragged', () => {
  const card = (id: number) => document.querySelector(`[data-card="${id}"]`)!;
  let under: Element | null = null;
  let dropped = vi.fn();
  let end = () => undefined as void;
  const pointer = (type: string, target: Element, x: number) =>
    target.dispatchEvent(
      Object.assign(
        new MouseEvent(type, { bubbles: true, cancelable: true, clientX: x, clientY: 0, button: 0 }),
      ),
    );
  const drag = (from: Element, onto: Element | null, px = 40) => {
    under = onto;
    pointer('pointerdown', from, 0);
    pointer('pointermove', onto ?? document.body, px);
  };
  beforeEach(() => {
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

// @vitest-environment jsdom
import { beforeEach, describe, expect, it } from 'vitest';
import { bayKinds } from '../../../core/bays/index.ts';
import { partKinds } from '../../../core/card/parts/index.ts';
import { subjectOf } from '../../../core/plan/target.ts';
import { specimenBay, specimenShelf, specimenStored } from '../../../core/specimen/specimen.ts';
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

  it('opens the columns of a table, whichever part stands in the one that was pressed, and what is around it', () => {
    document.querySelector('[data-shelf=b]')!.innerHTML =
      `<div class="sheet"><div class="sheet-bar"><button>Add all</button></div>
      <table><caption>Trade</caption><thead><tr><th class="col col-price"><a class="sort-by">Price</a></th></tr></thead>
      <tbody><tr class="goods-row"><td class="col col-price"><p class="part-price">£3</p></td></tr></tbody></table></div>`;
    for (const one of ['.sort-by', 'td', '.sheet .part-price'])
      expect(pressed(one), one).toBe('layoutOwn.table.columns.price');
    expect(pressed('caption')).toBe('layoutOwn.table.caption');
    expect(pressed('.sheet-bar button')).toBe('layoutOwn.table.addAll');
    expect(pressed('.cards .part-price')).toMatch(/^card\.parts\.price/);
  });

  it('is styled while the look is set: the innermost element, and of two that are one the particular one', () => {
    const styledAt = (element: Element) =>
      settingPressed(element, [...shelf, ...bay], 'look')
        ?.id.split('.')
        .slice(0, 2)
        .join('.') ?? null;
    const basket = document.querySelector('.part-basket')!;
    basket.innerHTML = '<button class="act">Add</button>';
    expect(styledAt(basket.firstElementChild!)).toBe('style.basket');
    expect(styledAt(document.querySelector('.part-title')!)).toBe('style.title');
    expect(styledAt(document.querySelector('.card')!)).toBe('style.card');
    expect(styledAt(document.querySelector('.bay-heading')!)).toBe('style.heading');
    // What cannot be styled opens what it opens else.
    expect(styledAt(document.querySelector('.pagers')!)).toBe('paging.by');
    expect(styledAt(document.querySelector('.arrow')!)).toBe('style.arrow');
    const marks = document.createElement('div');
    marks.className = 'marks';
    marks.innerHTML = '<button></button>';
    expect(styledAt(marks)).toBe('style.marker');
    // What is drawn before a button is pressed with it.
    expect(styledAt(marks.firstElementChild!)).toBe('style.markerDot');
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

import { describe, expect, it } from 'vitest';
import { apply } from '../plan/commands.ts';
import { completePlan, type StoredPlan } from '../plan/storedPlan.ts';
import {
  specimenBay,
  specimenHouse,
  specimenNames,
  specimenPictured,
  specimenShelf,
  specimenStored,
  specimenView,
} from '../specimen/specimen.ts';
import { findingsOn } from './index.ts';

const found = (stored: StoredPlan) => {
  const plan = completePlan(stored);
  return findingsOn(specimenView(plan, 8), plan, specimenNames).filter(
    ({ check }) => check === 'text-hard-to-read',
  );
};
const withHouse = (stored: StoredPlan, style: object): StoredPlan => ({
  ...stored,
  house: { ...specimenHouse, style: style as never },
});
const shelf = (id: string, style: object = {}) => specimenShelf(id, { style } as never);

describe('text that is hard to read', () => {
  it('is said with element, state, contrast and need, on the shelf that sets it', () => {
    const [one, ...others] = found(
      specimenStored([shelf('a', { title: { cardHover: { textColour: '#bbbbbb' } } }), shelf('b')]),
    );
    expect(others).toEqual([]);
    expect(one).toMatchObject({ at: { on: 'shelf', shelf: 'a' }, goTo: 'look' });
    expect(one!.text).toBe('Low contrast: title on card hover, 1.9:1 on #ffffff, needs 4.5:1');
  });

  it('goes by the background of the card in the same state, and of the bay', () => {
    const card = { card: { rest: { background: '#223344' } }, price: { rest: { textColour: '#333333' } } };
    expect(found(specimenStored([shelf('a', card)])).map(({ text }) => text)).toContainEqual(
      expect.stringContaining('Low contrast: price, 1.0:1 on #223344'),
    );
    const light = {
      ...card,
      price: { rest: { textColour: '#ffffff' } },
      title: { rest: { textColour: '#ffffff' } },
    };
    // What nobody gave a colour that suits the card is found too.
    const others = found(specimenStored([shelf('a', light)])).map(({ text }) => /: (.+?),/.exec(text)![1]);
    expect([...new Set(others)].sort()).toEqual(['previous price', 'reduced price']);
    const onDark = specimenBay('a', { look: { background: '#101820' } });
    const pale = shelf('a', { title: { rest: { textColour: '#f4f4f4' } } });
    expect(found(specimenStored([pale], [onDark]))).toEqual([]);
    expect(found(specimenStored([pale]))).not.toEqual([]);
    // Within a frame a card has the page's background again.
    const framed = { ...pale, card: { frame: 'framed' as const } };
    expect(found(specimenStored([framed], [onDark]))).not.toEqual([]);
  });

  it('goes by the background of the texts all together, over that of the card', () => {
    const block = (more: object) => ({ textBlock: { rest: { background: '#223344' } }, ...more });
    const low = found(specimenStored([shelf('a', block({ card: { rest: { background: '#ffffff' } } }))]));
    expect(low.map(({ text }) => text)).toContainEqual(expect.stringContaining('title, 1.4:1 on #223344'));
    // Labels stand on pictures, not on it.
    expect(low.some(({ text }) => text.includes('label'))).toBe(false);
    let stored = specimenStored([shelf('a', block({}))]);
    for (let [one] = found(stored); one?.fix; [one] = found(stored)) stored = apply(stored, one.fix.command);
    expect(found(stored)).toEqual([]);
    // Pointed at it may be another.
    const hovered = { textBlock: { cardHover: { background: '#223344' } } };
    for (const { text } of found(specimenStored([shelf('a', hovered)])))
      expect(text).toContain('on card hover');
    expect(found(specimenStored([shelf('a', hovered)]))).not.toEqual([]);
  });

  it('goes by that background over pictures too, which are not seen through it', () => {
    const over = (style: object) =>
      specimenStored([
        specimenShelf('a', {
          card: { text: { reach: { phone: 40 }, background: 'none' } },
          style,
        } as never),
      ]);
    const onDark = over({ textBlock: { rest: { background: '#223344' } } });
    expect(found(onDark).map(({ text }) => text)).toContainEqual(
      expect.stringContaining('title, 1.4:1 on #223344'),
    );
    const plan = completePlan(onDark);
    const all = findingsOn(
      specimenView(plan, 1, {}, specimenPictured({ dominant: '#202020' })),
      plan,
      specimenNames,
    );
    expect(all.some(({ check }) => check === 'text-over-picture')).toBe(false);
  });

  it('says where own rules may draw it otherwise, and nowhere else', () => {
    const low = { title: { rest: { textColour: '#bbbbbb' } }, price: { rest: { textColour: '#bbbbbb' } } };
    const says = (rules: object) =>
      found(specimenStored([specimenShelf('a', { style: low, rules })])).map(({ text }) =>
        text.endsWith('. Own rules may change this'),
      );
    expect(says({ text: '.title { color: #000 }' })).toEqual([true, false]);
    expect(says({ text: '.card > * { color: #000 }' })).toEqual([true, true]);
    expect(says({ text: '.title { color: #000 }', on: false })).toEqual([false, false]);
  });

  it('of the house is said once, however many shelves follow, and mended there', () => {
    const stored = withHouse(
      specimenStored([shelf('a'), shelf('b'), shelf('c', { price: { rest: { textColour: 'text' } } })]),
      { price: { rest: { textColour: '#c9c9c9' } } },
    );
    const all = found(stored);
    expect(all.map(({ at, text }) => [at, text.endsWith(', in House style')])).toEqual([
      [{ on: 'house' }, true],
    ]);
    const mended = all.reduce((plan, { fix }) => apply(plan, fix!.command), stored);
    expect(mended.shelves).toEqual(stored.shelves);
    expect(found(mended)).toEqual([]);
  });

  it('is not found of what is large, of what a card does not show, and of what nobody set', () => {
    expect(found(specimenStored([shelf('a')]))).toEqual([]);
    const brand = { brand: { rest: { textColour: '#dddddd' } } };
    expect(found(specimenStored([shelf('a', brand)]))).toEqual([]);
    const large = { title: { rest: { textColour: '#888888', size: { phone: 26 } } } };
    expect(found(specimenStored([shelf('a', large)]))).toEqual([]);
    expect(found(specimenStored([shelf('a', { title: { rest: { textColour: '#888888' } } })]))).toHaveLength(
      1,
    );
  });

  it('is found of a button in whichever of its forms stands out least', () => {
    const card = { parts: { basket: { shown: { phone: true } } } };
    const stored = specimenStored([
      specimenShelf('a', { card, style: { basket: { hover: { background: '#7a2f5d' } } } }),
    ]);
    const [one] = found(stored);
    // The button that puts into the basket has light text, the one that leads to the options dark.
    expect(one!.text).toMatch(/^Low contrast: basket button on hover, 2\.\d:1 on #7a2f5d/);
    expect(found(apply(stored, one!.fix!.command))).toEqual([]);
  });

  it('is found of a heading that there is', () => {
    const grey = { heading: { rest: { textColour: '#cccccc' } } };
    const bay = (words: string) => specimenBay('a', { heading: { words }, style: grey });
    const [one] = found(specimenStored([shelf('a')], [bay('New')]));
    expect(one).toMatchObject({ at: { on: 'bay', bay: 'a' }, goTo: 'look' });
    expect(found(specimenStored([shelf('a')], [bay('')]))).toEqual([]);
  });
});

describe('text that is hard to read by the style of a page', () => {
  const onPage = (style: object, stored = specimenStored([shelf('a'), shelf('b')])): StoredPlan => ({
    ...stored,
    pages: { ...stored.pages, home: { ...stored.pages.home!, style: style as never } },
  });

  it('is said once, of the page, and mended there', () => {
    const stored = onPage({ price: { rest: { textColour: '#c9c9c9' } } });
    const [one, ...others] = found(stored);
    expect(others).toEqual([]);
    expect(one!.at).toEqual({ on: 'page', page: 'home' });
    expect(one!.text).toBe('Low contrast: price, 1.6:1 on #ffffff, needs 4.5:1, in the style of this page');
    const mended = apply(stored, one!.fix!.command);
    expect(found(mended)).toEqual([]);
    expect(mended.house).toBe(stored.house);
  });

  it('is of the house where it is so on every page, whatever else the page sets', () => {
    const pale = { price: { rest: { textColour: '#c9c9c9' } } };
    const stored = withHouse(onPage({ title: { rest: { weight: 700 } } }), pale);
    expect(found(stored).map(({ at }) => at)).toEqual([{ on: 'house' }]);
    // The page may be what makes it so, though the colour is the house's.
    const dark = withHouse(onPage({ card: { rest: { background: '#c0c0c0' } } }), {
      price: { rest: { textColour: '#777777' } },
    });
    const price = found(dark).find(({ element }) => element === 'price');
    expect(price).toMatchObject({ at: { on: 'page', page: 'home' } });
    expect(found(apply(dark, price!.fix!.command)).some(({ element }) => element === 'price')).toBe(false);
  });

  it('is of the shelf where that sets it', () => {
    const stored = onPage(
      { title: { rest: { weight: 700 } } },
      specimenStored([shelf('a', { price: { rest: { textColour: '#c9c9c9' } } })]),
    );
    expect(found(stored).map(({ at }) => at)).toMatchObject([{ on: 'shelf', shelf: 'a' }]);
  });
});

import { describe, expect, it } from 'vitest';
import { changesBetween } from '../change/changesBetween.ts';
import { specimenNames, specimenShelf, specimenStored } from '../specimen/specimen.ts';
import { apply, type Command } from './commands.ts';
import { copyLines, shelfPlaces } from './copyLines.ts';
import { otherWayOf, asShoppersSee } from './places.ts';

const plan = specimenStored([
  specimenShelf('one', {
    layout: { phone: 'carousel' },
    layoutOwn: { carousel: { visible: { phone: 2.3 } } },
    columns: { count: { phone: 1, laptop: 5 } },
  }),
  specimenShelf('two', { gap: { row: { phone: 3 } } }),
  specimenShelf('three', { assortment: { of: 'categories' } }),
]);
const place = (id: string) => ({ page: 'home', bay: id, shelf: id });

describe('copying lines', () => {
  it('copies what was chosen to each shelf, and nothing else, as one command', () => {
    const next = apply(plan, copyLines(plan, place('one'), ['columns'], [place('two'), place('three')]));
    for (const id of ['two', 'three']) {
      expect(next.shelves[id]!.columns).toEqual(plan.shelves.one!.columns);
      expect(next.shelves[id]!.layoutOwn).toEqual({ carousel: { visible: { phone: 2.3 } } });
      expect(next.shelves[id]!.layout).toBeUndefined();
      expect(next.shelves[id]!.name).toBe(id);
    }
    expect(next.shelves.one).toBe(plan.shelves.one);
    const said = changesBetween(plan, next, specimenNames).map(({ text }) => text);
    expect(said).toContain('items in sight at once now 2.3, was 1.4 on Phone, 2.5 on Tablet, 4 from Laptop');
  });

  it('resets what is set there and not here', () => {
    const next = apply(plan, copyLines(plan, place('one'), ['columns'], [place('two')]));
    expect(next.shelves.two!.gap).toBeUndefined();
  });

  it('leaves a card of another kind the parts that it alone has, unless what is shown comes with it', () => {
    const shown = { parts: { price: { shown: { phone: false } }, title: { lines: 4 } } };
    const from = apply(plan, {
      do: 'putDocument',
      key: 'shelf:one',
      document: { ...plan.shelves.one!, card: shown },
    });
    const card = apply(from, copyLines(from, place('one'), ['card'], [place('three')]));
    expect(card.shelves.three!.card).toEqual({ parts: { title: { lines: 4 } } });
    const both = apply(from, copyLines(from, place('one'), ['card', 'shows'], [place('three')]));
    expect(both.shelves.three!.card).toEqual(shown);
    expect(both.shelves.three!.assortment).toEqual(plan.shelves.one!.assortment);
  });

  it('copies the look of the bay without its heading', () => {
    const on = { page: 'home', bay: 'one' };
    const wide = apply(plan, { do: 'set', on, setting: 'look.width', value: 'window' });
    const next = apply(wide, copyLines(wide, place('one'), ['look'], [place('two')]));
    expect(next.pages.home!.bays[1]!.look!.width).toBe('window');
    expect(next.pages.home!.bays[1]!.heading!.words).toBe('Heading of two');
  });

  const styled = specimenStored([
    specimenShelf('one', {
      style: {
        title: { rest: { size: { phone: 20, laptop: 26 }, weight: 700 } },
        price: { rest: { weight: 600 } },
      },
      gap: { column: { phone: 30 } },
    }),
    specimenShelf('two', {
      style: { title: { rest: { size: { phone: 14 } } }, brand: { rest: { weight: 300 } } },
    }),
    specimenShelf('three'),
  ]);
  const copied = (
    ...given: Parameters<typeof copyLines> extends [unknown, unknown, ...infer Rest] ? Rest : never
  ) => apply(styled, copyLines(styled, place('one'), ...given)).shelves;

  it('copies chosen elements of the look, and leaves the others', () => {
    const { two, three } = copied(['look'], [place('two'), place('three')], { elements: ['price', 'brand'] });
    // What is not set here is reset there.
    expect(two!.style).toEqual({
      title: { rest: { size: { phone: 14 } } },
      price: { rest: { weight: 600 } },
    });
    expect(three!.style).toEqual({ price: { rest: { weight: 600 } } });
    expect(three!.gap).toBeUndefined();
  });

  it('copies what holds at one width, and wider ones stay as they are', () => {
    const { two, three } = copied(['look', 'columns'], [place('two'), place('three')], { band: 'tablet' });
    expect(two!.style).toEqual({
      title: { rest: { size: { phone: 14, tablet: 20, laptop: 14 } } },
      brand: { rest: { weight: 300 } },
    });
    expect(three!.style).toEqual({ title: { rest: { size: { tablet: 20, laptop: null } } } });
    expect(three!.gap!.column!.tablet).toBe(30);
    expect(three!.gap!.column!.laptop).not.toBe(30);
    // At the widest there is none wider to keep.
    expect(copied(['look'], [place('three')], { band: 'wide' }).three!.style).toEqual({
      title: { rest: { size: { wide: 26 } } },
    });
  });

  it('copies nothing twice, and nothing that is so already', () => {
    const once = apply(styled, copyLines(styled, place('one'), ['look'], [place('two')], { band: 'laptop' }));
    expect(apply(once, copyLines(once, place('one'), ['look'], [place('two')], { band: 'laptop' }))).toBe(
      once,
    );
  });

  it('is offered for every shelf where it is', () => {
    expect(shelfPlaces(plan)).toEqual(['one', 'two', 'three'].map(place));
  });
});

describe('trying another way', () => {
  const layout: Command = {
    do: 'set',
    on: { shelf: otherWayOf('one') },
    setting: 'layout',
    value: { phone: 'list' },
  };
  const changed = [{ do: 'tryAnother', shelf: 'one' } as Command, layout].reduce(apply, plan);

  it('changes nothing that a shopper sees until it is kept', () => {
    expect(asShoppersSee(changed)).toEqual(plan);
    expect(changesBetween(plan, asShoppersSee(changed), specimenNames)).toEqual([]);
  });

  it('leaves nothing of the other, whichever is kept', () => {
    expect(apply(changed, { do: 'keepWay', shelf: 'one', keep: 'asItIs' })).toEqual(plan);
    const kept = apply(changed, { do: 'keepWay', shelf: 'one', keep: 'other' });
    expect(kept.shelves.one!.layout).toEqual({ phone: 'list' });
    expect(Object.keys(kept.shelves).sort()).toEqual(['one', 'three', 'two']);
  });

  it('goes with the shelf that it was tried for', () => {
    const gone = apply(changed, { do: 'removeBay', page: 'home', bay: 'one' });
    expect(Object.keys(gone.shelves)).toEqual(['two', 'three']);
  });
});

import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { bayKinds, baySettings } from '../bays/index.ts';
import { firstBands } from '../plan/firstBands.ts';
import { completePlan } from '../plan/storedPlan.ts';
import { apply, type Command } from '../plan/commands.ts';
import { checkDocument } from '../plan/checkDocument.ts';
import { partKinds } from '../card/parts/index.ts';
import { widthOf } from '../card/text.ts';
import { specimenNames, specimenShelf, specimenStored } from '../specimen/specimen.ts';
import { anyStyleSet, setStyle as set } from '../specimen/styles.ts';
import { subjectOf } from '../plan/target.ts';
import { settingChanges } from '../change/settingChanges.ts';
import type { StoredPlan } from '../plan/storedPlan.ts';
import { elements, styleElement } from './elements/index.ts';
import { intoHouse } from './intoHouse.ts';
import { figuresAt } from './figures.ts';
import { properties, PROPERTY_IDS, type PropertyId } from './properties/index.ts';
import { resolve } from './resolve.ts';
import { setValues } from './setValues.ts';
import { LAYER_ORDER, LAYERS, styleCss } from './styleCss.ts';
import { elementsOn, takenIn, type Style } from './styleTree.ts';
import { stateKinds, STATES, type StateId } from './states.ts';

const bands = firstBands;
const start = specimenStored([specimenShelf('a')]);
const HOUSE = { house: true } as const;
const SHELF = { shelf: 'a' } as const;

const run = (plan: StoredPlan, ...commands: Command[]) => commands.reduce(apply, plan);
const styles = (plan: StoredPlan): [own: Style, house: Style] => {
  const { shelves, house } = completePlan(plan);
  return [shelves.a!.style, house.style];
};
const comesTo = (
  plan: StoredPlan,
  id: string,
  property: PropertyId,
  state: StateId = 'rest',
  band = 'wide',
) => resolve(styles(plan), styleElement(id), property, state, bands, band);

describe('elements and properties', () => {
  it('are each listed once, with states and properties that there are', () => {
    expect(new Set(elements.map(({ id }) => id)).size).toBe(elements.length);
    for (const { id, takes, states, from, current, off, atFirst, selectors } of elements) {
      expect(new Set(takes).size, id).toBe(takes.length);
      for (const one of takes) expect(PROPERTY_IDS, id).toContain(one);
      expect(states[0], id).toBe('rest');
      expect(
        [...states].sort((a, b) => STATES.indexOf(a) - STATES.indexOf(b)),
        id,
      ).toEqual(states);
      expect([states.includes('current'), states.includes('off')], id).toEqual([
        current !== undefined,
        off !== undefined,
      ]);
      for (const one of Object.keys(atFirst)) expect(takes, `${id} ${one}`).toContain(one);
      for (const one of Object.entries(atFirst))
        expect(properties[one[0] as PropertyId].kind.schema.isValidSync(one[1]), `${id} ${one[0]}`).toBe(
          true,
        );
      expect(selectors.length, id).toBeGreaterThan(0);
      if (from === undefined) continue;
      // One that others take from comes before them, and takes all that they do.
      expect(elements.findIndex((one) => one.id === from)).toBeLessThan(
        elements.findIndex((one) => one.id === id),
      );
      expect(styleElement(from).from).toBeUndefined();
      // Where it stands is its own.
      for (const one of takes) if (one !== 'align') expect(styleElement(from).takes, id).toContain(one);
    }
  });

  it('are of bays that there are, each in one at least', () => {
    const inBays = new Set(
      bayKinds.flatMap(({ id }) =>
        baySettings(id).flatMap((one) => (one.id.startsWith('style.') ? one.id.split('.')[1]! : [])),
      ),
    );
    expect([...inBays].sort()).toEqual(
      elementsOn('bay')
        .map(({ id }) => id)
        .sort(),
    );
  });

  it('leave alone what hides a part until its card is pointed at', () => {
    for (const id of PROPERTY_IDS) {
      const declared = properties[id].css(properties[id].begins).split(';');
      expect(
        declared.filter((one) => /^(opacity|visibility|display):/.test(one)),
        id,
      ).toEqual([]);
    }
  });

  it('keep in all states what takes room', () => {
    for (const element of elements)
      for (const state of element.states.slice(1))
        for (const id of takenIn(element, state))
          expect(properties[id].css(properties[id].begins), `${element.id} ${id}`).not.toMatch(
            /font-size|font-weight|line-height|letter-spacing|text-transform|padding|margin|border-width/,
          );
  });
});

describe('where a value comes from', () => {
  it('is the base sheet, the house, then the shelf; the nearest that sets it in a state that holds', () => {
    expect(comesTo(start, 'title', 'size')).toEqual({ value: 16, from: null });
    const house = run(start, set(HOUSE, 'title.rest.textColour', 'accent'));
    expect(comesTo(house, 'title', 'textColour')).toMatchObject({ value: 'accent', from: { level: 1 } });
    const hovered = run(house, set(HOUSE, 'title.cardHover.textColour', '#112233'));
    expect(comesTo(hovered, 'title', 'textColour', 'cardHover').value).toBe('#112233');
    const own = run(hovered, set(SHELF, 'title.rest.textColour', 'reduced'));
    expect(comesTo(own, 'title', 'textColour', 'cardHover')).toEqual({
      value: 'reduced',
      from: { level: 0, element: 'title', state: 'rest' },
    });
    // What the shelf sets in one state alone is the house's in others.
    const only = run(hovered, set(SHELF, 'title.cardHover.textColour', 'reduced'));
    expect(comesTo(only, 'title', 'textColour').value).toBe('accent');
  });

  it('is the element itself before the one that it takes from', () => {
    const all = run(start, set(HOUSE, 'button.hover.background', '#102030'));
    expect(comesTo(all, 'basket', 'background', 'hover').value).toBe('#102030');
    expect(comesTo(all, 'basket', 'background', 'pressed').value).toBe('#102030');
    const one = run(all, set(HOUSE, 'basket.rest.background', '#ffffff'));
    expect(comesTo(one, 'basket', 'background', 'hover').value).toBe('#ffffff');
    expect(comesTo(one, 'ask', 'background', 'hover').value).toBe('#102030');
  });

  it('of a value by width holds from its width up, and below it what is inherited', () => {
    const plan = run(
      start,
      set(HOUSE, 'title.rest.size', 18, 'phone'),
      set(SHELF, 'title.rest.size', 24, 'laptop'),
    );
    expect(bands.map(({ id }) => comesTo(plan, 'title', 'size', 'rest', id).value)).toEqual([18, 18, 24, 24]);
  });

  it('leaves nothing behind when it is reset', () => {
    const plan = run(
      start,
      set(SHELF, 'title.rest.size', 24, 'laptop'),
      set(SHELF, 'price.rest.weight', 700),
    );
    expect(setValues(styles(plan)[0]).map(({ element, property }) => `${element.id} ${property}`)).toEqual([
      'title size',
      'price weight',
    ]);
    const back = run(
      plan,
      set(SHELF, 'title.rest.size', undefined, 'laptop'),
      set(SHELF, 'price.rest.weight', undefined),
    );
    expect(back.shelves).toEqual(start.shelves);
  });
});

describe('a style whose widths are changed', () => {
  const plan = run(
    start,
    set(HOUSE, 'title.rest.size', 18, 'tablet'),
    set(SHELF, 'title.rest.size', 24, 'laptop'),
    set(SHELF, 'card.cardHover.corners', 9, 'wide'),
  );
  const at = (stored: StoredPlan, id: string, property: PropertyId, state: StateId, px: number) => {
    const { bands: now } = completePlan(stored).house;
    const band = now.findLast(({ from }) => from <= px)!.id;
    return resolve(styles(stored), styleElement(id), property, state, now, band).value;
  };
  const desk = { ...bands[2]!, id: 'desk', name: 'Desk', from: 1000 };
  it.each([
    ['a width removed', { is: 'remove', id: 'laptop' }, [300, 700, 1500]],
    ['a width added', { is: 'add', band: desk }, [300, 700, 900, 1100, 1500]],
    ['an edge moved', { is: 'move', id: 'wide', from: 1400 }, [300, 700, 900, 1500]],
  ] as const)('keeps what it means: %s', (_, edit, widths) => {
    const after = apply(plan, { do: 'editBands', edit });
    expect(after).not.toBe(plan);
    expect(checkDocument('house', after.house)).toBeNull();
    expect(checkDocument('shelf:a', after.shelves.a!)).toBeNull();
    for (const px of widths) {
      expect(at(after, 'title', 'size', 'rest', px), String(px)).toBe(at(plan, 'title', 'size', 'rest', px));
      expect(at(after, 'card', 'corners', 'cardHover', px)).toBe(
        at(plan, 'card', 'corners', 'cardHover', px),
      );
    }
  });
});

describe("what a shelf has, made the house's", () => {
  const few = elementsOn('shelf').filter(({ id }) =>
    ['card', 'title', 'button', 'basket', 'ask'].includes(id),
  );
  it('looks the same on the shelf, at every width and in every state, and is set there no more', () => {
    fc.assert(
      fc.property(
        fc.array(anyStyleSet(SHELF, few), { minLength: 1, maxLength: 8 }),
        fc.array(anyStyleSet(HOUSE, few), { maxLength: 8 }),
        (own, house) => {
          const before = run(start, ...own, ...house);
          const [ownStyle, houseStyle] = styles(before);
          const after = apply(before, intoHouse(ownStyle, houseStyle, SHELF, bands));
          expect(after.shelves).toEqual(start.shelves);
          expect(checkDocument('house', after.house)).toBeNull();
          for (const element of few)
            for (const state of element.states)
              for (const property of takenIn(element, state))
                for (const { id } of bands)
                  expect(
                    comesTo(after, element.id, property, state, id).value,
                    `${element.id} ${state} ${property} ${id}`,
                  ).toEqual(comesTo(before, element.id, property, state, id).value);
        },
      ),
      { numRuns: 120 },
    );
  });
});

describe('a style as a document', () => {
  it.each([
    ['a colour of no kind', 'title.rest.textColour', 'url(x)'],
    ['a name that is none of the house', 'title.rest.textColour', 'constructor'],
    ['a size beyond what is drawn', 'title.rest.size', { phone: 4000 }],
    ['a size that does not go by width', 'title.rest.size', 20],
    ['null', 'title.rest.weight', null],
    ['a state that the element has not', 'title.pressed.textColour', 'accent'],
    ['a property that the element has not', 'title.rest.background', 'accent'],
    ['an element of a bay', 'heading.rest.textColour', 'accent'],
  ])('refuses %s, and names the setting where there is one', (_, path, value) => {
    const steps = path.split('.');
    const style = steps.reduceRight<unknown>((inner, step) => ({ [step]: inner }), value);
    const fault = checkDocument('shelf:a', { ...specimenShelf('a'), style });
    expect(fault?.message).toMatch(/^[A-Z].*\.$/);
  });

  it('is told change by change, as a sentence', () => {
    const plan = run(
      start,
      set(SHELF, 'title.rest.size', 24, 'laptop'),
      set(SHELF, 'basket.hover.background', 'accent'),
    );
    const place = { page: null, words: 'Shelf', bay: null } as never;
    const said = settingChanges(
      { target: SHELF, place },
      { before: start, after: plan, names: specimenNames },
    ).map(({ text }) => text);
    expect(said.join('; ')).toContain('title: text size now 24 px from Laptop, was as the house');
    expect(said.join('; ')).toContain('basket button on hover: background now accent, was as the house');
  });
});

describe('style sheets of styles', () => {
  it('hold what is set and nothing else', () => {
    expect(styleCss(styles(start)[0], 'o', '[data-shelf="a"]', bands)).toBe('');
    const plan = run(
      start,
      set(SHELF, 'title.rest.textColour', 'accent'),
      set(SHELF, 'title.rest.size', 24, 'laptop'),
      set(SHELF, 'basket.hover.lift', 3),
      set(SHELF, 'card.cardHover.shadow', 'deep'),
    );
    const css = styleCss(styles(plan)[0], 'o', '[data-shelf="a"]', bands);
    expect(css).toContain('[data-shelf="a"] .part-title{color:var(--accent)!important}');
    expect(css).toContain(
      '@container region (width >= 880px){[data-shelf="a"] .part-title{color:var(--accent)!important;font-size:24px!important}}',
    );
    expect(css).toContain('[data-shelf="a"] .cards>.card:focus-within{box-shadow:');
    expect(css).toContain('@media (hover:hover){[data-shelf="a"] .cards>.card:hover{box-shadow:');
    expect(css).toContain(
      '@media (prefers-reduced-motion:no-preference){@media (hover:hover){[data-shelf="a"] .part-basket .act:hover{--lift:3px!important;translate:var(--across,0px) calc(var(--down,0px) - var(--lift,0px))!important}}}',
    );
    for (const [, layer] of css.matchAll(/@layer ([a-z\d]+)\{/g)) expect(LAYER_ORDER).toContain(layer);
  });

  it('come over one another by level, then by element, then by state', () => {
    const at = (name: string) => LAYER_ORDER.indexOf(name);
    // Of important declarations those in the earlier layer win.
    expect(LAYERS).toBe(`@layer ${[...LAYER_ORDER].reverse().join()};`);
    expect(at('h00')).toBeLessThan(at('h02'));
    expect(at('h05')).toBeLessThan(at('h10'));
    expect(at('h15')).toBeLessThan(at('o00'));
    for (const state of STATES)
      for (const one of stateKinds[state].over)
        expect(STATES.indexOf(one)).toBeLessThan(STATES.indexOf(state));
  });
});

describe('figures that cards are measured by', () => {
  it('are none where nothing is styled that takes room, and the same objects while styles are', () => {
    const [own, house] = styles(start);
    expect(figuresAt(own, house, bands, 'wide')).toEqual({});
    const coloured = styles(run(start, set(SHELF, 'title.rest.textColour', 'accent')));
    expect(figuresAt(...coloured, bands, 'wide')).toEqual({});
    const sized = run(start, set(SHELF, 'title.rest.size', 24, 'laptop'));
    const figures = figuresAt(...styles(sized), bands, 'wide');
    expect(figuresAt(...styles(sized), bands, 'wide')).toBe(figures);
    expect(figures.title).toMatchObject({ fontPx: 24, linePx: 32, weight: 500 });
    expect(figuresAt(...styles(sized), bands, 'phone')).toEqual({});
    // Another change of the same shelf measures nothing anew.
    const further = apply(sized, { do: 'set', on: SHELF, setting: 'card.align', value: 'center' });
    expect(figuresAt(...styles(further), bands, 'wide')).toBe(figures);
  });

  it('are those of the element that a button takes from, and of its own', () => {
    const plan = run(
      start,
      set(HOUSE, 'button.rest.spaceEnds', 30, 'phone'),
      set(SHELF, 'basket.rest.borderWidth', 4),
    );
    const { basket, ask } = figuresAt(...styles(plan), bands, 'phone');
    expect(basket!.box).toEqual({ acrossPx: 9, endsPx: 30, borderPx: 4 });
    expect(ask!.box).toEqual({ acrossPx: 9, endsPx: 30, borderPx: 1 });
  });

  it('make no text narrower that is set larger, further apart, or in capitals', () => {
    const text = { fontPx: 16, linePx: 21, weight: 500 };
    fc.assert(
      fc.property(
        fc.string({ minLength: 1, maxLength: 40 }),
        fc.integer({ min: 10, max: 60 }),
        fc.integer({ min: 0, max: 30 }),
        (words, more, apart) => {
          const plain = widthOf(words, text);
          expect(widthOf(words, { ...text, fontPx: text.fontPx + more })).toBeGreaterThanOrEqual(plain);
          expect(widthOf(words, { ...text, spacingEm: apart / 100 })).toBeGreaterThanOrEqual(plain - 1e-9);
        },
      ),
    );
    expect(widthOf('plate', { ...text, upper: true })).toBe(widthOf('PLATE', text));
  });

  it('reach every part that is text, or a button', () => {
    const plan = elementsOn('shelf')
      .filter(({ takes }) => takes.includes('size'))
      .reduce((at, { id }) => apply(at, set(SHELF, `${id}.rest.size`, 30, 'phone')), start);
    const figures = figuresAt(...styles(plan), bands, 'phone');
    const text = partKinds.filter(({ id, text }) => text && id !== 'quantity');
    expect(Object.keys(figures).sort()).toEqual([...text.map(({ id }) => id), 'label'].sort());
    expect(text.length).toBeGreaterThan(15);
  });
});

describe('what is offered', () => {
  it('of a shelf is what is on it, of the house all', () => {
    const ids = (plan: StoredPlan, on: Parameters<typeof subjectOf>[1]) =>
      new Set(
        subjectOf(plan, on)!.settings.flatMap(({ id }) => (id.startsWith('style.') ? id.split('.')[1]! : [])),
      );
    expect(ids(start, SHELF)).toEqual(new Set(elementsOn('shelf').map(({ id }) => id)));
    expect(ids(start, HOUSE)).toEqual(new Set(elements.map(({ id }) => id)));
  });
});

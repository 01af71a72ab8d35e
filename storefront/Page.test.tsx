// @vitest-environment jsdom
import fc from 'fast-check';
import { renderToStaticMarkup } from 'react-dom/server';
import { describe, expect, it } from 'vitest';
import { partKinds } from '../core/card/parts/index.ts';
import { layoutKinds } from '../core/layouts/index.ts';
import type { StoredShelf } from '../core/plan/shelf.ts';
import { completePlan } from '../core/plan/storedPlan.ts';
import { specimenBay, specimenShelf, specimenStored, specimenView } from '../core/specimen/specimen.ts';
import { shelvesOn } from '../core/view/shelvesIn.ts';
import type { PageView } from '../core/view/view.ts';
import { Page } from './Page.tsx';

const drawn = (view: PageView): HTMLElement => {
  const body = document.createElement('body');
  body.innerHTML = renderToStaticMarkup(<Page view={view} />);
  return body;
};

const anyShelf = (id: string): fc.Arbitrary<StoredShelf> =>
  fc
    .record({
      layout: fc.constantFrom(...layoutKinds.map((kind) => kind.id)),
      wider: fc.constantFrom(...layoutKinds.map((kind) => kind.id)),
      items: fc.integer({ min: 1, max: 30 }),
      paging: fc.constantFrom('none' as const, 'numbered' as const, 'more' as const, 'onReach' as const),
      play: fc.boolean(),
      marks: fc.constantFrom('none' as const, 'dots' as const, 'bar' as const, 'count' as const),
      shown: fc.array(fc.boolean(), { minLength: partKinds.length, maxLength: partKinds.length }),
      direction: fc.constantFrom('page' as const, 'rtl' as const),
    })
    .map(({ layout, wider, items, paging, play, marks, shown, direction }) =>
      specimenShelf(id, {
        layout: { phone: layout, laptop: wider },
        amount: { by: 'items', items: { phone: items } },
        paging: { by: paging },
        moving: { play, marks: { phone: marks } },
        direction,
        card: {
          parts: Object.fromEntries(partKinds.map((kind, i) => [kind.id, { shown: { phone: shown[i]! } }])),
        },
      } as unknown as StoredShelf),
    );

const anyPage = fc
  .tuple(anyShelf('a'), anyShelf('b'), fc.constantFrom(0, 1, 7, 64), fc.boolean())
  .map(([a, b, total, leveled]) => {
    const bays = ['a', 'b'].map((id) =>
      specimenBay(id, { heading: { words: `Heading ${id}`, level: leveled ? 2 : 3 } } as never),
    );
    return specimenView(
      completePlan(
        specimenStored(
          [a, b],
          [specimenBay('n', { holds: 'notice', words: 'Closed on Monday' } as never), ...bays],
        ),
      ),
      total,
    );
  });

const named = (one: Element): string =>
  one.getAttribute('aria-label') ?? (one.textContent.trim() || (one.querySelector('img')?.alt ?? ''));

describe('any page', () => {
  const law = (holds: (body: HTMLElement, view: PageView) => void) =>
    fc.assert(
      fc.property(anyPage, (view) => holds(drawn(view), view)),
      { numRuns: 60 },
    );

  it('has each id once, and every link within it leads somewhere', () =>
    law((body) => {
      const ids = [...body.querySelectorAll('[id]')].map(({ id }) => id);
      expect(ids).toEqual([...new Set(ids)]);
      for (const link of body.querySelectorAll('a[href^="#"]'))
        expect(ids, link.outerHTML).toContain(link.getAttribute('href')!.slice(1));
    }));

  it('draws exactly the cards of its view, or its rows, in their order, each with one link over all of it, and all it can be pressed on named', () =>
    law((body, view) => {
      for (const { shelf, bay } of shelvesOn(view)) {
        const lists = [...body.querySelectorAll(`[data-bay="${bay.id}"] :is(.cards,.sheet>table>tbody)`)];
        // A table at some widths and another layout at others is there twice, and shown once.
        const isBoth = shelf.table !== null && shelf.layouts.length > 1;
        expect(lists).toHaveLength(bay.empty ? 0 : isBoth ? 2 : 1);
        for (const list of lists) {
          const cards = [...list.children];
          expect(cards.map((card) => Number(card.getAttribute('data-card')))).toEqual(
            shelf.cards.map(({ id }) => id),
          );
          for (const card of cards) {
            const pressed = [...card.querySelectorAll('a[href], button, input:not([type=hidden])')];
            const links = pressed.filter((one) => one.matches('a:not(.act)'));
            expect(links, card.outerHTML).toHaveLength(1);
            for (const one of pressed) expect(named(one), one.outerHTML).not.toBe('');
          }
        }
      }
    }));

  it('names every button, list of pages and picture, and keeps the place of pictures', () =>
    law((body) => {
      for (const one of body.querySelectorAll('button, nav, [role="group"]'))
        expect(named(one), one.outerHTML.slice(0, 120)).not.toBe('');
      for (const one of body.querySelectorAll('img')) {
        expect(one.hasAttribute('alt')).toBe(true);
        expect(Number(one.getAttribute('width'))).toBeGreaterThan(0);
        expect(Number(one.getAttribute('height'))).toBeGreaterThan(0);
      }
    }));

  it('says once which page of a list it is, and never asks for one that is not there', () =>
    law((body, view) => {
      for (const { shelf } of shelvesOn(view))
        for (const nav of body.querySelectorAll(`[data-shelf="${shelf.id}"] .pager:not(.more)`)) {
          expect(nav.querySelectorAll('[aria-current="page"]')).toHaveLength(1);
          for (const link of nav.querySelectorAll('a[href]')) {
            const from = new URL(link.getAttribute('href')!, 'https://shop.example').searchParams.get(
              `${shelf.id}.from`,
            );
            expect(Number(from ?? 0)).toBeLessThan(shelf.total);
          }
        }
    }));

  it('goes down by one heading level at a time from the first', () =>
    law((body) => {
      const levels = [...body.querySelectorAll('h1,h2,h3,h4,h5,h6')].map((one) => Number(one.tagName[1]));
      expect(levels.filter((level) => level === 1)).toHaveLength(levels.length ? 1 : 0);
    }));
});

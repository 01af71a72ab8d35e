import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { MenuContent } from '../bays/menu.ts';
import { linksOfTree } from '../bays/menu.ts';
import type { MenuItem } from '../bays/menuItem.ts';
import { categoryTree } from '../catalogue/categoryTree.ts';
import type { CategoryFacts } from '../catalogue/facts.ts';
import { findingsOn } from '../checks/index.ts';
import { pageCss } from '../css/pageCss.ts';
import { checkDocument } from '../plan/checkDocument.ts';
import { apply } from '../plan/commands.ts';
import { linkTo } from '../plan/linkTo.ts';
import { completePlan, type StoredPlan } from '../plan/storedPlan.ts';
import { subjectOf } from '../plan/target.ts';
import { firstPlan } from '../pages/firstPlan.ts';
import {
  specimenBay,
  specimenNames,
  specimenShelf,
  specimenStored,
  specimenTree,
  specimenView,
} from '../specimen/specimen.ts';
import { allBays, edgeView } from './allBays.ts';
import { edgeLayout, ROW_GAP_PX } from './edgeLayout.ts';
import { CATEGORIES } from './reads.ts';
import type { PageView } from './view.ts';

const page = (kind: 'header' | 'footer', bays: object[], more: object = {}) => ({
  id: kind,
  kind,
  name: kind,
  bays: bays.map((bay, i) => specimenBay(`${kind}-${i}`, bay as never)),
  ...more,
});

/** A home page with a shelf, and a header and a footer of these bays. */
function planWith(header: object[], footer: object[] = [], more: object = {}): StoredPlan {
  const stored = specimenStored([specimenShelf('a')]);
  return {
    ...stored,
    pages: {
      ...stored.pages,
      header: page('header', header, more),
      footer: page('footer', footer),
    },
  };
}
const viewOf = (stored: StoredPlan, tree = specimenTree): PageView =>
  specimenView(completePlan(stored), 4, { tree, collections: [{ id: 3, slug: 'gifts', name: 'Gifts' }] });
const menuOf = (items: readonly MenuItem[] | undefined, tree = specimenTree, more: object = {}) =>
  viewOf(planWith([{ holds: 'menu', ...(items && { items }), ...more }]), tree).head!.bays[0]!
    .content as unknown as MenuContent;

const category = (id: number, parentId: number | null, more: Partial<CategoryFacts> = {}): CategoryFacts => ({
  ...specimenTree.all[0]!,
  id,
  parentId,
  name: `Category ${id}`,
  slug: `category-${id}`,
  position: id,
  products: 3,
  catchAll: false,
  ...more,
});
const tree = categoryTree([
  category(1, null),
  category(2, null, { products: 0 }),
  category(3, null, { catchAll: true }),
  category(4, null),
  category(11, 1),
  category(12, 1, { products: 0 }),
  category(111, 11),
]);

describe('the header and the footer', () => {
  it('stand around every page and change nothing of its own bays', () => {
    const bare = specimenView(completePlan(specimenStored([specimenShelf('a')])), 4);
    expect([bare.head, bare.foot]).toEqual([null, null]);
    const view = viewOf(planWith([{ holds: 'storeName' }, { holds: 'menu' }], [{ holds: 'storeName' }]));
    expect(view.bays.map(({ id }) => id)).toEqual(bare.bays.map(({ id }) => id));
    expect(allBays(view).map(({ id }) => id)).toEqual(['header-0', 'header-1', 'a', 'footer-0']);
    expect(view.reads).toContain(CATEGORIES);
  });

  it('are of every store, and what they hold can stand there', () => {
    const plan = firstPlan('Clay');
    for (const id of ['header', 'footer']) {
      expect(checkDocument(`page:${id}`, plan.pages[id])).toBeNull();
      const bays = [...plan.pages[id]!.bays, specimenBay('x', { holds: 'shelf', shelfId: 'new' } as never)];
      expect(checkDocument(`page:${id}`, { ...plan.pages[id]!, bays })?.message).toBe(
        '"Shelf" cannot stand in the header or the footer.',
      );
    }
  });

  it('give their bays a place in a row, and bays of pages a width of their own', () => {
    const stored = planWith([{ holds: 'notice', words: 'Hello' }]);
    const idsOf = (target: Parameters<typeof subjectOf>[1]) =>
      subjectOf(stored, target)!.settings.map(({ id }) => id);
    const around = idsOf({ page: 'header', bay: 'header-0' });
    expect(around).toContain('place.takes');
    expect(around).not.toContain('look.width');
    const onPage = idsOf({ page: 'home', bay: 'a' });
    expect(onPage).toContain('look.width');
    expect(onPage).not.toContain('place.takes');
    expect(idsOf({ page: 'header' })).toEqual(['sticks', 'background', 'between', 'ends']);
    expect(idsOf({ page: 'footer' })).not.toContain('sticks');
    expect(idsOf({ page: 'home' })).not.toContain('sticks');
  });

  it('are checked once with every page, each finding where it can be mended', () => {
    const style = { storeLink: { rest: { textColour: '#fdfdfd' } } };
    const stored = planWith([{ holds: 'menu', style }]);
    const view = viewOf(stored, tree);
    const found = findingsOn(view, completePlan(stored), specimenNames);
    const low = found.filter(({ text }) => text.includes('links of a menu'));
    expect(low.map(({ at }) => at)).toEqual([{ on: 'bay', page: 'header', bay: 'header-0' }]);
    expect(new Set(found.map((one) => JSON.stringify(one))).size).toBe(found.length);
    expect(edgeView(view, 'header').bays).toEqual(view.head!.bays);
    expect(edgeView(view, 'home')).toBe(view);
  });

  it('never carry the first heading of a page, which is found where one does', () => {
    const stored = planWith([{ holds: 'menu', heading: { words: 'Shop', level: 1 } }]);
    const view = viewOf(stored, tree);
    expect(view.firstHeading).not.toBeNull();
    const found = findingsOn(view, completePlan(stored), specimenNames).filter(
      ({ check }) => check === 'first-headings',
    );
    expect(found.map(({ at }) => at)).toEqual([{ on: 'bay', page: 'header', bay: 'header-0' }]);
    const mended = apply(stored, found[0]!.fix!.command);
    expect(
      findingsOn(viewOf(mended, tree), completePlan(mended), specimenNames).some(
        ({ check }) => check === 'first-headings',
      ),
    ).toBe(false);
  });

  it('lay their background behind each of their bays, so that texts are judged on it', () => {
    const view = viewOf(planWith([{ holds: 'storeName' }], [], { background: '#10202c' }));
    expect(view.head!.bays[0]!.look.background).toBe('#10202c');
    expect(pageCss(view).includes('.store{--behind:#10202c;background:var(--behind);color:#fff')).toBe(true);
  });

  it('keep what links lead to clear of a header that stays at the top, and only then', () => {
    const look = { above: { phone: 0 }, below: { phone: 0 } };
    const css = (sticks: boolean) =>
      /\.store\{position[^}]*\}\.main\{--stuck[^}]*\}/.exec(
        pageCss(viewOf(planWith([{ holds: 'storeName', look }], [], { sticks: { phone: sticks } }))),
      )?.[0];
    expect(css(true)).toBe('.store{position:sticky}.main{--stuck:65px}');
    expect(css(false)).toBeUndefined();
  });
});

describe('a menu', () => {
  it('has the main categories that hold something, and those below them where it has two levels', () => {
    expect(menuOf(undefined, tree).links.map(({ link }) => link)).toEqual([
      '/shop',
      '/category/category-1',
      '/category/category-4',
    ]);
    const two = menuOf(undefined, tree, { levels: 'two', shop: false });
    expect(two.links.map(({ words, below }) => [words, below.map((one) => one.words)])).toEqual([
      ['Category 1', ['Category 11']],
      ['Category 4', []],
    ]);
    // What one press makes of them says the same.
    const made = linksOfTree(tree, { shop: false, most: 5, levels: 'two' }, { shop: 'Shop' });
    expect(menuOf(made, tree).links.map(({ link, below }) => [link, below.length])).toEqual(
      two.links.map(({ link, below }) => [link, below.length]),
    );
  });

  it('follows what it names, and leaves out what is gone', () => {
    const items: MenuItem[] = [
      { id: 'a', link: 'category:4' },
      { id: 'b', link: 'category:999' },
      { id: 'c', link: 'category:11', under: true },
      { id: 'd', link: 'collection:3', words: 'For presents' },
      { id: 'e', link: 'page:home' },
      { id: 'f', link: 'page:nowhere' },
      { id: 'g', words: 'Help' },
      { id: 'h', link: 'mailto:hello@example.com', words: 'Write', under: true },
      { id: 'i', words: 'A name for nothing' },
    ];
    const moved = categoryTree(tree.all.map((one) => (one.id === 4 ? { ...one, slug: 'renamed' } : one)));
    expect(
      menuOf(items, moved).links.map(({ words, link, below }) => [words, link, below.map((one) => one.link)]),
    ).toEqual([
      ['Category 4', '/category/renamed', []],
      ['Category 11', '/category/category-11', []],
      ['For presents', '/collection/gifts', []],
      ['Home', '/', []],
      ['Help', '', ['mailto:hello@example.com']],
    ]);
  });

  it('never has more than two levels, whatever is said of its links', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({ under: fc.boolean(), link: fc.constantFrom('/shop', 'category:1', 'category:9') }),
        ),
        (all) => {
          const items = all.map((one, i) => ({ ...one, id: `l${i}` }));
          const { links } = menuOf(items, tree);
          const there = all.filter(({ link }) => link !== 'category:9').length;
          expect(links.reduce((sum, { below }) => sum + 1 + below.length, 0)).toBe(there);
          if (links.length > 0) expect(links[0]!.link).not.toBe('');
        },
      ),
      { numRuns: 60 },
    );
  });

  it('is refused with a third level, with two links of one id, or with an address that is none', () => {
    const fault = (items: object[]) =>
      checkDocument('page:header', planWith([{ holds: 'menu', items }]).pages.header);
    expect(fault([{ id: 'a', link: 'category:1' }])).toBeNull();
    expect(fault([{ id: 'a', link: 'category:1', items: [] }])).not.toBeNull();
    expect(fault([{ id: 'a' }, { id: 'a' }])?.message).toBe('Two links have the same id.');
    for (const link of ['javascript:alert(1)', 'category:', 'page:A B', '//evil.example', 'order:1'])
      expect(fault([{ id: 'a', link }]), link).not.toBeNull();
  });
});

describe('where a link of the store leads', () => {
  const plan = completePlan(firstPlan('Clay'));
  const world = { plan, tree, collections: [] };
  it('is nowhere for the header, and for a page that is about one thing of many', () => {
    expect(linkTo('page:shop', world)).toEqual({ href: '/shop', name: 'Shop' });
    for (const link of ['page:header', 'page:product', 'page:category', 'page:constructor', 'collection:1'])
      expect(linkTo(link, world), link).toBeNull();
    expect(linkTo('https://example.com/a', world)?.href).toBe('https://example.com/a');
  });
});

describe('the rows of the header and the footer', () => {
  const takes = fc.constantFrom('own', 'rest', 'quarter', 'third', 'half', 'row');
  it('hold every bay once, none over another and none outside, however wide they are', () => {
    fc.assert(
      fc.property(
        fc.array(fc.record({ takes, last: fc.boolean(), links: fc.integer({ min: 1, max: 6 }) }), {
          minLength: 1,
          maxLength: 6,
        }),
        fc.integer({ min: 320, max: 2_000 }),
        fc.integer({ min: 0, max: 60 }),
        (bays, regionPx, gap) => {
          const view = viewOf(
            planWith(
              bays.map(({ takes: one, last, links }) => ({
                holds: 'menu',
                place: { takes: { phone: one }, last: { phone: last } },
                items: Array.from({ length: links }, (_, i) => ({
                  id: `l${i}`,
                  words: `Link ${i}`,
                  link: '/shop',
                })),
              })),
              [],
              { between: { phone: gap } },
            ),
          );
          const { boxes, heightPx } = edgeLayout(view.head!, view, regionPx);
          expect(boxes.map(({ bayId }) => bayId).sort()).toEqual(view.head!.bays.map(({ id }) => id).sort());
          for (const [i, one] of boxes.entries()) {
            expect(one.x).toBeGreaterThanOrEqual(-0.5);
            expect(one.x + one.width).toBeLessThanOrEqual(regionPx + 0.5);
            expect(one.y + one.height).toBeLessThanOrEqual(heightPx);
            for (const other of boxes.slice(i + 1)) {
              const apart =
                one.x + one.width <= other.x + 0.5 ||
                other.x + other.width <= one.x + 0.5 ||
                one.y + one.height + ROW_GAP_PX <= other.y + 0.5 ||
                other.y + other.height + ROW_GAP_PX <= one.y + 0.5;
              expect(apart).toBe(true);
            }
          }
        },
      ),
      { numRuns: 80 },
    );
  });

  it('has four quarters, three thirds and two halves beside one another, and nothing beside a whole row', () => {
    const rowsOf = (one: string, count: number) => {
      const view = viewOf(
        planWith(
          Array.from({ length: count }, () => ({ holds: 'storeName', place: { takes: { phone: one } } })),
        ),
      );
      return new Set(edgeLayout(view.head!, view, 1_180).boxes.map(({ y }) => Math.round(y))).size;
    };
    expect([rowsOf('quarter', 4), rowsOf('third', 3), rowsOf('half', 2), rowsOf('row', 2)]).toEqual([
      1, 1, 1, 2,
    ]);
  });
});

import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { CategoryFacts } from '../catalogue/facts.ts';
import { checkDocument } from '../plan/checkDocument.ts';
import { picturesNamed } from '../plan/picturesNamed.ts';
import { completePlan } from '../plan/storedPlan.ts';
import {
  specimenPicture,
  specimenProduct,
  specimenShelf,
  specimenStored,
  specimenTree,
  specimenViewOf,
} from '../specimen/specimen.ts';
import { shelvesIn } from '../view/shelvesIn.ts';
import { insteadId, shownInstead, type Instead } from './instead.ts';
import { faceOf, type Item } from './item.ts';

const category = (id: number): CategoryFacts => ({
  ...specimenTree.all[0]!,
  id,
  name: `Category ${id}`,
  description: `About ${id}`,
  slug: `category-${id}`,
});
const categories = [1, 2, 3, 4].map((id): Item => ({ of: 'categories', category: category(id) }));
const collections = [1, 2].map((id) => ({
  of: 'collections',
  collection: { ...category(id), name: `Collection ${id}`, slug: `collection-${id}` },
})) as unknown as Item[];
const products = [1, 2].map((id): Item => ({ of: 'products', product: specimenProduct(id) }));
const items = [...categories, ...collections, ...products];

const PICTURE = 'e'.repeat(64);
const own = specimenPicture({ file: 'own' });
const pictures = (id: string) => (id === PICTURE ? own : undefined);

const anyInstead = fc.uniqueArray(
  fc.record(
    {
      id: fc
        .tuple(fc.constantFrom('categories' as const, 'collections' as const), fc.integer({ min: 1, max: 5 }))
        .map(([of, id]) => insteadId(of, id)),
      title: fc.string({ minLength: 1, maxLength: 20 }),
      words: fc.string({ maxLength: 20 }),
      pictureId: fc.constantFrom(PICTURE, 'f'.repeat(64)),
    },
    { requiredKeys: ['id'] },
  ),
  { selector: ({ id }) => id },
);

describe('what a card shows instead', () => {
  it('is what was set of it, and all else is as the catalogue has it, in the same order', () => {
    fc.assert(
      fc.property(anyInstead, (instead) => {
        const shown = shownInstead(items, instead, pictures);
        expect(shown).toHaveLength(items.length);
        shown.forEach((one, i) => {
          const [face, before] = [faceOf(one), faceOf(items[i]!)];
          const set = instead.find(({ id }) => id === insteadId(one.of, face.id));
          expect([face.id, face.href]).toEqual([before.id, before.href]);
          expect(face.title).toBe(set?.title ?? before.title);
          expect(face.words).toBe(set?.words ?? before.words);
          // A picture that is gone leaves it its own.
          expect(face.picture).toBe(set?.pictureId === PICTURE ? own : before.picture);
          if (!set) expect(one).toBe(items[i]);
        });
      }),
    );
  });

  it('is drawn on that shelf alone, and the view stays the very same while nothing changes', () => {
    const instead: Instead[] = [{ id: 'categories-2', title: 'For the table', pictureId: PICTURE }];
    const shelf = (id: string, more: object = {}) =>
      specimenShelf(id, { assortment: { of: 'categories', choose: { from: 'all' } }, ...more } as never);
    const plan = completePlan(specimenStored([shelf('a', { instead }), shelf('b')]));
    expect(picturesNamed(plan.pages.home!, plan)).toContain(PICTURE);
    const answer = { total: 4, own: 4, start: 0, items: categories };
    const address = { path: '/', from: {}, open: {} };
    const view = () => specimenViewOf(plan, () => answer, { pictures, address });
    const [a, b] = view().bays.flatMap((bay) => [...shelvesIn(bay)]);
    expect(a!.cards.map(({ name }) => name)).toEqual([
      'Category 1',
      'For the table',
      'Category 3',
      'Category 4',
    ]);
    expect(b!.cards.map(({ name }) => name)).toEqual(categories.map((one) => faceOf(one).title));
    expect(view().bays.flatMap((bay) => [...shelvesIn(bay)])[0]).toBe(a);
  });

  it('is refused where it names nothing that there can be, the same twice, or no picture', () => {
    const fault = (...instead: object[]) => checkDocument('shelf:a', { id: 'a', name: 'A', instead });
    expect(fault({ id: 'categories-1', title: 'x' })).toBeNull();
    for (const wrong of [
      [{ id: 'products-1' }],
      [{ id: 'categories-0' }],
      [{ id: 'categories-1' }, { id: 'categories-1' }],
      [{ id: 'categories-1', pictureId: '../x' }],
      [{ id: 'categories-1', title: 'x'.repeat(201) }],
      [{ id: 'categories-1', onclick: 'x' }],
    ])
      expect(fault(...wrong), JSON.stringify(wrong)).not.toBeNull();
  });
});

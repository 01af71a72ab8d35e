import { describe, expect, it } from 'vitest';
import type { ProductDetail } from '../catalogue/facts.ts';
import { pageKind, pagePath } from '../pages/index.ts';
import { firstPlan } from '../pages/firstPlan.ts';
import { apply } from '../plan/commands.ts';
import { completePlan } from '../plan/storedPlan.ts';
import {
  specimenNames,
  specimenPicture,
  specimenDetail,
  specimenValue,
  specimenView,
} from '../specimen/specimen.ts';
import type { LineInput } from '../spec/line.ts';
import { bayKind } from './index.ts';
import { PRODUCT_PARTS } from './productParts.ts';

const product = specimenDetail(1, {
  pictures: ['a', 'b', 'c'].map((id) => specimenPicture({ id })),
  longText: [{ type: 'paragraph', content: [{ type: 'text', text: 'At length' }] }],
  options: [
    {
      id: 1,
      name: 'Glaze',
      values: [1, 2].map((id) => specimenValue(id)),
    },
  ],
});

/** What a page of this kind shows of the product, with something set of its bay. */
function shown(
  kind: 'product' | 'quick',
  settings: Record<string, unknown> = {},
  other: Partial<ProductDetail> = {},
) {
  let stored = firstPlan('Store');
  for (const [setting, value] of Object.entries(settings))
    stored = apply(stored, { do: 'set', on: { page: kind, bay: kind }, setting, value });
  const plan = completePlan(stored);
  const view = specimenView(plan, 0, {
    page: plan.pages[kind]!,
    about: { product: { ...product, ...other } },
    address: { path: pagePath(pageKind(kind), product.slug), from: {}, open: {} },
  });
  const { content } = view.bays[0]!;
  const bay = plan.pages[kind]!.bays[0]!;
  const line = bayKind('product').spec.find(({ id }) => id === 'text')!;
  const sentence = line.say({ bay, names: specimenNames } as unknown as LineInput);
  const said = sentence.map((piece) => (typeof piece === 'string' ? piece : piece.text)).join('');
  return { content: content as Extract<typeof content, { holds: 'product' }>, said };
}

describe('a product in full and in short', () => {
  it('has all of it on its own page, and less in the quick view, as each is arranged', () => {
    const [full, short] = [shown('product'), shown('quick')];
    expect(full.content.pictures.all).toHaveLength(3);
    expect(short.content.pictures.all.map(({ id }) => id)).toEqual(['a']);
    expect(full.content.rows.flat()).toEqual(expect.arrayContaining(['title', 'longText']));
    expect(full.content.rows.flat()).not.toContain('details');
    expect(short.content.rows.flat()).not.toContain('longText');
    expect(short.content.rows.at(-1)).toEqual(['details']);
    expect(full.said).toBe('All but link to its own page');
    expect(short.said).toBe('All but long description and fields');
  });

  it('shows what is set', () => {
    const parts = Object.keys(PRODUCT_PARTS).map((id) => ({ id, ...(id === 'stock' && { beside: true }) }));
    const { content, said } = shown('quick', { most: 2, parts });
    expect(content.pictures.all).toHaveLength(2);
    // In that order, what there is nothing of left out, and the options the row of the stock.
    expect(content.rows).toEqual([
      ['title'],
      ['price'],
      ['options', 'stock'],
      ['ask'],
      ['longText'],
      ['details'],
    ]);
    expect(said).toBe('Everything');
    expect(shown('product', { most: 0 }).content.pictures.all).toEqual([]);
  });

  it('leads from its text to pages of the store, and nowhere where those are gone', () => {
    const link = (text: string, href: string) => ({
      type: 'text' as const,
      text,
      marks: [{ type: 'link' as const, attrs: { href } }],
    });
    const longText = [
      {
        type: 'paragraph' as const,
        content: [link('all', 'page:shop'), link('gone', 'category:999'), link('out', '/x')],
      },
    ];
    const { content } = shown('product', {}, { longText });
    const { marks: _, ...bare } = link('gone', '');
    expect(content.longText).toEqual([
      { type: 'paragraph', content: [link('all', '/shop'), bare, link('out', '/x')] },
    ]);
  });

  it('stays where it is when a value is chosen', () => {
    const hrefs = (kind: 'product' | 'quick') =>
      shown(kind).content.options.flatMap(({ values }) => values.map(({ href }) => href));
    expect(hrefs('product')).toEqual(['/product/piece-1?variant=11', '/product/piece-1?variant=12']);
    expect(hrefs('quick')).toEqual(['/quick/piece-1?variant=11', '/quick/piece-1?variant=12']);
  });
});

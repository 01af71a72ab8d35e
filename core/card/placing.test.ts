import fc from 'fast-check';
import { saidParts } from '../plan/saidParts.ts';
import { describe, expect, it } from 'vitest';
import { shelfBay } from '../bays/shelf.ts';
import { shelfCss } from '../css/shelfCss.ts';
import { checkDocument } from '../plan/checkDocument.ts';
import { firstBands } from '../plan/firstBands.ts';
import type { Plan } from '../plan/plan.ts';
import type { StoredShelf } from '../plan/shelf.ts';
import { plain } from '../sentence/sentence.ts';
import { writePath } from '../settings/path.ts';
import type { LineInput } from '../spec/line.ts';
import { specimenNames, specimenPlan, specimenShelf, specimenView } from '../specimen/specimen.ts';
import { NO_TEXT } from '../view/partViews.ts';
import { picturePx } from '../view/pictureSizes.ts';
import { shelvesOn } from '../view/shelvesIn.ts';
import type { ShelfView } from '../view/view.ts';
import type { StoreLabel } from '../label/storeLabel.ts';
import { neededFacts } from './needs.ts';
import { partKind, partKinds } from './parts/index.ts';
import { isAside, placedHeight, placedPicturePx, placedTextPx, type Placing } from './placing.ts';
import { ofPart } from './shown.ts';
import { blockHeight, blockRise, blockSides, plainBlock, type TextBlock } from './textBlock.ts';

const SIDES = ['under', 'above', 'before', 'after'] as const;
const placing = fc.record<Placing>({
  side: fc.constantFrom(...SIDES),
  share: fc.integer({ min: 20, max: 80 }),
  reach: fc.integer({ min: 0, max: 100 }),
});
const px = (most: number) => fc.integer({ min: 0, max: most });
/** How texts stand together, as it can be set. */
const block = fc.record<TextBlock>({
  gapPx: fc.integer({ min: 0, max: 60 }),
  insidePx: fc.option(fc.integer({ min: 0, max: 60 })),
  toPicturePx: fc.option(fc.integer({ min: 0, max: 80 })),
  borderAcrossPx: fc.integer({ min: 0, max: 12 }),
  borderEndsPx: fc.integer({ min: 0, max: 12 }),
});

describe('texts beside and over a picture', () => {
  it('make a card no lower than its picture, and no lower than its texts', () => {
    fc.assert(
      fc.property(placing, px(800), px(200), px(600), block, (at, picture, lead, texts, of) => {
        const height = placedHeight(at, picture, lead, texts, of);
        expect(height).toBeGreaterThanOrEqual(picture);
        expect(height).toBeGreaterThanOrEqual(texts);
        expect(height).toBeGreaterThanOrEqual(lead);
      }),
    );
  });

  it('cost no height where they reach over all of a picture that is higher than they are', () => {
    fc.assert(
      fc.property(fc.constantFrom(...SIDES), px(200), (side, texts) => {
        expect(placedHeight({ side, share: 50, reach: 100 }, 400, 0, texts, plainBlock)).toBe(400);
      }),
    );
  });

  it('never make a card higher by reaching further, once they reach', () => {
    fc.assert(
      fc.property(
        placing,
        px(800),
        px(600),
        fc.integer({ min: 1, max: 100 }),
        block,
        (at, picture, texts, other, of) => {
          const [less, more] = [Math.max(1, Math.min(at.reach, other)), Math.max(at.reach, other, 1)];
          const height = (reach: number) => placedHeight({ ...at, reach }, picture, 0, texts, of);
          expect(height(more)).toBeLessThanOrEqual(height(less) + 1e-9);
        },
      ),
    );
  });

  it('have as much room around them as is set, and as much between them and the picture', () => {
    fc.assert(
      fc.property(
        px(600).filter((one) => one > 0),
        block,
        (texts, of) => {
          const under = (one: TextBlock) =>
            placedHeight({ side: 'under', share: 50, reach: 0 }, 300, 0, texts, one);
          const inside = of.insidePx ?? 0;
          // The edge of the block is where the texts are, less what is inside it; the first gap is no part of either.
          expect(under(of)).toBe(300 + (of.toPicturePx ?? 10) + texts + 2 * inside + 2 * of.borderAcrossPx);
          expect(blockSides(of)).toBe(2 * (inside + of.borderEndsPx));
          expect(blockHeight(of, 0)).toBe(0);
          expect(blockRise(of)).toBeLessThanOrEqual(0);
        },
      ),
    );
    expect(placedHeight({ side: 'under', share: 50, reach: 0 }, 300, 0, 0, plainBlock)).toBe(305);
  });

  it('are in no rule of a shelf that sets nothing of them, and in those of one that does', () => {
    const drawn = (style: object) => {
      const view = specimenView(specimenPlan([specimenShelf('a', { style } as never)]), 4);
      const { shelf } = shelvesOn(view)[0]!;
      return { steps: shelf.steps, css: shelfCss(shelf, view.bands) };
    };
    const ruled = /(part-picture\{margin-bottom|--part-gap:|texts:not\(\.lead\)\{padding)/;
    const plain = drawn({ title: { rest: { weight: 700 } } });
    expect(plain.steps.every(({ block: of }) => of === plainBlock)).toBe(true);
    expect(ruled.test(plain.css)).toBe(false);
    const set = drawn({ textBlock: { rest: { spaceBetween: { phone: 9 }, spaceInside: { phone: 6 } } } });
    expect(set.steps.every(({ block: of }) => of.gapPx === 9 && of.insidePx === 6)).toBe(true);
    expect(ruled.test(set.css)).toBe(true);
  });

  it('share the width of the card with the picture', () => {
    fc.assert(
      fc.property(placing, fc.integer({ min: 200, max: 900 }), block, (at, card, of) => {
        const [picture, text] = [placedPicturePx(at, card), placedTextPx(at, card, of)];
        expect(picture).toBeLessThanOrEqual(card);
        expect(text).toBeLessThanOrEqual(card);
        if (isAside(at) && at.reach === 0) expect(picture + text).toBeLessThanOrEqual(card);
        if (!isAside(at)) expect(picture).toBe(card);
      }),
    );
  });
});

describe('a card as it comes from outside', () => {
  it.each([
    ['card.text.reach', { phone: 140 }, 'This is too large; 100 at most.'],
    ['card.text.reach', {}, 'A value that varies by width needs at least one.'],
    ['card.text.side', { phone: 'left' }, 'This can be one of: under, above, before, after.'],
    ['card.text.share', { phone: '50' }, 'This has to be a number.'],
    ['card.inside', { phone: -3 }, 'This is too small; 0 at least.'],
    ['card.text', null, 'This has to be a group of values.'],
    ['card.parts.wheel', { shown: { phone: true } }, 'There is no setting "wheel".'],
    [
      'style.arrow.rest.textColour',
      'red;}body{display:none',
      'A colour is one of the store, or written #rrggbb.',
    ],
    ['moving.markLook.size', 400, 'This is too large; 20 at most.'],
    ['layoutOwn.slider.by', 'vh', 'This can be one of: ratio, screen.'],
  ])('is refused with a sentence where %s is %j', (path, value, sentence) => {
    const shelf = structuredClone(specimenShelf('a'));
    writePath(shelf, path, value);
    expect(checkDocument('shelf:a', shelf)).toMatchObject({ message: sentence });
  });
});

type CardSettings = NonNullable<StoredShelf['card']>;

const drawn = (card: CardSettings, shelf: Partial<StoredShelf> = {}): { plan: Plan; view: ShelfView } => {
  const plan = specimenPlan([specimenShelf('a', { ...shelf, card })]);
  return { plan, view: shelvesOn(specimenView(plan, 24))[0]!.shelf };
};

describe('a card', () => {
  it('has smaller pictures where texts stand at a side or within a frame', () => {
    const widthOf = (more: CardSettings) => picturePx(drawn(more).view.steps[0]!, 400);
    const plainPx = widthOf({});
    expect(widthOf({ text: { side: { phone: 'after' }, share: { phone: 60 } } })).toBeCloseTo(0.4 * plainPx);
    expect(widthOf({ frame: 'framed', inside: { phone: 10 } })).toBe(plainPx - 20);
    expect(widthOf({ frame: 'plain', inside: { phone: 10 } })).toBe(plainPx);
  });

  it('writes rules of pointing at only where there is something to point at, and never for touch', () => {
    const css = (text: CardSettings['text']) => shelfCss(drawn({ text }).view, firstBands);
    expect(css({ when: 'hover' })).not.toContain('hover:hover');
    const pointed = css({ when: 'hover', reach: { phone: 50 }, comes: 'rises' });
    expect(pointed).toContain('@media (hover:hover)');
    expect(pointed).toContain(':focus-within');
    expect(pointed.indexOf('opacity:0')).toBeGreaterThan(pointed.indexOf('@media (hover:hover)'));
    expect(css({ when: 'hover', reach: { phone: 50 }, comes: 'atOnce' })).not.toContain('transition');
  });

  it('says in its sentence where texts stand, as far as it is not the plainest', () => {
    const said = (more: CardSettings, shelf: Partial<StoredShelf> = {}) => {
      const { plan } = drawn(more, shelf);
      const line = shelfBay.spec.find(({ id }) => id === 'card')!;
      return plain(
        line.say({
          bay: plan.pages.home!.bays[0] as unknown as LineInput['bay'],
          shelf: plan.shelves.a!,
          assortment: plan.shelves.a!.assortment,
          names: specimenNames,
          total: 24,
        }),
      );
    };
    expect(said({})).not.toMatch(/picture,.*over|border/);
    expect(said({ text: { side: { phone: 'before' }, reach: { laptop: 40 } } })).toMatch(
      /before the picture, over the picture by 0% on Phone and Tablet, 40% from Laptop/,
    );
    expect(said({ frame: 'shadowed' })).toMatch(/; with a shadow$/);
    expect(said({ text: { when: 'hover' }, frame: 'framed' }, { layout: { phone: 'slider' } })).toMatch(
      /shown on hover$/,
    );
  });
});

describe('what a card reads', () => {
  it('is of products only what its parts say', () => {
    const needs = (parts: CardSettings['parts'], labels: StoreLabel[] = []) => {
      const shelf = drawn({ parts }).plan.shelves.a!;
      return neededFacts(shelf.card, saidParts(shelf), { labels: { list: labels, most: 3 }, groups: [] });
    };
    expect(needs({})).toEqual([]);
    expect(needs({ brand: { shown: { phone: true } }, rating: { shown: { wide: true } } })).toEqual([
      'brand',
      'rating',
    ]);
    expect(needs({ description: { shown: { phone: true } } })).toEqual(['shortText']);
    expect(needs({}, [{ id: 'new', kind: 'new' }])).toEqual(['onSaleFrom']);
  });

  it('keeps a card while nothing that its drawing reads has changed, and makes it anew when it has', () => {
    const firstCard = (card: CardSettings, currency = 'GBP') => {
      const plan = specimenPlan([specimenShelf('a', { card })]);
      const house = { ...plan.house, currency };
      return shelvesOn(specimenView({ ...plan, house }, 24))[0]!.shelf.cards[0]!;
    };
    const card = firstCard({});
    expect(firstCard({ align: 'center', parts: { picture: { ratio: { phone: '1:1' } } } })).toBe(card);
    for (const other of [
      firstCard({ parts: { picture: { fit: 'whole' } } }),
      firstCard({ parts: { price: { shown: { phone: false } } } }),
      firstCard({ labels: { sale: { shown: { phone: false } } } }),
      firstCard({ order: ['title', 'picture'] }),
      firstCard({}, 'EUR'),
    ])
      expect(other).not.toBe(card);
  });

  it('has parts that came later in their place of a new card, also where an order was set before', () => {
    const { card } = drawn({ order: ['price', 'title', 'picture'] }).plan.shelves.a!;
    expect(card.order.filter((id) => ['price', 'title', 'picture'].includes(id))).toEqual([
      'price',
      'title',
      'picture',
    ]);
    expect(card.order.indexOf('brand')).toBe(card.order.indexOf('title') + 1);
    expect([...card.order].sort()).toEqual(partKinds.map(({ id }) => id).sort());
  });
});

describe('parts', () => {
  it('are no lower with as much to say as they may have', () => {
    const { view, plan } = drawn({
      parts: Object.fromEntries(partKinds.map(({ id }) => [id, { shown: { phone: true } }])),
    });
    const shape = { by: 'ratio', ratio: 1 } as const;
    const drawnParts = view.cards.flatMap(({ parts }) => parts);
    expect(new Set(drawnParts.map(({ part }) => part)).size).toBeGreaterThan(2);
    for (const one of drawnParts) {
      const kind = partKind(one.part)!;
      const own = ofPart(plan.shelves.a!.card, kind.id)!;
      const high = (said: object) => kind.heightPx(said, own, 120, shape, kind.text ?? NO_TEXT);
      expect(high(kind.fullest(one)), kind.id).toBeGreaterThanOrEqual(high(one));
    }
  });

  it('that are pictures say their shape, and one of them carries the link', () => {
    expect(partKinds.filter(({ isPicture }) => isPicture).every(({ shape }) => shape)).toBe(true);
    expect(partKinds.filter(({ carriesLink }) => carriesLink)).toHaveLength(1);
  });
});

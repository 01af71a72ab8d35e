import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { firstBands, newShelf } from '../plan/atFirst.ts';
import type { Shelf } from '../plan/shelf.ts';
import { specimenNames, specimenPlan, specimenShelf, specimenView } from '../specimen/specimen.ts';
import { linesOf } from '../plan/lines.ts';
import { readDocument } from '../plan/plan.ts';
import { writePath } from '../plan/settings/setting.ts';
import { plain } from '../sentence/sentence.ts';
import { shelfCss } from '../css/shelfCss.ts';
import { picturePx } from '../view/pictureSizes.ts';
import { isAside, placedHeight, placedPicturePx, placedTextPx, SIDES, type Placing } from './placing.ts';

const placing = fc.record<Placing>({
  side: fc.constantFrom(...SIDES),
  share: fc.integer({ min: 20, max: 80 }),
  reach: fc.integer({ min: 0, max: 100 }),
});
const px = (most: number) => fc.integer({ min: 0, max: most });
const GAP = 5;

describe('texts beside and over a picture', () => {
  it('make a card no lower than its picture, and no lower than its texts', () => {
    fc.assert(
      fc.property(placing, px(800), px(200), px(600), (at, picture, lead, texts) => {
        const height = placedHeight(at, picture, lead, texts, GAP);
        expect(height).toBeGreaterThanOrEqual(picture);
        expect(height).toBeGreaterThanOrEqual(texts);
        expect(height).toBeGreaterThanOrEqual(lead);
      }),
    );
  });

  it('cost no height where they reach over all of a picture that is higher than they are', () => {
    fc.assert(
      fc.property(fc.constantFrom(...SIDES), px(200), (side, texts) => {
        expect(placedHeight({ side, share: 50, reach: 100 }, 400, 0, texts, GAP)).toBe(400);
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
        (at, picture, texts, other) => {
          const [less, more] = [Math.max(1, Math.min(at.reach, other)), Math.max(at.reach, other, 1)];
          const height = (reach: number) => placedHeight({ ...at, reach }, picture, 0, texts, GAP);
          expect(height(more)).toBeLessThanOrEqual(height(less) + 1e-9);
        },
      ),
    );
  });

  it('share the width of the card with the picture', () => {
    fc.assert(
      fc.property(placing, fc.integer({ min: 200, max: 900 }), (at, card) => {
        const [picture, text] = [placedPicturePx(at, card), placedTextPx(at, card)];
        expect(picture).toBeLessThanOrEqual(card);
        expect(text).toBeLessThanOrEqual(card);
        if (isAside(at) && at.reach === 0) expect(picture + text).toBeLessThan(card);
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
    ['card.text', null, 'This is missing.'],
    ['moving.arrowLook.ink', 'red;}body{display:none', 'A colour is written #rrggbb.'],
    ['moving.markLook.size', 400, 'This is too large; 20 at most.'],
    ['slideBy', 'vh', 'This can be one of: ratio, screen.'],
  ])('is refused with a sentence where %s is %j', (path, value, sentence) => {
    const shelf = structuredClone(specimenShelf('a'));
    writePath(shelf, path, value);
    expect(() => readDocument('shelf:a', shelf)).toThrow(sentence);
  });
});

const drawn = (more: Partial<Shelf['card']>, shelf: Partial<Shelf> = {}) => {
  const made = specimenShelf('a', { ...shelf, card: { ...newShelf('a', firstBands).card, ...more } });
  const { content } = specimenView(specimenPlan([made]), 24).bays[0]!;
  if (content.holds !== 'shelf') throw new Error('The bay holds no shelf.');
  return { made, view: content.shelf };
};
const { text } = newShelf('a', firstBands).card;

describe('a card', () => {
  it('has smaller pictures where texts stand at a side or within a frame', () => {
    const widthOf = (more: Partial<Shelf['card']>) => picturePx(drawn(more).view.steps[0]!, 400);
    const plainPx = widthOf({});
    expect(widthOf({ text: { ...text, side: { phone: 'after' }, share: { phone: 60 } } })).toBeCloseTo(
      0.4 * plainPx,
    );
    expect(widthOf({ frame: 'framed', inside: { phone: 10 } })).toBe(plainPx - 20);
    expect(widthOf({ frame: 'plain', inside: { phone: 10 } })).toBe(plainPx);
  });

  it('writes rules of pointing at only where there is something to point at, and never for touch', () => {
    const css = (more: Partial<Shelf['card']['text']>) =>
      shelfCss(drawn({ text: { ...text, ...more } }).view, firstBands);
    expect(css({ when: 'pointed' })).not.toContain('hover:hover');
    const pointed = css({ when: 'pointed', reach: { phone: 50 }, comes: 'rises' });
    expect(pointed).toContain('@media (hover:hover)');
    expect(pointed).toContain(':focus-within');
    expect(pointed.indexOf('opacity:0')).toBeGreaterThan(pointed.indexOf('@media (hover:hover)'));
    expect(css({ when: 'pointed', reach: { phone: 50 }, comes: 'atOnce' })).not.toContain('transition');
  });

  it('says in its sentence where texts stand, as far as it is not the plainest', () => {
    const said = (more: Partial<Shelf['card']>, shelf: Partial<Shelf> = {}) => {
      const { made } = drawn(more, shelf);
      const plan = specimenPlan([made]);
      const [page] = Object.values(plan.pages);
      const line = linesOf.shelf.find(({ id }) => id === 'card')!;
      return plain(
        line.say({
          bay: page!.bays[0]!,
          shelf: made,
          assortment: made.assortment,
          names: specimenNames,
          total: 24,
        }),
      );
    };
    expect(said({})).not.toMatch(/picture,.*over|framed/);
    expect(said({ text: { ...text, side: { phone: 'before' }, reach: { phone: 0, laptop: 40 } } })).toMatch(
      /before the picture, over the picture by 0 % from Phone, 40 % from Laptop/,
    );
    expect(said({ frame: 'shadowed' })).toMatch(/; shadowed cards$/);
    expect(
      said({ text: { ...text, when: 'pointed' }, frame: 'framed' }, { form: { phone: 'slider' } }),
    ).toMatch(/there when pointed at$/);
  });
});

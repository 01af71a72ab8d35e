import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Bands } from '../bands/bands.ts';
import type { Room } from '../geometry/steps.ts';
import { firstBands } from '../plan/firstBands.ts';
import { SIDES, type Side } from './besideText.ts';
import { specimenPicture } from '../specimen/specimen.ts';
import {
  picturesCss,
  pictureWidths,
  productHeight,
  productPictures,
  WAYS,
  type Way,
} from './productPictures.ts';

const bands: Bands = firstBands;
const everywhere = <T>(value: T) => Object.fromEntries(bands.map(({ id }) => [id, value]));
const room: Room = {
  marginPx: everywhere(20),
  takenPx: everywhere(0),
  mostPx: everywhere<number | null>(1200),
};
const pictures = ['a', 'b', 'c', 'd'].map((id) => specimenPicture({ id, width: 1200, height: 900 }));

type Set = Parameters<typeof productPictures>[0];
const set = (more: Partial<Set> = {}): Set => ({
  most: 12,
  way: everywhere<Way>('large'),
  smallAt: everywhere<'below' | 'beside'>('below'),
  stands: everywhere<Side>('before'),
  share: everywhere(50),
  between: everywhere(40),
  shaped: 'own',
  ratio: everywhere('1:1'),
  fit: 'fill',
  zoom: 'press',
  strength: 200,
  ...more,
});
const made = (more: Partial<Set> = {}, all = pictures) => productPictures(set(more), all, room, bands);
/** As wide as content is at most. */
const WIDE = 1400;

describe('the pictures of a product', () => {
  it('have their share of the width beside the text, and all of it above', () => {
    expect(pictureWidths(made(), bands, WIDE)).toMatchObject({ galleryPx: 580, firstPx: 580, otherPx: 284 });
    const above = made({ stands: everywhere<Side>('above') });
    expect(pictureWidths(above, bands, WIDE)).toMatchObject({ galleryPx: 1200, firstPx: 1200 });
  });

  it.each<[Way, number, number]>([
    ['large', 580, 284],
    ['grid', 284, 284],
    ['stack', 580, 580],
    ['dots', 580, 580],
    ['small', 580, 580],
  ])('%s: the first is %d px wide, the others %d', (way, firstPx, otherPx) => {
    expect(pictureWidths(made({ way: everywhere(way) }), bands, WIDE)).toMatchObject({ firstPx, otherPx });
  });

  it('leave room for small ones beside them, where there are any', () => {
    const beside = { way: everywhere<Way>('small'), smallAt: everywhere<'below' | 'beside'>('beside') };
    expect(pictureWidths(made(beside), bands, WIDE).firstPx).toBe(580 - 92 - 12);
    expect(pictureWidths(made(beside, pictures.slice(0, 1)), bands, WIDE).firstPx).toBe(580);
  });

  it('never take more than there is, and are told to browsers as they are, rounded up', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...(Object.keys(WAYS) as Way[])),
        fc.constantFrom(...(Object.keys(SIDES) as Side[])),
        fc.integer({ min: 25, max: 75 }),
        fc.integer({ min: 0, max: 160 }),
        fc.integer({ min: 320, max: 2400 }),
        fc.integer({ min: 1, max: 4 }),
        (way, stand, share, between, regionPx, count) => {
          const drawn = made(
            {
              way: everywhere(way),
              stands: everywhere(stand),
              share: everywhere(share),
              between: everywhere(between),
            },
            pictures.slice(0, count),
          );
          const { galleryPx, firstPx, otherPx, beside } = pictureWidths(drawn, bands, regionPx);
          const innerPx = Math.min(1200, regionPx - 40);
          expect(galleryPx).toBeLessThanOrEqual(innerPx);
          expect(firstPx).toBeLessThanOrEqual(galleryPx);
          expect(otherPx).toBeLessThanOrEqual(firstPx);
          // Pictures, the space and what is left for the text are all there is.
          if (beside) expect(galleryPx / (share / 100) + between).toBeCloseTo(innerPx, 6);
          else expect(galleryPx).toBe(innerPx);
          const widest = Math.ceil(pictureWidths(drawn, bands, 2560).firstPx);
          expect(drawn.sizes[0].startsWith(`(min-width:${bands.at(-1)!.from}px) ${widest}px`)).toBe(true);
        },
      ),
    );
  });

  it('are as high as they are, or by a ratio at each width; one at a time is no higher for there being more', () => {
    const stack = { way: everywhere<Way>('stack'), stands: everywhere<Side>('above') };
    const own = productHeight(made(stack), bands, WIDE);
    const square = productHeight(made({ ...stack, shaped: 'ratio' }), bands, WIDE);
    expect(square - own).toBeCloseTo(4 * (1200 - 900));
    const one = { way: everywhere<Way>('small'), stands: everywhere<Side>('above') };
    expect(productHeight(made(one, pictures.slice(0, 2)), bands, WIDE)).toBe(
      productHeight(made(one), bands, WIDE),
    );
    // Beside the text, the higher of both counts.
    expect(productHeight(made({}, []), bands, WIDE)).toBe(productHeight(made({}, []), bands, 1300));
  });

  it('are drawn at the side that is set, at the ratio, around what is worth seeing', () => {
    const after = picturesCss(
      made({ stands: everywhere<Side>('after'), share: everywhere(60) }),
      '.x',
      bands,
    );
    expect(after).toContain('--split:minmax(0,40fr) minmax(0,60fr)');
    expect(after).toContain('--pictures-order:1');
    expect(after).not.toContain('aspect-ratio');
    const whole = picturesCss(made({ shaped: 'ratio', fit: 'whole' }), '.x', bands);
    expect(whole).toContain('aspect-ratio:1;object-fit:contain');
    expect(picturesCss(made({ shaped: 'ratio' }), '.x', bands)).toContain(
      'li:nth-child(4) img{object-position:',
    );
  });

  it('leave the text all of the width where there are none', () => {
    expect(picturesCss(made({}, []), '.x', bands)).toContain('--split:minmax(0,1fr)');
  });
});

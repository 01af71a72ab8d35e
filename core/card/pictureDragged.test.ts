import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { valueAt } from '../bands/varying.ts';
import { shelfSettings } from '../plan/shelf.ts';
import { specimenPlan, specimenShelf } from '../specimen/specimen.ts';
import type { Card } from './card.ts';
import { picturePart } from './parts/picture.ts';
import { isDraggable, pictureDragged, type DraggedPicture } from './pictureDragged.ts';

const { bands } = specimenPlan([]).house;
type Own = Card['parts']['picture'];

const pictureWith = (more: Partial<Own>): Own =>
  specimenPlan([specimenShelf('s', { card: { parts: { picture: more } } })]).shelves.s!.card.parts.picture;

const dragged: fc.Arbitrary<DraggedPicture> = fc.record({
  widthPx: fc.integer({ min: 20, max: 2000 }),
  heightPx: fc.integer({ min: 1, max: 3000 }),
  exact: fc.boolean(),
});
const by = fc.constantFrom<'ratio' | 'height' | 'screen'>('ratio', 'height', 'screen');

/** With the value that a drag gives. */
function after(own: Own, picture: DraggedPicture, bandId: string): Own {
  const { setting, value } = pictureDragged(own, picture, bands, bandId)!;
  return { ...own, [setting.split('.').at(-1)!]: value };
}

describe('a picture that was dragged to a size', () => {
  it('has a value that can be stored, in words that say it', () => {
    fc.assert(
      fc.property(dragged, by, fc.constantFrom(...bands), (picture, how, { id }) => {
        const { setting, value, words } = pictureDragged(pictureWith({ by: how }), picture, bands, id)!;
        const { kind } = shelfSettings('products').find((one) => one.id === setting)!;
        const here = valueAt(value, bands, id);
        expect(kind.schema.isValidSync(here, { strict: true })).toBe(true);
        expect(words).toContain(String(here));
      }),
    );
  });

  it('is as high as that, to within the rounding, when it is exact and within what can be set', () => {
    const within = fc.record({
      widthPx: fc.integer({ min: 200, max: 500 }),
      heightPx: fc.integer({ min: 200, max: 500 }),
      exact: fc.constant(true),
    });
    fc.assert(
      fc.property(within, by, fc.constantFrom(...bands), (picture, how, { id }) => {
        const next = after(pictureWith({ by: how }), picture, id);
        const shape = picturePart.shape!(next, [], bands, id);
        const high = shape.by === 'ratio' ? picture.widthPx / shape.ratio : shape.by === 'own' ? 0 : shape.px;
        // Hundredths of a ratio and of a screen are the finest that can be set.
        expect(Math.abs(high - picture.heightPx)).toBeLessThanOrEqual(0.012 * 1080);
      }),
    );
  });

  it('stays so, dragged to where it is', () => {
    fc.assert(
      fc.property(dragged, by, fc.constantFrom(...bands), (picture, how, { id }) => {
        const next = after(pictureWith({ by: how }), picture, id);
        const shape = picturePart.shape!(next, [], bands, id);
        const high = shape.by === 'ratio' ? picture.widthPx / shape.ratio : shape.by === 'own' ? 0 : shape.px;
        const again = { widthPx: picture.widthPx, heightPx: high, exact: picture.exact };
        expect(picturePart.shape!(after(next, again, id), [], bands, id)).toEqual(shape);
      }),
    );
  });

  it('is changed at one width alone only where widths differ', () => {
    const square = { widthPx: 100, heightPx: 100, exact: false };
    const value = (ratio: Own['ratio']) =>
      pictureDragged(pictureWith({ by: 'ratio', ratio }), square, bands, 'tablet')!.value;
    expect(value({ phone: '4:5' })).toEqual({ phone: '1:1' });
    expect(value({ phone: '4:5', laptop: '3:2' })).toEqual({ phone: '4:5', tablet: '1:1', laptop: '3:2' });
  });

  it('is none of a size that the store keeps', () => {
    const square = { widthPx: 100, heightPx: 100, exact: false };
    expect(isDraggable(pictureWith({ by: 'size' }))).toBe(false);
    expect(pictureDragged(pictureWith({ by: 'size' }), square, bands, 'tablet')).toBeNull();
    for (const how of ['ratio', 'height', 'screen'] as const) expect(isDraggable({ by: how })).toBe(true);
  });
});

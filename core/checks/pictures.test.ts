import { describe, expect, it } from 'vitest';
import type { Item } from '../card/item.ts';
import { RATIOS } from '../card/ratio.ts';
import { apply } from '../plan/commands.ts';
import type { StoredShelf } from '../plan/shelf.ts';
import { completePlan, type StoredPlan } from '../plan/storedPlan.ts';
import {
  specimenBay,
  specimenNames,
  specimenPicture,
  specimenPictured,
  specimenShelf,
  specimenStored,
  specimenView,
} from '../specimen/specimen.ts';
import { findingsOn } from './index.ts';

type PictureSettings = NonNullable<NonNullable<NonNullable<StoredShelf['card']>['parts']>['picture']>;

/** Products with a picture of each of these sizes, px. */
const goods = (...sizes: (readonly [width: number, height: number])[]): Item[] =>
  specimenPictured(...sizes.map(([width, height]) => ({ width, height })));
const planWith = (picture: PictureSettings, more: Partial<StoredShelf> = {}): StoredPlan =>
  specimenStored([specimenShelf('s', { card: { parts: { picture } }, ...more })]);
const found = (stored: StoredPlan, check: string, items: readonly Item[]) => {
  const plan = completePlan(stored);
  return findingsOn(specimenView(plan, items.length, {}, items), plan, specimenNames).find(
    (one) => one.check === check,
  );
};

describe('pictures of which much is cut off', () => {
  const wide = goods([1500, 1000], [1500, 1000], [1000, 1000]);

  it('are told of with what they lose, and the ratio in which they lose least', () => {
    const plan = planWith({ ratio: { phone: '2:3', laptop: '3:2' } });
    const one = found(plan, 'crop-loses', wide)!;
    expect(one.text).toBe('Pictures lose 48% on average on Phone and Tablet, 56% at worst');
    expect(one.fix!.words).toBe('Use 3:2');
    const after = apply(plan, one.fix!.command);
    expect(found(after, 'crop-loses', wide)).toBeUndefined();
    // Where nothing was wrong nothing changes.
    expect(completePlan(after).shelves.s!.card.parts.picture.ratio).toEqual({ phone: '3:2' });
  });

  it('are none where a quarter or less is lost, where pictures are shown whole, or go by a height', () => {
    expect(found(planWith({ ratio: { phone: '4:3' } }), 'crop-loses', wide)).toBeUndefined();
    expect(found(planWith({ ratio: { phone: '2:3' }, fit: 'whole' }), 'crop-loses', wide)).toBeUndefined();
    expect(found(planWith({ by: 'height', height: { phone: 400 } }), 'crop-loses', wide)).toBeUndefined();
    expect(found(planWith({ ratio: { phone: '2:3' } }), 'crop-loses', goods())).toBeUndefined();
  });

  it('have no way out where no ratio keeps enough of all', () => {
    const uneven = goods([4000, 400], [400, 4000]);
    for (const ratio of RATIOS) {
      const one = found(planWith({ ratio: { phone: ratio } }), 'crop-loses', uneven);
      expect(one, ratio).toMatchObject({ fix: null });
    }
  });
});

describe('pictures that are smaller than they are drawn', () => {
  const columns = { columns: { count: { phone: 1 } } };

  it('are told of where they are drawn largest', () => {
    const one = found(
      planWith({ ratio: { phone: '1:1' } }, columns),
      'picture-too-small',
      goods([600, 600], [2400, 2400]),
    );
    expect(one).toMatchObject({ severity: 'hint', fix: null });
    expect(one!.text).toMatch(
      /^1 of 2 pictures are smaller than they are drawn on \w+: the smallest is 600 px wide, drawn \d{4}$/,
    );
  });

  it('are reckoned as they fill their frame, or stand whole in it', () => {
    // Wide enough, but not high enough for a high frame that it fills.
    const low = goods([1300, 500]);
    expect(found(planWith({ ratio: { phone: '1:1' } }, columns), 'picture-too-small', low)).toBeDefined();
    expect(
      found(planWith({ ratio: { phone: '1:1' }, fit: 'whole' }, columns), 'picture-too-small', low),
    ).toBeUndefined();
  });

  it('are none where cards are small', () => {
    expect(
      found(planWith({}, { columns: { count: { phone: 6 } } }), 'picture-too-small', goods([600, 750])),
    ).toBeUndefined();
  });
});

describe('pictures of bays that are smaller than they are drawn', () => {
  const PICTURE = 'a'.repeat(64);
  const foundIn = (bay: object, [width, height]: readonly [number, number]) => {
    const plan = completePlan(specimenStored([], [specimenBay('a', bay)]));
    const picture = specimenPicture({ id: PICTURE, width, height });
    const view = specimenView(plan, 0, { pictures: (id) => (id === PICTURE ? picture : undefined) });
    return findingsOn(view, plan, specimenNames).find(({ check }) => check === 'picture-too-small');
  };
  const banner = (more: object = {}) => ({ holds: 'banner', title: 'A', pictureId: PICTURE, ...more });
  const column = (more: object = {}) => ({
    holds: 'pictureText',
    columns: [{ id: 'c', title: 'A', words: '', button: '', link: '', pictureId: PICTURE }],
    ...more,
  });

  it('are told of with the width at which they are largest, and where that is mended', () => {
    const one = foundIn(banner(), [900, 900])!;
    expect(one).toMatchObject({ at: { on: 'bay', bay: 'a' }, goTo: 'picture', severity: 'hint' });
    expect(one.text).toMatch(
      /^Its picture is smaller than it is drawn on Wide: it is 900 px wide, drawn \d{4}$/,
    );
    expect(foundIn(banner(), [2400, 900])).toBeUndefined();
  });

  it('are reckoned as high as the banner, and as wide as its column', () => {
    const high = banner({ heightBy: { phone: 'ratio' }, ratio: { phone: '1:1' } });
    expect(foundIn(high, [2000, 500])).toBeDefined();
    expect(foundIn(column({ side: { phone: 'above' } }), [400, 400])).toBeDefined();
    const narrow = column({ look: { width: 'own', ownPx: 300 } });
    expect(foundIn(narrow, [400, 400])).toBeUndefined();
  });

  it('are none of a bay that is not shown at those widths', () => {
    expect(foundIn(banner({ bands: ['phone'] }), [900, 900])).toBeUndefined();
  });
});

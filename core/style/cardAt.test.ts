import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { firstBands } from '../plan/firstBands.ts';
import { completePlan } from '../plan/storedPlan.ts';
import {
  specimenPicture,
  specimenProduct,
  specimenShelf,
  specimenStored,
  specimenView,
} from '../specimen/specimen.ts';
import { cardHeight } from '../view/cardHeight.ts';
import { heightOfPicture, picturePxOf } from '../view/onPicture.ts';
import { shelvesOn } from '../view/shelvesIn.ts';
import type { StepView } from '../view/view.ts';
import { styleElement } from './elements/index.ts';
import { noEffect } from './noEffect.ts';
import type { Style } from './styleTree.ts';

const items = [1, 2].map((id) => ({
  of: 'products' as const,
  product: specimenProduct(id, { title: 'Bowl', pictures: [specimenPicture()] }),
}));

/** The first card of a shelf in a layout at its widest step, 320 px wide. */
function drawn(card: object, layout = 'grid'): { step: StepView; heightPx: number } {
  const shelf = specimenShelf('s', { layout: { phone: layout }, style: { card: { rest: card } } } as never);
  const plan = completePlan(specimenStored([shelf]));
  const [one] = shelvesOn(specimenView(plan, 2, {}, items));
  const view = one!.shelf;
  const step = view.steps.at(-1)!;
  return { step, heightPx: cardHeight(view.cards[0]!, view.card, step, firstBands, 320) };
}

const borders = fc.record({
  width: fc.integer({ min: 0, max: 12 }),
  inside: fc.integer({ min: 0, max: 30 }),
});

describe('the border of a card', () => {
  it('takes its width from the picture at either side, as space inside does', () => {
    fc.assert(
      fc.property(
        borders,
        fc.constantFrom('solid', 'dashed', 'dotted', 'double'),
        ({ width, inside }, kind) => {
          const { step } = drawn({ borderWidth: width, borderKind: kind, spaceInside: { phone: inside } });
          expect(picturePxOf(step, 320)).toBe(320 - 2 * (width + inside));
        },
      ),
      { numRuns: 30 },
    );
  });

  it('makes it higher by what it has above and below, and no narrower where it is a line there only', () => {
    const plain = drawn({}).heightPx;
    for (const kind of ['above', 'below']) {
      const lined = drawn({ borderWidth: 6, borderKind: kind });
      expect(picturePxOf(lined.step, 320)).toBe(320);
      expect(lined.heightPx).toBe(plain + 6);
    }
  });

  it('lies within a card of which the picture is the ground', () => {
    const [plain, edged] = [drawn({}, 'mosaic'), drawn({ borderWidth: 10 }, 'mosaic')];
    expect(edged.heightPx).toBe(plain.heightPx);
    expect(picturePxOf(edged.step, 320)).toBe(300);
    expect(heightOfPicture(edged.step, 320)).toBe(heightOfPicture(plain.step, 320)! - 20);
  });
});

describe('a value that changes nothing', () => {
  const house: Style = {};
  const why = (
    own: object,
    id: string,
    property: 'borderKind' | 'borderColour' | 'overlayColour' | 'outlineColour',
    state: 'rest' | 'cardHover' = 'rest',
  ) => noEffect([own as Style, house], styleElement(id), property, state, firstBands);

  it('is one of a border where there is none, here or in the house', () => {
    expect(why({}, 'card', 'borderKind')).toBe('There is no border');
    expect(why({ card: { rest: { borderWidth: 0 } } }, 'card', 'borderColour')).toBe('There is no border');
    expect(why({ card: { rest: { borderWidth: 2 } } }, 'card', 'borderColour')).toBeNull();
    const inHouse = { card: { rest: { borderWidth: 2 } } } as unknown as Style;
    expect(noEffect([{}, inHouse], styleElement('card'), 'borderKind', 'rest', firstBands)).toBeNull();
  });

  it('counts at rest where a state that takes it over has what it needs', () => {
    const own = { overlay: { cardHover: { overlay: 'even' } } };
    expect(why({}, 'overlay', 'overlayColour')).toBe('There is no overlay');
    expect(why(own, 'overlay', 'overlayColour')).toBeNull();
    expect(
      why(
        { overlay: { rest: { overlay: 'even' }, cardHover: { overlay: 'none' } } },
        'overlay',
        'overlayColour',
        'cardHover',
      ),
    ).toBe('There is no overlay');
  });

  it('is not told of what has a border that nobody set', () => {
    expect(styleElement('input').takes).not.toContain('borderWidth');
    expect(why({}, 'input', 'borderColour')).toBeNull();
  });
});

import { describe, expect, it } from 'vitest';
import type { OptionFacts, OptionValueFacts } from '../catalogue/facts.ts';
import { specimenNames, specimenPicture, specimenValue } from '../specimen/specimen.ts';
import { firstTexts } from '../texts/index.ts';
import { sayStoreSwatches } from './sayStoreSwatches.ts';
import { storeSwatchesSchema, type ShownBy, type StoreSwatch } from './storeSwatch.ts';
import { swatchViews } from './swatchView.ts';

const picture = (id: string) => specimenPicture({ id });
const value = specimenValue;

const making = (swatches: StoreSwatch[] = []) => ({ texts: firstTexts, swatches });
const option = (...values: OptionValueFacts[]): OptionFacts => ({ id: 1, name: 'Glaze', values });
const faces = (
  values: OptionValueFacts[],
  by: ShownBy | null,
  swatches: StoreSwatch[] = [],
  own = picture('own'),
) =>
  swatchViews({ slug: 'a', pictures: [own] }, option(...values), by, making(swatches)).map(({ face }) =>
    face.by === 'colour' ? face.colour : face.by === 'picture' ? face.picture.id : 'words',
  );

const everything = value(1, { colour: '#112233', picture: picture('speckled'), photograph: picture('mug') });

describe('what a swatch shows', () => {
  it('is a colour before a picture, a picture before words, and a photograph only where that is asked for', () => {
    const pictured = value(2, { picture: picture('speckled'), photograph: picture('mug') });
    expect(faces([everything, pictured, value(3, { photograph: picture('mug') })], null)).toEqual([
      '#112233',
      'speckled',
      'words',
    ]);
  });

  it.each<[StoreSwatch, string]>([
    [{ id: '1', by: 'colour' }, '#112233'],
    [{ id: '1', by: 'colour', colour: '#abcdef' }, '#abcdef'],
    [{ id: '1', by: 'picture' }, 'speckled'],
    [{ id: '1', by: 'photograph' }, 'mug'],
    [{ id: '1', by: 'words' }, 'words'],
    [{ id: '7', by: 'words' }, '#112233'],
  ])('follows what is set for the value throughout the store: %o', (set, face) => {
    expect(faces([everything], null, [set])).toEqual([face]);
  });

  it('is the photograph or the words of all on a shelf that says so, whatever the store has', () => {
    const two = [everything, value(2, { photograph: picture('bowl') })];
    expect(faces(two, 'photograph', [{ id: '1', by: 'words' }])).toEqual(['mug', 'bowl']);
    expect(faces(two, 'words')).toEqual(['words', 'words']);
  });

  it("takes the product's own picture for the one value without a photograph, and for none where there are more", () => {
    const [one, two] = [value(1, { photograph: picture('mug') }), value(2)];
    expect(faces([one, two], 'photograph')).toEqual(['mug', 'own']);
    expect(faces([one, two, value(3)], 'photograph')).toEqual(['mug', 'words', 'words']);
  });

  it('leads to the variant, and says what is sold out', () => {
    const [had, gone] = swatchViews(
      { slug: 'mug', pictures: [] },
      option(value(1), value(2, { available: false })),
      null,
      making(),
    );
    expect(had).toMatchObject({ href: '/product/mug?variant=11', said: 'Value 1', available: true });
    expect(gone).toMatchObject({ href: '/product/mug?variant=12', said: 'Value 2, sold out' });
  });
});

describe('what is set for values throughout the store', () => {
  it.each<[unknown, boolean]>([
    [[], true],
    [[{ id: '1', by: 'colour', colour: '#112233' }], true],
    [
      [
        { id: '1', by: 'colour' },
        { id: '1', by: 'words' },
      ],
      false,
    ],
    [[{ id: '0', by: 'words' }], false],
    [[{ id: '1', by: 'smell' }], false],
    [[{ id: '1', by: 'colour', colour: 'red;}' }], false],
    [[{ id: '1', by: 'words', more: 1 }], false],
    [null, false],
  ])('%j is taken: %s', (swatches, taken) => {
    expect(storeSwatchesSchema.isValidSync(swatches, { strict: true })).toBe(taken);
  });

  it('is said by the names of the values', () => {
    const names = { ...specimenNames, optionValue: (id: number) => (id === 1 ? 'Fogbank' : undefined) };
    expect(sayStoreSwatches([], names)).toBe('each value by what it has');
    expect(
      sayStoreSwatches(
        [
          { id: '1', by: 'colour', colour: '#8fa9bd' },
          { id: '2', by: 'photograph' },
        ],
        names,
      ),
    ).toBe("Fogbank by colour #8fa9bd and a value that is gone by the variant's photograph");
  });
});

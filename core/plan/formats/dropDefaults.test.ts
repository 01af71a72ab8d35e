import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Bands } from '../../bands/bands.ts';
import { valueAt, type Varying } from '../../bands/varying.ts';
import { readPath, writePath } from '../../settings/path.ts';
import { dropDefaults, type FrozenDefaults, type Moved } from './dropDefaults.ts';

const bands: Bands = ['small', 'middle', 'large'].map((id, i) => ({
  id,
  name: id,
  from: i * 500,
  nominal: { width: i * 500 + 400, height: 700 },
}));
const [first] = bands;

const defaults: FrozenDefaults = {
  plain: { varies: false, is: 'value', value: 3 },
  'group.list': { varies: false, is: 'value', value: ['a', 'b', 'c'] },
  'group.fixed': { varies: true, is: 'value', value: 2 },
  'group.deep.stepped': {
    varies: true,
    is: 'byWidth',
    from: [
      [0, 1],
      [600, 4],
    ],
  },
  ofHouse: { varies: false, is: 'house', setting: 'margin' },
};
const moved: Moved = {
  from: { plain: 'before.said', 'group.deep.stepped': 'stepped' },
  values: { plain: (old) => (old === 'three' ? 3 : old) },
};

/** A value at the first band, and at any of the others. */
const varying = fc
  .record({
    first: fc.integer({ min: 1, max: 4 }),
    middle: fc.option(fc.integer({ min: 1, max: 4 })),
    large: fc.option(fc.integer({ min: 1, max: 4 })),
  })
  .map(({ first: small, middle, large }): Varying<number> => ({
    small,
    ...(middle !== null && { middle }),
    ...(large !== null && { large }),
  }));

/** What a value that varies is by default at a band. */
const byDefault = (id: string, px: number): unknown => {
  const { is, value, from } = defaults[id]!;
  return is === 'byWidth' ? from!.findLast(([edge]) => edge <= px)![1] : value;
};

describe('a document without its defaults', () => {
  it('keeps a value that varies exactly where it reads otherwise at some width, as it is', () => {
    fc.assert(
      fc.property(varying, varying, (fixed, stepped) => {
        const sparse = dropDefaults({ group: { fixed, deep: { stepped } } }, defaults, { bands });
        for (const [id, value] of [
          ['group.fixed', fixed],
          ['group.deep.stepped', stepped],
        ] as const) {
          const differs = bands.some((band) => valueAt(value, bands, band.id) !== byDefault(id, band.from));
          expect(readPath(sparse, id)).toEqual(differs ? value : undefined);
        }
      }),
    );
  });

  it('finds values where they were before, reads them as they were, and keeps them where they are now', () => {
    fc.assert(
      fc.property(fc.constantFrom<unknown>('three', 3, 4, 'five'), varying, (said, stepped) => {
        const there = dropDefaults({ before: { said }, stepped }, defaults, { bands }, moved);
        const now = said === 'three' ? 3 : said;
        const here = dropDefaults({ plain: now, group: { deep: { stepped } } }, defaults, { bands });
        expect(there).toEqual(here);
        expect(Object.hasOwn(there, 'plain')).toBe(now !== 3);
      }),
    );
  });

  it('has an order of some of the things that are there as the default, and no other', () => {
    const kept = (list: unknown) =>
      readPath(dropDefaults({ group: { list } }, defaults, { bands }), 'group.list');
    expect(kept(['a', 'c'])).toBeUndefined();
    expect(kept(['a', 'b', 'c'])).toBeUndefined();
    for (const list of [['c', 'a'], ['a', 'd'], [], [null], 'a', null]) expect(kept(list)).toEqual(list);
  });

  it('leaves out what is of the house, which null stood for, and what nobody knows', () => {
    const dense = { ofHouse: null, unknown: 1, group: { more: 2 } };
    expect(dropDefaults(dense, defaults, { bands })).toEqual({});
    expect(dropDefaults({ ofHouse: { small: 5 } }, defaults, { bands })).toEqual({ ofHouse: { small: 5 } });
  });

  it('keeps what is of another kind for the check that follows to say, and throws for nothing', () => {
    const anything = fc.jsonValue();
    fc.assert(
      fc.property(anything, anything, (a, b) => {
        const dense: Record<string, unknown> = {};
        writePath(dense, 'group.fixed', a ?? null);
        writePath(dense, 'plain', b ?? null);
        const sparse = dropDefaults(dense, defaults, { bands });
        const isDefault = typeof a === 'object' && a !== null && Object.keys(a).length > 0;
        if (!isDefault) expect(readPath(sparse, 'group.fixed')).toEqual(a ?? null);
      }),
    );
  });

  it('goes by the bands it is given, whichever those of another store were', () => {
    const narrow: Bands = [{ ...first!, id: 'only' }];
    const dense = { group: { deep: { stepped: { only: 1 } } } };
    expect(dropDefaults(dense, defaults, { bands: narrow })).toEqual({});
    expect(dropDefaults(dense, defaults, { bands })).toEqual(dense);
    expect(dropDefaults(dense, defaults, { bands: narrow })).toEqual({});
  });
});

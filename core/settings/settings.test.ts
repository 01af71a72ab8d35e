import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { valueAt, type Varying } from '../bands/varying.ts';
import { baySettings } from '../bays/index.ts';
import { OFS } from '../assortment/of.ts';
import { aroundOf } from '../plan/storedPlan.ts';
import { shelfSettings } from '../plan/shelf.ts';
import { apply } from '../plan/commands.ts';
import { specimenNames, specimenStored } from '../specimen/specimen.ts';
import { checkTree } from './check.ts';
import { complete, valueOf } from './complete.ts';
import { findSettings } from './find.ts';
import { joined, withDefaults } from './merged.ts';
import { ownFor, withOwn } from './ownValues.ts';
import { readPath, writePath } from './path.ts';
import { byWidth, fromHouse, placed, setting, varying, type Sparse } from './setting.ts';
import { same } from './same.ts';
import { choice, colourOr, integer, name, tenths, text, yesNo } from './values.ts';

const around = aroundOf(specimenStored([]));
const BANDS = around.bands.map(({ id }) => id);

/** A thing that nobody sells, with a setting of every sort. */
const tree = {
  title: setting(name(20, 'It needs a title.'), 'Untitled', { name: 'Title', find: ['heading'] }),
  tilt: varying(integer(0, 90, '°'), byWidth(10, { 880: 30 }), { name: 'Tilt', find: ['slope'] }),
  edge: varying(integer(0, 400, 'px'), fromHouse('margin'), { name: 'Edge' }),
  lamp: {
    lit: setting(yesNo(), false, { name: 'Lamp' }),
    colour: setting(colourOr('as the page'), null, { name: 'Lamp colour' }),
    warmth: setting(tenths(0, 1), 0.5, { name: 'Warmth' }),
  },
  note: setting(text(10, 'no note'), '', { name: 'Note' }),
  shape: varying(choice({ round: 'Round', flat: 'Flat' }), 'round', { name: 'Shape' }),
};
type Stored = Sparse<typeof tree>;

describe('a setting nobody else knows of', () => {
  it('has its default without being stored: by width, or as the house has it', () => {
    const made = complete(tree, {}, around);
    expect(made.title).toBe('Untitled');
    expect(BANDS.map((id) => valueAt(made.tilt, around.bands, id))).toEqual([10, 10, 30, 30]);
    expect(made.edge).toEqual(readPath(around.house, 'margin'));
    expect(made.lamp).toEqual({ lit: false, colour: null, warmth: 0.5 });
    const other = complete(withDefaults(tree, { title: 'Named', 'lamp.lit': true }), {}, around);
    expect([other.title, other.lamp.lit, other.note]).toEqual(['Named', true, '']);
  });

  it('says its values, and why a bad one is refused, by where it is', () => {
    const said = placed('shelf', 'card', tree).map((one) => [one.id, one.name]);
    expect(said).toContainEqual(['lamp.warmth', 'Warmth']);
    expect(tree.tilt.kind.say(30, specimenNames)).toBe('30 °');
    expect(tree.lamp.colour.kind.say(null, specimenNames)).toBe('as the page');
    expect(tree.shape.kind.say('flat', specimenNames)).toBe('flat');
    const refused = (document: unknown) => checkTree(tree, document);
    expect(refused({ tilt: { phone: 3 }, lamp: { lit: true } } satisfies Stored)).toBeNull();
    expect(refused({ tilt: { phone: 91 } })).toMatchObject({ path: 'tilt.phone', setting: 'Tilt' });
    expect(refused({ tilt: 3 })).toMatchObject({ path: 'tilt' });
    expect(refused({ lamp: { warmth: 0.55 } })).toMatchObject({ path: 'lamp.warmth', setting: 'Warmth' });
    expect(refused({ title: ' ' })).toMatchObject({ message: 'It needs a title.' });
    for (const bad of [
      { lamps: 1 },
      { lamp: [] },
      { lamp: { lit: 'yes' } },
      { tilt: {} },
      { __proto__x: 1 },
      [],
      null,
      3,
    ])
      expect(refused(bad), JSON.stringify(bad)).not.toBeNull();
  });

  it('is found by its name before its words, and by the beginning of a word', () => {
    const all = placed('shelf', 'card', tree);
    expect(findSettings('lamp', all).map(({ id }) => id)).toEqual(['lamp.lit', 'lamp.colour']);
    expect(findSettings('slo', all).map(({ id }) => id)).toEqual(['tilt']);
    expect(findSettings('  ', all)).toEqual([]);
    expect(findSettings('nothing such', all)).toEqual([]);
  });

  it('cannot be set down twice', () => {
    expect(() => joined(tree, { lamp: { lit: setting(yesNo(), true, { name: 'Again' }) } })).toThrow(/twice/);
    expect(joined(tree, { lamp: { dim: setting(yesNo(), true, { name: 'Dim' }) } }).lamp.dim).toBeDefined();
  });
});

describe('own values of a setting that varies', () => {
  const own = fc.dictionary(fc.constantFrom(...BANDS), fc.integer({ min: 0, max: 90 }));
  const at = (values: object | undefined, band: string) =>
    valueAt(valueOf(tree.tilt, values, around) as Varying<number>, around.bands, band);

  it('hold where they are set; every narrower width, and every wider one with its own, stays', () => {
    fc.assert(
      fc.property(own, fc.constantFrom(...BANDS), fc.integer({ min: 0, max: 90 }), (values, band, value) => {
        const next = withOwn(tree.tilt, values, band, value, around);
        expect(at(next, band)).toBe(value);
        const place = BANDS.indexOf(band);
        for (const id of BANDS.slice(0, place)) expect(at(next, id)).toBe(at(values, id));
        const further = BANDS.slice(place + 1);
        const nextOwn = further.findIndex((id) => Object.hasOwn(values, id));
        for (const id of nextOwn < 0 ? [] : further.slice(nextOwn)) expect(at(next, id)).toBe(at(values, id));
      }),
    );
  });

  it('can be had for any wanted values, with as few as it takes', () => {
    fc.assert(
      fc.property(fc.tuple(...BANDS.map(() => fc.integer({ min: 0, max: 90 }))), (wanted) => {
        const by = (id: string) => wanted[BANDS.indexOf(id)];
        const values = ownFor(tree.tilt, by, new Set(), around);
        for (const id of BANDS) expect(at(values, id)).toBe(by(id));
        for (const id of Object.keys(values)) {
          const { [id]: _, ...fewer } = values;
          expect(BANDS.some((band) => at(fewer, band) !== by(band))).toBe(true);
        }
      }),
    );
  });
});

describe('paths of a document', () => {
  const steps = fc
    .array(fc.constantFrom('a', 'b', 'c'), { minLength: 1, maxLength: 3 })
    .map((way) => way.join('.'));

  it('read what was written, and leave nothing behind once it is taken out', () => {
    fc.assert(
      fc.property(steps, fc.integer(), (path, value) => {
        const document = {};
        writePath(document, path, value);
        expect(readPath(document, path)).toBe(value);
        writePath(document, path, undefined);
        expect(document).toEqual({});
      }),
    );
    const other = { a: { b: 1, c: 2 } };
    writePath(other, 'a.b', undefined);
    writePath(other, 'x.y', undefined);
    expect(other).toEqual({ a: { c: 2 } });
    expect(readPath({}, 'constructor.name')).toBeUndefined();
  });

  it('are the same whatever order keys are in, and never for another value', () => {
    expect(same({ a: 1, b: [1, { c: null }] }, { b: [1, { c: null }], a: 1, d: undefined })).toBe(true);
    for (const other of [{ a: 1 }, { a: 1, b: [1] }, { a: 1, b: [{ c: null }, 1] }, [], null, 'x'])
      expect(same({ a: 1, b: [1, { c: null }] }, other)).toBe(false);
  });
});

describe('every setting there is', () => {
  const all = [
    ...OFS.flatMap((of) => [...shelfSettings(of)]),
    ...baySettings('shelf'),
    ...baySettings('banner'),
  ];

  it('has a name, is found by it, takes its own default and says it', () => {
    expect(all.length).toBeGreaterThan(100);
    // Shelves of every kind of item have most of them: each is looked for once.
    const once = [...new Map(all.map((one) => [`${one.id} ${one.name}`, one])).values()];
    const known = new Map<string, ReadonlySet<string>>();
    const foundBy = (name: string) => {
      let found = known.get(name);
      if (!found) known.set(name, (found = new Set(findSettings(name, once).map(({ id }) => id))));
      return found;
    };
    for (const one of all) {
      expect(one.name, one.id).toMatch(/^[A-Z]/);
      expect(foundBy(one.name).has(one.id), one.id).toBe(true);
      const value = valueOf(one, undefined, around);
      for (const each of one.varies ? Object.values(value as object) : [value]) {
        if (one.mayBeUnset) {
          expect(each, one.id).toBeNull();
          expect(() => one.kind.schema.validateSync(null, { strict: true }), one.id).toThrow();
          expect(one.kind.say(each, specimenNames)).toMatch(/^(as the house|the default)$/);
          continue;
        }
        expect(() => one.kind.schema.validateSync(each, { strict: true }), one.id).not.toThrow();
        expect(typeof one.kind.say(each, specimenNames), one.id).toBe('string');
      }
    }
  });

  it('is reset to just what it was before it was set', () => {
    const start = specimenStored([{ id: 'a' }]);
    for (const one of shelfSettings('products')) {
      const value = valueOf(one, undefined, around);
      const on = { shelf: 'a' };
      if (one.varies) {
        const first = Object.values(value as object)[0] as unknown;
        const put = apply(start, { do: 'set', on, setting: one.id, band: 'wide', value: first });
        expect(
          apply(put, { do: 'set', on, setting: one.id, band: 'wide', value: undefined }),
          one.id,
        ).toEqual(start);
      } else {
        const put = apply(start, { do: 'set', on, setting: one.id, value });
        expect(apply(put, { do: 'set', on, setting: one.id, value: undefined }), one.id).toEqual(start);
      }
    }
  });
});

import { parse } from 'csv-parse/sync';
import { stringify } from 'csv-stringify/sync';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { fold } from '../catalogue/fold.ts';
import type { Goods } from '../goods/goods.ts';
import { compared, type Outcome } from './compare.ts';
import { guarded, unguarded } from './cells.ts';
import { dialectOf } from './findDialect.ts';
import { goodsExport, type ExportedGoods } from './goodsExport.ts';
import { Identities } from './identity.ts';
import { isFault, readColumn, readRow } from './importRow.ts';
import { jsonCells, jsonNames } from './jsonCells.ts';
import { Lookup, type Named } from './lookup.ts';
import { decimalOf, howOf, matched } from './matching.ts';
import { targetNamed, targetsOf, type OwnTargets } from './ownTargets.ts';
import { Gatherer, type Wanted } from './wanted.ts';

const own: OwnTargets = {
  fields: [
    { id: 'capacity', name: 'Capacity', type: 'number', unit: 'ml' },
    { id: 'glaze', name: 'Made by; or > for', type: 'text', unit: '' },
    { id: 'safe', name: 'Food-safe', type: 'yesNo', unit: '' },
  ],
  options: [{ name: 'Glaze' }, { name: 'Size, roughly' }],
};
const VALUES = [
  ['Inkwell', 'Peat'],
  ['Small', 'Wide, and flat'],
] as const;
const named: Named = {
  // One is called what another was, and is kept apart from it all the same.
  tags: new Map([
    ['a', 'B'],
    ['B', 'aa'],
  ]),
  brands: [
    { id: 1, name: 'Ada & Sons' },
    { id: 2, name: '=SUM' },
  ],
  categories: [
    { id: 1, parentId: null, name: 'Table; ware' },
    { id: 2, parentId: 1, name: 'Jugs > ewers' },
    { id: 3, parentId: null, name: 'Garden' },
    { id: 4, parentId: 3, name: 'Pots' },
  ],
  collections: [
    { id: 1, name: 'Warm; and dry', byRule: false },
    { id: 2, name: '-7', byRule: false },
    { id: 3, name: 'On offer', byRule: true },
  ],
  pictures: [
    { id: 'a'.repeat(64), name: 'Jug, from "above"' },
    { id: 'b'.repeat(64), name: '=jug' },
  ],
  options: own.options.map(({ name }, at) => ({
    id: at + 1,
    name,
    values: VALUES[at]!.map((value, i) => ({ id: 10 * at + i + 1, name: value })),
  })),
};
const pathOf = (id: number): string[] => {
  const { parentId, name } = named.categories.find((one) => one.id === id)!;
  return parentId === null ? [name] : [...pathOf(parentId), name];
};

const valueId = (option: string, value: string): number =>
  named.options.find(({ name }) => name === option)!.values.find(({ name }) => name === value)!.id;

const text = fc
  .array(fc.constantFrom('a', 'B', 'é', ' ', ',', ';', '"', "'", '=', '-', '\n', '\\', '>', '7'), {
    maxLength: 12,
  })
  .map((letters) => letters.join('').trim());
const money = fc.integer({ min: 2, max: 900_000 });

/** A product of any sort, with the values of its variants. */
const exported = (id: number): fc.Arbitrary<ExportedGoods> =>
  fc
    .record({
      words: fc.record({ title: text, shortText: text, longText: text }),
      coded: fc.boolean(),
      brandId: fc.constantFrom(null, 1, 2),
      featured: fc.boolean(),
      categoryIds: fc.uniqueArray(fc.constantFrom(1, 2, 3, 4), { maxLength: 3 }),
      collectionIds: fc.uniqueArray(fc.constantFrom(1, 2), { maxLength: 2 }),
      pictureIds: fc.uniqueArray(fc.constantFrom('a'.repeat(64), 'b'.repeat(64)), { maxLength: 2 }),
      tags: fc.uniqueArray(
        // Some are called otherwise by now; nothing is known by what another is called.
        fc.oneof(
          fc.constantFrom('a', 'B'),
          text.filter((tag) => tag !== '' && tag !== 'aa' && !tag.includes('\n')),
        ),
        { maxLength: 3 },
      ),
      capacity: fc.option(
        fc.oneof(
          fc.integer({ min: -9_999, max: 99_999 }),
          fc.double({ min: -90, max: 90, noNaN: true }).filter((n) => n !== 0 && Math.abs(n) > 1e-9),
        ),
      ),
      glaze: text,
      safe: fc.option(fc.boolean()),
      choices: fc.oneof(
        fc.constant([{}]),
        fc.uniqueArray(
          fc.record({
            [own.options[0]!.name]: fc.constantFrom(...VALUES[0]),
            [own.options[1]!.name]: fc.constantFrom(...VALUES[1]),
          }),
          { minLength: 1, maxLength: 3, selector: (one) => JSON.stringify(one) },
        ),
      ) as fc.Arbitrary<Record<string, string>[]>,
      variants: fc.array(
        fc.record({
          code: text.filter((code) => !code.includes('\n')),
          price: money,
          share: fc.option(fc.double({ min: 0.1, max: 0.9, noNaN: true })),
          stock: fc.option(fc.integer({ min: 0, max: 4_000 })),
        }),
        { minLength: 3, maxLength: 3 },
      ),
    })
    .map(
      ({
        words,
        coded,
        brandId,
        featured,
        categoryIds,
        collectionIds,
        pictureIds,
        tags,
        capacity,
        glaze,
        safe,
        choices,
        variants,
      }) => {
        const goods: Goods = {
          id,
          slug: `thing-${id}`,
          ...words,
          title: `${words.title.replaceAll('\n', ' ')} ${id}`.trim(),
          code: coded ? `K-${id}` : '',
          brandId,
          featured,
          categoryIds: [...categoryIds].sort(),
          collectionIds: [...collectionIds].sort(),
          tags: [...tags].sort(),
          fields: {
            ...(capacity !== null && { capacity }),
            ...(glaze && { glaze }),
            ...(safe !== null && { safe }),
          },
          variants: choices.map((choice, at) => {
            const { code, price, share, stock } = variants[at]!;
            const said = Object.values(choice).join(', ');
            return {
              id: id * 10 + at,
              choice: said,
              code,
              price,
              reduced: share === null ? null : Math.max(1, Math.floor(price * share)),
              stock,
              pictureId: null,
              values: Object.entries(choice).map(([option, value]) => valueId(option, value)),
            };
          }),
          pictureIds,
        };
        return {
          goods,
          brand: named.brands.find((one) => one.id === brandId)?.name ?? '',
          categories: goods.categoryIds.map(pathOf),
          collections: goods.collectionIds.map(
            (one) => named.collections.find((each) => each.id === one)!.name,
          ),
          tags: goods.tags.map((tag) => named.tags.get(tag) ?? tag),
          pictures: pictureIds.map((one) => named.pictures.find((each) => each.id === one)!.name),
          choices,
        };
      },
    );

const store = fc
  .integer({ min: 1, max: 6 })
  .chain((many) => fc.tuple(...Array.from({ length: many }, (_, i) => exported(i + 1))));

function written(all: readonly ExportedGoods[], currency: string): string {
  const table = goodsExport(own, currency);
  return stringify(
    [table.names, ...all.flatMap(table.rows)].map((row) => row.map(guarded)),
    { bom: true },
  );
}

const jsonWritten = (all: readonly ExportedGoods[], currency: string): string => {
  const { product } = goodsExport(own, currency);
  return all.map((one) => JSON.stringify(product(one))).join('\n');
};

interface Sheet {
  names: string[];
  rows: string[][];
}

function tableOf(file: string): Sheet {
  const { separator, quote } = dialectOf(file, 'utf-8');
  const [names, ...rows] = parse(file, { delimiter: separator, quote, bom: true }) as unknown as [
    string[],
    ...string[][],
  ];
  return { names, rows };
}

function jsonOf(file: string): Sheet {
  const products = file.split('\n').map((line) => JSON.parse(line) as Record<string, unknown>);
  const names = jsonNames(products);
  return { names, rows: products.flatMap((product) => jsonCells(product, names)) };
}

/** What a file asks for, read as a server reads it: nothing of it is told. */
function read(file: string, digits: number): (Wanted | { why: string })[] {
  const { format } = dialectOf(file, 'utf-8');
  const { names, rows } = format === 'csv' ? tableOf(file) : jsonOf(file);
  const targets = targetsOf(own);
  const sampled = names.map((name, at) => ({
    name,
    values: rows.map((row) => unguarded(row[at]!)).filter(Boolean),
  }));
  const held = matched(sampled, targets).map((id) => (id === null ? undefined : targetNamed(targets, id)));
  const decimal = decimalOf(sampled, held, digits);
  const columns = held.map((target, at) =>
    target ? readColumn(target, howOf(sampled[at]!, decimal, digits)) : null,
  );
  const gatherer = new Gatherer();
  return [...rows.flatMap((row, at) => gatherer.add(readRow(row, columns, at + 2))), ...gatherer.end()];
}

const outcome = (wanted: Wanted | { why: string }, there: Goods | undefined, lookup: Lookup): Outcome => {
  if ('why' in wanted) throw new Error(wanted.why);
  return compared(wanted, there, lookup);
};

describe('a store that is exported', () => {
  it.each([
    ['GBP', 2, written],
    ['JPY', 0, written],
    ['KWD', 3, written],
    ['GBP', 2, jsonWritten],
    ['KWD', 3, jsonWritten],
  ] as const)('is unchanged when it is imported again (%s, %i digits, %o)', (currency, digits, write) => {
    fc.assert(
      fc.property(store, (all) => {
        const lookup = new Lookup(named);
        const identities = new Identities(
          all.map(({ goods: { id, code, slug, title } }) => ({ id, code, slug, titleKey: fold(title) })),
        );
        const wanted = read(write(all, currency), digits);
        expect(wanted).toHaveLength(all.length);
        for (const one of wanted) {
          expect(isFault(one as never)).toBe(false);
          const id = identities.find((one as Wanted).keys);
          const there = all.find(({ goods }) => goods.id === id)?.goods;
          expect(outcome(one, there, lookup)).toMatchObject({ is: 'unchanged' });
        }
        expect(lookup.made).toEqual({
          brands: [],
          categories: [],
          collections: [],
          options: [],
          values: [],
          fields: [],
        });
        expect(lookup.lostPictures.size).toBe(0);
      }),
    );
  });

  it('makes the same products where there are none', () => {
    fc.assert(
      fc.property(store, (all) => {
        const lookup = new Lookup(named);
        const made = read(written(all, 'GBP'), 2).map((one) => outcome(one, undefined, lookup));
        made.forEach((one, at) => {
          const { id: _, variants, ...facts } = all[at]!.goods;
          if (one.is !== 'new') throw new Error(one.is);
          expect({ ...one.goods, variants: undefined }).toEqual({ ...facts, variants: undefined });
          expect(
            one.goods.variants.map(({ values, ...rest }) => ({
              ...rest,
              choice: named.options
                .flatMap((option) => option.values)
                .filter((value) => values.includes(value.id))
                .map(({ name }) => name)
                .join(', '),
            })),
          ).toEqual(variants.map(({ id: _v, pictureId: _i, values: _s, ...rest }) => rest));
        });
      }),
    );
  });

  it('makes what it names where that is not there either, each once and parents first', () => {
    fc.assert(
      fc.property(store, (all) => {
        const lookup = new Lookup({
          tags: named.tags,
          brands: [],
          categories: [],
          collections: [],
          pictures: named.pictures,
          options: [],
        });
        const made = () => read(written(all, 'GBP'), 2).map((one) => outcome(one, undefined, lookup));
        const first = made();
        const { brands, categories, collections, options, values } = structuredClone(lookup.made);
        expect(made()).toEqual(first);
        expect(lookup.made).toEqual({ brands, categories, collections, options, values, fields: [] });
        const known = new Set<number | null>([null]);
        for (const { id, parentId } of categories) {
          expect(known.has(parentId)).toBe(true);
          known.add(id);
        }
        expect(new Set(brands.map(({ name }) => name))).toEqual(
          new Set(all.map(({ brand }) => brand).filter(Boolean)),
        );
        expect(new Set(collections.map(({ name }) => name))).toEqual(
          new Set(all.flatMap((one) => one.collections)),
        );
      }),
    );
  });
});

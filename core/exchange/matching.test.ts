import { describe, expect, it } from 'vitest';
import { decimalOf, keptMatching, matched } from './matching.ts';
import { fieldTypeOf, targetNamed, targetsOf } from './ownTargets.ts';
import { TARGETS } from './targets.ts';

const targets = targetsOf({
  fields: [
    { id: 'capacity', name: 'Capacity', type: 'number', unit: 'ml' },
    { id: 'price_note', name: 'Price', type: 'text', unit: '' },
  ],
  options: [{ name: 'Glaze' }],
});
const columns = (...names: string[]) => names.map((name) => ({ name, values: [] }));

describe('columns of a file', () => {
  it('are matched by their names', () => {
    expect(
      matched(
        columns(
          'item_no',
          'name',
          'blurb',
          'price_gbp',
          'sale_price',
          'qty',
          'section',
          'keywords',
          'glaze',
          'Capacity (ml)',
          'supplier_ref',
        ),
        targets,
      ),
    ).toEqual([
      'code',
      'title',
      'shortText',
      'price',
      'reduced',
      'stock',
      'categories',
      'tags',
      'option:Glaze',
      'field:capacity',
      null,
    ]);
  });

  it('are each their own by the names that they have in the studio', () => {
    expect(matched(columns(...targets.map(({ name }) => name)), targets)).toEqual(
      targets.map(({ id }) => id),
    );
  });

  it('hold nothing twice, and the more usual name counts', () => {
    expect(matched(columns('reference', 'sku', 'title', 'name'), targets)).toEqual([
      null,
      'code',
      'title',
      null,
    ]);
  });

  it('are matched by their values where no name says anything', () => {
    const found = matched(
      [
        { name: '', values: ['KC-1097', 'KC-3014', 'KC-3015', 'KC-3020'] },
        { name: '', values: ['Inkwell pouring jug', 'Amber egg cup', 'Chalk plate', 'Peat dish'] },
        { name: '', values: ['£44.00', '£12.50', '£165.00', '£8.25'] },
        { name: '', values: ['94', '0', '12', '12'] },
        { name: '', values: ['Tableware > Jugs', 'Tableware > Cups', 'Tableware', 'Garden > Pots'] },
        { name: '', values: ['x', 'x', 'y', 'x'] },
      ],
      targets,
    );
    expect(found).toEqual(['code', 'title', 'price', 'stock', 'categories', null]);
  });

  it('are matched as the last time, also where they were left out', () => {
    const names = columns('name', 'ref', 'extra');
    const chosen = ['shortText', 'title', null];
    expect(matched(names, targets, keptMatching(names, chosen))).toEqual(chosen);
    // What is not there any more is found anew.
    expect(matched(columns('name'), targets, { name: 'field:gone' })).toEqual(['title']);
  });

  it('may be an option that is not there yet, and nothing else', () => {
    expect(targetNamed(targets, 'option:Size')).toMatchObject({ name: 'Option: Size', fact: 'Size' });
    expect(targetNamed(targets, 'option:  ')).toBeUndefined();
    expect(targetNamed(targets, `option:${'x'.repeat(61)}`)).toBeUndefined();
    expect(targetNamed(targets, 'field:gone')).toBeUndefined();
    expect(targetNamed(targets, 'constructor')).toBeUndefined();
  });

  it('may be a field that is made with the import, named by what no field has', () => {
    const made = targetNamed(targets, 'newField:number:Wall thickness')!;
    expect(made).toMatchObject({
      name: 'New field: Wall thickness',
      of: 'field',
      fact: 'wall_thickness',
      makes: { id: 'wall_thickness', name: 'Wall thickness', type: 'number' },
    });
    expect(made.read('1,5', { list: ';', level: '>', decimal: ',', digits: 2 })).toBe(1.5);
    const there = [...targets, { ...made, id: 'field:wall_thickness' }];
    expect(targetNamed(there, 'newField:text:Wall thickness')!.fact).toBe('wall_thickness_2');
    for (const id of [
      'newField:text:',
      'newField:colour:Glaze',
      'newField:Glaze',
      `newField:text:${'x'.repeat(61)}`,
    ])
      expect(targetNamed(targets, id)).toBeUndefined();
  });

  it.each<[string[], string]>([
    [['12', '1.5', '-3'], 'number'],
    [['1,5', '2'], 'number'],
    [['yes', 'No', 'TRUE'], 'yesNo'],
    [['1', '0'], 'number'],
    [['x', 'y'], 'text'],
    [['12', 'twelve'], 'text'],
    [[], 'text'],
  ])('with the values %j would be a field of a type: %s', (values, type) => {
    expect(fieldTypeOf(values)).toBe(type);
  });

  it('have the decimal mark of those that hold numbers', () => {
    const all = [
      { name: 'x', values: ['1,5', '2,5'] },
      { name: 'y', values: ['1.5'] },
    ];
    const price = TARGETS.find(({ id }) => id === 'price');
    expect(decimalOf(all, [price, undefined], 2)).toBe(',');
    expect(decimalOf(all, [undefined, price], 2)).toBe('.');
  });
});

it('has each target once, and each word for one', () => {
  expect(new Set(TARGETS.map(({ id }) => id)).size).toBe(TARGETS.length);
  const words = TARGETS.flatMap((target) => target.words);
  expect(words.filter((word, at) => words.indexOf(word) !== at)).toEqual([]);
});

import { describe, expect, it } from 'vitest';
import type { Item } from '../card/item.ts';
import { apply } from '../plan/commands.ts';
import type { StoredShelf } from '../plan/shelf.ts';
import { completePlan, type StoredPlan } from '../plan/storedPlan.ts';
import {
  specimenNames,
  specimenProduct,
  specimenShelf,
  specimenStored,
  specimenView,
} from '../specimen/specimen.ts';
import { columnOf, type TableColumn } from '../table/tableColumn.ts';
import { findingsOn } from './index.ts';

type Parts = NonNullable<NonNullable<StoredShelf['card']>['parts']>;

const width = { id: 'width', name: 'Width', value: 12, unit: 'cm' };
/** So many products of which the first have a width. */
const goods = (count: number, having: number): Item[] =>
  Array.from({ length: count }, (_, i) => ({
    of: 'products',
    product: specimenProduct(i + 1, { fields: i < having ? [width] : [] }),
  }));
const planWith = (parts: Parts): StoredPlan => specimenStored([specimenShelf('s', { card: { parts } })]);
const names = {
  ...specimenNames,
  field: (id: string) => (id === 'width' ? { name: 'Width', unit: 'cm' } : undefined),
};
const found = (stored: StoredPlan, check: string, items: readonly Item[]) => {
  const plan = completePlan(stored);
  return findingsOn(specimenView(plan, items.length, {}, items), plan, names).filter(
    (one) => one.check === check,
  );
};

describe('a field on cards', () => {
  const plan = planWith({ field: { shown: { phone: true }, field: 'width' } });

  it.each([
    [8, 8, undefined],
    [8, 5, undefined],
    [8, 4, 'Width is missing on 4 of the 8 shown'],
    [8, 1, 'Width is missing on 7 of the 8 shown'],
    [3, 0, 'Width is shown on cards, but none of the 3 products has it'],
  ])('of %i products of which %i have it is told of where it should be', (count, having, text) => {
    expect(found(plan, 'field-missing', goods(count, having))[0]?.text).toBe(text);
  });

  it('is taken off by the fix, and is nothing to tell of where no card shows it', () => {
    const [one] = found(plan, 'field-missing', goods(4, 0));
    expect(found(apply(plan, one!.fix!.command), 'field-missing', goods(4, 0))).toEqual([]);
    expect(found(planWith({}), 'field-missing', goods(4, 0))).toEqual([]);
  });
});

describe('a field in a table', () => {
  const table = (columns: readonly TableColumn[], layout: StoredShelf['layout'] = { phone: 'table' }) =>
    specimenStored([
      specimenShelf('s', {
        layout,
        layoutOwn: { table: { columns } },
        card: { parts: { field: { field: 'width' } } },
      } as never),
    ]);
  const columns = [columnOf('title'), columnOf('field')];

  it('is told of as one, and its column taken out by the fix', () => {
    const [one] = found(table(columns), 'field-missing', goods(4, 0));
    expect(one).toMatchObject({
      text: 'Width is shown in the table, but none of the 2 products has it',
      goTo: 'columns',
      fix: { words: 'Take Width out of the table' },
    });
    const after = apply(table(columns), one!.fix!.command);
    expect(completePlan(after).shelves.s!.layoutOwn.table.columns).toEqual([columnOf('title')]);
    expect(found(after, 'field-missing', goods(4, 0))).toEqual([]);
  });

  it('is nothing to tell of where another layout is drawn, nor what only cards would show', () => {
    expect(found(table(columns, { phone: 'grid' }), 'field-missing', goods(4, 0))).toEqual([]);
    const hidden = apply(table([columnOf('title')]), {
      do: 'set',
      on: { shelf: 's' },
      setting: 'card.parts.field.shown',
      value: { phone: true },
    });
    expect(found(hidden, 'field-missing', goods(4, 0))).toEqual([]);
  });
});

describe('a quantity', () => {
  const quantity = { shown: { phone: true } };

  it('does nothing where there is no basket button, which the fix adds just there', () => {
    const plan = planWith({ quantity, basket: { shown: { phone: false, laptop: true } } });
    const [one] = found(plan, 'part-alone', goods(3, 0));
    expect(one).toMatchObject({
      severity: 'wrong',
      text: 'Quantity does nothing without the basket button on Phone and Tablet',
    });
    const after = apply(plan, one!.fix!.command);
    expect(found(after, 'part-alone', goods(3, 0))).toEqual([]);
  });

  it('is told of at every width at once, and not at all beside its button', () => {
    expect(found(planWith({ quantity }), 'part-alone', goods(3, 0))[0]!.text).toBe(
      'Quantity does nothing without the basket button',
    );
    expect(found(planWith({ quantity, basket: quantity }), 'part-alone', goods(3, 0))).toEqual([]);
  });

  describe('in a table', () => {
    const table = (columns: readonly string[], more: object = {}, layout: object = { phone: 'table' }) =>
      specimenStored([
        specimenShelf('s', {
          layout,
          layoutOwn: { table: { columns: columns.map(columnOf), ...more } },
          card: { parts: { quantity } },
        } as never),
      ]);
    const said = (plan: StoredPlan) => found(plan, 'part-alone', goods(3, 0))[0]?.text;

    it('does nothing without a column for the button, which the fix adds behind it, to leave with it', () => {
      const plan = table(['title', 'quantity', 'price']);
      const [one] = found(plan, 'part-alone', goods(3, 0));
      expect(one).toMatchObject({ text: 'Quantity does nothing without the basket button', goTo: 'columns' });
      const after = apply(plan, one!.fix!.command);
      const columns = completePlan(after).shelves.s!.layoutOwn.table.columns;
      expect(columns.map(({ id }) => id)).toEqual(['title', 'quantity', 'basket', 'price']);
      expect(columns[2]!.leaves).toBe(columns[1]!.leaves);
      expect(said(after)).toBeUndefined();
    });

    it('is not asked what cards would show, and is bought by one press for all rows where there is that', () => {
      expect(said(table(['title', 'price']))).toBeUndefined();
      expect(said(table(['title', 'quantity'], { addAll: 'below' }))).toBeUndefined();
    });

    it('is told of at the widths at which it is one, and of cards at the others', () => {
      const plan = (columns: readonly string[]) => table(columns, {}, { phone: 'grid', laptop: 'table' });
      expect(said(plan(['title', 'quantity']))).toMatch(/without the basket button on Laptop/);
      expect(said(plan(['title', 'quantity', 'basket']))).toBe(
        'Quantity does nothing without the basket button on Phone and Tablet',
      );
    });
  });
});

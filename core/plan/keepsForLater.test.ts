import { describe, expect, it } from 'vitest';
import { specimenPlan, specimenShelf } from '../specimen/specimen.ts';
import { columnOf } from '../table/tableColumn.ts';
import { keepsForLater } from './keepsForLater.ts';

const keeps = (more: object) => keepsForLater(specimenPlan([specimenShelf('a', more)]));
const onCard = { card: { parts: { save: { shown: { phone: true } } } } };
const columns = (...ids: string[]) => ({ layoutOwn: { table: { columns: ids.map(columnOf) } } });

describe('whether products can be kept for later', () => {
  it('goes by the cards that are drawn, and by the columns of tables that are', () => {
    expect(keeps({})).toBe(false);
    expect(keeps(onCard)).toBe(true);
    // As a table it draws no card, and a grid no column.
    expect(keeps({ ...onCard, layout: { phone: 'table' } })).toBe(false);
    expect(keeps({ ...columns('title', 'save'), layout: { phone: 'table' } })).toBe(true);
    expect(keeps(columns('title', 'save'))).toBe(false);
    expect(keeps({ ...onCard, layout: { phone: 'grid', laptop: 'table' } })).toBe(true);
  });
});

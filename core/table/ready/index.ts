import type { Of } from '../../assortment/of.ts';
import { everywhere } from '../../bands/varying.ts';
import type { Bands } from '../../bands/bands.ts';
import { partKind } from '../../card/parts/index.ts';
import type { Command } from '../../plan/commands.ts';
import { isSetting, type Tree } from '../../settings/setting.ts';
import { tableSettings } from '../tableSettings.ts';
import { orderForm } from './orderForm.ts';
import { priceList } from './priceList.ts';
import type { ReadyTable } from './readyTable.ts';
import { toCompare } from './toCompare.ts';
import { tradeList } from './tradeList.ts';
import { withPictures } from './withPictures.ts';

/** Every ready-made table, in the order in which they are offered; to add one, define it and list it here. */
export const readyTables: readonly ReadyTable[] = [tradeList, orderForm, priceList, toCompare, withPictures];

export const readyTablesFor = (of: Of): ReadyTable[] => readyTables.filter((ready) => ready.of.includes(of));

const settings: Tree = { ...tableSettings.layout, ...tableSettings.columns };

/** Puts a ready-made table in the place of a shelf's own, in one step. What is set of the parts themselves stays. */
export function startFromTable(
  shelf: string,
  of: Of,
  { columns, own = {} }: ReadyTable,
  bands: Bands,
): Command {
  const values: Readonly<Record<string, unknown>> = {
    ...own,
    columns: columns.filter(({ id }) => partKind(id)!.of.includes(of)),
  };
  const valueOf = (key: string): unknown => {
    const setting = settings[key]!;
    const varies = isSetting(setting) && setting.varies;
    return key in values && varies ? everywhere(bands, values[key]) : values[key];
  };
  return {
    do: 'together',
    commands: Object.keys(settings).map((key) => ({
      do: 'set',
      on: { shelf },
      setting: `layoutOwn.table.${key}`,
      value: valueOf(key),
    })),
  };
}

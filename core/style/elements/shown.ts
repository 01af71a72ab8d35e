import type { ReadSetting } from '../../settings/setting.ts';
import type { ShelfDraws } from '../element.ts';

const columnsOf = (read: ReadSetting) => (read('layoutOwn.table.columns') ?? []) as readonly { id: string }[];

/** Whether a card shows a part at some width, or a table has it as a column. */
export const showsPart =
  (...ids: readonly string[]) =>
  (read: ReadSetting, { isTable }: ShelfDraws): boolean =>
    ids.some(
      (id) =>
        Object.values(read(`card.parts.${id}.shown`) ?? {}).includes(true) ||
        (isTable && columnsOf(read).some((column) => column.id === id)),
    );

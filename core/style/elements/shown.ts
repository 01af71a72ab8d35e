import type { ReadSetting } from '../../settings/setting.ts';
import type { ShelfDraws } from '../element.ts';

const columnsOf = (read: ReadSetting) => (read('layoutOwn.table.columns') ?? []) as readonly { id: string }[];

/** Whether the banner, or one of several, has some of what a key holds. */
export const inBanners =
  (key: string) =>
  (read: ReadSetting): boolean => {
    const several = read('banners') as readonly Readonly<Record<string, unknown>>[] | undefined;
    return several ? several.some((one) => Boolean(one[key])) : Boolean(read(key));
  };

/** Whether a card shows a part at some width, or a table has it as a column. */
export const showsPart =
  (...ids: readonly string[]) =>
  (read: ReadSetting, { isTable }: ShelfDraws): boolean =>
    ids.some(
      (id) =>
        Object.values(read(`card.parts.${id}.shown`) ?? {}).includes(true) ||
        (isTable && columnsOf(read).some((column) => column.id === id)),
    );

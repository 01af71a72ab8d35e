import { idsOnce } from '../schema/idsOnce.ts';
import { array, object, string, type Schema } from '../schema/schema.ts';

/** One tab of a bay: its shelf, and only what was set of it besides its id. */
export interface TabItem {
  id: string;
  /** Where it has none it is called as its shelf is. */
  name?: string;
  /** Of a shelf that is gone until another is put there. */
  shelfId: string;
}

export const MOST_TABS = 12;
export const LONGEST_TAB_NAME = 40;

export const tabItemsSchema = array(
  object({
    // It stands in addresses.
    id: string()
      .matches(/^[a-zA-Z0-9-]{1,40}$/, 'A tab is named by letters, digits and hyphens.')
      .required(),
    name: string().max(LONGEST_TAB_NAME),
    shelfId: string().max(60).defined(),
  })
    .noUnknown()
    .required(),
)
  .max(MOST_TABS)
  .test('once', 'Two tabs have the same id.', idsOnce)
  .required() as unknown as Schema<TabItem[]>;

/** What a tab is called. */
export const tabName = (
  { name, shelfId }: TabItem,
  i: number,
  shelf: (id: string) => string | undefined,
): string => name || shelf(shelfId) || `Tab ${i + 1}`;

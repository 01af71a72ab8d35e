import { SELLING_BY, type SellingBy } from '../catalogue/selling.ts';
import { idsOnce } from '../schema/idsOnce.ts';
import { array, object, string, type Schema } from '../schema/schema.ts';

/** What of the store's goods is set for a category or a collection, wherever they are shown. */
export interface StoreGroup {
  /** As `groupId` writes it. */
  id: string;
  /** Id of the stored picture that is its icon. */
  icon?: string;
  /** How what is in it is sold; as the store does where that is not set. Of categories only. */
  by?: SellingBy;
}

type GroupOf = 'category' | 'collection';

export const groupId = (of: GroupOf, id: number): string => `${of}-${id}`;

/** What an id names, and whether that is a category or a collection. */
export function groupNamed(id: string): { of: GroupOf; id: number } {
  const [of, number] = id.split('-') as [GroupOf, string];
  return { of, id: Number(number) };
}

export const MOST_GROUPS = 500;

export const storeGroupsSchema = array(
  object({
    id: string()
      .matches(/^(category|collection)-[1-9]\d{0,9}$/, 'A category or collection is named by its number.')
      .required(),
    icon: string().matches(/^[0-9a-f]{64}$/, 'This is not the id of a picture.'),
    by: string()
      .oneOf(Object.keys(SELLING_BY) as SellingBy[])
      .when('id', ([id], schema) =>
        String(id).startsWith('collection')
          ? schema.test('sold', 'Only what is in a category can be sold in another way.', (by) => !by)
          : schema,
      ),
  })
    .noUnknown()
    .required(),
)
  .max(MOST_GROUPS)
  .test('once', 'A category or collection is named twice.', idsOnce)
  .required() as unknown as Schema<StoreGroup[]>;

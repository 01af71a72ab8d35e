import type { Conflict } from '../facts/factEdit.ts';
import {
  FIELD_TYPES,
  GROUPINGS,
  type FieldType,
  type Grouping,
  type GroupingOf,
} from '../groupings/grouping.ts';
import { groupingEditSchema, MOST_GROUPING_EDITS, type GroupingEdit } from '../groupings/groupingEdit.ts';
import { groupingFact } from '../groupings/groupingFacts.ts';
import { array, boolean, idSchema, string, type Schema } from '../schema/schema.ts';
import { contract } from './contract.ts';
import { shape } from './shape.ts';

const list = <T>() => array().required() as unknown as Schema<T[]>;
const of = () => string().oneOf(GROUPINGS).required() as unknown as Schema<GroupingOf>;

/** All of one kind. */
export const listGroupings = contract({
  method: 'GET',
  path: '/api/groupings',
  who: 'signedIn',
  query: shape<{ of: GroupingOf }>({ of: of() }),
  answer: shape<{ groupings: Grouping[] }>({ groupings: list() }),
});

export interface NewGrouping {
  of: GroupingOf;
  name: string;
  /** What it stands under; null for none. */
  parent: number | null;
  /** Of a field; null of all else. */
  type: FieldType | null;
}

/** A new one of this name, the last of those beside it. */
export const addGrouping = contract({
  method: 'POST',
  path: '/api/groupings/new',
  who: 'signedIn',
  body: shape<NewGrouping>({
    of: of(),
    name: groupingFact('category', 'name')!.schema as Schema<string>,
    parent: idSchema.nullable().defined(),
    type: string()
      .oneOf(Object.keys(FIELD_TYPES))
      .nullable()
      .defined() as unknown as Schema<FieldType | null>,
  }),
  answer: shape<{ id: number }>({ id: idSchema }),
});

/** Takes one out of the catalogue; its products stay, and what is below it moves up. */
export const removeGrouping = contract({
  slow: true,
  method: 'POST',
  path: '/api/groupings/removed',
  who: 'signedIn',
  body: shape<{ of: GroupingOf; id: number }>({ of: of(), id: idSchema }),
  answer: shape<{ removed: boolean }>({ removed: boolean().required() }),
});

/** Writes facts, all or none: none where one of them is not any more what it was. Shoppers see them at once. */
export const editGroupings = contract({
  slow: true,
  method: 'POST',
  path: '/api/groupings/edit',
  who: 'signedIn',
  body: shape<{ edits: readonly GroupingEdit[] }>({
    edits: array(groupingEditSchema as never)
      .min(1)
      .max(MOST_GROUPING_EDITS)
      .required(),
  }),
  answer: shape<{ conflicts: Conflict<GroupingEdit>[] }>({ conflicts: list() }),
});

import type { QueryClient } from '@tanstack/react-query';
import { editGroupings } from '../../core/api/groupings.ts';
import type { Grouping, GroupingOf } from '../../core/groupings/grouping.ts';
import { groupingEdited, type GroupingEdit } from '../../core/groupings/groupingEdit.ts';
import type { Client } from './client.ts';
import { makeFactWriter, type FactWriter } from './factWriter.ts';
import { goodsChanged } from './goodsWriter.ts';
import { knownChanged } from './known.ts';

export const groupingsKey = (of: GroupingOf) => ['groupings', of] as const;

/** Whatever shows them, or products by them, asks anew. */
export function groupingsChanged(queries: QueryClient): void {
  knownChanged(queries);
  goodsChanged(queries);
}

/** Writes facts of categories, collections, brands and fields. */
export const makeGroupingWriter = (client: Client, queries: QueryClient): FactWriter<GroupingEdit> =>
  makeFactWriter({
    send: async (edits) => (await client.ask(editGroupings, { body: { edits } })).conflicts,
    show: (edits) => {
      for (const { of } of edits) void queries.cancelQueries({ queryKey: groupingsKey(of) });
      for (const edit of edits)
        queries.setQueryData<{ groupings: Grouping[] }>(
          groupingsKey(edit.of),
          (known) => known && { groupings: groupingEdited(known.groupings, edit) },
        );
    },
    changed: () => groupingsChanged(queries),
    isSameFact: (a, b) => a.of === b.of && a.id === b.id && a.fact === b.fact,
  });

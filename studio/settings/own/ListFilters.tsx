import { filterId, filterKind, filterKinds } from '../../../core/listing/filters/index.ts';
import {
  filterOf,
  LONGEST_FILTER_NAME,
  MOST_FILTERS,
  type ShownFilter,
} from '../../../core/listing/shownFilter.ts';
import { filterName } from '../../../core/plan/toolsSettings.ts';
import { useNames, useStudio } from '../../studioContext.tsx';
import { Pick } from '../../ui/Pick.tsx';
import { Stack } from '../Stack.tsx';
import { ListOf } from './ListOf.tsx';
import type { OwnControlProps } from './ownControl.ts';
import { RowWords } from './RowWords.tsx';

const ADD = 'add';

/** The filters of a list, in the order in which shoppers meet them, and all that the store could have besides. */
export function ListFilters({ on, value }: Pick<OwnControlProps, 'on'> & { value: readonly ShownFilter[] }) {
  const { draft, vocabulary } = useStudio();
  const names = useNames();
  const there = new Set(value.map(({ id }) => id));
  const others = filterKinds
    .flatMap((kind) => kind.offers(vocabulary))
    .map((filter) => ({ value: filterId(filter), words: filterKind(filter.by).named(filter, names) }))
    .filter((one) => !there.has(one.value));
  const usual = (id: string) => filterName({ id }, names);
  return (
    <Stack>
      <ListOf
        on={on}
        setting="tools.filters"
        value={value}
        most={MOST_FILTERS}
        noun="filter"
        label="Filters of the list"
        empty="There is no filter yet."
        nameOf={(one) => filterName(one, names)}
        factsOf={({ id, words }) => (words === undefined ? '' : `is ${usual(id)}`)}
        fixed
      >
        {({ id, words }, change) => (
          <RowWords
            label="Name"
            value={words}
            longest={LONGEST_FILTER_NAME}
            placeholder={usual(id)}
            onChange={(next) => change('words', next)}
          />
        )}
      </ListOf>
      {others.length > 0 && value.length < MOST_FILTERS && (
        <Pick
          label="Add a filter"
          value={ADD}
          options={[{ value: ADD, words: 'Choose one…' }, ...others]}
          onChange={(id) => {
            if (filterOf(id))
              draft.run({ do: 'set', on, setting: 'tools.filters', value: [...value, { id }] });
          }}
        />
      )}
    </Stack>
  );
}

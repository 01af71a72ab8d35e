import { idsOnce } from '../schema/idsOnce.ts';
import { array, object, string, type Schema } from '../schema/schema.ts';
import { filterKinds, type Filter } from './filters/index.ts';

/** A filter that a listing offers; its id says which (`filterId`). */
export interface ShownFilter {
  id: string;
  /** What it is called here; absent for its usual name. */
  words?: string;
}

export const MOST_FILTERS = 24;
export const LONGEST_FILTER_NAME = 40;

/** The filter of an id; null where that names none. */
export function filterOf(id: string): Filter | null {
  const [by, ...rest] = id.split('.');
  const of = rest.join('.');
  if (!of)
    return filterKinds.some((kind) => kind.id === id) && !OF_SOMETHING.has(id)
      ? ({ by: id } as Filter)
      : null;
  if (by === 'option') return /^[1-9]\d{0,9}$/.test(of) ? { by, option: Number(of) } : null;
  return by === 'field' || by === 'measure' ? { by, field: of } : null;
}

const OF_SOMETHING: ReadonlySet<string> = new Set(['option', 'field', 'measure']);

export const shownFiltersSchema = array(
  object({
    id: string()
      .max(80)
      .test('known', 'There is no such filter.', (id) => id === undefined || filterOf(id) !== null)
      .required(),
    words: string().max(LONGEST_FILTER_NAME),
  })
    .noUnknown()
    .required(),
)
  .max(MOST_FILTERS, `A list can have at most ${MOST_FILTERS} filters.`)
  .test('once', 'A filter is there twice.', idsOnce)
  .required() as unknown as Schema<ShownFilter[]>;

/** Filters that a list offers; ones that are unknown are left out. */
export const filtersOf = (filters: readonly ShownFilter[]): Filter[] =>
  filters.flatMap(({ id }) => filterOf(id) ?? []);

import { useQuery, useQueryClient, type QueryClient } from '@tanstack/react-query';
import { MOST_FILES, readFileCells } from '../../core/api/pictures.ts';
import { noCells, readCells, type Cells, type CellsOf } from '../../core/picture/cells.ts';
import { filesUnderText } from '../../core/view/underText.ts';
import type { PageView } from '../../core/view/view.ts';
import type { Client } from '../api/client.ts';
import { useStudio } from '../studioContext.tsx';

/** A file never changes, so that its cells are asked for once. */
const keyOf = (file: string) => ['cells of', file];

async function fetchCells(client: Client, queries: QueryClient, files: readonly string[]): Promise<CellsOf> {
  const missing = files.filter((file) => queries.getQueryData(keyOf(file)) === undefined);
  if (missing.length > 0) {
    const { cells } = await client.ask(readFileCells, { body: { files: missing } });
    for (const file of missing) queries.setQueryData(keyOf(file), readCells(cells[file] ?? ''));
  }
  const known = new Map(files.map((file) => [file, queries.getQueryData<Cells | null>(keyOf(file)) ?? null]));
  return (file) => known.get(file) ?? null;
}

/** The cells of the pictures of a page that text is over; until they are here, those known before. */
export function usePictureCells(view: PageView): CellsOf {
  const { client } = useStudio();
  const queries = useQueryClient();
  const files = filesUnderText(view).slice(0, MOST_FILES);
  const { data = noCells } = useQuery({
    queryKey: ['cells', files.join()],
    queryFn: () => fetchCells(client, queries, files),
    enabled: files.length > 0,
    staleTime: Infinity,
    placeholderData: (before) => before,
  });
  return data;
}

import { compared, type Outcome } from '../../core/exchange/compare.ts';
import { Identities, type Identity } from '../../core/exchange/identity.ts';
import { MOST_SHOWN, type Found } from '../../core/exchange/importState.ts';
import { isFault, readRow, type ReadColumn, type RowFault } from '../../core/exchange/importRow.ts';
import type { Lookup } from '../../core/exchange/lookup.ts';
import { Gatherer, type Wanted } from '../../core/exchange/wanted.ts';
import type { Goods } from '../../core/goods/goods.ts';
import { counted } from '../../core/sentence/sentence.ts';
import { fold } from '../../core/catalogue/fold.ts';
import type { Queryable } from '../db/pool.ts';
import { readGoodsById } from '../goods/goodsRows.ts';
import type { FileRow } from './readFile.ts';

/** Products that are compared at once. */
const BATCH = 500;

export interface ComparedBatch {
  outcomes: Outcome[];
  /** Products of the store that they are of. */
  there: ReadonlyMap<number, Goods>;
  /** Rows that were read by now. */
  rows: number;
}

/** What the rows of a file come to, some hundreds of products at a time. @param locked what is there, until the transaction ends */
export async function* compareFile(
  db: Queryable,
  rows: AsyncIterable<FileRow>,
  {
    names,
    columns,
    lookup,
    locked = false,
    onRow,
  }: {
    /** How many columns the file has. */
    names: number;
    columns: readonly (ReadColumn | null)[];
    lookup: Lookup;
    locked?: boolean;
    onRow?(row: FileRow): void;
  },
): AsyncGenerator<ComparedBatch> {
  const gatherer = new Gatherer();
  const meant = new Map<number, number>();
  let [batch, count]: [(Wanted | RowFault)[], number] = [[], 0];
  const compare = async (): Promise<ComparedBatch> => {
    const wanted = batch;
    batch = [];
    return { ...(await compareBatch(db, wanted, { lookup, locked, meant })), rows: count };
  };
  for await (const row of rows) {
    count += 1;
    onRow?.(row);
    batch.push(
      ...gatherer.add(
        row.cells.length === names
          ? readRow(row.cells, columns, row.line)
          : {
              line: row.line,
              field: '',
              of: '',
              why: `It has ${counted(row.cells.length, 'cell')}, and the first row has ${names}.`,
            },
      ),
    );
    if (batch.length >= BATCH) yield compare();
  }
  batch.push(...gatherer.end());
  yield compare();
}

async function compareBatch(
  db: Queryable,
  wanted: readonly (Wanted | RowFault)[],
  { lookup, locked, meant }: { lookup: Lookup; locked: boolean; meant: Map<number, number> },
): Promise<Omit<ComparedBatch, 'rows'>> {
  const asked = wanted.flatMap((one) => (isFault(one as RowFault) ? [] : [one as Wanted]));
  const identities = new Identities(await readIdentities(db, asked));
  const found = new Map(asked.map((one) => [one, identities.find(one.keys)]));
  const ids = [...new Set([...found.values()].filter((id) => typeof id === 'number'))];
  const there = ids.length > 0 ? await readGoodsById(db, ids, { locked }) : new Map<number, Goods>();
  const outcomes = wanted.map((one): Outcome => {
    if ('why' in one) return { is: 'refused', line: one.line, rows: 1, fault: one };
    const id = found.get(one)!;
    const refused = (why: string): Outcome => ({
      is: 'refused',
      line: one.line,
      rows: one.rows,
      fault: { line: one.line, field: '', why, of: one.keys.title || one.keys.code || one.keys.slug },
    });
    if (typeof id === 'string') return refused(id);
    if (id === null) return compared(one, undefined, lookup);
    const before = meant.get(id);
    if (before !== undefined) return refused(`It is the product of line ${before}.`);
    meant.set(id, one.line);
    return compared(one, there.get(id), lookup);
  });
  return { outcomes, there };
}

async function readIdentities(db: Queryable, asked: readonly Wanted[]): Promise<Identity[]> {
  if (asked.length === 0) return [];
  const said = (of: (keys: Wanted['keys']) => string) => [
    ...new Set(asked.map(({ keys }) => of(keys)).filter(Boolean)),
  ];
  const { rows } = await db.query<Identity>(
    `SELECT id, code, slug, title_key AS "titleKey" FROM product WHERE id IN (
       SELECT id FROM product WHERE lower(code) = ANY($1) AND code <> ''
       UNION SELECT id FROM product WHERE slug = ANY($2)
       UNION SELECT id FROM product WHERE title_key = ANY($3)) ORDER BY id`,
    [
      said(({ code }) => code.toLowerCase()),
      said(({ slug }) => slug),
      // Titles only say which product is meant where nothing else does.
      said(({ slug, title }) => (slug === '' ? fold(title) : '')),
    ],
  );
  return rows;
}

/** Gathers what the rows of a file come to. */
export class Tally {
  private readonly counts: Found['counts'] = { new: 0, changed: 0, unchanged: 0, refused: 0 };
  private readonly columns: Found['columns'];
  private readonly shown: Pick<Found, 'new' | 'changed' | 'refused'> = { new: [], changed: [], refused: [] };
  private readonly tags = new Set<string>();
  private rows = 0;

  constructor(columns: number) {
    this.columns = Array.from({ length: columns }, () => ({ empty: 0, longest: 0 }));
  }

  readonly row = ({ cells }: FileRow): void => {
    this.rows += 1;
    this.columns.forEach((column, at) => {
      const { length } = (cells[at] ?? '').trim();
      if (length === 0) column.empty += 1;
      if (length > column.longest) column.longest = length;
    });
  };

  add(outcome: Outcome): void {
    this.counts[outcome.is] += outcome.is === 'refused' ? outcome.rows : 1;
    const { line } = outcome;
    if (outcome.is === 'refused') {
      if (this.shown.refused.length < MOST_SHOWN) this.shown.refused.push(outcome.fault);
    } else if (outcome.is === 'new') {
      const { title, code, categoryIds, variants, tags } = outcome.goods;
      for (const tag of tags) this.tags.add(tag);
      if (this.shown.new.length < MOST_SHOWN)
        this.shown.new.push({
          line,
          goods: {
            title,
            code,
            categoryIds,
            variants: variants.length,
            price: Math.min(...variants.map(({ price }) => price)),
          },
        });
    } else if (outcome.is === 'changed') {
      const { goods, edits, added } = outcome;
      for (const { fact, is } of edits)
        if (fact === 'tags') for (const tag of is as string[]) this.tags.add(tag);
      if (this.shown.changed.length < MOST_SHOWN) {
        const { id, title, variants, pictures } = goods;
        this.shown.changed.push({
          line,
          goods: { id, title, variants, pictures: pictures.slice(0, 1) },
          edits,
          added: added.length,
        });
      }
    }
  }

  async found(db: Queryable, { made }: Lookup): Promise<Found> {
    const { rows } = await db.query<{ known: number }>(
      'SELECT count(DISTINCT tag)::int AS known FROM product_tag WHERE tag = ANY($1)',
      [[...this.tags]],
    );
    return {
      rows: this.rows,
      counts: this.counts,
      columns: this.columns,
      ...this.shown,
      made,
      newTags: this.tags.size - rows[0]!.known,
    };
  }
}

import { compared, type Outcome } from '../../core/exchange/compare.ts';
import { Identities, type Identity } from '../../core/exchange/identity.ts';
import { MOST_SHOWN, type Found } from '../../core/exchange/importState.ts';
import { calledBy, isFault, readRow, type RowFault } from '../../core/exchange/importRow.ts';
import type { Lookup } from '../../core/exchange/lookup.ts';
import { Gatherer, type Wanted } from '../../core/exchange/wanted.ts';
import type { Goods } from '../../core/goods/goods.ts';
import { counted } from '../../core/sentence/sentence.ts';
import { fold } from '../../core/catalogue/fold.ts';
import type { Queryable } from '../db/pool.ts';
import { readGoodsById } from '../goods/goodsRows.ts';
import type { FileRow } from './readFile.ts';
import type { Reading } from './reading.ts';

/** So many names of pictures that are not there are told. */
const MOST_LOST = 20;

/** Products that are compared at once. */
const BATCH = 500;

export interface ComparedBatch {
  outcomes: Outcome[];
  /** Rows that were read by now. */
  rows: number;
}

interface Compared {
  lookup: Lookup;
  /** What is there, until the transaction ends. */
  locked?: boolean;
  onRow?(row: FileRow): void;
}

/** What the rows of a file come to, some hundreds of products at a time. */
export async function* compareFile(
  db: Queryable,
  reading: Reading,
  { lookup, locked = false, onRow }: Compared,
): AsyncGenerator<ComparedBatch> {
  const meant = new Map<number, number>();
  for await (const { wanted, rows: count } of ahead(batches(reading, onRow)))
    yield { outcomes: await compareBatch(db, wanted, { lookup, locked, meant }), rows: count };
}

interface Batch {
  wanted: (Wanted | RowFault)[];
  /** Rows that were read by now. */
  rows: number;
}

async function* batches({ rows, names, columns }: Reading, onRow: Compared['onRow']): AsyncGenerator<Batch> {
  const gatherer = new Gatherer();
  let [wanted, count]: [Batch['wanted'], number] = [[], 0];
  for await (const row of rows) {
    count += 1;
    onRow?.(row);
    wanted.push(
      ...gatherer.add(
        row.cells.length === names.length
          ? readRow(row.cells, columns, row.line)
          : {
              line: row.line,
              field: '',
              of: '',
              why: `It has ${counted(row.cells.length, 'cell')}, and the first row has ${names.length}.`,
            },
      ),
    );
    if (wanted.length >= BATCH) {
      yield { wanted, rows: count };
      wanted = [];
    }
  }
  yield { wanted: [...wanted, ...gatherer.end()], rows: count };
}

/** Reads the next one while what it gives is worked on. */
async function* ahead<T>(all: AsyncGenerator<T>): AsyncGenerator<T> {
  try {
    let next = all.next();
    for (;;) {
      const { done, value } = await next;
      if (done) return;
      next = all.next();
      // Told of when it is its turn.
      next.catch(() => undefined);
      yield value;
    }
  } finally {
    await all.return(undefined);
  }
}

async function compareBatch(
  db: Queryable,
  wanted: readonly (Wanted | RowFault)[],
  { lookup, locked, meant }: { lookup: Lookup; locked: boolean; meant: Map<number, number> },
): Promise<Outcome[]> {
  const asked = wanted.flatMap((one) => (isFault(one as RowFault) ? [] : [one as Wanted]));
  const identities = new Identities(await readIdentities(db, asked));
  const found = new Map(asked.map((one) => [one, identities.find(one.keys)]));
  const ids = [...new Set([...found.values()].filter((id) => typeof id === 'number'))];
  const there = ids.length > 0 ? await readGoodsById(db, ids, { locked }) : new Map<number, Goods>();
  return wanted.map((one): Outcome => {
    if ('why' in one) return { is: 'refused', line: one.line, rows: 1, fault: one };
    const id = found.get(one)!;
    const refused = (why: string): Outcome => ({
      is: 'refused',
      line: one.line,
      rows: one.rows,
      fault: { line: one.line, field: '', why, of: calledBy(one.keys) },
    });
    if (typeof id === 'string') return refused(id);
    if (id === null) return compared(one, undefined, lookup);
    const before = meant.get(id);
    if (before !== undefined) return refused(`It is the product of line ${before}.`);
    meant.set(id, one.line);
    return compared(one, there.get(id), lookup);
  });
}

const oneByOne = (keys: string, is: string): string =>
  `SELECT p.* FROM unnest(${keys}::text[]) said (key) CROSS JOIN LATERAL (
     SELECT id, code, slug, title_key AS "titleKey" FROM product WHERE ${is} OFFSET 0) p`;

async function readIdentities(db: Queryable, asked: readonly Wanted[]): Promise<Identity[]> {
  if (asked.length === 0) return [];
  const said = (of: (keys: Wanted['keys']) => string) => [
    ...new Set(asked.map(({ keys }) => of(keys)).filter(Boolean)),
  ];
  const { rows } = await db.query<Identity>(
    // One by one by its index: how many there are by now is not known while they are written.
    `SELECT DISTINCT p.* FROM (
       ${oneByOne('$1', `lower(code) = said.key AND code <> ''`)}
       UNION ALL ${oneByOne('$2', 'slug = said.key')}
       UNION ALL ${oneByOne('$3', 'title_key = said.key')}) p ORDER BY id`,
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
      const { keys: _, ...fault } = outcome.fault;
      if (this.shown.refused.length < MOST_SHOWN) this.shown.refused.push(fault);
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
        const { id, title, variants } = goods;
        this.shown.changed.push({
          line,
          goods: { id, title, variants },
          edits,
          added: added.length,
        });
      }
    }
  }

  async found(db: Queryable, { made, lostPictures }: Lookup): Promise<Found> {
    const { rows } = await db.query<{ known: number }>(
      'SELECT count(*)::int AS known FROM tag WHERE id = ANY($1)',
      [[...this.tags]],
    );
    return {
      rows: this.rows,
      counts: this.counts,
      columns: this.columns,
      ...this.shown,
      made,
      newTags: this.tags.size - rows[0]!.known,
      lostPictures: lostPictures.size,
      lost: [...lostPictures].slice(0, MOST_LOST),
    };
  }
}

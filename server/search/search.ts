import type { Found } from '../../core/search/found.ts';
import {
  searchQuery,
  spelt,
  type SearchedWord,
  type SearchQuery,
  type Spellings,
} from '../../core/search/searchWords.ts';
import type { Queryable } from '../db/pool.ts';

/** Most words of a search that are looked at. */
const MOST_WORDS = 12;
/** A list of what was found that has fewer is followed by what is spelt much like it. */
const FEW = 5;
/** Single words taken for another, one after the other, where nothing has all as they were typed. */
const MOST_TRIED = 12;
/** Words shorter than this are not spelt otherwise where they are known. */
const SHORTEST_SPELT = 5;
const MOST_SPELLINGS = 12;
/** So many products are shown where nothing matches. */
const BEST_SOLD = 24;

async function readWords(db: Queryable, asked: string): Promise<{ folded: string; words: SearchedWord[] }> {
  const { rows } = await db.query<{ folded: string; words: SearchedWord[] }>(
    `WITH asked AS (
       SELECT word, max(place) AS place FROM unnest(string_to_array(search_fold($1), ' ')) WITH ORDINALITY AS said (word, place)
       WHERE word <> '' GROUP BY word ORDER BY 2 LIMIT ${MOST_WORDS})
     SELECT search_fold($1) AS folded, coalesce((SELECT jsonb_agg(jsonb_build_object('word', word, 'stems', stems::text, 'known', known) ORDER BY place)
       FROM (SELECT asked.*, stems, CASE WHEN place = (SELECT max(place) FROM asked)
           THEN EXISTS (SELECT FROM product_search WHERE vector @@ (quote_literal(word) || ':*')::tsquery)
           ELSE EXISTS (SELECT FROM product_search WHERE vector @@ quote_literal(word)::tsquery) END
           OR EXISTS (SELECT FROM product_search WHERE vector @@ stems) AS known
         FROM asked, store_figures, plainto_tsquery(search_language, word) AS stems) one), '[]') AS words`,
    [asked],
  );
  return rows[0]!;
}

/** Words of the store that differ from these in one letter or two, the nearest alone. */
async function readSpellings(db: Queryable, words: readonly string[], mostAway: number): Promise<Spellings> {
  if (words.length === 0) return new Map();
  const { rows } = await db.query<{ asked: string; words: string[] }>(
    `SELECT asked, ARRAY(SELECT word FROM (
         SELECT w.word, levenshtein(w.word, asked) AS away, similarity(w.word, asked) AS alike
         FROM search_word w
         WHERE (w.word % asked OR length(asked) BETWEEN 3 AND 8 AND left(w.word, 1) = left(asked, 1))
           AND length(asked) <= 40 AND w.word <> asked) near
       WHERE away <= $2 ORDER BY away, alike DESC, word LIMIT ${MOST_SPELLINGS}) AS words
     FROM unnest($1::text[]) asked`,
    [words, mostAway],
  );
  return new Map(rows.flatMap(({ asked, words: found }) => (found.length ? [[asked, found] as const] : [])));
}

/** Four bytes for each id: a list of all products is read at once. */
const idsIn = (bytes: Buffer | null): number[] =>
  Array.from({ length: (bytes?.length ?? 0) / 4 }, (_, i) => bytes!.readInt32BE(4 * i));

/** Ranks are made before sales are joined to them, so that vectors are read once and go no further. */
const RANKED = `SELECT found.product_id FROM (
    SELECT product_id, on_sale_from, title = ANY($2) OR codes && $2 AS called,
      ts_rank('{0.1, 0.2, 0.4, 1}', vector, $1::tsquery) AS rank
    FROM product_search WHERE vector @@ $1::tsquery OFFSET 0) found
  LEFT JOIN sold_window w ON w.days = 30 AND w.product_id = found.product_id
  ORDER BY called DESC, rank DESC, coalesce(w.units, 0) DESC, on_sale_from DESC, found.product_id`;

async function readRanked(db: Queryable, { query, called }: SearchQuery): Promise<number[]> {
  const { rows } = await db.query<{ ids: Buffer | null }>(
    `SELECT (SELECT string_agg(int4send(product_id), '') FROM (${RANKED}) ranked) AS ids`,
    [query, called],
  );
  return idsIn(rows[0]!.ids);
}

async function readBestSold(db: Queryable): Promise<number[]> {
  const { rows } = await db.query<{ id: number }>(
    `SELECT id FROM product LEFT JOIN sold_window ON days = 30 AND product_id = id
     WHERE in_stock ORDER BY units DESC NULLS LAST, on_sale_from DESC, id LIMIT ${BEST_SOLD}`,
  );
  return rows.map(({ id }) => id);
}

/**
 * What shoppers look for (calculations §21): products that have every word, or what is spelt like those that nothing
 * has; else those that have some; else what sells best.
 */
export async function search(db: Queryable, asked: string): Promise<Found> {
  const found = (how: Found['how'], ids: readonly number[], instead = ''): Found => ({
    words: asked,
    ids,
    how,
    instead,
  });
  if (asked === '') return found('asTyped', await readBestSold(db));
  const { folded, words } = await readWords(db, asked);
  // What the language passes over is not missed.
  const unknown = words.filter(({ known, stems }) => !known && stems !== '').map(({ word }) => word);
  const spellings = await readSpellings(db, unknown, 2);
  const looked = words.filter(({ word, known, stems }) => known || stems === '' || spellings.has(word));
  const ask = async (query: SearchQuery | null): Promise<number[]> =>
    query ? readRanked(db, { ...query, called: [folded, ...query.called] }) : [];
  const ids = await ask(searchQuery(looked, spellings));
  if (ids.length < FEW) {
    // A word that is spelt wrong can be another that there is.
    const more = await readSpellings(
      db,
      looked.flatMap(({ word, known }) => (known && word.length >= SHORTEST_SPELT ? word : [])),
      1,
    );
    if (ids.length === 0) {
      // One at a time, so that it can be said which.
      const ways = [...more].flatMap(([word, others]) => others.map((other) => [word, other] as const));
      for (const [word, other] of ways.slice(0, MOST_TRIED)) {
        const without = looked.map((one) => (one.word === word ? { ...one, known: false } : one));
        const as = new Map([...spellings, [word, [other]]]);
        const near = await ask(searchQuery(without, as));
        if (near.length > 0) return found('spelt', near, spelt(without, as));
      }
    }
    if (more.size > 0) {
      const has = new Set(ids);
      const near = await ask(searchQuery(looked, new Map([...spellings, ...more])));
      ids.push(...near.filter((id) => !has.has(id)));
    }
  }
  if (ids.length > 0)
    return unknown.length > 0 ? found('spelt', ids, spelt(looked, spellings)) : found('asTyped', ids);
  const some = await ask(searchQuery(looked, spellings, false));
  return some.length > 0 ? found('some', some) : found('nothing', await readBestSold(db));
}

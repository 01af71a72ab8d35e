import fc from 'fast-check';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { search } from '../server/search/search.ts';
import { testDatabase, type TestDatabase } from '../server/specimen/database.ts';
import { categorySeeds } from './store/categories.ts';
import { productSeeds } from './store/products.ts';
import { flatten, insertCategories } from './seed/groups.ts';
import { insertProducts } from './seed/products.ts';

const products = productSeeds();
/** Letters of a word of five or more, of which one can be wrong. */
const LONG = /^[A-Za-z]{5,}$/;

let database: TestDatabase;
beforeAll(async () => {
  database = await testDatabase();
  const categories = flatten(categorySeeds);
  const ids = new Map(categories.map(({ slug }, i) => [slug, i + 1]));
  // What is searched has no pictures.
  const none = { of: () => null, swatch: () => null } as never;
  await insertCategories(database.pool, categories, ids, none, '2026-01-01');
  await insertProducts(
    database.pool,
    products.map((one) => ({ ...one, pictures: [] })),
    ids,
    none,
    Date.UTC(2026, 10, 24),
  );
}, 60_000);
afterAll(() => database.drop());

type Slip = 'wrong' | 'leftOut' | 'doubled';
function slipped(word: string, slip: Slip, at: number, letter: string): string {
  const [before, own, after] = [word.slice(0, at), word[at]!, word.slice(at + 1)];
  if (slip === 'leftOut') return before + after;
  return slip === 'doubled' ? before + own + own + after : before + letter + after;
}

describe('the search of the demo store', () => {
  const inFirstFive = async (id: number, words: string) => {
    const { ids } = await search(database.pool, words);
    expect(ids.slice(0, 5), `"${words}" finds ${products[id - 1]!.title}`).toContain(id);
  };

  it('finds every product by its full title and by its item code, within the first five', async () => {
    for (const [i, { title, code }] of products.entries()) {
      await inFirstFive(i + 1, title);
      await inFirstFive(i + 1, code);
    }
  }, 60_000);

  it('finds a product by its title with one letter wrong, left out or doubled, within the first five', async () => {
    const slips = products.flatMap(({ title }, i) => {
      const words = title.split(' ');
      return words.flatMap((word, at) => (LONG.test(word) ? [{ id: i + 1, words, at }] : []));
    });
    await fc.assert(
      fc.asyncProperty(
        fc.constantFrom(...slips),
        fc.constantFrom<Slip>('wrong', 'leftOut', 'doubled'),
        fc.nat(),
        fc.stringMatching(/^[a-z]$/),
        async ({ id, words, at }, slip, place, letter) => {
          const word = words[at]!;
          const other = slipped(word, slip, place % word.length, letter);
          await inFirstFive(id, words.map((one, i) => (i === at ? other : one)).join(' '));
        },
      ),
      { numRuns: 500 },
    );
  }, 60_000);
});

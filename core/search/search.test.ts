import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { ProductFacts } from '../catalogue/facts.ts';
import { categoryTree } from '../catalogue/categoryTree.ts';
import { specimenProduct, specimenHouse, specimenTree } from '../specimen/specimen.ts';
import { completeHouse } from '../plan/storedPlan.ts';
import { textsFor } from '../texts/index.ts';
import { nothingSearched, type Found } from './found.ts';
import { searchLanguage } from './language.ts';
import { sayFound } from './sayFound.ts';
import { searchQuery, spelt, type SearchedWord } from './searchWords.ts';
import { suggestionsOf } from './suggestions.ts';

const house = completeHouse(specimenHouse).house;
const texts = textsFor(house);
const word = (text: string, more: Partial<SearchedWord> = {}): SearchedWord => ({
  word: text,
  stems: `'${text}'`,
  known: true,
  ...more,
});
const none = new Map<string, string[]>();

describe('what is asked of the database for a search', () => {
  it('wants every word, or a form of it, and the beginning of the last', () => {
    expect(searchQuery([word('blue'), word('jugs', { stems: "'jug'" })], none)).toEqual({
      query: `('blue')&('jugs':*|('jug'))`,
      called: ['blue jugs'],
    });
    expect(searchQuery([word('blue'), word('jug')], none, false)!.query).toBe(`('blue')|('jug':*)`);
  });

  it('takes what is spelt like a word that nothing has in its place, also in what is called just that', () => {
    const words = [word('blue'), word('tabelware', { known: false, stems: "'tabelwar'" })];
    const spellings = new Map([['tabelware', ['tableware', 'tablewear']]]);
    expect(searchQuery(words, spellings)).toEqual({
      query: `('blue')&('tableware'|'tablewear')`,
      called: ['blue tableware', 'blue tablewear'],
    });
    expect(spelt(words, spellings)).toBe('blue tableware');
  });

  it('does not miss what the language passes over, unless there is nothing else', () => {
    const the = word('the', { stems: '' });
    const lost = word('with', { stems: '', known: false });
    expect(searchQuery([word('mug'), lost, word('lid')], none)).toEqual({
      query: `('mug')&('lid':*)`,
      called: ['mug with lid'],
    });
    expect(searchQuery([the], none)!.query).toBe(`('the':*)`);
    expect(searchQuery([lost], none)).toBeNull();
    expect(searchQuery([], none)).toBeNull();
  });

  it('never asks for a word both with and without more after it, which would have no rank', () => {
    const text = fc.stringMatching(/^[a-z]{1,6}$/);
    fc.assert(
      fc.property(fc.uniqueArray(text, { minLength: 1, maxLength: 6 }), (all) => {
        const { query } = searchQuery(
          all.map((one) => word(one)),
          none,
        )!;
        expect(query.split('&')).toEqual(
          all.map((one, i) => `('${one}'${i === all.length - 1 ? ':*' : ''})`),
        );
      }),
    );
  });

  it('has an end, however many words are spelt otherwise', () => {
    const words = Array.from({ length: 12 }, (_, i) => word(`w${i}`, { known: false }));
    const spellings = new Map(words.map((one) => [one.word, Array.from({ length: 12 }, (_, i) => `s${i}`)]));
    expect(searchQuery(words, spellings)!.called.length).toBeLessThanOrEqual(200);
  });
});

describe('the language of a search', () => {
  it.each([
    ['en-GB', 'english'],
    ['de', 'german'],
    ['NB-no', 'norwegian'],
    ['ja-JP', 'simple'],
  ])('%s is searched in %s', (locale, language) => expect(searchLanguage(locale)).toBe(language));
});

describe('what is said of a search', () => {
  const found = (how: Found['how'], more: Partial<Found> = {}): Found => ({
    words: 'tabelware',
    ids: [1, 2],
    how,
    instead: '',
    ...more,
  });
  it('is nothing where it was found as it was typed, else how it was found, with the count', () => {
    expect(sayFound(found('asTyped'), texts)).toBe('');
    expect(sayFound(nothingSearched, texts)).toBe('');
    expect(sayFound(found('spelt', { instead: 'tableware' }), texts)).toBe(
      'Nothing matches “tabelware”. Shown instead: “tableware”, 2 products.',
    );
    expect(sayFound(found('some'), texts)).toMatch(/has all of “tabelware”/);
    expect(sayFound(found('nothing'), texts)).toMatch(/sells best/);
  });
});

describe('what is suggested while a search is typed', () => {
  const product = (id: number, more: Partial<ProductFacts> = {}): ProductFacts => ({
    ...specimenProduct(id),
    ...more,
  });
  const found: Found = { words: 'pla', ids: [1, 2, 3], how: 'asTyped', instead: '' };
  const tree = categoryTree(
    specimenTree.all.map((one, i) => ({ ...one, name: i === 0 ? 'Plates & bowls' : one.name, products: 4 })),
  );

  it('is categories that are called so, then products with their prices, and the way to all', () => {
    const { all, rest, said } = suggestionsOf(found, [product(1), product(2)], tree, house);
    expect(all.map(({ words, pictured }) => [words, pictured])).toEqual([
      ['Plates & bowls', false],
      [product(1).title, true],
      [product(2).title, true],
    ]);
    expect(all[0]!.aside).toBe('4 products');
    expect(all[1]!.aside).toContain('£');
    expect(all[1]!.href).toBe(`/product/${product(1).slug}`);
    expect(rest).toEqual({ href: '/search?q=pla', words: 'Show all 3 products' });
    expect(said).toBe('3 suggestions');
  });

  it('says no prices where the store does not', () => {
    const shut = { ...house, selling: { by: 'none' as const, prices: false } };
    expect(suggestionsOf(found, [product(1)], tree, shut).all.at(-1)!.aside).toBe('');
  });

  it('does not suggest what sells best to whom looks for something else', () => {
    const lost = suggestionsOf({ ...found, words: 'xylo', how: 'nothing' }, [product(1)], tree, house);
    expect(lost.all).toEqual([]);
    expect(lost.rest).toBeNull();
  });

  it('leads to what was typed, whatever that is', () => {
    const odd = suggestionsOf({ ...found, words: 'a&b="<c>"' }, [], tree, house);
    expect(new URL(odd.rest!.href, 'http://shop.example').searchParams.get('q')).toBe('a&b="<c>"');
  });
});

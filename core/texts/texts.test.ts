import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { firstTexts, textsFor } from './index.ts';
import { ownInScript, scriptTexts } from './inScript.ts';
import { filledText } from './made.ts';
import { LONGEST_TEXT, ownTexts, pluralForms, textDefinitions, withText, wordsFault } from './ownTexts.ts';
import type { Words } from './text.ts';

const ids = [...textDefinitions.keys()];
const formsOf = (words: Words): string[] => (typeof words === 'string' ? [words] : Object.values(words));
const sampled = (id: string, words: Words, locale: string) => {
  const definition = textDefinitions.get(id)!;
  return filledText(
    words,
    definition,
    definition.params.map(([, sample]) => sample),
    locale,
  );
};
const isKept = (texts: unknown): boolean => ownTexts().schema.isValidSync(texts);
const faultOf = (texts: unknown): string => {
  try {
    ownTexts().schema.validateSync(texts);
    return '';
  } catch (error) {
    return (error as Error).message;
  }
};

describe('what a store says by itself', () => {
  it('is there in full, in one piece and without spaces at its ends', () => {
    expect(ids.length).toBeGreaterThan(90);
    for (const id of ids) {
      const { words, params } = textDefinitions.get(id)!;
      for (const one of formsOf(words)) {
        expect(one, id).toMatch(/^\S(.*\S)?$/);
        expect(wordsFault(one, { params }), id).toBeNull();
      }
      expect(sampled(id, words, 'en'), id).not.toMatch(/undefined|NaN|\[object|[{}]/);
      // All that can be said is said.
      for (const [name] of params) expect(formsOf(words).join(), id).toContain(`{${name}}`);
    }
  });

  it('can be told apart by what is said or by where', () => {
    const seen = new Map<string, string>();
    for (const id of ids) {
      const { words, about = '', group } = textDefinitions.get(id)!;
      const key = `${group} ${JSON.stringify(words)} ${about}`;
      expect(seen.get(key), id).toBeUndefined();
      seen.set(key, id);
    }
  });

  it('counts as English does', () => {
    expect(firstTexts.rating(3, 1)).toBe('3.0 out of 5 (1 review)');
    expect(firstTexts.rating(4.26, 1240)).toBe('4.3 out of 5 (1,240 reviews)');
    expect([firstTexts.ratingFigure(3), firstTexts.ratingCount(1234)]).toEqual(['3.0', '(1,234)']);
    expect([firstTexts.products(1), firstTexts.products(12_000)]).toEqual(['1 product', '12,000 products']);
    expect(firstTexts.moreShown(1)).toBe('1 more is shown.');
    expect([firstTexts.aFewLeft, firstTexts.fewLeft(2)]).toEqual(['Only a few left', 'Only 2 left']);
    expect(firstTexts.nowhere.title).toBe('There is nothing at this address');
  });

  it('is English as it ships where there are no own words, whatever the language', () => {
    for (const locale of ['en', 'en-GB', 'en-US', 'xx', 'de-DE', ''])
      expect(textsFor({ locale, texts: {} }).rating(4.5, 2000), locale).toBe('4.5 out of 5 (2,000 reviews)');
  });
});

describe('own words', () => {
  const german = {
    de: {
      addToBasket: 'In den Korb',
      products: { one: '{count} Artikel', other: '{count} Artikel' },
      rating: { one: '{mean} von 5 ({count} Bewertung)', other: '{mean} von 5 ({count} Bewertungen)' },
      'nowhere.title': 'Hier ist nichts',
    },
  };

  it('are said in their language, with its numbers, and in no other', () => {
    const said = textsFor({ locale: 'de-AT', texts: german });
    expect([said.addToBasket, said.nowhere.title]).toEqual(['In den Korb', 'Hier ist nichts']);
    expect(said.rating(4.26, 1)).toBe('4,3 von 5 (1 Bewertung)');
    expect(said.products(12_000)).toBe(`${(12_000).toLocaleString('de-AT')} Artikel`);
    // What has no own words is said as it ships.
    expect([said.soldOut, said.nowhere.words]).toEqual([firstTexts.soldOut, firstTexts.nowhere.words]);
    expect(textsFor({ locale: 'en-GB', texts: german }).addToBasket).toBe('Add to basket');
  });

  it('have as many forms as their language counts in', () => {
    expect(pluralForms('en')).toEqual(['one', 'other']);
    expect(pluralForms('pl')).toEqual(['few', 'many', 'one', 'other']);
    const pl = { products: { one: '{count} produkt', few: '{count} produkty', many: '{count} produktów' } };
    const { products } = textsFor({ locale: 'pl', texts: { pl } });
    expect([1, 3, 5, 22].map(products)).toEqual(['1 produkt', '3 produkty', '5 produktów', '22 produkty']);
    // What there are no words for is said as it ships.
    expect(
      textsFor({ locale: 'pl', texts: { pl: { products: { one: '{count} produkt' } } } }).products(5),
    ).toBe('5 products');
    // A form that is not written is the one for all others, if there is one.
    expect(
      textsFor({ locale: 'pl', texts: { pl: { products: { other: '{count} szt.' } } } }).products(3),
    ).toBe('3 szt.');
  });

  it('stand in what they are given as it is, whatever that has in it', () => {
    fc.assert(
      fc.property(fc.string(), fc.string(), (list, words) => {
        const said = textsFor({
          locale: 'en',
          texts: { en: { pagesOf: `${words.replaceAll(/[{}]/g, '')} {list}` } },
        });
        expect(said.pagesOf(list).endsWith(` ${list}`)).toBe(true);
      }),
    );
    expect(firstTexts.pagesOf('{list} $& $1')).toBe('Pages of {list} $& $1');
  });

  it('are set, and reset until nothing is left of them', () => {
    const one = withText({}, 'en', 'basket', 'Bag');
    const two = withText(one, 'de', 'basket', 'Korb');
    expect(two).toEqual({ en: { basket: 'Bag' }, de: { basket: 'Korb' } });
    expect(withText(withText(two, 'en', 'basket', null), 'de', 'basket', null)).toEqual({});
    expect(one).toEqual({ en: { basket: 'Bag' } });
  });
});

describe('own words that cannot be kept', () => {
  it.each<[unknown, string]>([
    [{ en: { basket: '' } }, 'needs words'],
    [{ en: { basket: 'x'.repeat(LONGEST_TEXT + 1) } }, '300 characters at most'],
    [{ en: { basket: 'Bag\nof' } }, 'one line'],
    [{ en: { basket: 'Bag {count}' } }, '{count} means nothing here. This text has nothing in braces.'],
    [{ en: { pageOf: '{page} {total}' } }, '{total} means nothing here. There is {page} and {pages}.'],
    [{ en: { basket: { one: 'Bag' } } }, 'one form only'],
    [{ en: { products: { several: '{count}' } } }, 'no such form'],
    [{ en: { basket: 3 } }, 'made of words'],
    [{ en: ['Bag'] }, 'kept by name'],
    [{ 'en-GB': {} }, 'named by its letters'],
    [['Bag'], 'by language'],
    [null, ''],
  ])('%j', (texts, said) => {
    expect(isKept(texts)).toBe(false);
    expect(faultOf(texts)).toContain(said);
  });

  it('are not those of a newer version, which are kept and not said', () => {
    const texts = { en: { 'tabs.next': 'Next tab' } };
    expect(isKept(texts)).toBe(true);
    expect(textsFor({ locale: 'en', texts }).next).toBe('Next');
  });

  it('never make a text fail, whatever they are', () => {
    fc.assert(
      fc.property(fc.constantFrom(...ids), fc.string({ minLength: 1 }), fc.boolean(), (id, words, counts) => {
        const own: Words = counts ? { one: words } : words;
        const texts = { en: { [id]: own } };
        if (isKept(texts)) expect(sampled(id, own, 'en')).not.toMatch(/undefined|NaN|\[object/);
        else expect(faultOf(texts)).toMatch(/\.$/);
      }),
    );
  });
});

describe('what the script of a page says', () => {
  const page = (lang: string, texts: string | null) => {
    const dataset: Record<string, string> = texts === null ? {} : { texts };
    return { documentElement: { lang, dataset } } as unknown as Document;
  };

  it('is in the words that the page brings, which are those of the script alone', () => {
    const texts = {
      de: { moreShown: { one: 'Einer mehr.', other: '{count} mehr.' }, 'quick.close': 'Zu', shop: 'Laden' },
    };
    const told = ownInScript({ locale: 'de-DE', texts });
    expect(told).not.toContain('Laden');
    const said = scriptTexts(page('de-DE', told));
    expect([said.moreShown(1), said.moreShown(1200), said.quick.close]).toEqual([
      'Einer mehr.',
      '1.200 mehr.',
      'Zu',
    ]);
    expect(said.addFailed).toBe(firstTexts.addFailed);
  });

  it('is English where the page brings none', () => {
    expect(ownInScript({ locale: 'en-GB', texts: {} })).toBeNull();
    expect(ownInScript({ locale: 'en-GB', texts: { de: { moreFailed: 'Nein' } } })).toBeNull();
    for (const lang of ['en-GB', 'de', ''])
      expect(scriptTexts(page(lang, null)).position(2, 5)).toBe('Position 2 of 5');
  });
});

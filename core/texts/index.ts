import { english } from './english.ts';
import { languageOf, made, type WordsById } from './made.ts';
import type { Wording } from './ownTexts.ts';
import type { StoreTexts } from './storeTexts.ts';

const NONE: WordsById = {};
const known = new WeakMap<WordsById, Map<string, StoreTexts>>();

/**
 * What a store says by itself: in the owner's words in its language, and in English, as it ships, where there are none.
 * The same object as long as those are.
 */
export function textsFor({ locale, texts }: Wording): StoreTexts {
  const own = texts[languageOf(locale)] ?? NONE;
  let byLocale = known.get(own);
  if (!byLocale) known.set(own, (byLocale = new Map()));
  let found = byLocale.get(locale);
  if (!found) byLocale.set(locale, (found = made(english, own, localeOf(locale, own))));
  return found;
}

/** English words are counted as in English, unless the store is in a variety of it. */
const localeOf = (locale: string, own: WordsById): string =>
  languageOf(locale) === 'en' || own !== NONE ? locale || 'en' : 'en';

/** Texts as they ship. */
export const firstTexts = textsFor({ locale: 'en', texts: {} });

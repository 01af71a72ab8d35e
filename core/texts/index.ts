import { english } from './english.ts';
import type { StoreTexts } from './storeTexts.ts';

/** Texts by language, the first for every other one; to add a language, write its files and list them here and in `inScript.ts`. */
const languages: Readonly<Record<string, StoreTexts>> = { en: english };

/** @param locale of the store or of a page, BCP 47 */
export const textsFor = (locale: string): StoreTexts => languages[locale.split('-')[0]!] ?? english;

import { capital } from '../../core/sentence/sentence.ts';

/** Languages and regions that a store can be in, BCP 47. */
const LOCALES = [
  'en-GB',
  'en-US',
  'en-AU',
  'en-CA',
  'en-IE',
  'en-IN',
  'en-NZ',
  'en-ZA',
  'ar-AE',
  'ar-EG',
  'bg-BG',
  'cs-CZ',
  'da-DK',
  'de-AT',
  'de-CH',
  'de-DE',
  'el-GR',
  'es-ES',
  'es-MX',
  'et-EE',
  'fa-IR',
  'fi-FI',
  'fr-BE',
  'fr-CA',
  'fr-CH',
  'fr-FR',
  'ga-IE',
  'he-IL',
  'hi-IN',
  'hr-HR',
  'hu-HU',
  'id-ID',
  'is-IS',
  'it-CH',
  'it-IT',
  'lt-LT',
  'lv-LV',
  'ms-MY',
  'nb-NO',
  'nl-BE',
  'nl-NL',
  'pl-PL',
  'pt-BR',
  'pt-PT',
  'ro-RO',
  'sk-SK',
  'sl-SI',
  'sr-RS',
  'sv-SE',
  'th-TH',
  'tr-TR',
  'uk-UA',
  'vi-VN',
];

const names = new Intl.DisplayNames('en', { type: 'language' });

/** A language, with its region where there is one. */
export const languageName = (locale: string): string => capital(names.of(locale) ?? locale);

/** All that are offered, and the one that a store has, by name. */
export const languagesWith = (locale: string): { value: string; words: string }[] =>
  [...new Set([...LOCALES, locale])]
    .map((value) => ({ value, words: languageName(value) }))
    .sort((a, b) => a.words.localeCompare(b.words, 'en'));

/** What a store can be in: languages as they are used in a region, currencies and time zones. Source: CLDR, as Intl has it. */

/** BCP 47 tags that are offered; others are kept where they are set. */
export const LOCALES: readonly string[] = [
  ...['ar-AE', 'ar-EG', 'ar-SA', 'bg-BG', 'ca-ES', 'cs-CZ', 'cy-GB', 'da-DK', 'de-AT', 'de-CH', 'de-DE'],
  ...['el-GR', 'en-AU', 'en-CA', 'en-GB', 'en-IE', 'en-IN', 'en-NZ', 'en-SG', 'en-US', 'en-ZA', 'es-AR'],
  ...['es-CL', 'es-CO', 'es-ES', 'es-MX', 'et-EE', 'eu-ES', 'fa-IR', 'fi-FI', 'fr-BE', 'fr-CA', 'fr-CH'],
  ...['fr-FR', 'ga-IE', 'gl-ES', 'he-IL', 'hi-IN', 'hr-HR', 'hu-HU', 'id-ID', 'is-IS', 'it-CH', 'it-IT'],
  ...['ja-JP', 'ko-KR', 'lt-LT', 'lv-LV', 'mt-MT', 'nb-NO', 'nl-BE', 'nl-NL', 'pl-PL', 'pt-BR', 'pt-PT'],
  ...['ro-RO', 'sk-SK', 'sl-SI', 'sr-RS', 'sv-FI', 'sv-SE', 'th-TH', 'tr-TR', 'uk-UA', 'vi-VN', 'zh-CN'],
  ...['zh-HK', 'zh-TW'],
];

const languages = new Intl.DisplayNames('en', { type: 'language' });
const currencies = new Intl.DisplayNames('en', { type: 'currency' });

/** "German (Austria)"; the tag where it has no name. */
export const sayLocale = (locale: string): string => languages.of(locale) ?? locale;

/** "Euro, EUR" */
export const sayCurrency = (code: string): string => {
  const name = currencies.of(code);
  return name === undefined || name === code ? code : `${name}, ${code}`;
};

/** ISO 4217 codes. */
export const currencyCodes = (): readonly string[] => Intl.supportedValuesOf('currency');

/** IANA names, and UTC. */
export const timeZones = (): readonly string[] => ['UTC', ...Intl.supportedValuesOf('timeZone')];

/** "Europe/London" */
export const sayTimeZone = (zone: string): string => zone.replaceAll('_', ' ');

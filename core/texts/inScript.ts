import { englishInScript } from './englishInScript.ts';
import { languageOf, made, type WordsById } from './made.ts';
import type { Wording } from './ownTexts.ts';
import type { ScriptTexts } from './storeTexts.ts';

/** What of the owner's words the script of a page has to be told; null where that is nothing. */
export function ownInScript({ locale, texts }: Wording): string | null {
  const own = Object.entries(texts[languageOf(locale)] ?? {}).filter(
    ([id]) => id.split('.')[0]! in englishInScript,
  );
  return own.length > 0 ? JSON.stringify(Object.fromEntries(own)) : null;
}

/** What the script of a page says: in the words that the page was given, and else in English. */
export function scriptTexts({ documentElement: { lang, dataset } }: Document): ScriptTexts {
  const own = dataset.texts ? (JSON.parse(dataset.texts) as WordsById) : null;
  return made(englishInScript, own ?? {}, own && lang ? lang : 'en');
}

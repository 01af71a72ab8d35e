import { englishInScript } from './englishInScript.ts';
import type { ScriptTexts } from './storeTexts.ts';

const languages: Readonly<Record<string, ScriptTexts>> = { en: englishInScript };

/** What the script of a page says, in the language of the page. */
export const scriptTexts = (page: Document): ScriptTexts =>
  languages[page.documentElement.lang.split('-')[0]!] ?? englishInScript;

import { mixed, type Schema } from '../schema/schema.ts';
import { counted } from '../sentence/sentence.ts';
import { own } from '../settings/values.ts';
import type { ValueKind } from '../settings/valueKind.ts';
import { english } from './english.ts';
import { IN_BRACES, isText, type TextDefinition, type TextTable, type Words } from './text.ts';
import type { WordsById } from './made.ts';

/** What the owner says otherwise, by language: the first subtag of BCP 47. */
export type OwnTexts = Readonly<Record<string, WordsById>>;

/** What texts of a store are written by. */
export interface Wording {
  /** BCP 47. */
  locale: string;
  texts: OwnTexts;
}

export const LONGEST_TEXT = 300;
const MOST_LANGUAGES = 20;
const MOST_TEXTS = 400;
const LANGUAGE = /^[a-z]{2,8}$/;
const ID = /^[a-zA-Z.]{1,60}$/;
const CATEGORIES: readonly string[] = ['zero', 'one', 'two', 'few', 'many', 'other'];

/** Every text by its id. */
export const textDefinitions: ReadonlyMap<string, TextDefinition> = new Map(listed(english));

function listed(table: TextTable, under = ''): [string, TextDefinition][] {
  return Object.entries(table).flatMap(([name, one]): [string, TextDefinition][] =>
    isText(one) ? [[under + name, one]] : listed(one, `${under}${name}.`),
  );
}

/** The forms that a text that counts has in a language. */
export const pluralForms = (locale: string): readonly Intl.LDMLPluralRule[] =>
  new Intl.PluralRules(locale).resolvedOptions().pluralCategories;

/** What is wrong with words for a text, in a sentence; null where nothing is. */
export function wordsFault(words: string, { params }: Pick<TextDefinition, 'params'>): string | null {
  if (words.trim() === '') return 'A text needs words. Reset it to have those that it began with.';
  if (words.length > LONGEST_TEXT) return `A text has ${LONGEST_TEXT} characters at most.`;
  if (/[\u0000-\u001f\u007f]/.test(words)) return 'A text is one line.';
  const names = params.map(([name]) => name);
  for (const [whole, name] of words.matchAll(IN_BRACES))
    if (!names.includes(name!))
      return `${whole} means nothing here. ${names.length > 0 ? `There is ${names.map((one) => `{${one}}`).join(' and ')}.` : 'This text has nothing in braces.'}`;
  return null;
}

/** The same of all its forms. */
function textFault(id: string, words: unknown): string | null {
  const definition = textDefinitions.get(id);
  if (typeof words === 'string') return definition ? wordsFault(words, definition) : null;
  if (typeof words !== 'object' || words === null || Array.isArray(words)) return 'A text is made of words.';
  for (const [form, one] of Object.entries(words)) {
    if (!CATEGORIES.includes(form)) return 'There is no such form of a text.';
    if (typeof one !== 'string') return 'A text is made of words.';
    const fault = definition ? wordsFault(one, definition) : null;
    if (fault) return fault;
  }
  if (definition && typeof definition.words === 'string') return 'This text has one form only.';
  return null;
}

function faultOf(value: unknown): string | null {
  if (typeof value !== 'object' || value === null || Array.isArray(value))
    return 'Texts are kept by language.';
  const languages = Object.entries(value as Record<string, unknown>);
  if (languages.length > MOST_LANGUAGES) return `There are texts in ${MOST_LANGUAGES} languages at most.`;
  for (const [language, texts] of languages) {
    if (!LANGUAGE.test(language)) return 'A language is named by its letters, such as "en".';
    if (typeof texts !== 'object' || texts === null || Array.isArray(texts)) return 'Texts are kept by name.';
    const all = Object.entries(texts as Record<string, unknown>);
    if (all.length > MOST_TEXTS) return `There are ${MOST_TEXTS} texts at most.`;
    for (const [id, words] of all) {
      if (!ID.test(id) || JSON.stringify(words ?? null).length > 8 * LONGEST_TEXT)
        return 'There is no such text.';
      const fault = textFault(id, words);
      if (fault) return `Text "${id}": ${fault}`;
    }
  }
  return null;
}

const schema = mixed<OwnTexts>()
  .test('texts', (value, context) => {
    const fault = faultOf(value);
    return fault === null || context.createError({ message: fault });
  })
  .required() as Schema<OwnTexts>;

/** Texts of the owner's own, by language. */
export const ownTexts = (): ValueKind<OwnTexts> =>
  own<OwnTexts>(schema, (texts) => {
    const count = Object.values(texts).reduce((sum, one) => sum + Object.keys(one).length, 0);
    return count > 0 ? `${counted(count, 'text')} in own words` : 'as they came';
  });

/** Texts with one of them said otherwise; as it came where there are no words for it. */
export function withText(texts: OwnTexts, language: string, id: string, words: Words | null): OwnTexts {
  const { [id]: _, ...others } = texts[language] ?? {};
  const next: WordsById = words === null ? others : { ...others, [id]: words };
  const { [language]: __, ...languages } = texts;
  return Object.keys(next).length > 0 ? { ...languages, [language]: next } : languages;
}

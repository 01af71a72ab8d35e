import styled from 'styled-components';
import { listed } from '../../core/sentence/sentence.ts';
import { filledText, formOf } from '../../core/texts/made.ts';
import { LONGEST_TEXT, pluralForms, wordsFault } from '../../core/texts/ownTexts.ts';
import type { TextDefinition, Words as TextWords } from '../../core/texts/text.ts';
import { Reset } from '../settings/Reset.tsx';
import { Hint } from '../settings/Stack.tsx';
import { Words } from '../ui/Words.tsx';

const Row = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 2px 6px;
  align-items: end;
  > p {
    grid-column: 1 / -1;
    overflow-wrap: anywhere;
  }
  .forms {
    display: flex;
    flex-direction: column;
    gap: 6px;
  }
`;

/** What each form of a text that counts is for. */
const FORMS: Readonly<Record<Intl.LDMLPluralRule, string>> = {
  zero: 'for none',
  one: 'for one',
  two: 'for two',
  few: 'for a few',
  many: 'for many',
  other: 'for all other numbers',
};

/** A text as it ships, with examples in its braces. */
export const shippedText = (definition: TextDefinition, locale = 'en'): string =>
  sampled(definition.words, definition, locale);

const sampled = (words: TextWords, definition: TextDefinition, locale: string): string =>
  filledText(
    words,
    definition,
    definition.params.map(([, sample]) => sample),
    locale,
  );

export interface TextRowProps {
  definition: TextDefinition;
  /** The owner's words; undefined where it is as it ships. */
  own: TextWords | undefined;
  /** BCP 47, of the store. */
  locale: string;
  /** Null to have it as it ships again. */
  onChange(words: TextWords | null): void;
}

/** One text of the store: its words, in each form where it counts, and how they read. */
export function TextRow({ definition, own, locale, onChange }: TextRowProps) {
  const { words: shipped, params, about } = definition;
  const name = shippedText(definition);
  const now = own ?? shipped;
  const said = (words: TextWords, form: Intl.LDMLPluralRule) =>
    formOf(words, form) ?? formOf(shipped, form) ?? '';
  const fault = (typed: string) => wordsFault(typed, definition);
  const common = { longest: LONGEST_TEXT, fault };
  const braces = params.map(([param]) => `{${param}}`);
  return (
    <Row data-text={name}>
      {typeof shipped === 'string' ? (
        <Words
          {...common}
          label={name}
          value={said(now, 'other')}
          onChange={(next) => onChange(next === shipped ? null : next)}
        />
      ) : (
        <div className="forms">
          {pluralForms(locale).map((form) => (
            <Words
              {...common}
              key={form}
              label={`${name}, ${FORMS[form]}`}
              value={said(now, form)}
              onChange={(next) => {
                const all = { ...(typeof now === 'string' ? { other: now } : now), [form]: next };
                const isShipped = Object.entries(all).every(
                  ([key, one]) => one === formOf(shipped, key as typeof form),
                );
                onChange(isShipped ? null : all);
              }}
            />
          ))}
        </div>
      )}
      {own !== undefined && <Reset what={name} onPress={() => onChange(null)} />}
      {about && <Hint>{about}</Hint>}
      {braces.length > 0 && (
        <Hint>
          {listed(braces)} {braces.length > 1 ? 'are' : 'is'} filled in: “{sampled(now, definition, locale)}”
        </Hint>
      )}
    </Row>
  );
}

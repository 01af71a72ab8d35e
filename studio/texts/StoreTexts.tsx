import { useState } from 'react';
import styled from 'styled-components';
import { counted } from '../../core/sentence/sentence.ts';
import { languageOf } from '../../core/texts/made.ts';
import { textDefinitions, withText, type OwnTexts } from '../../core/texts/ownTexts.ts';
import { TEXT_GROUPS, type TextDefinition, type TextGroup, type Words } from '../../core/texts/text.ts';
import { Hint } from '../settings/Stack.tsx';
import { useDraft, useStudio } from '../studioContext.tsx';
import { Pick } from '../ui/Pick.tsx';
import { TextButton } from '../ui/Button.tsx';
import { FindField } from '../ui/FindField.tsx';
import { t } from '../ui/theme.ts';
import { languageName, languagesWith } from './languages.ts';
import { shippedText, TextRow } from './TextRow.tsx';

const Box = styled.div`
  display: flex;
  flex-direction: column;
  gap: 12px;
  h3 {
    font: 600 13px/1.4 ${t.text};
  }
  section {
    display: flex;
    flex-direction: column;
    gap: 12px;
    padding-top: 6px;
    border-top: 1px solid ${t.line};
  }
  .ends {
    display: flex;
    justify-content: space-between;
    gap: 8px;
  }
`;

const groups = Object.entries(TEXT_GROUPS) as [TextGroup, string][];
const all = [...textDefinitions];

/** Typed words find a text by what it says, as it ships or now, and by where it is said. */
const isFound = (typed: string, definition: TextDefinition, own: Words | undefined): boolean =>
  [
    shippedText(definition),
    definition.about ?? '',
    JSON.stringify(own ?? ''),
    TEXT_GROUPS[definition.group],
  ].some((words) => words.toLowerCase().includes(typed.trim().toLowerCase()));

/** Everything that pages of the store say by themselves, in the language of the store. */
export function StoreTexts() {
  const { draft } = useStudio();
  const locale = useDraft(({ plan }) => plan.house.locale);
  const texts = useDraft(({ plan }) => plan.house.texts);
  const [typed, setTyped] = useState('');
  const language = languageOf(locale);
  const own = texts[language] ?? {};
  const set = (setting: string, value: unknown, sort?: string) =>
    draft.run({ do: 'set', on: { house: true }, setting, value }, sort);
  const keep = (next: OwnTexts, sort?: string) =>
    set('texts', Object.keys(next).length > 0 ? next : undefined, sort);
  const found = all.filter(([id, definition]) => isFound(typed, definition, own[id]));
  const written = all.filter(([id]) => own[id] !== undefined).length;
  return (
    <Box>
      <h3>Store texts</h3>
      <Hint>What pages say to shoppers by themselves. What you write for one place is set there.</Hint>
      <Pick
        label="Language of the store"
        value={locale}
        options={languagesWith(locale)}
        onChange={(next) => set('locale', next)}
      />
      {language !== 'en' && (
        <Hint>
          Texts ship in English. What is not written here in {languageName(language)} is said in English.
        </Hint>
      )}
      <FindField label="Find a text" placeholder="Find a text" value={typed} onChange={setTyped} />
      <div className="ends">
        <Hint role="status">
          {typed.trim() !== ''
            ? `${counted(found.length, 'text')} found`
            : `${written} of ${counted(all.length, 'text')} in own words`}
        </Hint>
        {written > 0 && (
          <TextButton
            onPress={() => {
              keep(Object.fromEntries(Object.entries(texts).filter(([one]) => one !== language)));
            }}
          >
            Reset all
          </TextButton>
        )}
      </div>
      {groups.map(([group, name]) => {
        const ofGroup = found.filter(([, definition]) => definition.group === group);
        return (
          ofGroup.length > 0 && (
            <section key={group} aria-label={name}>
              <h3>{name}</h3>
              {ofGroup.map(([id, definition]) => (
                <TextRow
                  key={id}
                  {...{ definition, locale }}
                  own={own[id]}
                  onChange={(words) => {
                    keep(
                      withText(texts, language, id, words),
                      words === null ? undefined : `texts ${language} ${id}`,
                    );
                  }}
                />
              ))}
            </section>
          )
        );
      })}
    </Box>
  );
}

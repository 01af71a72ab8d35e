import { useState } from 'react';
import { Radio, RadioGroup } from 'react-aria-components';
import styled from 'styled-components';
import { typeFamily } from '../../core/text/families/index.ts';
import { familyCss } from '../../core/text/standIns.ts';
import { readPath } from '../../core/settings/path.ts';
import { LONGEST_SCHEME_NAME, MOST_SCHEMES, type Scheme } from '../../core/style/scheme.ts';
import { takeScheme } from '../../core/style/takeScheme.ts';
import { schemes } from '../../core/style/schemes/index.ts';
import { freeId } from '../../core/settings/freeId.ts';
import { Hint } from '../settings/Stack.tsx';
import { useSet } from '../settings/useSetting.ts';
import { useDraft, useStudio } from '../studioContext.tsx';
import { Button, MainButton, TextButton } from '../ui/Button.tsx';
import { t } from '../ui/theme.ts';
import { TypeSamples } from '../ui/TypeSamples.tsx';
import type { Tried } from './tried.ts';
import { Words } from '../ui/Words.tsx';

const Box = styled.div`
  display: flex;
  flex-direction: column;
  gap: 12px;
  h3 {
    font: 600 13px/1.4 ${t.text};
  }
  .react-aria-RadioGroup {
    display: flex;
    flex-direction: column;
    gap: 8px;
  }
  .react-aria-Radio {
    display: grid;
    grid-template-columns: 92px minmax(0, 1fr);
    gap: 10px;
    align-items: center;
    padding: 6px;
    border: 1px solid ${t.line};
    border-radius: ${t.corner};
    background: #fff;
    cursor: pointer;
  }
  .react-aria-Radio[data-selected] {
    border-color: ${t.pine};
    box-shadow: 0 0 0 1px ${t.pine};
  }
  .react-aria-Radio[data-focus-visible] {
    outline: 2px solid ${t.pine};
    outline-offset: 2px;
  }
  .react-aria-Radio b {
    display: block;
  }
  .sample {
    display: grid;
    gap: 4px;
    padding: 7px 8px;
    border: 1px solid;
    border-radius: 4px;
    font-size: 20px;
    line-height: 1;
  }
  .sample span {
    display: flex;
    gap: 3px;
  }
  .sample i {
    flex: 1;
    height: 9px;
  }
  .ends {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
  }
`;

const familyOf = (style: object, element: string): string | undefined =>
  readPath(style, `${element}.rest.family`) as string | undefined;

/** The colours and the letters of a scheme, small. */
function Sample({ colours, style }: Scheme) {
  const text = typeFamily(familyOf(style, 'page') ?? '');
  const heading = typeFamily(familyOf(style, 'heading') ?? text.id);
  return (
    <span
      className="sample"
      aria-hidden
      style={{ background: colours.ground, color: colours.text, borderColor: colours.line }}
    >
      <span style={{ alignItems: 'baseline' }}>
        <span style={{ fontFamily: familyCss(heading) }}>Aa</span>
        <span style={{ fontFamily: familyCss(text), fontSize: 13 }}>Aa</span>
      </span>
      <span>
        {([colours.accent, colours.reduced, colours.quiet, colours.card] as const).map((one, i) => (
          <i key={i} style={{ background: one }} />
        ))}
      </span>
    </span>
  );
}

export interface SchemesProps {
  /** The one that the specimen shows. */
  tried: Tried | null;
  onTry(tried: Tried | null): void;
}

/** Whole looks to start from, shipped and kept by the owner; each is seen on the specimen before it is taken. */
export function Schemes({ tried, onTry }: SchemesProps) {
  const { draft } = useStudio();
  const set = useSet({ house: true });
  const house = useDraft(({ plan }) => plan.house);
  const style = useDraft((state) => state.draft.house.style);
  const [name, setName] = useState('');
  const own = house.schemes;
  const offered = (among: readonly (Scheme & { character?: string })[]) =>
    among.map((one) => (
      <Radio key={one.id} value={one.id} aria-label={one.name}>
        <Sample {...one} />
        <span>
          <b>{one.name}</b>
          {one.character && <Hint as="span">{one.character}</Hint>}
        </span>
      </Radio>
    ));
  const all: readonly Scheme[] = [...schemes, ...own];
  const isKept = tried !== null && own.some(({ id }) => id === tried.id);
  const keep = () => {
    set('schemes', [
      ...own,
      { id: freeId('own', own), name: name.trim(), colours: house.colours, style: style ?? {} },
    ] satisfies Scheme[]);
    setName('');
  };
  return (
    <Box role="region" aria-label="Schemes">
      <TypeSamples />
      <Hint>
        A scheme is a whole look: colours, type and corners. Choose one to see it on the page at the side.
        Nothing is changed until you use it.
      </Hint>
      <RadioGroup
        aria-label="Schemes"
        value={tried?.id ?? null}
        onChange={(id) => {
          const found = all.find((one) => one.id === id);
          onTry(found ? { id, name: found.name, command: takeScheme(found, house.bands) } : null);
        }}
      >
        {offered(schemes)}
        {own.length > 0 && <h3>Kept by you</h3>}
        {offered(own)}
      </RadioGroup>
      {tried && (
        <div className="ends">
          <MainButton
            onPress={() => {
              draft.run(tried.command);
              onTry(null);
            }}
          >
            Use {tried.name}
          </MainButton>
          <Button onPress={() => onTry(null)}>Back to the look of the store</Button>
          {isKept && (
            <TextButton
              onPress={() => {
                set(
                  'schemes',
                  own.filter(({ id }) => id !== tried.id),
                );
                onTry(null);
              }}
            >
              Remove {tried.name}
            </TextButton>
          )}
          <Hint>
            It takes the place of all that is set in House style. What shelves and bays set in their own Look
            stays. You can undo it.
          </Hint>
        </div>
      )}
      <h3>Keep the look of the store</h3>
      <Words label="Name" value={name} longest={LONGEST_SCHEME_NAME} onChange={setName} />
      <div className="ends">
        <Button isDisabled={name.trim() === '' || own.length >= MOST_SCHEMES} onPress={keep}>
          Keep as a scheme
        </Button>
        {own.length >= MOST_SCHEMES && <Hint>{MOST_SCHEMES} are kept; remove one first.</Hint>}
      </div>
    </Box>
  );
}

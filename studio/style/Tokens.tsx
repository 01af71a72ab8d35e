import { useState } from 'react';
import { FileTrigger } from 'react-aria-components';
import styled from 'styled-components';
import { LARGEST_TOKENS, NoTokens, readTokens, type ReadTokens } from '../../core/style/tokens/readTokens.ts';
import { writeTokens } from '../../core/style/tokens/writeTokens.ts';
import { counted } from '../../core/sentence/sentence.ts';
import { Hint } from '../settings/Stack.tsx';
import { useDraft, useStudio } from '../studioContext.tsx';
import { Button, MainButton } from '../ui/Button.tsx';
import { saveFile } from '../ui/saveFile.ts';
import { t } from '../ui/theme.ts';
import type { Tried } from './tried.ts';

const Box = styled.div`
  display: flex;
  flex-direction: column;
  align-items: flex-start;
  gap: 12px;
  h3 {
    font: 600 13px/1.4 ${t.text};
  }
  .fault {
    color: ${t.brick};
  }
  .ends {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
  }
  ul {
    list-style: none;
    display: flex;
    flex-direction: column;
    gap: 6px;
    font-size: 12.5px;
    overflow-wrap: anywhere;
  }
  li span {
    display: block;
    color: ${t.ink2};
  }
`;

/** So many of what was not understood are listed; of the rest only how many there are. */
const MOST_LISTED = 40;

type Chosen = { name: string } & ({ read: ReadTokens } | { fault: string });

export interface TokensProps {
  tried: Tried | null;
  onTry(tried: Tried | null): void;
}

/** The look of the store as a file that design tools read, and such a file as the look of the store. */
export function Tokens({ tried, onTry }: TokensProps) {
  const { draft } = useStudio();
  const house = useDraft(({ plan }) => plan.house);
  const [chosen, setChosen] = useState<Chosen | null>(null);
  const choose = async (file: File | undefined) => {
    if (!file) return;
    onTry(null);
    const { name } = file;
    try {
      // No more of it is read than it takes to see that it is too large.
      const read = readTokens(await file.slice(0, LARGEST_TOKENS + 1).text(), house.bands);
      setChosen({ name, read });
      if (read.understood > 0) onTry({ id: 'tokens', name, command: read.command });
    } catch (error) {
      if (!(error instanceof NoTokens)) throw error;
      setChosen({ name, fault: error.message });
    }
  };
  const done = () => {
    setChosen(null);
    onTry(null);
  };
  return (
    <Box role="region" aria-label="Design tokens">
      <Hint>
        Design tokens are a file that design tools read and write. It holds the colours of the store and all
        that is set in House style.
      </Hint>
      <h3>Out</h3>
      <Button
        onPress={() =>
          saveFile(
            'house-style.tokens.json',
            'application/json',
            `${JSON.stringify(writeTokens(house), null, 2)}\n`,
          )
        }
      >
        Export design tokens
      </Button>
      <h3>In</h3>
      <FileTrigger
        acceptedFileTypes={['.json', '.tokens', 'application/json']}
        onSelect={(files) => void choose(files?.[0])}
      >
        <Button>Import design tokens</Button>
      </FileTrigger>
      {chosen && (
        <div role="status">
          {'fault' in chosen ? (
            <p className="fault">
              {chosen.name}: {chosen.fault}
            </p>
          ) : (
            <p>
              {chosen.name}: {counted(chosen.read.understood, 'value')} understood
              {chosen.read.not.length > 0 && `, ${chosen.read.not.length} not`}.
              {chosen.read.understood > 0 &&
                ' Seen on the page at the side; nothing is changed until you use it.'}
            </p>
          )}
        </div>
      )}
      {chosen && 'read' in chosen && (
        <>
          <div className="ends">
            {tried && (
              <MainButton
                onPress={() => {
                  draft.run(tried.command);
                  done();
                }}
              >
                Use what was understood
              </MainButton>
            )}
            <Button onPress={done}>Back to the look of the store</Button>
          </div>
          {chosen.read.not.length > 0 && (
            <>
              <h3>Not understood</h3>
              <ul aria-label="Not understood">
                {chosen.read.not.slice(0, MOST_LISTED).map(({ path, why }) => (
                  <li key={path}>
                    {path}
                    <span>{why}</span>
                  </li>
                ))}
              </ul>
              {chosen.read.not.length > MOST_LISTED && (
                <Hint>And {chosen.read.not.length - MOST_LISTED} more.</Hint>
              )}
            </>
          )}
        </>
      )}
    </Box>
  );
}

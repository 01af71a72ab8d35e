import { useEffect, useState } from 'react';
import { ComboBox, Input, Label, ListBox, type Key } from 'react-aria-components';
import styled from 'styled-components';
import { ListItem, PopoverBox } from './Pick.tsx';
import { t } from './theme.ts';

const Box = styled(ComboBox)`
  display: flex;
  flex-direction: column;
  gap: 3px;
  input {
    border: 1px solid ${t.edge};
    border-radius: ${t.corner};
    background: #fff;
    min-height: 30px;
    padding: 4px 9px;
    width: 100%;
  }
`;

const None = styled.p`
  padding: 8px 10px;
  color: ${t.ink2};
`;

export interface SearchProps {
  label: string;
  shown?: boolean;
  placeholder: string;
  /** What is found for the words typed. */
  find(words: string): { id: string; words: string; aside?: string }[];
  /** Told of each change of the words, for finding that takes time. */
  onType?(words: string): void;
  /** Told of the words that were typed as well. */
  onChoose(id: string, words: string): void;
  /** The keyboard stays here after a choice, for the next. */
  stays?: boolean;
}

/** Typing finds; choosing empties the field for the next. */
export function Search({
  label,
  shown = true,
  placeholder,
  find,
  onType,
  onChoose,
  stays = true,
}: SearchProps) {
  const [words, setWords] = useState('');
  // Made anew after each choice, so that its list is closed and its field empty.
  const [turn, setTurn] = useState(0);
  useEffect(() => onType?.(words), [words, onType]);
  const found = find(words);
  return (
    <Box
      key={turn}
      aria-label={shown ? undefined : label}
      items={found}
      inputValue={words}
      onInputChange={setWords}
      selectedKey={null}
      onSelectionChange={(key: Key | null) => {
        if (key === null) return;
        onChoose(String(key), words);
        setWords('');
        setTurn(turn + 1);
      }}
      menuTrigger="input"
      allowsEmptyCollection
    >
      {shown && <Label>{label}</Label>}
      <Input placeholder={placeholder} autoFocus={stays && turn > 0} />
      <PopoverBox>
        <ListBox
          renderEmptyState={() => <None>{words ? `Nothing is called "${words}".` : 'Type to find.'}</None>}
        >
          {(item: { id: string; words: string; aside?: string }) => (
            <ListItem id={item.id} textValue={item.words}>
              {item.words}
              {item.aside && <span style={{ color: t.ink2, marginInlineStart: 'auto' }}>{item.aside}</span>}
            </ListItem>
          )}
        </ListBox>
      </PopoverBox>
    </Box>
  );
}

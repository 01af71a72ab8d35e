import { useEffect, useState, type KeyboardEvent } from 'react';
import { ComboBox, Input, Label, ListBox, type Key } from 'react-aria-components';
import styled from 'styled-components';
import { itemStyle, ListItem, PopoverBox } from './Pick.tsx';
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

/** As high as one that is found, so that nothing moves under a pointer when it comes. */
const None = styled.p`
  ${itemStyle}
  cursor: default;
  color: ${t.ink2};
`;

interface Found {
  id: string;
  words: string;
  aside?: string;
  /** Address of its picture; null where it has none. */
  picture?: string | null;
  /** Told of, but not to be chosen. */
  off?: boolean;
}

export interface SearchProps {
  label: string;
  shown?: boolean;
  placeholder: string;
  /** What is found for the words typed. */
  find(words: string): Found[];
  /** What the words find is still on its way. */
  pending?: boolean;
  /** Told of each change of the words, for finding that takes time. */
  onType?(words: string): void;
  /** Told of the words that were typed as well. */
  onChoose(id: string, words: string): void;
  /** The keyboard stays here after a choice, for the next. */
  stays?: boolean;
  /** What there is is listed as soon as the field is entered. */
  opensAtOnce?: boolean;
}

/** Typing finds; choosing empties the field for the next. */
export function Search({
  label,
  shown = true,
  placeholder,
  find,
  pending = false,
  onType,
  onChoose,
  stays = true,
  opensAtOnce = false,
}: SearchProps) {
  const [words, setWords] = useState('');
  // Made anew after each choice, so that its list is closed and its field empty.
  const [turn, setTurn] = useState(0);
  const [leaving, setLeaving] = useState(false);
  // After a choice its list stays closed until the field is entered again, so that what was chosen can be seen.
  const [rests, setRests] = useState(false);
  useEffect(() => onType?.(words), [words, onType]);
  const found = find(words);
  const begin = (left: boolean) => {
    setWords('');
    setLeaving(left);
    setTurn(turn + 1);
    setRests(true);
  };
  // Escape leaves an empty field with its list closed, and the keyboard in it.
  const onKey = (event: KeyboardEvent) => {
    if (event.key !== 'Escape' || !words) return;
    event.stopPropagation();
    begin(true);
  };
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
        begin(false);
      }}
      menuTrigger={opensAtOnce && !rests ? 'focus' : 'input'}
      onBlur={() => setRests(false)}
      allowsEmptyCollection
    >
      {shown && <Label>{label}</Label>}
      <Input placeholder={placeholder} autoFocus={(stays || leaving) && turn > 0} onKeyDownCapture={onKey} />
      <PopoverBox>
        <ListBox
          renderEmptyState={() => (
            <None>{pending ? 'Searching…' : words ? `Nothing is called "${words}".` : 'Type to find.'}</None>
          )}
        >
          {(item: Found) => (
            <ListItem id={item.id} textValue={item.words} isDisabled={item.off}>
              {item.picture && (
                <img src={item.picture} alt="" width={28} height={28} style={{ objectFit: 'cover' }} />
              )}
              {item.words}
              {item.aside && <span style={{ color: t.ink2, marginInlineStart: 'auto' }}>{item.aside}</span>}
            </ListItem>
          )}
        </ListBox>
      </PopoverBox>
    </Box>
  );
}

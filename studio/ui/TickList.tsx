import { Check } from 'lucide-react';
import { useEffect, useState } from 'react';
import { Autocomplete, Input, ListBox, SearchField } from 'react-aria-components';
import styled from 'styled-components';
import { itemStyle, ListItem } from './Pick.tsx';
import { t } from './theme.ts';

const Box = styled.div`
  border: 1px solid ${t.edge};
  border-radius: ${t.corner};
  background: #fff;
  overflow: hidden;
  input {
    border: 0;
    border-bottom: 1px solid ${t.line};
    background: none;
    min-height: 30px;
    padding: 4px 9px;
    width: 100%;
  }
  input::-webkit-search-cancel-button {
    display: none;
  }
  .list {
    max-height: 208px;
    overflow: auto;
    padding: 3px;
    outline: none;
  }
  .tick {
    width: 15px;
    flex: none;
    color: ${t.pine};
  }
  img,
  .bare {
    width: 28px;
    height: 28px;
    flex: none;
    object-fit: cover;
    border-radius: 3px;
    background: ${t.wall};
  }
  .what {
    flex: 1;
    min-width: 0;
    line-height: 1.25;
  }
  .aside {
    color: ${t.ink2};
    font-weight: 400;
    font-size: 12px;
    display: block;
  }
`;

const None = styled.p`
  ${itemStyle}
  cursor: default;
  color: ${t.ink2};
`;

export interface Tickable {
  id: string;
  words: string;
  aside?: string;
  /** Address of its picture, null where it has none; absent where none of the list has any. */
  picture?: string | null;
}

export interface TickListProps {
  label: string;
  placeholder: string;
  /** What there is for the words typed; all, or the likeliest, for none. */
  find(words: string): readonly Tickable[];
  chosen: readonly string[];
  /** What the words find is still on its way. */
  pending?: boolean;
  /** Told of each change of the words, for finding that takes time. */
  onType?(words: string): void;
  onTick(id: string, ticked: boolean): void;
}

/** The chosen ones with one more, last, or one fewer. */
export const withTicked = <Id,>(chosen: readonly Id[], id: Id, ticked: boolean): Id[] =>
  ticked ? [...chosen, id] : chosen.filter((one) => one !== id);

/** What there is, in sight before anything is typed; any number of it is ticked. */
export function TickList({
  label,
  placeholder,
  find,
  chosen,
  pending = false,
  onType,
  onTick,
}: TickListProps) {
  const [words, setWords] = useState('');
  useEffect(() => onType?.(words), [words, onType]);
  const found = find(words);
  return (
    <Box>
      <Autocomplete inputValue={words} onInputChange={setWords}>
        <SearchField aria-label={label}>
          <Input placeholder={placeholder} />
        </SearchField>
        <ListBox
          className="list"
          aria-label={label}
          items={found}
          dependencies={[chosen]}
          selectionMode="multiple"
          escapeKeyBehavior="none"
          selectedKeys={chosen}
          onSelectionChange={(keys) => {
            for (const { id } of found) {
              const ticked = keys === 'all' || keys.has(id);
              if (ticked !== chosen.includes(id)) onTick(id, ticked);
            }
          }}
          renderEmptyState={() => (
            <None>
              {pending ? 'Searching…' : words ? `Nothing is called "${words}".` : 'There are none yet.'}
            </None>
          )}
        >
          {({ id, words: said, aside, picture }: Tickable) => (
            <ListItem id={id} textValue={said}>
              <span className="tick">{chosen.includes(id) && <Check size={14} aria-hidden />}</span>
              {picture !== undefined &&
                (picture ? <img src={picture} alt="" loading="lazy" /> : <span className="bare" />)}
              <span className="what">
                {said}
                {aside && <span className="aside">{aside}</span>}
              </span>
            </ListItem>
          )}
        </ListBox>
      </Autocomplete>
    </Box>
  );
}

import { useContext, useEffect, useRef, useState } from 'react';
import { Input, NumberFieldStateContext } from 'react-aria-components';
import styled from 'styled-components';
import { t } from './theme.ts';

/** What Escape put back. */
export const Restored = styled.p`
  color: ${t.ink2};
  font-size: 12px;
`;

interface TypedNumberProps {
  /** Else as wide as there is room. */
  widthPx?: number;
  placeholder?: string;
  /** Somebody began to type over the number. */
  onType?(text: string): void;
  /** Escape put back this number, as it is written. */
  onRestore(text: string): void;
}

/**
 * The field of a number. Enter and Tab keep what was typed, even where Tab leads nowhere else; Escape puts back the number
 * that was there and says so. A second Escape is for whatever the field is in.
 */
export function TypedNumber({ widthPx, placeholder, onType, onRestore }: TypedNumberProps) {
  const state = useContext(NumberFieldStateContext)!;
  const [typing, setTyping] = useState(false);
  const before = useRef(state.inputValue);
  useEffect(() => {
    if (!typing) before.current = state.inputValue;
  }, [typing, state.inputValue]);
  return (
    <Input
      placeholder={placeholder}
      onInput={(event) => {
        setTyping(true);
        onType?.(event.currentTarget.value);
      }}
      onBlur={() => setTyping(false)}
      onKeyDownCapture={(event) => {
        if (event.key === 'Escape' && typing) {
          event.stopPropagation();
          event.preventDefault();
          state.setInputValue(before.current);
          onRestore(before.current);
        } else if (event.key === 'Tab' && typing) state.commit();
        if (['Escape', 'Enter', 'Tab'].includes(event.key)) setTyping(false);
      }}
      style={{ width: widthPx }}
    />
  );
}

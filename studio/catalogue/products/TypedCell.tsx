import { useEffect, useRef } from 'react';
import styled from 'styled-components';
import type { GoodsRow } from '../../../core/goods/goods.ts';
import { useStudio } from '../../studioContext.tsx';
import { t } from '../../ui/theme.ts';
import { cellEdit, factOf, type CellEdit } from './cellEdits.tsx';

const Typing = styled.span`
  display: block;
  position: relative;
  > * {
    display: block;
  }
  input {
    width: 100%;
    min-width: 0;
    padding: 5px 6px;
    border: 1px solid ${t.pine};
    border-radius: ${t.corner};
    background: #fff;
    accent-color: auto;
    cursor: text;
    height: auto;
    font: inherit;
  }
  .fault {
    position: absolute;
    inset-block-start: 100%;
    inset-inline-start: 0;
    z-index: 2;
    white-space: nowrap;
    padding: 3px 8px;
    border-radius: ${t.corner};
    background: ${t.brickSoft};
    color: ${t.ink};
    font-size: 12px;
  }
`;

/** Where the keyboard goes once something is set: to the row, to the cell below, or to one beside it. */
export type Leaves = 'row' | 'below' | 'next' | 'before';

interface TypedCellProps {
  row: GoodsRow;
  edit: CellEdit;
  /** @param to null where something else was pressed */
  onLeave(to: Leaves | null): void;
}

/** A fact of a product being set in the list. Enter and Tab keep what was typed and go on, Escape leaves what was there. */
export function TypedCell({ row, edit, onLeave }: TypedCellProps) {
  const { goods } = useStudio();
  const box = useRef<HTMLSpanElement>(null);
  const isLeft = useRef(false);
  const fact = factOf(edit);
  useEffect(() => {
    const input = box.current?.querySelector('input');
    input?.focus();
    input?.select();
  }, []);
  const set = (is: unknown) => {
    const one = cellEdit(edit, row, is);
    if (!isLeft.current && one.was !== is)
      void goods.write({ words: `${fact.name.toLowerCase()} of ${row.title}`, edits: [one] });
  };
  return (
    <Typing
      ref={box}
      onClick={(event) => event.stopPropagation()}
      onKeyDown={(event) => event.stopPropagation()}
      onKeyDownCapture={(event) => {
        const { key, shiftKey, target } = event;
        if (!['Enter', 'Tab', 'Escape'].includes(key)) return;
        event.preventDefault();
        event.stopPropagation();
        const input = target as HTMLInputElement;
        if (key === 'Escape') {
          isLeft.current = true;
          onLeave('row');
        } else if (input.getAttribute('aria-invalid') !== 'true') {
          // What is typed is kept as its field is left.
          input.blur();
          isLeft.current = true;
          onLeave(key === 'Enter' ? 'below' : shiftKey ? 'before' : 'next');
        }
      }}
      onBlur={(event) => {
        // Another window may be in front for a while.
        if (!event.currentTarget.contains(event.relatedTarget) && document.hasFocus()) onLeave(null);
      }}
    >
      <edit.Field
        label={`${fact.name} of ${row.title}`}
        fact={fact}
        value={row[edit.fact] as never}
        onSet={set}
      />
    </Typing>
  );
}

import type { Editor } from '@tiptap/react';
import { useMemo } from 'react';
import styled from 'styled-components';
import type { Entry } from '../../../core/journal/entry.ts';
import { placeOfEntry } from '../../../core/journal/entryShelves.ts';
import {
  asEntryText,
  entryTextFault,
  shelvesInText,
  type EntryBlock,
} from '../../../core/journal/entryText.ts';
import { useDraft } from '../../studioContext.tsx';
import { RichEditor } from '../../ui/RichEditor.tsx';
import { t } from '../../ui/theme.ts';
import { AddShelf } from './AddShelf.tsx';
import { shelfNode, ShelvesOfTextContext } from './shelfNode.tsx';

const Paper = styled.div`
  min-height: 0;
  overflow: auto;
  .react-aria-Toolbar {
    position: sticky;
    top: 0;
    z-index: 2;
    background: #fff;
    border-radius: ${t.corner} ${t.corner} 0 0;
  }
  .insert {
    margin-inline-start: auto;
    border: 1px solid ${t.edge};
    border-radius: ${t.corner};
    background: #fff;
    padding: 3px 10px;
    font-weight: 600;
    cursor: pointer;
  }
  .tiptap {
    min-height: 320px;
    max-height: none;
    padding: 16px 22px 28px;
    font-size: 16px;
    line-height: 1.6;
  }
`;

const EXTENSIONS = [shelfNode];

interface EntryTextProps {
  entry: Entry;
  text: readonly EntryBlock[];
  onChange(text: readonly EntryBlock[]): void;
}

/** The text of an entry, written as it reads, with shelves between its paragraphs. */
export function EntryText({ entry, text, onChange }: EntryTextProps) {
  const stored = useDraft((state) => state.draft);
  const shelves = useMemo(() => {
    const place = placeOfEntry(stored, entry.id);
    return {
      at: place?.alone ? { pageId: place.page.id, bayId: place.bayId } : null,
      shelves: place?.shelves ?? [],
    };
  }, [stored, entry.id]);
  const there = shelvesInText(text);
  return (
    <ShelvesOfTextContext value={shelves}>
      <Paper>
        <RichEditor
          label={`Text of ${entry.title}`}
          value={text}
          extensions={EXTENSIONS}
          taken={asEntryText}
          faultOf={entryTextFault}
          onChange={(body) => onChange(body)}
        >
          {(editor: Editor) => (
            <AddShelf
              entry={entry}
              there={there}
              onAdd={(shelfId) =>
                editor.chain().focus().insertContent({ type: shelfNode.name, attrs: { shelfId } }).run()
              }
            />
          )}
        </RichEditor>
      </Paper>
    </ShelvesOfTextContext>
  );
}

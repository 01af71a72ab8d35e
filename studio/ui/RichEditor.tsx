import {
  EditorContent,
  useEditor,
  useEditorState,
  type ChainedCommands,
  type Editor,
  type Extensions,
  type JSONContent,
} from '@tiptap/react';
import StarterKit from '@tiptap/starter-kit';
import { Bold, Heading2, Heading3, Italic, Link2, List, ListOrdered, TextQuote } from 'lucide-react';
import { useEffect, useRef, useState, type ReactNode } from 'react';
import { ToggleButton, Toolbar } from 'react-aria-components';
import styled from 'styled-components';
import { linkFault, TEXT_LEVELS } from '../../core/bays/richText.ts';
import { namedIn } from '../../core/plan/link.ts';
import { linkTo } from '../../core/plan/linkTo.ts';
import { same } from '../../core/settings/same.ts';
import { useDraft, useStudio } from '../studioContext.tsx';
import { TextButton } from './Button.tsx';
import { Search } from './Search.tsx';
import { t } from './theme.ts';
import { Words } from './Words.tsx';
import { Hint, Stack } from '../settings/Stack.tsx';
import { useLinkSearch } from '../settings/own/useLinkSearch.ts';

const Box = styled.div`
  border: 1px solid ${t.edge};
  border-radius: ${t.corner};
  background: #fff;
  .react-aria-Toolbar {
    display: flex;
    flex-wrap: wrap;
    gap: 2px;
    padding: 4px;
    border-bottom: 1px solid ${t.line};
  }
  .react-aria-ToggleButton {
    display: grid;
    place-items: center;
    width: 30px;
    height: 28px;
    border: 0;
    border-radius: 4px;
    background: none;
    color: ${t.ink};
    cursor: pointer;
  }
  .react-aria-ToggleButton[data-hovered] {
    background: ${t.pineSoft};
  }
  .react-aria-ToggleButton[data-selected] {
    background: ${t.pine};
    color: #fff;
  }
  .react-aria-ToggleButton[data-disabled] {
    color: ${t.edge};
    cursor: default;
  }
  .tiptap {
    min-height: 130px;
    max-height: 360px;
    overflow: auto;
    padding: 9px 11px;
    outline: none;
    overflow-wrap: anywhere;
  }
  &:focus-within {
    outline: 2px solid ${t.pine};
    outline-offset: 1px;
  }
  .tiptap > * + *,
  .tiptap blockquote > * + * {
    margin-top: 8px;
  }
  .tiptap :is(h2, h3, h4) {
    font: 600 15px/1.3 ${t.names};
  }
  .tiptap h2 {
    font-size: 18px;
  }
  .tiptap ul {
    list-style: disc;
  }
  .tiptap ol {
    list-style: decimal;
  }
  .tiptap :is(ul, ol) {
    margin: 0;
    padding-inline-start: 20px;
  }
  .tiptap blockquote {
    margin-inline: 0;
    border-inline-start: 3px solid ${t.line};
    padding-inline-start: 10px;
  }
  .tiptap a {
    color: ${t.pine};
    text-decoration: underline;
  }
`;

/** @param steps it steps back by itself */
const kit = (steps: boolean) =>
  StarterKit.configure({
    code: false,
    codeBlock: false,
    horizontalRule: false,
    strike: false,
    underline: false,
    trailingNode: false,
    ...(!steps && { undoRedo: false }),
    heading: { levels: [...TEXT_LEVELS] },
    link: {
      openOnClick: false,
      autolink: false,
      isAllowedUri: (address) => linkFault(address) === null,
      HTMLAttributes: { target: null, rel: null },
    },
  });

interface Tool {
  name: string;
  Icon: typeof Bold;
  /** What the editor calls it, and which of them. */
  is: string;
  which?: { level: number };
  press(chain: ChainedCommands): ChainedCommands;
}

/** What a text can be made into, each by one press. */
const TOOLS: readonly Tool[] = [
  { name: 'Bold', Icon: Bold, is: 'bold', press: (chain) => chain.toggleBold() },
  { name: 'Italic', Icon: Italic, is: 'italic', press: (chain) => chain.toggleItalic() },
  {
    name: 'Heading',
    Icon: Heading2,
    is: 'heading',
    which: { level: 2 },
    press: (chain) => chain.toggleHeading({ level: 2 }),
  },
  {
    name: 'Smaller heading',
    Icon: Heading3,
    is: 'heading',
    which: { level: 3 },
    press: (chain) => chain.toggleHeading({ level: 3 }),
  },
  { name: 'List with bullets', Icon: List, is: 'bulletList', press: (chain) => chain.toggleBulletList() },
  {
    name: 'Numbered list',
    Icon: ListOrdered,
    is: 'orderedList',
    press: (chain) => chain.toggleOrderedList(),
  },
  { name: 'Quotation', Icon: TextQuote, is: 'blockquote', press: (chain) => chain.toggleBlockquote() },
];

const none: Extensions = [];

const docOf = (body: readonly object[]): JSONContent => ({
  type: 'doc',
  content: (body.length > 0 ? body : [{ type: 'paragraph' }]) as JSONContent[],
});

type Doing = 'types' | 'presses' | 'links';

interface RichEditorProps<B> {
  label: string;
  value: readonly B[];
  /** What else can stand in it, besides words. */
  extensions?: Extensions;
  /** Steps back and forth that are not its own. */
  history?: { undo(): void; redo(): void };
  /** Of what it holds, all that can be kept. */
  taken(content: unknown): B[];
  /** What is wrong with that, as a sentence; null where nothing is. */
  faultOf(body: readonly B[]): string | null;
  /** Told at each letter. @param step words typed one after the other are one step back, a press or what is pasted each its own */
  onChange(body: B[], step: number): void;
  /** More at the end of its bar. */
  children?(editor: Editor): ReactNode;
}

/** A text, written as it reads. */
export function RichEditor<B extends object>({
  label,
  value,
  extensions = none,
  history,
  taken,
  faultOf,
  onChange,
  children,
}: RichEditorProps<B>) {
  const [fault, setFault] = useState<string | null>(null);
  /** What was written here last; all else came from elsewhere, such as by undo. */
  const written = useRef<readonly B[]>(value);
  /** What is changed by. */
  const doing = useRef<Doing>('types');
  const last = useRef<{ by: Doing; step: number }>({ by: 'types', step: 0 });
  const during = (what: Doing, change: () => void) => {
    doing.current = what;
    change();
    doing.current = 'types';
  };
  const editor = useEditor({
    extensions: [kit(history === undefined), ...extensions],
    content: docOf(value),
    editorProps: {
      attributes: { role: 'textbox', 'aria-multiline': 'true', 'aria-label': label },
      handleKeyDown: (_, event) => {
        if (!history || !(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'z') return false;
        event.preventDefault();
        if (event.shiftKey) history.redo();
        else history.undo();
        return true;
      },
    },
    onUpdate: ({ editor: own, transaction }) => {
      const body = taken(own.getJSON().content);
      const wrong = faultOf(body);
      setFault(wrong);
      if (wrong !== null) return;
      written.current = body;
      const by = transaction.getMeta('paste') === true ? 'presses' : doing.current;
      if (by === 'presses' || by !== last.current.by) last.current = { by, step: last.current.step + 1 };
      onChange(body, last.current.step);
    },
  });
  useEffect(() => {
    if (same(written.current, value)) return;
    written.current = value;
    editor.commands.setContent(docOf(value), { emitUpdate: false });
  }, [editor, value]);
  const state = useEditorState({
    editor,
    selector: ({ editor: own }) => ({
      on: TOOLS.map(({ is, which }) => own.isActive(is, which)),
      href: (own.getAttributes('link').href as string | undefined) ?? null,
      empty: own.state.selection.empty,
    }),
  });
  const [linking, setLinking] = useState(false);
  const canLink = state.href !== null || !state.empty;
  return (
    <Stack>
      <Box>
        <Toolbar aria-label="Of the marked text">
          {TOOLS.map(({ name, Icon, press }, i) => (
            <ToggleButton
              key={name}
              aria-label={name}
              isSelected={state.on[i]}
              onChange={() => during('presses', () => press(editor.chain().focus()).run())}
            >
              <Icon size={16} />
            </ToggleButton>
          ))}
          <ToggleButton
            aria-label="Link"
            isSelected={linking && canLink}
            isDisabled={!canLink}
            onChange={setLinking}
          >
            <Link2 size={16} />
          </ToggleButton>
          {children?.(editor)}
        </Toolbar>
        <EditorContent editor={editor} />
      </Box>
      {fault && <Hint role="alert">{fault} What is too much is not kept.</Hint>}
      {linking && canLink && (
        <LinkOfText
          href={state.href}
          onChange={(href) => {
            const chain = editor.chain().extendMarkRange('link');
            during('links', () => (href === null ? chain.unsetLink() : chain.setLink({ href })).run());
          }}
        />
      )}
    </Stack>
  );
}

/** Where the marked words lead. */
function LinkOfText({ href, onChange }: { href: string | null; onChange(href: string | null): void }) {
  const { tree, vocabulary } = useStudio();
  const plan = useDraft((state) => state.plan);
  const search = useLinkSearch();
  const named = href !== null && namedIn(href) !== null;
  const target = href === null ? null : linkTo(href, { plan, tree, collections: vocabulary.collections });
  return (
    <Stack>
      <Search
        label="Link to a page, a category or a collection"
        placeholder="Type its name"
        find={search}
        opensAtOnce
        onChoose={onChange}
      />
      {named ? (
        <Hint>Links to {target?.name ?? 'something that is gone'}.</Hint>
      ) : (
        <Words
          label="Or to an address"
          value={href ?? ''}
          longest={2000}
          placeholder="/shop or https://…"
          fault={(typed) => (typed === '' ? null : linkFault(typed))}
          onChange={(typed) => onChange(typed === '' ? null : typed)}
        />
      )}
      {href !== null && <TextButton onPress={() => onChange(null)}>Remove the link</TextButton>}
    </Stack>
  );
}

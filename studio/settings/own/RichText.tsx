import {
  EditorContent,
  useEditor,
  useEditorState,
  type ChainedCommands,
  type JSONContent,
} from '@tiptap/react';
import StarterKit from '@tiptap/starter-kit';
import { Bold, Heading2, Heading3, Italic, Link2, List, ListOrdered, TextQuote } from 'lucide-react';
import { useEffect, useRef, useState } from 'react';
import { ToggleButton, Toolbar } from 'react-aria-components';
import styled from 'styled-components';
import {
  asRichText,
  linkFault,
  richTextFault,
  TEXT_LEVELS,
  type BlockNode,
} from '../../../core/bays/richText.ts';
import { namedIn } from '../../../core/plan/link.ts';
import { linkTo } from '../../../core/plan/linkTo.ts';
import { same } from '../../../core/settings/same.ts';
import { useDraft, useStudio } from '../../studioContext.tsx';
import { TextButton } from '../../ui/Button.tsx';
import { Search } from '../../ui/Search.tsx';
import { t } from '../../ui/theme.ts';
import { Words } from '../../ui/Words.tsx';
import { Hint, Stack } from '../Stack.tsx';
import type { OwnControlProps } from './ownControl.ts';
import { useLinkSearch } from './useLinkSearch.ts';

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

const KIT = StarterKit.configure({
  code: false,
  codeBlock: false,
  horizontalRule: false,
  strike: false,
  underline: false,
  trailingNode: false,
  // Steps back are those of the draft.
  undoRedo: false,
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

const docOf = (body: readonly BlockNode[]): JSONContent => ({
  type: 'doc',
  content: (body.length > 0 ? body : [{ type: 'paragraph' }]) as JSONContent[],
});

type Doing = 'types' | 'presses' | 'links';

/** The text of a bay, written as it reads; each letter shows at once. */
export function RichText({ on, value }: Pick<OwnControlProps, 'on'> & { value: readonly BlockNode[] }) {
  const { draft } = useStudio();
  const [fault, setFault] = useState<string | null>(null);
  /** What was written here last; all else came from elsewhere, such as by undo. */
  const written = useRef<readonly BlockNode[]>(value);
  /** What is changed by: words typed one after the other are one step back, a press or what is pasted each its own. */
  const doing = useRef<Doing>('types');
  const last = useRef<{ by: Doing; step: number }>({ by: 'types', step: 0 });
  const during = (what: Doing, change: () => void) => {
    doing.current = what;
    change();
    doing.current = 'types';
  };
  const editor = useEditor({
    extensions: [KIT],
    content: docOf(value),
    editorProps: {
      attributes: { role: 'textbox', 'aria-multiline': 'true', 'aria-label': 'Text' },
      handleKeyDown: (_, event) => {
        if (!(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'z') return false;
        event.preventDefault();
        if (event.shiftKey) draft.redo();
        else draft.undo();
        return true;
      },
    },
    onUpdate: ({ editor: own, transaction }) => {
      const body = asRichText(own.getJSON().content);
      const wrong = richTextFault(body);
      setFault(wrong);
      if (wrong !== null) return;
      written.current = body;
      const by = transaction.getMeta('paste') === true ? 'presses' : doing.current;
      if (by === 'presses' || by !== last.current.by) last.current = { by, step: last.current.step + 1 };
      draft.run(
        { do: 'set', on, setting: 'body', value: body },
        `${JSON.stringify(on)} body ${last.current.step}`,
      );
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

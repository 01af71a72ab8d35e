import { Node, NodeViewWrapper, ReactNodeViewRenderer, type NodeViewProps } from '@tiptap/react';
import { createContext, useContext } from 'react';
import { Link } from 'react-router';
import styled from 'styled-components';
import { placesOf } from '../../../core/plan/places.ts';
import { sayAssortment } from '../../../core/assortment/say.ts';
import { assortmentOf } from '../../../core/plan/showing.ts';
import { plain } from '../../../core/sentence/sentence.ts';
import { useDraft, useNames } from '../../studioContext.tsx';
import { Button } from '../../ui/Button.tsx';
import { t } from '../../ui/theme.ts';

/** Where the shelves of a text are arranged. */
export interface ShelvesOfText {
  /** Address of the page and the bay; null where the entry has none of its own. */
  at: { pageId: string; bayId: string } | null;
  /** Ids of those that may stand in the text. */
  shelves: readonly string[];
}

export const ShelvesOfTextContext = createContext<ShelvesOfText>({ at: null, shelves: [] });

const Box = styled(NodeViewWrapper)`
  border: 1.5px solid ${t.pine};
  border-radius: ${t.corner};
  background: ${t.pineSoft};
  padding: 9px 12px;
  margin-block: 14px;
  font: 13px/1.45 ${t.text};
  display: grid;
  gap: 5px;
  &.ProseMirror-selectednode {
    box-shadow: 0 0 0 2px ${t.pine};
  }
  .does {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 6px 14px;
  }
  a {
    color: ${t.pine};
    font-weight: 600;
  }
  .quiet {
    color: ${t.ink2};
  }
`;

/** A shelf where it stands in the text: what it shows, and the way to arrange it. */
function ShelfInText({ node, deleteNode }: NodeViewProps) {
  const shelfId = String(node.attrs.shelfId);
  const { at, shelves } = useContext(ShelvesOfTextContext);
  const plan = useDraft((state) => state.plan);
  const names = useNames();
  const shelf = shelves.includes(shelfId) ? plan.shelves[shelfId] : undefined;
  const elsewhere = placesOf(plan, shelfId).filter(({ page }) => page.id !== at?.pageId);
  return (
    <Box contentEditable={false} data-shelf={shelfId} role="group" aria-label={`Shelf ${shelf?.name ?? ''}`}>
      {shelf ? (
        <>
          <b>{shelf.name}</b>
          <span>{plain(sayAssortment(assortmentOf(plan, shelf), names))}</span>
          <span className="quiet">
            Shoppers see it once you publish.
            {elsewhere.length > 0 &&
              ` Changes also apply on ${elsewhere.map(({ page }) => page.name).join(', ')}.`}
          </span>
        </>
      ) : (
        <span>This shelf is not there any more. Nothing shows in its place.</span>
      )}
      <div className="does">
        {shelf && at && (
          <Link to={`/arrange/${at.pageId}?bay=${at.bayId}&shelf=${shelfId}`}>Arrange this shelf</Link>
        )}
        <Button onPress={() => deleteNode()}>Take it out of the text</Button>
      </div>
    </Box>
  );
}

/** The place of a shelf, as the editor has it. */
export const shelfNode = Node.create({
  name: 'shelf',
  group: 'block',
  atom: true,
  draggable: true,
  addAttributes: () => ({ shelfId: { default: '' } }),
  parseHTML: () => [
    { tag: 'div[data-shelf]', getAttrs: (element) => ({ shelfId: element.getAttribute('data-shelf') }) },
  ],
  renderHTML: ({ node }) => ['div', { 'data-shelf': String(node.attrs.shelfId) }],
  addNodeView: () => ReactNodeViewRenderer(ShelfInText),
});

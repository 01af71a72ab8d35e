import { ChevronRight, GripVertical } from 'lucide-react';
import { useState, type CSSProperties, type ReactNode } from 'react';
import { Button, Collection, Tree, TreeItem, TreeItemContent, useDragAndDrop } from 'react-aria-components';
import styled from 'styled-components';
import { categoryTree } from '../../../core/catalogue/categoryTree.ts';
import type { Grouping } from '../../../core/groupings/grouping.ts';
import type { GroupingKind } from '../../../core/groupings/groupingFacts.ts';
import { droppedAt, stepped, type Place, type Step } from '../../../core/groupings/places.ts';
import { counted } from '../../../core/sentence/sentence.ts';
import { t } from '../../ui/theme.ts';

const Rows = styled(Tree)`
  flex: 1;
  min-height: 0;
  overflow: auto;
  background: ${t.paper};
  border-radius: ${t.corner} ${t.corner} 0 0;
  outline: none;
  .react-aria-DropIndicator[data-drop-target] {
    outline: 2px solid ${t.pine};
  }
`;

const Row = styled(TreeItem)`
  display: block;
  border-bottom: 1px solid ${t.line};
  cursor: pointer;
  outline: none;
  &[data-hovered] {
    background: #fff;
  }
  &[data-open] {
    background: ${t.pineSoft};
    box-shadow: inset 4px 0 ${t.pine};
  }
  &[data-focus-visible] {
    outline: 2px solid ${t.pine};
    outline-offset: -2px;
  }
  &[data-drop-target] {
    background: ${t.pineSoft};
    outline: 2px solid ${t.pine};
    outline-offset: -2px;
  }
  .line {
    display: grid;
    grid-template-columns: 22px 22px minmax(0, 1fr) auto;
    align-items: center;
    gap: 6px;
    min-height: 40px;
    padding: 4px 12px 4px calc(8px + 22px * (var(--level) - 1));
  }
  .line.flat {
    grid-template-columns: 22px minmax(0, 1fr) auto;
  }
  .line.stays {
    grid-template-columns: minmax(0, 1fr) auto;
    padding-inline-start: 16px;
  }
  .line button {
    border: 0;
    background: none;
    padding: 4px 2px;
    display: grid;
    place-items: center;
    color: ${t.ink2};
    border-radius: 4px;
  }
  .grip {
    cursor: grab;
  }
  [slot='chevron'][data-open] svg {
    transform: rotate(90deg);
  }
  .name {
    font-weight: 600;
    overflow-wrap: anywhere;
  }
  .lacks {
    color: ${t.brick};
    font-size: 12px;
    margin-inline-start: 8px;
  }
  .products {
    color: ${t.ink2};
    white-space: nowrap;
  }
`;

const BY_KEY: Readonly<Record<string, Step>> = { ArrowUp: 'up', ArrowDown: 'down' };

/** Rows that are open before anybody opens or closes one. */
const MOST_OPEN = 60;

interface GroupingTreeProps {
  kind: GroupingKind;
  all: readonly Grouping[];
  /** What is listed of them, one under the other; null for all, as they stand. */
  found: readonly Grouping[] | null;
  /** The one that is edited beside the list. */
  open: number | null;
  empty: string;
  /** What is shown before the name of each. */
  face?(one: Grouping): ReactNode;
  onOpen(id: number): void;
  onPlace(one: Grouping, place: Place): void;
}

/** All of a kind as they stand: opened by a press, moved by dragging, or by Alt and the arrow keys. */
export function GroupingTree({ kind, all, found, open, empty, face, onOpen, onPlace }: GroupingTreeProps) {
  const moves = found === null && kind.facts.some(({ id }) => id === 'place');
  const [expanded, setExpanded] = useState<ReadonlySet<number>>(
    () => new Set(all.length > MOST_OPEN ? [] : all.map(({ id }) => id)),
  );
  const tree = categoryTree(all);
  const place = (id: number, at: Place | null) => {
    const one = tree.byId(id);
    if (!one || !at) return;
    // What it comes under is opened, so that it stays in sight.
    if (at.parent !== null) setExpanded(new Set([...expanded, at.parent]));
    onPlace(one, at);
  };
  const { dragAndDropHooks } = useDragAndDrop({
    getItems: (keys) =>
      [...keys].map((key) => ({ 'text/plain': tree.byId(Number(key))?.name ?? '', [kind.of]: String(key) })),
    acceptedDragTypes: [kind.of],
    shouldAcceptItemDrop: () => kind.tree === true,
    getDropOperation: (target) => (target.type === 'item' ? 'move' : 'cancel'),
    onMove: ({ keys, target }) => {
      const id = Number([...keys][0]);
      place(id, droppedAt(all, id, { on: Number(target.key), position: target.dropPosition }));
    },
  });
  const draw = (one: Grouping) => {
    const below = found === null ? tree.children(one.id) : [];
    const lacking = kind.lacks.filter((lack) => lack.is(one)).map(({ short }) => short);
    return (
      <Row key={one.id} id={one.id} textValue={one.name} data-open={one.id === open || undefined}>
        <TreeItemContent>
          {({ level, hasChildItems, isExpanded }) => (
            <div
              className={moves ? (kind.tree ? 'line' : 'line flat') : 'line stays'}
              style={{ '--level': level } as CSSProperties}
            >
              {moves && (
                <Button slot="drag" className="grip" aria-label={`Move ${one.name}`}>
                  <GripVertical size={14} aria-hidden />
                </Button>
              )}
              {moves &&
                kind.tree &&
                (hasChildItems ? (
                  <Button slot="chevron" data-open={isExpanded || undefined}>
                    <ChevronRight size={14} aria-hidden />
                  </Button>
                ) : (
                  <span />
                ))}
              <span>
                {face?.(one)}
                <span className="name">{one.name}</span>
                {lacking.length > 0 && <span className="lacks">{lacking.join(', ')}</span>}
              </span>
              <span className="products">{one.rule ? 'by a rule' : counted(one.products, 'product')}</span>
            </div>
          )}
        </TreeItemContent>
        <Collection items={below} dependencies={[all, open]}>
          {draw}
        </Collection>
      </Row>
    );
  };
  return (
    <div
      style={{ display: 'contents' }}
      onKeyDownCapture={(event) => {
        const key = (event.target as HTMLElement).closest('[role="row"]')?.getAttribute('data-key');
        if (!event.altKey || !key || !moves) return;
        const isRight = event.key === 'ArrowRight';
        const isAside = kind.tree && (isRight || event.key === 'ArrowLeft');
        const turned = getComputedStyle(event.currentTarget).direction === 'rtl';
        const step = isAside ? (isRight === turned ? 'out' : 'in') : BY_KEY[event.key];
        if (!step) return;
        event.preventDefault();
        event.stopPropagation();
        place(Number(key), stepped(all, Number(key), step));
      }}
    >
      <Rows
        aria-label={moves ? `${kind.title}. Alt and the arrow keys move one.` : kind.title}
        onAction={(key) => onOpen(Number(key))}
        expandedKeys={expanded}
        onExpandedChange={(keys) => setExpanded(new Set([...keys].map(Number)))}
        {...(moves && { dragAndDropHooks })}
        renderEmptyState={() => <p style={{ padding: '12px 16px', color: t.ink2 }}>{empty}</p>}
      >
        {(found ?? tree.roots).map(draw)}
      </Rows>
    </div>
  );
}

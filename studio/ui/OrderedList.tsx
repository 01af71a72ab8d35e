import { GripVertical } from 'lucide-react';
import type { ReactNode } from 'react';
import { Button, GridList, GridListItem, useDragAndDrop } from 'react-aria-components';
import styled from 'styled-components';
import { t } from './theme.ts';

const Rows = styled(GridList)`
  outline: none;
  display: flex;
  flex-direction: column;
  .react-aria-DropIndicator[data-drop-target] {
    outline: 2px solid ${t.pine};
  }
`;

const Row = styled(GridListItem)`
  display: grid;
  grid-template-columns: 22px minmax(0, 1fr) auto;
  align-items: center;
  gap: 4px 6px;
  min-height: 36px;
  padding: 4px 0;
  border-top: 1px solid ${t.line};
  outline: none;
  cursor: pointer;
  &[data-stays] {
    grid-template-columns: minmax(0, 1fr) auto;
  }
  &[data-under] {
    padding-inline-start: 20px;
  }
  &[data-open] {
    background: ${t.pineSoft};
  }
  &[data-open] .name {
    color: ${t.pine};
  }
  &[data-focus-visible] {
    outline: 2px solid ${t.pine};
    outline-offset: -2px;
    border-radius: 4px;
  }
  .grip {
    border: 0;
    background: none;
    padding: 4px 2px;
    cursor: grab;
    color: ${t.edge};
    display: grid;
  }
  .name {
    font-weight: 600;
  }
  .facts {
    color: ${t.ink2};
    font-size: 12.5px;
    margin-inline-start: 7px;
  }
`;

const Empty = styled.p`
  color: ${t.ink2};
  font-size: 12px;
`;

interface OrderedRow {
  id: string;
  name: string;
  /** What there is to say of it, beside its name. */
  facts: ReactNode;
  /** At the end of its row. */
  aside?: ReactNode;
  /** It belongs to the one above. */
  under?: boolean;
  /** What is set of it, for what marks that where it is drawn. */
  setting?: string;
}

export interface OrderedListProps {
  label: string;
  rows: readonly OrderedRow[];
  /** The row whose settings are shown; null for none. */
  open: string | null;
  empty: string;
  onOpen(id: string): void;
  /**
   * Absent where the order means nothing.
   * @param next the row that it is to stand before; undefined for the end
   */
  onMove?(id: string, next: string | undefined): void;
  /** A row is to belong to the one above, or to cease to; absent where none can. */
  onUnder?(id: string, under: boolean): void;
}

/** Rows of which pressing one opens it; where their order counts they are dragged, or moved by Alt and the arrow keys: up and down, and in and out where rows can belong to others. */
export function OrderedList({ label, rows, open, empty, onOpen, onMove, onUnder }: OrderedListProps) {
  const ids = rows.map(({ id }) => id);
  const moveBy = (id: string, by: 1 | -1) => {
    const at = ids.indexOf(id);
    if (at + by >= 0 && at + by < ids.length) onMove?.(id, ids[by < 0 ? at - 1 : at + 2]);
  };
  const { dragAndDropHooks } = useDragAndDrop({
    getItems: (keys) => [...keys].map((key) => ({ 'text/plain': String(key) })),
    onReorder: ({ keys, target }) => {
      const id = String([...keys][0]);
      const to = String(target.key);
      const rest = ids.filter((one) => one !== id);
      onMove?.(id, target.dropPosition === 'after' ? rest[rest.indexOf(to) + 1] : to);
    },
  });
  return (
    <div
      onKeyDownCapture={(event) => {
        const id = (event.target as HTMLElement).closest('[data-key]')?.getAttribute('data-key');
        if (!event.altKey || !id) return;
        const { key } = event;
        const isIn =
          key === (getComputedStyle(event.currentTarget).direction === 'rtl' ? 'ArrowLeft' : 'ArrowRight');
        if (onMove && (key === 'ArrowUp' || key === 'ArrowDown')) moveBy(id, key === 'ArrowUp' ? -1 : 1);
        else if (onUnder && (key === 'ArrowLeft' || key === 'ArrowRight')) onUnder(id, isIn);
        else return;
        event.preventDefault();
        event.stopPropagation();
      }}
    >
      <Rows
        aria-label={label}
        {...(onMove && { dragAndDropHooks })}
        dependencies={[rows, open]}
        keyboardNavigationBehavior="tab"
        onAction={(key) => onOpen(String(key))}
        renderEmptyState={() => <Empty>{empty}</Empty>}
      >
        {rows.map(({ id, name, facts, aside, under, setting }) => (
          <Row
            key={id}
            id={id}
            textValue={name}
            data-open={id === open || undefined}
            data-stays={onMove ? undefined : ''}
            data-under={under || undefined}
            data-sets={setting}
          >
            {onMove && (
              <Button slot="drag" className="grip" aria-label={`Move ${name}`}>
                <GripVertical size={14} />
              </Button>
            )}
            <span>
              <span className="name">{name}</span>
              {facts && (
                <>
                  {' '}
                  <span className="facts">{facts}</span>
                </>
              )}
            </span>
            {aside ?? <span />}
          </Row>
        ))}
      </Rows>
    </div>
  );
}

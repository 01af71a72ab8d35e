import { GripVertical, X } from 'lucide-react';
import { Button, GridList, GridListItem, useDragAndDrop } from 'react-aria-components';
import styled from 'styled-components';
import { t } from './theme.ts';

const List = styled(GridList)`
  margin: 6px 0;
  outline: none;
  .react-aria-DropIndicator[data-drop-target] {
    outline: 2px solid ${t.pine};
  }
`;

const Row = styled(GridListItem)`
  display: flex;
  align-items: center;
  gap: 6px;
  min-height: 28px;
  outline: none;
  span {
    flex: 1;
    min-width: 0;
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
  }
  button {
    border: 0;
    background: none;
    padding: 3px;
    display: grid;
    cursor: pointer;
    color: ${t.ink2};
    border-radius: 4px;
  }
  &[data-focus-visible] {
    outline: 2px solid ${t.pine};
    border-radius: 4px;
  }
`;

export interface NamedListProps {
  items: readonly { id: string; words: string }[];
  onRemove(id: string): void;
  /** Absent where the order means nothing. */
  onMove?(ids: string[]): void;
}

/** Things that were named one by one; in an order of their own where that means something. */
export function NamedList({ items, onRemove, onMove }: NamedListProps) {
  const { dragAndDropHooks } = useDragAndDrop({
    getItems: (keys) => [...keys].map((key) => ({ 'text/plain': String(key) })),
    onReorder: ({ keys, target }) => {
      const moved = [...keys].map(String);
      const rest = items.map(({ id }) => id).filter((id) => !moved.includes(id));
      rest.splice(rest.indexOf(String(target.key)) + (target.dropPosition === 'after' ? 1 : 0), 0, ...moved);
      onMove?.(rest);
    },
  });
  if (items.length === 0) return <div style={{ height: 6 }} />;
  return (
    <List aria-label="Chosen" keyboardNavigationBehavior="tab" {...(onMove ? { dragAndDropHooks } : {})}>
      {items.map((item) => (
        <Row key={item.id} id={item.id} textValue={item.words}>
          {onMove && (
            <Button slot="drag" aria-label={`Move ${item.words}`}>
              <GripVertical size={13} />
            </Button>
          )}
          <span>{item.words}</span>
          <Button aria-label={`Remove ${item.words}`} onPress={() => onRemove(item.id)}>
            <X size={13} />
          </Button>
        </Row>
      ))}
    </List>
  );
}

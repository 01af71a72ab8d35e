import { GripVertical } from 'lucide-react';
import { Button, GridList, GridListItem, useDragAndDrop } from 'react-aria-components';
import styled from 'styled-components';
import { partsOf } from '../../../core/card/parts/index.ts';
import { ofPart } from '../../../core/card/shown.ts';
import { assortmentOf } from '../../../core/plan/showing.ts';
import { useDraft } from '../../studioContext.tsx';
import { t } from '../../ui/theme.ts';
import type { OwnControlProps } from './ownControl.ts';
import { ShownAt } from '../ShownAt.tsx';
import { useSet } from '../useSetting.ts';

const Parts = styled(GridList)`
  outline: none;
  display: flex;
  flex-direction: column;
  .react-aria-DropIndicator[data-drop-target] {
    outline: 2px solid ${t.pine};
  }
`;

const PartRow = styled(GridListItem)`
  display: grid;
  grid-template-columns: 22px 1fr;
  align-items: center;
  gap: 4px;
  min-height: 34px;
  padding: 5px 0;
  border-top: 1px solid ${t.line};
  outline: none;
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
`;

/** Every part that the items can have: shown or not at each width, dragged into order. */
export function CardParts({ on, setting, shelf }: OwnControlProps) {
  const plan = useDraft((state) => state.plan);
  const set = useSet(on);
  const kinds = new Map(shelf ? partsOf(assortmentOf(plan, shelf).of).map((kind) => [kind.id, kind]) : []);
  const parts = shelf ? shelf.card.order.filter((id) => kinds.has(id)) : [];
  const move = (id: string, to: number) => {
    const rest = parts.filter((one) => one !== id);
    rest.splice(Math.max(0, Math.min(rest.length, to)), 0, id);
    set(setting.id, rest);
  };
  const { dragAndDropHooks } = useDragAndDrop({
    getItems: (keys) => [...keys].map((key) => ({ 'text/plain': String(key) })),
    onReorder: ({ keys, target }) => {
      const id = String([...keys][0]);
      const rest = parts.filter((one) => one !== id);
      move(id, rest.indexOf(String(target.key)) + (target.dropPosition === 'after' ? 1 : 0));
    },
  });
  if (!shelf) return null;
  return (
    <div
      data-setting={setting.id}
      onKeyDownCapture={(event) => {
        if (!event.altKey || (event.key !== 'ArrowUp' && event.key !== 'ArrowDown')) return;
        const id = (event.target as HTMLElement).closest('[data-key]')?.getAttribute('data-key');
        if (!id) return;
        event.preventDefault();
        event.stopPropagation();
        move(id, parts.indexOf(id) + (event.key === 'ArrowUp' ? -1 : 1));
      }}
    >
      <Parts
        aria-label="Parts of the card"
        dragAndDropHooks={dragAndDropHooks}
        dependencies={[shelf.card]}
        keyboardNavigationBehavior="tab"
      >
        {parts.map((id) => {
          const { name } = kinds.get(id)!;
          return (
            <PartRow key={id} id={id} textValue={name}>
              <Button slot="drag" className="grip" aria-label={`Move ${name}`}>
                <GripVertical size={14} />
              </Button>
              <div data-setting={`card.parts.${id}.shown`}>
                <ShownAt
                  name={name}
                  value={ofPart(shelf.card, id)!.shown}
                  onChange={(shown) => set(`card.parts.${id}.shown`, shown)}
                />
              </div>
            </PartRow>
          );
        })}
      </Parts>
    </div>
  );
}

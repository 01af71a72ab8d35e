import { GripVertical } from 'lucide-react';
import { Button, GridList, GridListItem, ToggleButton, useDragAndDrop } from 'react-aria-components';
import styled from 'styled-components';
import type { Of } from '../../../../core/assortment/assortment.ts';
import { everywhere, valueAt, type Varying } from '../../../../core/bands/varying.ts';
import type { Card } from '../../../../core/card/card.ts';
import { partsOf } from '../../../../core/card/parts/index.ts';
import { useDraft } from '../../../studioContext.tsx';
import { Switch } from '../../../ui/fields.tsx';
import { t } from '../../../ui/theme.ts';
import type { useSet } from './controls.tsx';

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
  grid-template-columns: 22px 1fr auto;
  align-items: center;
  gap: 4px;
  min-height: 34px;
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

const Widths = styled.span`
  display: inline-flex;
  gap: 2px;
  button {
    border: 1px solid ${t.line};
    background: #fff;
    border-radius: 4px;
    min-width: 22px;
    height: 22px;
    padding: 0 4px;
    font-size: 11px;
    color: ${t.ink2};
    cursor: pointer;
  }
  button[data-selected] {
    background: ${t.pineSoft};
    border-color: ${t.pine};
    color: ${t.pine};
    font-weight: 600;
  }
`;

/** On or off, and at which widths. */
export function Shown({
  id,
  name,
  shown,
  set,
}: {
  id: string;
  name: string;
  shown: Varying<boolean>;
  set: ReturnType<typeof useSet>;
}) {
  const bands = useDraft((state) => state.plan.house.bands);
  const at = new Map(bands.map((band) => [band.id, valueAt(shown, bands, band.id)]));
  const on = [...at.values()].includes(true);
  const setting = `card.shown.${id}`;
  const put = (next: ReadonlyMap<string, boolean>) => {
    const values: Record<string, boolean> = {};
    let before: boolean | undefined;
    for (const band of bands) {
      const value = next.get(band.id)!;
      if (value !== before) values[band.id] = value;
      before = value;
    }
    set(setting, values);
  };
  return (
    <>
      <span data-setting={setting}>
        <Switch on={on} onChange={(next) => set(setting, everywhere(bands, next))}>
          {name}
        </Switch>
      </span>
      {on && (
        <Widths role="group" aria-label={`${name} at these widths`}>
          {bands.map((band) => (
            <ToggleButton
              key={band.id}
              isSelected={at.get(band.id)!}
              onChange={(next) => put(new Map(at).set(band.id, next))}
              aria-label={`${name} on ${band.name}`}
            >
              {band.name.charAt(0)}
            </ToggleButton>
          ))}
        </Widths>
      )}
    </>
  );
}

/** Every part the items can have, dragged into order. */
export function PartList({ card, of, set }: { card: Card; of: Of; set: ReturnType<typeof useSet> }) {
  const off = everywhere(
    useDraft((state) => state.plan.house.bands),
    false,
  );
  const kinds = new Map(partsOf(of).map((kind) => [kind.id as string, kind]));
  const parts = [
    ...card.order.filter((id) => kinds.has(id)),
    ...[...kinds.keys()].filter((id) => !card.order.includes(id)),
  ];
  const move = (id: string, to: number) => {
    const rest = parts.filter((one) => one !== id);
    rest.splice(Math.max(0, Math.min(rest.length, to)), 0, id);
    set('card.order', rest);
  };
  const { dragAndDropHooks } = useDragAndDrop({
    getItems: (keys) => [...keys].map((key) => ({ 'text/plain': String(key) })),
    onReorder: ({ keys, target }) => {
      const id = String([...keys][0]);
      const rest = parts.filter((one) => one !== id);
      move(id, rest.indexOf(String(target.key)) + (target.dropPosition === 'after' ? 1 : 0));
    },
  });
  return (
    <div
      data-setting="card.order"
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
        dependencies={[card]}
        keyboardNavigationBehavior="tab"
      >
        {parts.map((id) => {
          const kind = kinds.get(id)!;
          return (
            <PartRow key={id} id={id} textValue={kind.name}>
              <Button slot="drag" className="grip" aria-label={`Move ${kind.name}`}>
                <GripVertical size={14} />
              </Button>
              <Shown id={id} name={kind.name} shown={card.shown[id] ?? off} set={set} />
            </PartRow>
          );
        })}
      </Parts>
    </div>
  );
}

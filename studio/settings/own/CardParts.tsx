import { GripVertical } from 'lucide-react';
import { useState } from 'react';
import { Button, GridList, GridListItem, useDragAndDrop } from 'react-aria-components';
import styled from 'styled-components';
import { partsOf } from '../../../core/card/parts/index.ts';
import { everShown, ofPart } from '../../../core/card/shown.ts';
import { assortmentOf } from '../../../core/plan/showing.ts';
import { sayPart } from '../../../core/spec/card.ts';
import { useDraft, useNames } from '../../studioContext.tsx';
import { Search } from '../../ui/Search.tsx';
import { t } from '../../ui/theme.ts';
import { WidthsOn } from '../ShownAt.tsx';
import { Hint } from '../Stack.tsx';
import { useSet } from '../useSetting.ts';
import type { OwnControlProps } from './ownControl.ts';
import { PartSettings } from './PartSettings.tsx';
import { usePartSamples } from './usePartSamples.ts';

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
  grid-template-columns: 22px minmax(0, 1fr) auto;
  align-items: center;
  gap: 4px 6px;
  min-height: 36px;
  padding: 4px 0;
  border-top: 1px solid ${t.line};
  outline: none;
  cursor: pointer;
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

const Column = styled.div`
  display: flex;
  flex-direction: column;
  gap: 10px;
`;

const partOf = (setting: string | null): string | null =>
  /^card\.parts\.([^.]+)\./.exec(setting ?? '')?.[1] ?? null;

/** The parts in use, in their order, each with its settings under the list; another is added by typing. */
export function CardParts({ on, setting, shelf, wanted }: OwnControlProps) {
  const plan = useDraft((state) => state.plan);
  const names = useNames();
  const set = useSet(on);
  const samples = usePartSamples(plan, shelf);
  const [open, setOpen] = useState({ id: partOf(wanted), wanted });
  // A setting that is gone to opens its part.
  if (open.wanted !== wanted) setOpen({ id: partOf(wanted) ?? open.id, wanted });
  if (!shelf) return null;
  const kinds = partsOf(assortmentOf(plan, shelf).of);
  const byId = new Map(kinds.map((kind) => [kind.id, kind]));
  const all = shelf.card.order.filter((id) => byId.has(id));
  // One that is gone to is there though it is shown at no width.
  const used = all.filter((id) => everShown(shelf.card, id) || id === open.id);
  const move = (id: string, next: string | undefined) => {
    const rest = all.filter((one) => one !== id);
    rest.splice(next === undefined ? rest.length : rest.indexOf(next), 0, id);
    set(setting.id, rest);
  };
  const openPart = (id: string | null) => setOpen({ id, wanted });
  const opened = open.id === null ? undefined : byId.get(open.id);
  return (
    <Column>
      <PartList
        used={used.map((id) => ({
          id,
          name: byId.get(id)!.name,
          facts: sayPart(shelf.card, byId.get(id)!, names),
          shown: ofPart(shelf.card, id)!.shown,
        }))}
        open={open.id}
        setting={setting.id}
        onOpen={(id) => openPart(id === open.id ? null : id)}
        onMove={move}
        onShown={(id, shown) => set(`card.parts.${id}.shown`, shown)}
      />
      {opened && (
        <PartSettings
          key={opened.id}
          part={opened}
          on={on}
          shelf={shelf}
          wanted={wanted}
          onRemove={() => {
            set(`card.parts.${opened.id}.shown`, { [names.bands[0]!.id]: false });
            openPart(null);
          }}
        />
      )}
      <Search
        label="Add a part"
        placeholder="Add a part: brand, item code, stock…"
        opensAtOnce
        find={(words) =>
          kinds
            .filter(({ id, name, find }) => {
              const typed = words.trim().toLowerCase();
              return (
                !everShown(shelf.card, id) && [name.toLowerCase(), ...find].some((one) => one.includes(typed))
              );
            })
            .map(({ id, name }) => ({ id, words: name, aside: samples?.get(id) ?? '' }))
        }
        onChoose={(id) => {
          set(`card.parts.${id}.shown`, { [names.bands[0]!.id]: true });
          openPart(id);
        }}
      />
      {samples === null && <Hint>Samples of parts are coming…</Hint>}
    </Column>
  );
}

interface Used {
  id: string;
  name: string;
  facts: string;
  shown: Parameters<typeof WidthsOn>[0]['value'];
}

interface PartListProps {
  used: readonly Used[];
  open: string | null;
  setting: string;
  onOpen(id: string): void;
  /** @param next the part that it is to stand before; undefined for the end */
  onMove(id: string, next: string | undefined): void;
  onShown(id: string, shown: Used['shown']): void;
}

function PartList({ used, open, setting, onOpen, onMove, onShown }: PartListProps) {
  const ids = used.map(({ id }) => id);
  const moveBy = (id: string, by: 1 | -1) => {
    const at = ids.indexOf(id);
    if (at + by >= 0 && at + by < ids.length) onMove(id, ids[by < 0 ? at - 1 : at + 2]);
  };
  const { dragAndDropHooks } = useDragAndDrop({
    getItems: (keys) => [...keys].map((key) => ({ 'text/plain': String(key) })),
    onReorder: ({ keys, target }) => {
      const id = String([...keys][0]);
      const to = String(target.key);
      const rest = ids.filter((one) => one !== id);
      onMove(id, target.dropPosition === 'after' ? rest[rest.indexOf(to) + 1] : to);
    },
  });
  return (
    <div
      data-setting={setting}
      onKeyDownCapture={(event) => {
        if (!event.altKey || (event.key !== 'ArrowUp' && event.key !== 'ArrowDown')) return;
        const id = (event.target as HTMLElement).closest('[data-key]')?.getAttribute('data-key');
        if (!id) return;
        event.preventDefault();
        event.stopPropagation();
        moveBy(id, event.key === 'ArrowUp' ? -1 : 1);
      }}
    >
      <Parts
        aria-label="Parts of the card"
        dragAndDropHooks={dragAndDropHooks}
        dependencies={[used, open]}
        keyboardNavigationBehavior="tab"
        onAction={(key) => onOpen(String(key))}
        renderEmptyState={() => <Hint>The card shows nothing yet.</Hint>}
      >
        {used.map(({ id, name, facts, shown }) => (
          <PartRow key={id} id={id} textValue={name} data-open={id === open || undefined}>
            <Button slot="drag" className="grip" aria-label={`Move ${name}`}>
              <GripVertical size={14} />
            </Button>
            <span>
              <span className="name">{name}</span>
              {facts && <span className="facts">{facts}</span>}
            </span>
            <span data-setting={`card.parts.${id}.shown`}>
              <WidthsOn short name={name} value={shown} onChange={(next) => onShown(id, next)} />
            </span>
          </PartRow>
        ))}
      </Parts>
    </div>
  );
}

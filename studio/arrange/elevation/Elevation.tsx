import { MoreVertical } from 'lucide-react';
import { memo, useEffect, useState } from 'react';
import {
  Button,
  DropIndicator,
  GridList,
  GridListItem,
  Menu,
  MenuTrigger,
  useDragAndDrop,
  type Key,
  type TextDropItem,
} from 'react-aria-components';
import styled from 'styled-components';
import { pageKind } from '../../../core/pages/index.ts';
import { canKeep, keepBay } from '../../../core/plan/library.ts';
import { bayName, shelvesOf } from '../../../core/plan/places.ts';
import { bayKind, type Bay } from '../../../core/bays/index.ts';
import { sayTime } from '../../../core/catalogue/clockTime.ts';
import { timesOf } from '../../../core/plan/bayTimes.ts';
import { useNow } from '../../useNow.ts';
import { counted } from '../../../core/sentence/sentence.ts';
import { shelvesDrawn } from '../../../core/view/shelvesIn.ts';
import type { BayView, ShelfView } from '../../../core/view/view.ts';
import { stepAt } from '../../../core/geometry/steps.ts';
import { useDraft, useStudio } from '../../studioContext.tsx';
import { MenuRow } from '../../ui/MenuRow.tsx';
import { PopoverBox } from '../../ui/Pick.tsx';
import { t } from '../../ui/theme.ts';
import { useArranging, useSeen, useView } from '../arrangeContext.tsx';
import { PagesButton } from '../pages/PagesButton.tsx';
import { AddBay } from './AddBay.tsx';
import { BayDrawing } from './BayDrawing.tsx';
import { drawnAt } from './drawnAt.ts';
import { EdgeDrawing } from './EdgeDrawing.tsx';
import { BAY_TYPE } from '../library/bayType.ts';
import { useAddBay } from '../library/useAddBay.ts';
import { newIds } from './newId.ts';

const Strip = styled.aside`
  grid-area: elevation;
  background: ${t.paper};
  border-inline-end: 1px solid ${t.line};
  display: flex;
  flex-direction: column;
  gap: 10px;
  padding: 12px 0 12px;
  overflow: hidden auto;
  > .pick {
    padding: 0 10px;
  }
  .told {
    padding: 0 14px;
    font-size: 12px;
    color: ${t.pine};
  }
  .told:empty {
    display: none;
  }
`;

const Bays = styled(GridList)`
  display: flex;
  flex-direction: column;
  outline: none;
  .react-aria-DropIndicator[data-drop-target] {
    border: 2px solid ${t.tapeEdge};
    background: ${t.tape};
    border-radius: 5px;
    margin: 3px 10px;
    padding: 7px 8px;
    font-size: 12px;
    font-weight: 600;
    line-height: 1.3;
    overflow-wrap: anywhere;
  }
`;

const BayItem = styled(GridListItem)`
  position: relative;
  padding: 4px 10px 5px 14px;
  outline: none;
  cursor: pointer;
  &[data-selected]::before {
    content: '';
    position: absolute;
    inset-inline-start: 0;
    top: 0;
    bottom: 0;
    width: 5px;
    background: ${t.tape};
  }
  &[data-selected] .drawing {
    outline: 2px solid ${t.pine};
    outline-offset: 2px;
    border-radius: 4px;
  }
  &[data-focus-visible] .drawing {
    outline: 2px solid ${t.ink};
    outline-offset: 2px;
    border-radius: 4px;
  }
  .drawing {
    width: 122px;
  }
  .name {
    display: flex;
    justify-content: space-between;
    gap: 6px;
    font-size: 12px;
    line-height: 1.3;
    margin-top: 4px;
    color: ${t.ink2};
  }
  .name span:first-child {
    display: -webkit-box;
    -webkit-box-orient: vertical;
    -webkit-line-clamp: 2;
    overflow: hidden;
    overflow-wrap: anywhere;
  }
  .name span + span {
    flex: none;
    max-width: 60%;
    text-align: end;
  }
  .more {
    position: absolute;
    top: 6px;
    inset-inline-end: 12px;
    border: 1px solid ${t.line};
    background: ${t.paper};
    border-radius: 5px;
    padding: 2px;
    display: grid;
    opacity: 0;
    cursor: pointer;
  }
  .drag {
    position: absolute;
    opacity: 0;
    width: 1px;
    height: 1px;
    overflow: hidden;
    border: 0;
    padding: 0;
  }
  .drag[data-focus-visible] {
    opacity: 1;
    width: auto;
    height: auto;
    top: 6px;
    inset-inline-start: 16px;
    padding: 1px 6px;
    background: ${t.paper};
    border: 1px solid ${t.edge};
    border-radius: 5px;
  }
  &:hover .more,
  &[data-selected] .more,
  .more[data-focus-visible],
  .more[aria-expanded='true'] {
    opacity: 1;
  }
`;

const PageButton = styled(Button)`
  border: 0;
  background: none;
  text-align: start;
  padding: 2px 14px;
  color: ${t.pine};
  text-decoration: underline;
  text-underline-offset: 3px;
  cursor: pointer;
  &[data-chosen] {
    font-weight: 600;
  }
`;

/** The page from the side: its bays small and to scale, in their order. */
export function Elevation() {
  const { draft } = useStudio();
  const { page, seen, bay: chosen, choose, goTo, add } = useArranging();
  // As one text, so that nothing is drawn anew while the names stay as they are.
  const names = JSON.parse(
    useDraft(({ plan }) => JSON.stringify(page.bays.map((bay) => bayName(bay, plan)))),
  ) as string[];

  const move = (id: string, by: number) => {
    const at = page.bays.findIndex((one) => one.id === id);
    const to = at + by;
    if (to >= 0 && to < page.bays.length) draft.run({ do: 'moveBay', page: page.id, bay: id, to });
  };
  const remove = (id: string) => {
    const at = page.bays.findIndex((one) => one.id === id);
    draft.run({ do: 'removeBay', page: page.id, bay: id });
    choose(page.bays[at + 1]?.id ?? page.bays[at - 1]?.id ?? null);
  };
  const duplicate = (id: string) => {
    const bay = page.bays.find((one) => one.id === id)!;
    const ids = newIds([id, ...shelvesOf(bay)], draft.getState().plan);
    draft.run({ do: 'duplicateBay', page: page.id, bay: id, ids });
    choose(ids[id]!);
  };
  const [told, tell] = useState('');
  useEffect(() => {
    const timer = setTimeout(() => tell(''), TOLD_MS);
    return () => clearTimeout(timer);
  }, [told]);
  const keep = (one: Bay) => {
    const { draft: stored, plan } = draft.getState();
    const name = bayName(one, plan);
    if (!canKeep(stored)) return tell('The library is full. Remove a saved bay first.');
    draft.run(keepBay(stored, page.id, one.id, newIds([one.id, ...shelvesOf(one)], plan)));
    tell(`"${name}" is saved to the library.`);
  };
  const hide = (one: Bay) =>
    draft.run({ do: 'set', on: { page: page.id, bay: one.id }, setting: 'hidden', value: !one.hidden });
  const addBay = useAddBay();
  const insert = async (item: TextDropItem, at: number) => {
    const [id, { libraryBays, madeFrom }] = await Promise.all([
      item.getText(BAY_TYPE),
      import('../library/libraryBays.ts'),
    ]);
    const { draft: stored, plan } = draft.getState();
    const one = libraryBays(stored, plan.house.bands, page).find((other) => other.id === id);
    if (!one) return;
    addBay(madeFrom(one, plan), at);
    add(false);
  };
  const placeOf = (key: Key, dropPosition: string) =>
    page.bays.findIndex(({ id }) => id === key) + (dropPosition === 'after' ? 1 : 0);
  const { dragAndDropHooks } = useDragAndDrop({
    acceptedDragTypes: [BAY_TYPE],
    getDropOperation: (_, types) => (types.has(BAY_TYPE) ? 'copy' : 'move'),
    onInsert: ({ items: [item], target }) =>
      item?.kind === 'text' && void insert(item, placeOf(target.key, target.dropPosition)),
    onRootDrop: ({ items: [item] }) => item?.kind === 'text' && void insert(item, page.bays.length),
    renderDropIndicator: (target) => (
      <DropIndicator target={target}>
        {({ isDropTarget }) =>
          isDropTarget && target.type === 'item' && gapWords(names, placeOf(target.key, target.dropPosition))
        }
      </DropIndicator>
    ),
    getItems: (keys) => [...keys].map((key) => ({ 'text/plain': String(key) })),
    onReorder: ({ keys, target }) => {
      const [id] = keys;
      const rest = page.bays.filter((one) => one.id !== id);
      const at = rest.findIndex((one) => one.id === target.key);
      draft.run({
        do: 'moveBay',
        page: page.id,
        bay: String(id),
        to: at + (target.dropPosition === 'after' ? 1 : 0),
      });
    },
  });

  const act = (one: Bay, key: string) => {
    if (key === 'up' || key === 'down') move(one.id, key === 'up' ? -1 : 1);
    else if (key === 'duplicate') duplicate(one.id);
    else if (key === 'hide') hide(one);
    else if (key === 'keep') keep(one);
    else remove(one.id);
  };

  return (
    <Strip aria-label="Elevation">
      <div className="pick">
        <PagesButton />
      </div>
      {page !== seen && <PageButton onPress={() => goTo(seen.id)}>Back to {seen.name}</PageButton>}
      <PageButton data-chosen={chosen === null || undefined} onPress={() => choose(null)}>
        {page === seen ? 'Page settings' : `${page.name} settings`}
      </PageButton>
      {page === seen ? <DrawnEdge edge="head" /> : <DrawnEdge edge={pageKind(page.kind).edge!} />}
      <div
        onKeyDownCapture={(event) => {
          const id = (event.target as HTMLElement).closest('[data-key]')?.getAttribute('data-key');
          const one = page.bays.find((bay) => bay.id === id);
          if (!one) return;
          const { key, altKey, ctrlKey, metaKey } = event;
          if (altKey && (key === 'ArrowUp' || key === 'ArrowDown')) move(one.id, key === 'ArrowUp' ? -1 : 1);
          else if (ctrlKey || metaKey || altKey) return;
          else if (key === 'd') duplicate(one.id);
          else if (key === 'h') hide(one);
          else if (key === 'Delete' || key === 'Backspace') remove(one.id);
          else return;
          event.preventDefault();
          event.stopPropagation();
        }}
      >
        <Bays
          aria-label={`Bays of ${page.name}`}
          selectionMode="single"
          selectionBehavior="replace"
          disallowEmptySelection
          selectedKeys={chosen ? [chosen.id] : []}
          onSelectionChange={(keys) => keys !== 'all' && keys.size && choose(String([...keys][0]))}
          dragAndDropHooks={dragAndDropHooks}
          renderEmptyState={() => (
            <p style={{ padding: '0 14px', color: t.ink2 }}>No bays yet. Add the first.</p>
          )}
        >
          {page.bays.map((one, i) => (
            <ElevationBay
              key={one.id}
              bay={one}
              chosen={chosen?.id === one.id}
              name={names[i]!}
              onAct={act}
            />
          ))}
        </Bays>
      </div>
      <p role="status" className="told">
        {told}
      </p>
      <AddBay />
      {page === seen && <DrawnEdge edge="foot" />}
    </Strip>
  );
}

/** How long what was done is told of, ms. */
const TOLD_MS = 8000;

/** Which gap of the outline it is. */
function gapWords(names: readonly string[], at: number): string {
  const [above, below] = [names[at - 1], names[at]];
  if (above && below) return `Between ${above} and ${below}`;
  if (below) return `Above ${below}`;
  return above ? `Below ${above}` : 'The first bay';
}

/** The header or the footer, where it stands around the page. */
function DrawnEdge({ edge }: { edge: 'head' | 'foot' }) {
  const { goTo, bay } = useArranging();
  const view = useSeen();
  const drawn = view[edge];
  const name = useDraft(({ plan }) => drawn && plan.pages[drawn.pageId]?.name);
  if (!drawn || !name) return null;
  return (
    <EdgeDrawing
      edge={drawn}
      view={view}
      regionPx={drawnAt(view.bands)}
      name={name}
      chosen={bay?.id ?? null}
      onPress={() => goTo(drawn.pageId)}
    />
  );
}

/** When it is shown, or how many it shows; nothing while that is still to come. */
function asideOf(
  bay: Bay,
  tabs: number,
  drawn: BayView | undefined,
  shelf: ShelfView | null,
  regionPx: number,
  timeZone: string,
  now: number,
): string {
  if (bay.hidden) return 'hidden';
  const { from, until } = timesOf(bay, timeZone);
  if (from >= until) return 'never';
  if (now >= until) return 'over';
  if (now < from) return `from ${sayTime(bay.from!).replace(/ \d{4},.*/, '')}`;
  if (bay.bands) return 'some widths';
  if (tabs > 0 && drawn && !drawn.empty) return counted(tabs, 'tab');
  if (!drawn || !shelf || shelf.coming) return '';
  if (drawn.empty) return drawn.goesAway ? 'when filled' : 'empty';
  const { shows } = stepAt(shelf.steps, regionPx);
  return String(shows.end - shows.start);
}

/** A bay small and to scale, with its name and what there is to say beside it. */
function DrawnBay({ bay, chosen, name }: { bay: Bay; chosen: boolean; name: string }) {
  const view = useView();
  const regionPx = drawnAt(view.bands);
  const drawn = view.bays.find((one) => one.id === bay.id);
  const shelf = (drawn && shelvesDrawn(drawn)[0]) ?? null;
  const timeZone = useDraft(({ plan }) => plan.house.timeZone);
  const tabs = bayKind(bay.holds).tabs?.(bay as never) ?? [];
  const now = useNow();
  const aside = asideOf(bay, tabs.length, drawn, shelf, regionPx, timeZone, now);
  return (
    <>
      <div className="drawing">
        <BayDrawing
          bay={drawn}
          bands={view.bands}
          regionPx={regionPx}
          direction={view.direction}
          chosen={chosen}
          hidden={bay.hidden}
          tabs={tabs.length}
          open={tabs.findIndex(({ shelfId }) => shelfId === shelf?.id)}
          conditional={
            bay.bands !== null || bay.from !== null || bay.until !== null || drawn?.goesAway === true
          }
        />
      </div>
      <div className="name">
        <span>{name}</span>
        <span>{aside}</span>
      </div>
    </>
  );
}

interface ElevationBayProps {
  bay: Bay;
  chosen: boolean;
  name: string;
  onAct(bay: Bay, key: string): void;
}

const ElevationBay = memo(function ElevationBay({ bay, chosen, name, onAct }: ElevationBayProps) {
  return (
    <BayItem id={bay.id} textValue={name}>
      <Button slot="drag" className="drag">
        Move
      </Button>
      <DrawnBay bay={bay} chosen={chosen} name={name} />
      <MenuTrigger>
        <Button className="more" aria-label={`More for ${name}`}>
          <MoreVertical size={14} />
        </Button>
        <PopoverBox>
          <Menu onAction={(key) => onAct(bay, String(key))}>
            <MenuRow id="up">Move up</MenuRow>
            <MenuRow id="down">Move down</MenuRow>
            <MenuRow id="duplicate">Duplicate</MenuRow>
            {bayKind(bay.holds).addable && <MenuRow id="keep">Save to the library</MenuRow>}
            <MenuRow id="hide">{bay.hidden ? 'Show' : 'Hide'}</MenuRow>
            <MenuRow id="remove">Remove</MenuRow>
          </Menu>
        </PopoverBox>
      </MenuTrigger>
    </BayItem>
  );
});

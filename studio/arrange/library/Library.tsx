import { X } from 'lucide-react';
import { useMemo, useState } from 'react';
import {
  Button as AriaButton,
  GridList,
  GridListHeader,
  GridListItem,
  GridListSection,
  Input,
  MenuTrigger,
  SearchField,
  ToggleButton,
  ToggleButtonGroup,
  useDragAndDrop,
} from 'react-aria-components';
import styled from 'styled-components';
import { apply } from '../../../core/plan/commands.ts';
import { MOST_BAYS } from '../../../core/plan/page.ts';
import { libraryOf } from '../../../core/plan/library.ts';
import { bayName } from '../../../core/plan/places.ts';
import { completePlan, type StoredPlan } from '../../../core/plan/storedPlan.ts';
import { lowered } from '../../../core/sentence/sentence.ts';
import { isPublic } from '../../../core/pages/index.ts';
import { useDraft } from '../../studioContext.tsx';
import { Button } from '../../ui/Button.tsx';
import { PopoverBox } from '../../ui/Pick.tsx';
import { t } from '../../ui/theme.ts';
import { useArranging } from '../arrangeContext.tsx';
import { gapWords } from '../elevation/gapWords.ts';
import { useSize } from '../wall/useSize.ts';
import { AddBayMenu } from '../elevation/AddBayMenu.tsx';
import {
  findBays,
  LIBRARY_GROUPS,
  libraryBays,
  madeFrom,
  type LibraryBay,
  type LibraryGroup,
} from './libraryBays.ts';
import { BAY_TYPE } from './bayType.ts';
import { SmallBay } from './SmallBay.tsx';
import { useAddBay } from './useAddBay.ts';

const Ground = styled.section`
  grid-area: 1 / 2 / -1 / -1;
  z-index: 30;
  min-width: 0;
  min-height: 0;
  background: ${t.paper};
  display: grid;
  grid-template: auto minmax(0, 1fr) auto / 208px minmax(0, 1fr);
  @container studio (max-width: 900px) {
    grid-template-columns: 150px minmax(0, 1fr);
  }
  > header,
  > footer {
    grid-column: 1 / -1;
    display: flex;
    align-items: center;
    flex-wrap: wrap;
    gap: 8px 20px;
    padding: 10px 20px;
    border-bottom: 1px solid ${t.line};
  }
  > footer {
    border: 0;
    border-top: 1px solid ${t.line};
    color: ${t.ink2};
    font-size: 12.5px;
    padding-block: 8px;
  }
  h2 {
    white-space: nowrap;
    font: 600 18px/1.25 ${t.names};
  }
  > header {
    flex-wrap: nowrap;
  }
  header p {
    flex: 1 1 220px;
    min-width: 0;
    text-align: end;
    color: ${t.ink2};
  }
  .find {
    flex: 0 1 438px;
    min-width: 120px;
  }
  .find input {
    width: 100%;
    border: 1px solid ${t.edge};
    border-radius: ${t.corner};
    background: #fff;
    min-height: 34px;
    padding: 4px 11px;
  }
  .close {
    flex: none;
    border: 0;
    background: none;
    padding: 5px;
    display: grid;
    cursor: pointer;
    border-radius: 5px;
  }
  kbd {
    font: 500 12px/1 ${t.text};
    border: 1px solid ${t.edge};
    border-radius: 5px;
    padding: 2px 6px;
    background: #fff;
    color: ${t.ink};
    margin-inline-end: 3px;
  }
`;

const Groups = styled.div`
  border-inline-end: 1px solid ${t.line};
  padding: 10px;
  display: flex;
  flex-direction: column;
  justify-content: space-between;
  gap: 12px;
  overflow: auto;
  .react-aria-ToggleButtonGroup {
    display: flex;
    flex-direction: column;
    gap: 2px;
  }
  .react-aria-ToggleButton {
    border: 0;
    background: none;
    border-radius: ${t.corner};
    padding: 5px 8px;
    display: flex;
    justify-content: space-between;
    gap: 8px;
    text-align: start;
    color: ${t.ink};
    cursor: pointer;
  }
  .react-aria-ToggleButton[data-selected] {
    background: ${t.pineSoft};
    color: ${t.pine};
    font-weight: 600;
  }
  .react-aria-ToggleButton span + span {
    color: ${t.ink2};
  }
`;

const Tiles = styled(GridList)`
  overflow: auto;
  padding: 4px 12px 20px;
  outline: none;
  .react-aria-GridListSection {
    display: grid;
    grid-template-columns: repeat(auto-fill, 212px);
    gap: 2px 12px;
  }
  .react-aria-GridListHeader {
    grid-column: 1 / -1;
    font: 600 14.5px/1.3 ${t.names};
    padding: 10px 6px 2px;
    display: flex;
    gap: 10px;
    align-items: baseline;
  }
  .all {
    border: 0;
    background: none;
    padding: 0;
    font: 600 13px/1.3 ${t.text};
    color: ${t.pine};
    text-decoration: underline;
    text-underline-offset: 3px;
    cursor: pointer;
  }
  .react-aria-GridListItem {
    position: relative;
    padding: 6px 6px 8px;
    border-radius: ${t.corner};
    cursor: pointer;
    outline: none;
    border: 1px solid transparent;
  }
  .react-aria-GridListItem[data-hovered] {
    border-color: ${t.line};
    background: #fff;
  }
  .react-aria-GridListItem[data-focus-visible] {
    border-color: ${t.pine};
    box-shadow: inset 0 0 0 1px ${t.pine};
  }
  .react-aria-GridListItem[data-dragging] {
    opacity: 0.45;
    border: 1px dashed ${t.ink2};
  }
  b {
    display: block;
    font-weight: 600;
    margin-top: 5px;
    overflow-wrap: anywhere;
  }
  small {
    display: block;
    color: ${t.ink2};
    font-size: 12.5px;
    overflow-wrap: anywhere;
  }
  .drag {
    position: absolute;
    opacity: 0;
    top: 10px;
    inset-inline-start: 10px;
    border: 1px solid ${t.edge};
    background: ${t.paper};
    border-radius: 5px;
    padding: 2px 8px;
    pointer-events: none;
  }
  .drag[data-focus-visible] {
    opacity: 1;
    outline: 2px solid ${t.pine};
  }
`;

const Dragged = styled.div`
  background: #fff;
  border: 1px solid ${t.pine};
  border-radius: ${t.corner};
  box-shadow: 0 4px 14px rgb(22 35 43 / 0.2);
  padding: 8px 12px;
  font-weight: 600;
`;

/** So many of a group at least are shown beside the others; a row of them, each so wide with its gap, px. */
const ROW = 4;
const TILE_PX = 224;

/** What the bays of the library show, with all else of the plan. */
function useExamples(bays: readonly LibraryBay[], stored: StoredPlan, pageId: string) {
  return useMemo(() => {
    const page = stored.pages[pageId]!;
    const alone: StoredPlan = { ...stored, pages: { [pageId]: { ...page, bays: [] } } };
    const plan = completePlan(
      bays.reduce(
        (at, { bay, shelves }) => apply(at, { do: 'addBay', page: pageId, at: 0, bay, shelves }),
        alone,
      ),
    );
    const example = plan.pages[pageId]!;
    return { plan, page: example, byId: new Map(example.bays.map((bay) => [bay.id, bay])) };
  }, [bays, stored, pageId]);
}

/** Every bay that can be put into the page, drawn small with what the store has: found, dragged into the outline, or added. */
export function Library() {
  const { page, adding, add: addAt } = useArranging();
  const at = adding ?? page.bays.length;
  const stored = useDraft((state) => state.draft);
  const plan = useDraft((state) => state.plan);
  const { bands } = plan.house;
  const bays = useMemo(() => libraryBays(stored, bands, page), [stored, bands, page]);
  const examples = useExamples(bays, stored, page.id);
  const [typed, setTyped] = useState('');
  const [group, setGroup] = useState<LibraryGroup | null>(null);
  const add = useAddBay();
  const [measure, { width }] = useSize();
  const row = Math.max(ROW, Math.floor(width / TILE_PX));
  const full = page.bays.length >= MOST_BAYS;
  const matching = findBays(typed, bays);
  const groups = (Object.keys(LIBRARY_GROUPS) as LibraryGroup[])
    .map((id) => ({ id, all: matching.filter((one) => one.group === id) }))
    .filter(({ all }) => all.length > 0);
  const shown = groups
    .filter(({ id }) => group === null || id === group)
    .map((one) => ({ ...one, few: group === null && typed.trim() === '' ? one.all.slice(0, row) : one.all }));
  const close = () => addAt(null);
  const names = page.bays.map((bay) => bayName(bay, plan));
  const { dragAndDropHooks } = useDragAndDrop({
    getItems: (keys) =>
      [...keys].map((key) => ({
        [BAY_TYPE]: String(key),
        'text/plain': bays.find(({ id }) => id === key)?.name ?? '',
      })),
    getAllowedDropOperations: () => ['copy'],
    renderDragPreview: (items) => <Dragged>{items[0]?.['text/plain']}</Dragged>,
    isDisabled: full,
  });
  return (
    <Ground
      aria-label="Library of bays"
      onKeyDown={(event) => {
        if (event.key !== 'Escape' || event.defaultPrevented) return;
        close();
      }}
    >
      <header>
        <h2>Add a bay</h2>
        <SearchField className="find" aria-label="Find a bay" value={typed} onChange={setTyped} autoFocus>
          <Input placeholder="Find a bay: categories, reduced, journal" />
        </SearchField>
        <p>
          {full
            ? `This page has ${MOST_BAYS} bays, as many as a page can have. Remove one first.`
            : `Drag into the outline, or press to add ${lowered(gapWords(names, at))}`}
        </p>
        <AriaButton className="close" aria-label="Close the library" onPress={close}>
          <X size={18} />
        </AriaButton>
      </header>
      <Groups>
        <ToggleButtonGroup
          aria-label="Sorts of bay"
          selectionMode="single"
          disallowEmptySelection
          orientation="vertical"
          selectedKeys={[group ?? 'all']}
          onSelectionChange={([key]) => setGroup(key === 'all' ? null : (key as LibraryGroup))}
        >
          <ToggleButton id="all">
            <span>All bays</span>
            <span>{matching.length}</span>
          </ToggleButton>
          {(Object.keys(LIBRARY_GROUPS) as LibraryGroup[]).map((id) => (
            <ToggleButton key={id} id={id}>
              <span>{LIBRARY_GROUPS[id]}</span>
              <span>{matching.filter((one) => one.group === id).length}</span>
            </ToggleButton>
          ))}
        </ToggleButtonGroup>
        <MenuTrigger>
          <Button isDisabled={full} style={{ whiteSpace: 'normal' }}>
            Start with an empty bay
          </Button>
          <PopoverBox>
            <AddBayMenu at={at} />
          </PopoverBox>
        </MenuTrigger>
      </Groups>
      <Tiles
        ref={measure}
        aria-label="Bays of the library"
        layout="grid"
        keyboardNavigationBehavior="tab"
        dragAndDropHooks={dragAndDropHooks}
        onAction={(key) => {
          const one = bays.find(({ id }) => id === key);
          if (!one || full) return;
          add(madeFrom(one, plan), at);
        }}
        renderEmptyState={() => (
          <p style={{ padding: 14, color: t.ink2 }}>{noneWords(typed, group, stored)}</p>
        )}
      >
        {shown.map(({ id, all, few }) => (
          <GridListSection key={id} id={`group ${id}`} aria-label={LIBRARY_GROUPS[id]}>
            <GridListHeader>
              {LIBRARY_GROUPS[id]}
              {few.length < all.length && (
                <AriaButton className="all" onPress={() => setGroup(id)}>
                  All {all.length}
                </AriaButton>
              )}
            </GridListHeader>
            {few.map((one) => (
              <GridListItem key={one.id} id={one.id} textValue={`${one.name}, ${one.about}`}>
                <AriaButton slot="drag" className="drag">
                  Place in the outline
                </AriaButton>
                <SmallBay
                  bay={examples.byId.get(one.id)!}
                  page={examples.page}
                  plan={examples.plan}
                  name={one.name}
                />
                <b>{one.name}</b>
                <small>{one.about}</small>
              </GridListItem>
            ))}
          </GridListSection>
        ))}
      </Tiles>
      <footer>
        <span>
          <kbd>←</kbd>
          <kbd>→</kbd>
          <kbd>↑</kbd>
          <kbd>↓</kbd> choose a bay
        </span>
        <span>
          <kbd>Enter</kbd> add it
        </span>
        <span>
          <kbd>Tab</kbd>
          <kbd>Enter</kbd> pick it up
        </span>
        <span>
          <kbd>↑</kbd>
          <kbd>↓</kbd> move it in the outline
        </span>
        <span>
          <kbd>Enter</kbd> place it
        </span>
        <span>
          <kbd>Esc</kbd> cancel
        </span>
      </footer>
    </Ground>
  );
}

/** Why there is nothing to choose from. */
function noneWords(typed: string, group: LibraryGroup | null, stored: StoredPlan): string {
  if (typed.trim()) return `No bay has "${typed.trim()}" in its name or in what it is for.`;
  if (group === 'saved' && !libraryOf(stored)?.bays.length)
    return 'Nothing is saved yet. "Save to the library" in the menu of a bay keeps it here for any page.';
  return group === 'pages' && !Object.values(stored.pages).some((one) => isPublic(one) && one.bays.length > 0)
    ? 'No other page has a bay yet.'
    : 'There is none of these yet.';
}

import { X } from 'lucide-react';
import { useMemo, useState } from 'react';
import { Button as AriaButton, MenuTrigger, ToggleButton, ToggleButtonGroup } from 'react-aria-components';
import styled from 'styled-components';
import { MOST_BAYS } from '../../../core/plan/page.ts';
import { bayName } from '../../../core/plan/places.ts';
import { lowered } from '../../../core/sentence/sentence.ts';
import { useDraft } from '../../studioContext.tsx';
import { Button } from '../../ui/Button.tsx';
import { FindField } from '../../ui/FindField.tsx';
import { PopoverBox } from '../../ui/Pick.tsx';
import { t } from '../../ui/theme.ts';
import { useArranging } from '../arrangeContext.tsx';
import { AddBayMenu } from '../elevation/AddBayMenu.tsx';
import { gapWords } from '../elevation/gapWords.ts';
import { useSize } from '../../ui/useSize.ts';
import { findBays, LIBRARY_GROUPS, libraryBays, type LibraryGroup } from './libraryBays.ts';
import { LibraryTiles } from './LibraryTiles.tsx';

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

/** So many of a group at least are shown beside the others; a row of them, each so wide with its gap, px. */
const ROW = 4;
const TILE_PX = 224;

/** Every bay that can be put into the page, drawn small with what the store has: found, dragged into the outline, or added. */
export function Library() {
  const { page, adding, add: addAt } = useArranging();
  const at = adding ?? page.bays.length;
  const stored = useDraft((state) => state.draft);
  const plan = useDraft((state) => state.plan);
  const { bands } = plan.house;
  const bays = useMemo(() => libraryBays(stored, bands, page), [stored, bands, page]);
  const [typed, setTyped] = useState('');
  const [group, setGroup] = useState<LibraryGroup | null>(null);
  const [measure, { width }] = useSize();
  const row = Math.max(ROW, Math.floor(width / TILE_PX));
  const full = page.bays.length >= MOST_BAYS;
  const matching = findBays(typed, bays);
  const groups = (Object.keys(LIBRARY_GROUPS) as LibraryGroup[]).map((id) => ({
    id,
    all: matching.filter((one) => one.group === id),
  }));
  const shown = groups
    .filter(({ id, all }) => all.length > 0 && (group === null || id === group))
    .map((one) => ({ ...one, few: group === null && typed.trim() === '' ? one.all.slice(0, row) : one.all }));
  const close = () => addAt(null);
  const names = page.bays.map((bay) => bayName(bay, plan));
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
        <FindField
          label="Find a bay"
          placeholder="Find a bay: categories, reduced, journal"
          value={typed}
          onChange={setTyped}
          autoFocus
        />
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
          {groups.map(({ id, all }) => (
            <ToggleButton key={id} id={id}>
              <span>{LIBRARY_GROUPS[id]}</span>
              <span>{all.length}</span>
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
      <LibraryTiles
        bays={bays}
        groups={shown}
        none={noneWords(typed, group)}
        full={full}
        at={at}
        onAll={setGroup}
        measure={measure}
      />
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
function noneWords(typed: string, group: LibraryGroup | null): string {
  if (typed.trim()) return `No bay has "${typed.trim()}" in its name or in what it is for.`;
  if (group === 'saved')
    return 'Nothing is saved yet. "Save to the library" in the menu of a bay keeps it here for any page.';
  return group === 'pages' ? 'No other page has a bay that can stand here.' : 'There is none of these yet.';
}

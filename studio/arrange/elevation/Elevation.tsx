import { lazy, Suspense, useEffect, useState } from 'react';
import {
  Button,
  DropIndicator,
  GridList,
  useDragAndDrop,
  type Key,
  type TextDropItem,
} from 'react-aria-components';
import styled from 'styled-components';
import { withWhatGoesAlong } from '../../../core/change/goesAlong.ts';
import { isEdge, pageKind } from '../../../core/pages/index.ts';
import { canKeep, keepBay } from '../../../core/plan/library.ts';
import { bayName, shelvesOf } from '../../../core/plan/places.ts';
import type { Bay } from '../../../core/bays/index.ts';
import type { Page } from '../../../core/plan/page.ts';
import type { Draft } from '../../draft/draftStore.ts';
import { useDraft, useStudio } from '../../studioContext.tsx';
import { t } from '../../ui/theme.ts';
import { useArranging, useSeen } from '../arrangeContext.tsx';
import { PagesButton } from '../pages/PagesButton.tsx';
import { AddBay } from './AddBay.tsx';
import { drawnAt } from './drawnAt.ts';
import { EdgeDrawing } from './EdgeDrawing.tsx';
import { BAY_TYPE } from '../library/bayType.ts';
import { useAddBay } from '../library/useAddBay.ts';
import { OutlineBay } from './OutlineBay.tsx';
import { gapWords } from './gapWords.ts';
import { newIds } from './newId.ts';

const Planning = lazy(() =>
  import('../planning/Planning.tsx').then((module) => ({ default: module.Planning })),
);

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
  const toggle = (one: Bay, setting: 'hidden' | 'aside') =>
    draft.run(
      withWhatGoesAlong(draft.getState().draft, {
        do: 'set',
        on: { page: page.id, bay: one.id },
        setting,
        value: !one[setting],
      }),
    );
  const addBay = useAddBay();
  const insert = async (item: TextDropItem, at: number) => {
    const made = await bayMade(item, draft, page);
    if (made) addBay(made, at);
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

  const acts: Readonly<Record<string, (one: Bay) => void>> = {
    up: ({ id }) => move(id, -1),
    down: ({ id }) => move(id, 1),
    add: (one) => add(page.bays.indexOf(one) + 1),
    duplicate: ({ id }) => duplicate(id),
    hide: (one) => toggle(one, 'hidden'),
    aside: (one) => toggle(one, 'aside'),
    keep,
    remove: ({ id }) => remove(id),
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
      {page === seen && pageKind(page.kind).front && (
        <Suspense fallback={null}>
          <Planning />
        </Suspense>
      )}
      {page === seen ? <DrawnEdge edge="head" /> : <DrawnEdge edge={pageKind(page.kind).edge!} />}
      <div
        onKeyDownCapture={(event) => {
          const id = (event.target as HTMLElement).closest('[data-key]')?.getAttribute('data-key');
          const one = page.bays.find((bay) => bay.id === id);
          if (!one) return;
          const { key, altKey, ctrlKey, metaKey } = event;
          const what = (altKey ? KEYS_WITH_ALT : KEYS)[key];
          if (ctrlKey || metaKey || what === undefined || (what === 'add' && isEdge(page))) return;
          acts[what]!(one);
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
            <OutlineBay
              key={one.id}
              bay={one}
              at={i}
              add={isEdge(page) ? null : add}
              chosen={chosen?.id === one.id}
              name={names[i]!}
              onAct={(bay, what) => acts[what]!(bay)}
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

/** What comes of a bay of the library that is dropped on a page; nothing where the library has it no more. */
async function bayMade(item: TextDropItem, draft: Draft, page: Page) {
  const [id, { libraryBays, madeFrom }] = await Promise.all([
    item.getText(BAY_TYPE),
    import('../library/libraryBays.ts'),
  ]);
  const { draft: stored, plan } = draft.getState();
  const one = libraryBays(stored, plan.house.bands, page).find((other) => other.id === id);
  return one && madeFrom(one, plan);
}

/** What keys do with a bay. */
const KEYS: Readonly<Record<string, string>> = {
  a: 'add',
  d: 'duplicate',
  h: 'hide',
  Delete: 'remove',
  Backspace: 'remove',
};
const KEYS_WITH_ALT: Readonly<Record<string, string>> = { ArrowUp: 'up', ArrowDown: 'down' };

/** How long what was done is told of, ms. */
const TOLD_MS = 8000;

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

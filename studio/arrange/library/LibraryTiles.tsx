import { useMemo } from 'react';
import {
  Button,
  GridList,
  GridListHeader,
  GridListItem,
  GridListSection,
  useDragAndDrop,
} from 'react-aria-components';
import styled from 'styled-components';
import { apply } from '../../../core/plan/commands.ts';
import { completePlan, type StoredPlan } from '../../../core/plan/storedPlan.ts';
import { useDraft } from '../../studioContext.tsx';
import { t } from '../../ui/theme.ts';
import { useArranging } from '../arrangeContext.tsx';
import { BAY_TYPE } from './bayType.ts';
import { LIBRARY_GROUPS, madeFrom, type LibraryBay, type LibraryGroup } from './libraryBays.ts';
import { SmallBay } from './SmallBay.tsx';
import { useAddBay } from './useAddBay.ts';

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

export interface LibraryTilesProps {
  /** All bays of the library. */
  bays: readonly LibraryBay[];
  /** What is shown of each sort, of how many. */
  groups: readonly { id: LibraryGroup; all: readonly LibraryBay[]; few: readonly LibraryBay[] }[];
  /** Why there is nothing to choose from. */
  none: string;
  /** No bay more can stand on the page. */
  full: boolean;
  /** Where one that is pressed is put. */
  at: number;
  onAll(group: LibraryGroup): void;
  measure(element: HTMLElement | null): void;
}

/** The bays of the library by sort, each drawn small: pressed to be added, or dragged into the outline. */
export function LibraryTiles({ bays, groups, none, full, at, onAll, measure }: LibraryTilesProps) {
  const { page } = useArranging();
  const stored = useDraft((state) => state.draft);
  const plan = useDraft((state) => state.plan);
  const examples = useExamples(bays, stored, page.id);
  const add = useAddBay();
  const named = (id: unknown) => bays.find((one) => one.id === id);
  const { dragAndDropHooks } = useDragAndDrop({
    getItems: (keys) =>
      [...keys].map((key) => ({ [BAY_TYPE]: String(key), 'text/plain': named(key)?.name ?? '' })),
    getAllowedDropOperations: () => ['copy'],
    renderDragPreview: (items) => <Dragged>{items[0]?.['text/plain']}</Dragged>,
    isDisabled: full,
  });
  return (
    <Tiles
      ref={measure}
      aria-label="Bays of the library"
      layout="grid"
      keyboardNavigationBehavior="tab"
      dragAndDropHooks={dragAndDropHooks}
      onAction={(key) => {
        const one = named(key);
        if (one && !full) add(madeFrom(one, plan), at);
      }}
      renderEmptyState={() => <p style={{ padding: 14, color: t.ink2 }}>{none}</p>}
    >
      {groups.map(({ id, all, few }) => (
        <GridListSection key={id} id={`group ${id}`} aria-label={LIBRARY_GROUPS[id]}>
          <GridListHeader>
            {LIBRARY_GROUPS[id]}
            {few.length < all.length && (
              <Button className="all" onPress={() => onAll(id)}>
                All {all.length}
              </Button>
            )}
          </GridListHeader>
          {few.map((one) => (
            <GridListItem key={one.id} id={one.id} textValue={`${one.name}, ${one.about}`}>
              <Button slot="drag" className="drag">
                Place in the outline
              </Button>
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
  );
}

import { useCallback, useEffect, useMemo, useState, type ReactNode } from 'react';
import styled from 'styled-components';
import { nominalOf } from '../../core/bands/bands.ts';
import { pageStyles } from '../../core/css/pageCss.ts';
import { isPublic } from '../../core/pages/index.ts';
import type { Page } from '../../core/plan/page.ts';
import type { Plan } from '../../core/plan/plan.ts';
import type { BayView, EdgeView, PageView } from '../../core/view/view.ts';
import { drawIn } from './drawIn.ts';
import { StatesStrip } from './StatesStrip.tsx';
import { subjectOf } from '../../core/plan/target.ts';
import type { StyleElement } from '../../core/style/element.ts';
import { elementOfSetting } from '../../core/style/styleTree.ts';
import type { StateId } from '../../core/style/states.ts';
import { Frame } from '../arrange/wall/Frame.tsx';
import { stylePressed } from '../arrange/wall/pressed.ts';
import { useSize } from '../ui/useSize.ts';
import { usePageViews } from '../arrange/usePageViews.ts';
import { useDraft, useStudio } from '../studioContext.tsx';
import { Choice } from '../ui/Choice.tsx';
import { Pick } from '../ui/Pick.tsx';
import { t } from '../ui/theme.ts';

/** Pages of the specimen have their first tabs open. */
const noTabs: Readonly<Record<string, string>> = {};

const Ground = styled.section`
  grid-area: specimen;
  min-width: 0;
  min-height: 0;
  padding: 10px 16px 16px;
  display: flex;
  flex-direction: column;
  gap: 10px;
  .bar {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 8px 12px;
  }
  .bar p {
    color: ${t.ink2};
  }
  .room {
    flex: 1;
    min-height: 0;
    overflow: auto;
  }
`;

/** A page with one of its bays only, or with none. */
function withBay(view: PageView, bayId: string | null): PageView {
  const withOne = <V extends { bays: BayView[] }>(one: V): V => ({
    ...one,
    bays: one.bays.filter(({ id }) => id === bayId),
  });
  const edgeWithOne = (edge: EdgeView | null) =>
    edge?.bays.some(({ id }) => id === bayId) ? withOne(edge) : null;
  return { ...withOne(view), head: edgeWithOne(view.head), foot: edgeWithOne(view.foot) };
}

export interface SpecimenProps {
  element: StyleElement | null;
  state: StateId;
  onState(state: StateId): void;
  /** The store with a look that is only tried; absent for the draft as it is. */
  tried?: Plan;
  /** An element was pressed in it. */
  onPress(elementId: string): void;
  /** What is said of how often the element is on the page. */
  said(count: number): ReactNode;
}

/** A page of the store at a width that is chosen, with the element that is styled drawn in its state. */
export function Specimen(props: SpecimenProps) {
  const all = useDraft(({ plan }) => plan.pages);
  const pages = useMemo(() => Object.values(all).filter(isPublic), [all]);
  const [pageId, setPageId] = useState('home');
  const page = pages.find(({ id }) => id === pageId) ?? pages[0];
  if (!page) return null;
  return (
    <Ground aria-label="Specimen">
      <Drawn
        key={page.id}
        page={page}
        {...props}
        pick={
          <Pick
            label="Page of the specimen"
            shown={false}
            value={page.id}
            options={pages.map(({ id, name }) => ({ value: id, words: name }))}
            onChange={setPageId}
          />
        }
      />
    </Ground>
  );
}

function Drawn({
  page,
  pick,
  element,
  state,
  onState,
  tried,
  onPress,
  said,
}: SpecimenProps & { page: Page; pick: ReactNode }) {
  const { draft } = useStudio();
  const view = usePageViews(page, page, noTabs, tried).asItIs;
  const { bands } = view;
  const [bandId, setBandId] = useState(bands.at(-1)!.id);
  const band = bands.find(({ id }) => id === bandId) ?? bands[0]!;
  const [measure, size] = useSize();
  const [document, setDocument] = useState<Document | null>(null);
  const [found, setFound] = useState({ count: 0, bay: null as string | null });
  // Whatever is drawn anew is drawn in the state again.
  useEffect(() => {
    if (!document || !element) return undefined;
    const drawing = requestAnimationFrame(() => {
      const all = drawIn(document, element, state);
      const bay = all[0]?.closest('[data-bay]')?.getAttribute('data-bay') ?? null;
      setFound((before) =>
        before.count === all.length && before.bay === bay ? before : { count: all.length, bay },
      );
    });
    return () => cancelAnimationFrame(drawing);
  }, [document, element, state, view, band]);
  useEffect(() => {
    if (document && element)
      document.querySelector(element.selectors.join())?.scrollIntoView({ block: 'center' });
  }, [document, element]);
  const press = useCallback(
    (_: string | null, target: Element) => {
      const settings = subjectOf(draft.getState().draft, { house: true })?.settings ?? [];
      const id = elementOfSetting(stylePressed(target, settings)?.id ?? null);
      if (id !== null) onPress(id);
    },
    [draft, onPress],
  );
  const ofStates = useMemo(() => withBay(view, found.bay), [view, found.bay]);
  const { width } = nominalOf(bands, band);
  const scale = Math.min(1, size.width / width);
  return (
    <>
      <div className="bar">
        {pick}
        <Choice
          label="Width of the specimen"
          shown={false}
          value={band.id}
          options={bands.map(({ id, name }) => ({ value: id, words: name }))}
          onChange={setBandId}
        />
        <p role="status">{said(element ? found.count : 0)}</p>
      </div>
      {element && element.states.length > 1 && found.count > 0 && (
        <StatesStrip
          key={element.id}
          view={ofStates}
          element={element}
          widthPx={width}
          state={state}
          onState={onState}
        />
      )}
      <div className="room" ref={measure}>
        {size.width > 0 && (
          <Frame
            view={view}
            styles={pageStyles(view)}
            widthPx={width}
            heightPx={Math.max(120, size.height)}
            scale={scale}
            name={`Specimen on ${band.name}`}
            chosenBay={null}
            twins
            onPress={press}
            onDocument={setDocument}
          />
        )}
      </div>
    </>
  );
}

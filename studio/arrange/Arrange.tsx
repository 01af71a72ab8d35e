import { lazy, Suspense, useDeferredValue, useMemo, useState, type ReactNode } from 'react';
import { VisuallyHidden } from 'react-aria/VisuallyHidden';
import { Navigate, useNavigate, useParams, useSearchParams } from 'react-router';
import styled from 'styled-components';
import { findingsOn } from '../../core/checks/index.ts';
import { bayKind } from '../../core/bays/index.ts';
import type { Page } from '../../core/plan/page.ts';
import type { Plan } from '../../core/plan/plan.ts';
import { otherWayOf, shelvesOf, withShelves } from '../../core/plan/places.ts';
import { edgeOf, isEdge } from '../../core/pages/index.ts';
import { edgeView } from '../../core/view/allBays.ts';
import { shelvesOn } from '../../core/view/shelvesIn.ts';
import type { PageView } from '../../core/view/view.ts';
import { DraftBoundary } from '../DraftBoundary.tsx';
import { useDraft, useNames, useStudio } from '../studioContext.tsx';
import { t } from '../ui/theme.ts';
import {
  ArrangeContext,
  FindingsContext,
  SeenContext,
  ViewContext,
  WaysContext,
  type Arranging,
  type Way,
} from './arrangeContext.tsx';
import { Elevation } from './elevation/Elevation.tsx';
import { Foot } from './foot/Foot.tsx';
import { Spec } from './spec/Spec.tsx';
import { NARROW_PX, useNarrow } from './useNarrow.ts';
import { usePictureCells } from './usePictureCells.ts';
import { usePageViews } from './usePageViews.ts';
import { WallViews } from './wall/WallViews.tsx';

const Library = lazy(() => import('./library/Library.tsx').then((module) => ({ default: module.Library })));

const Ground = styled.div`
  display: grid;
  grid-template: minmax(0, 1fr) auto / 150px 318px minmax(0, 1fr);
  grid-template-areas: 'elevation spec wall' 'elevation spec foot';
  min-height: 0;
  min-width: 0;
  background: ${t.wall};
  @container studio (max-width: ${NARROW_PX}px) {
    grid-template-columns: 150px 290px minmax(0, 1fr);
    grid-template-areas: 'elevation spec wall' 'foot foot foot';
    &[data-folded] {
      grid-template-columns: 150px 0 minmax(0, 1fr);
    }
  }
  /* Where the wall would be narrower than one frame, it stands under the other two. */
  @container studio (max-width: 760px) {
    grid-template: minmax(0, 6fr) minmax(0, 5fr) auto / 150px minmax(0, 1fr);
    grid-template-areas: 'elevation spec' 'wall wall' 'foot foot';
    &[data-folded] {
      grid-template: minmax(0, 1fr) auto / 150px minmax(0, 1fr);
      grid-template-areas: 'elevation wall' 'foot foot';
    }
  }
`;

const Opening = styled.p`
  grid-area: 1 / 2 / -1 / -1;
  z-index: 30;
  background: ${t.paper};
  padding: 20px;
  color: ${t.ink2};
`;

/** @param seen the page itself, or the one that is seen with the header or the footer */
function ArrangePage({ page, seen }: { page: Page; seen: Page }) {
  const { draft } = useStudio();
  const plan = useDraft((state) => state.plan);
  const [search, setSearch] = useSearchParams();
  const navigate = useNavigate();
  const [adding, add] = useState<number | null>(null);
  const goTo = (pageId: string, bayId = 'page') => {
    // Header and footer have no library.
    add(null);
    const on = pageId === seen.id ? '' : `&on=${seen.id}`;
    void navigate(`/arrange/${pageId}?bay=${bayId}${on}`, { replace: true });
  };
  const firstShelf = page.bays.find((one) => shelvesOf(one).length > 0)?.id ?? null;
  const wanted = search.get('bay') ?? firstShelf;
  const bay = wanted === 'page' ? null : (page.bays.find((one) => one.id === wanted) ?? null);
  const [line, setLine] = useState<Arranging['open']>({ line: 'columns', setting: null });
  const [looked, setLooked] = useState<Readonly<Record<string, string>>>({});
  const choose = (bayId: string | null, shelf?: string) => {
    // Whoever presses a bay wants to arrange that.
    add(null);
    // Read when it is pressed, so that what is shared here stays the same while a shelf is edited.
    const { plan: latest } = draft.getState();
    const owner = [page, seen, edgeOf(latest, 'head'), edgeOf(latest, 'foot')].find((one) =>
      one?.bays.some(({ id }) => id === bayId),
    );
    if (bayId !== null && owner && owner !== page) return goTo(owner.id, bayId);
    const on = search.get('on');
    setSearch({ bay: bayId ?? 'page', ...(shelf && { shelf }), ...(on && { on }) }, { replace: true });
    if (bayId !== null && shelf) setLooked((before) => ({ ...before, [bayId]: shelf }));
  };
  const openLine = (id: string | null, setting: string | null = null) =>
    setLine(id === null ? null : { line: id, setting });
  const shelves = bay ? shelvesOf(bay) : [];
  const known = (id: string | null | undefined) => shelves.find((one) => one === id);
  const shelfId = known(search.get('shelf')) ?? known(bay && looked[bay.id]) ?? shelves[0] ?? null;
  const otherId = shelfId !== null && plan.shelves[otherWayOf(shelfId)] ? otherWayOf(shelfId) : null;
  const [edits, edit] = useState<Way>('other');
  const open = useOpenTabs(seen, shelfId !== null && bay ? { ...looked, [bay.id]: shelfId } : looked);
  const views = usePageViews(seen, useOtherPage(seen, bay?.id ?? null, shelfId, otherId), open);
  const trial = shelfId !== null && otherId !== null ? { shelfId, otherId, edits, edit } : null;
  const narrow = useNarrow();
  const [folded, fold] = useState(false);
  const isFolded = narrow && folded;
  const arranging: Arranging = {
    page,
    seen,
    bay,
    shelfId,
    choose,
    goTo,
    open: line,
    openLine,
    adding,
    add,
    trial,
  };
  const edited = views[trial?.edits ?? 'asItIs'];
  return (
    <ArrangeContext value={arranging}>
      <SeenContext value={edited}>
        <ViewContext value={edgeView(edited, page.id)}>
          <Ground data-folded={isFolded || undefined}>
            <VisuallyHidden elementType="h1">Arrange: {page.name}</VisuallyHidden>
            <DraftBoundary what="The list of bays" style={{ gridArea: 'elevation' }}>
              <Elevation />
            </DraftBoundary>
            {adding !== null && (
              <DraftBoundary what="The library" style={{ gridArea: '1 / 2 / -1 / -1', zIndex: 30 }}>
                <Suspense fallback={<Opening>Opening the library…</Opening>}>
                  <Library />
                </Suspense>
              </DraftBoundary>
            )}
            <div
              style={{ display: 'contents', visibility: adding === null ? undefined : 'hidden' }}
              inert={adding !== null}
            >
              {!isFolded && (
                <DraftBoundary what="The spec" style={{ gridArea: 'spec' }}>
                  <Spec />
                </DraftBoundary>
              )}
              <DraftBoundary what="What shoppers see" style={{ gridArea: 'wall' }}>
                <WaysContext value={trial && views}>
                  <WallViews />
                </WaysContext>
              </DraftBoundary>
              <DraftBoundary what="The list of issues" style={{ gridArea: 'foot' }}>
                <Findings view={edited} plan={plan}>
                  <Foot folds={narrow ? { folded, fold } : null} />
                </Findings>
              </DraftBoundary>
            </div>
          </Ground>
        </ViewContext>
      </SeenContext>
    </ArrangeContext>
  );
}

/** The open tab of each bay that has them: the one whose shelf was looked at last. */
function useOpenTabs(page: Page, looked: Readonly<Record<string, string>>): Readonly<Record<string, string>> {
  const tabs = page.bays.flatMap((bay) => {
    const tab = bayKind(bay.holds)
      .tabs?.(bay as never)
      .find(({ shelfId }) => shelfId === looked[bay.id]);
    return tab ? [[bay.id, tab.id] as const] : [];
  });
  // As one text, so that it is the same while the same tabs are open.
  const key = JSON.stringify(tabs);
  return useMemo(() => Object.fromEntries(JSON.parse(key) as typeof tabs), [key]);
}

/** The page with the working copy in place of the shelf; the very page while nothing is tried. */
function useOtherPage(
  page: Page,
  bayId: string | null,
  shelfId: string | null,
  otherId: string | null,
): Page {
  return useMemo(() => {
    if (shelfId === null || otherId === null) return page;
    const others = new Map([[shelfId, otherId]]);
    return { ...page, bays: page.bays.map((bay) => (bay.id === bayId ? withShelves(bay, others) : bay)) };
  }, [page, bayId, shelfId, otherId]);
}

/** Looking for issues may follow a moment later; the frames may not. */
function Findings({ view, plan, children }: { view: PageView; plan: Plan; children: ReactNode }) {
  const names = useNames();
  const [lateView, latePlan, lateNames] = [
    useDeferredValue(view),
    useDeferredValue(plan),
    useDeferredValue(names),
  ];
  const unreadable = useDraft((state) => state.unreadable);
  const unread = useMemo(() => new Set(unreadable.map((one) => one.key)), [unreadable]);
  const cells = usePictureCells(lateView);
  const found = useMemo(
    () => findingsOn(lateView, latePlan, lateNames, unread, cells),
    [lateView, latePlan, lateNames, unread, cells],
  );
  const coming = shelvesOn(lateView).some(({ shelf }) => shelf.coming);
  return <FindingsContext value={{ found, coming, plan: latePlan }}>{children}</FindingsContext>;
}

/** The place where a page is arranged: the page, the shelf, the result, from left to right. */
export function Arrange() {
  const { pageId } = useParams();
  const pages = useDraft((state) => state.plan.pages);
  const [search] = useSearchParams();
  const page = pages[pageId ?? 'home'];
  if (!page) return <Navigate to="/arrange/home" replace />;
  const asked = pages[search.get('on') ?? 'home'];
  const seen = !isEdge(page)
    ? page
    : asked && !isEdge(asked)
      ? asked
      : Object.values(pages).find((one) => !isEdge(one));
  // What is seen stays as it is while header or footer are arranged.
  return seen ? <ArrangePage key={seen.id} page={page} seen={seen} /> : null;
}

import { useCallback, useDeferredValue, useMemo, useState } from 'react';
import { Navigate, useParams, useSearchParams } from 'react-router';
import styled from 'styled-components';
import { findingsOn } from '../../core/checks/index.ts';
import type { Page } from '../../core/plan/page.ts';
import { useDraft } from '../studioContext.tsx';
import { t } from '../ui/theme.ts';
import { ArrangeContext, type Arranging } from './arrangeContext.tsx';
import { Elevation } from './elevation/Elevation.tsx';
import { Foot } from './foot/Foot.tsx';
import { Spec } from './spec/Spec.tsx';
import { usePageView } from './usePageView.ts';
import { Wall } from './wall/Wall.tsx';

const Ground = styled.div`
  display: grid;
  grid-template: minmax(0, 1fr) auto / 150px 318px minmax(0, 1fr);
  grid-template-areas: 'elevation spec wall' 'elevation spec foot';
  min-height: 0;
  background: ${t.wall};
  @media (max-width: 1000px) {
    grid-template-columns: 0 300px minmax(0, 1fr);
  }
`;

function ArrangePage({ page }: { page: Page }) {
  const plan = useDraft((state) => state.plan);
  const view = usePageView(page);
  const [search, setSearch] = useSearchParams();
  const firstShelf = page.bays.find((one) => one.holds === 'shelf')?.id ?? null;
  const wanted = search.get('bay') ?? firstShelf;
  const bay = wanted === 'page' ? null : (page.bays.find((one) => one.id === wanted) ?? null);
  const shelf = bay?.holds === 'shelf' ? (plan.shelves[bay.shelfId] ?? null) : null;
  const [open, setOpen] = useState<Arranging['open']>({ line: 'across', setting: null });
  // Looking for what is amiss may follow a moment later; the frames may not.
  const [lateView, latePlan] = [useDeferredValue(view), useDeferredValue(plan)];
  const findings = useMemo(() => findingsOn(lateView, latePlan), [lateView, latePlan]);
  const choose = useCallback(
    (bayId: string | null) => setSearch(bayId === null ? { bay: 'page' } : { bay: bayId }, { replace: true }),
    [setSearch],
  );
  const openLine = useCallback(
    (line: string | null, setting: string | null = null) => setOpen(line === null ? null : { line, setting }),
    [],
  );
  const arranging = useMemo<Arranging>(
    () => ({ page, view, findings, bay, shelf, choose, open, openLine }),
    [page, view, findings, bay, shelf, choose, open, openLine],
  );
  return (
    <ArrangeContext value={arranging}>
      <Ground>
        <Elevation />
        <Spec />
        <Wall />
        <Foot />
      </Ground>
    </ArrangeContext>
  );
}

/** The place where a page is arranged: the page, the shelf, the result, from left to right. */
export function Arrange() {
  const { pageId } = useParams();
  const pages = useDraft((state) => state.plan.pages);
  const page = pages[pageId ?? 'home'];
  if (!page) return <Navigate to="/arrange/home" replace />;
  return <ArrangePage key={page.id} page={page} />;
}

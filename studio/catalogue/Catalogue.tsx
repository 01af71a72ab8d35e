import { lazy, Suspense } from 'react';
import { VisuallyHidden } from 'react-aria/VisuallyHidden';
import { Navigate, NavLink, Route, Routes } from 'react-router';
import styled from 'styled-components';
import { usePictureCounts } from '../api/usePictureSearch.ts';
import { t } from '../ui/theme.ts';
import { exportGoods, exportGoodsLines } from '../../core/api/exchange.ts';
import { dateFormat } from '../../core/catalogue/formats.ts';
import type { GroupingOf } from '../../core/groupings/grouping.ts';
import { listedKinds } from '../../core/groupings/groupingFacts.ts';
import { counted } from '../../core/sentence/sentence.ts';
import { useImportState } from '../api/importState.ts';
import { LinkButton } from '../ui/Button.tsx';
import { Notice } from '../ui/Notice.tsx';
import { useStudio } from '../studioContext.tsx';
import { Groupings } from './groupings/Groupings.tsx';
import { ImportPlace } from './import/ImportPlace.tsx';
import { Pictures } from './pictures/Pictures.tsx';
import { Products } from './products/Products.tsx';
import { WholeStore } from './wholeStore/WholeStore.tsx';

import { useGoodsCounts } from './products/useGoodsList.ts';

/** Text is written with an editor that nothing else here needs. */
const Journal = lazy(() => import('./journal/Journal.tsx').then((module) => ({ default: module.Journal })));

const Ground = styled.div`
  display: grid;
  grid-template: minmax(0, 1fr) / 160px minmax(0, 1fr);
  min-height: 0;
  background: ${t.wall};
  @container studio (max-width: 900px) {
    grid-template-columns: 120px minmax(0, 1fr);
  }
`;

const Strip = styled.nav`
  background: ${t.paper};
  border-inline-end: 1px solid ${t.line};
  padding: 12px 8px;
  overflow: auto;
  display: flex;
  flex-direction: column;
  .in-and-out {
    margin-top: auto;
    display: grid;
    gap: 8px;
    padding: 16px 4px 4px;
  }
  .in-and-out p {
    color: ${t.ink2};
    font-size: 12px;
  }
  .in-and-out .other {
    padding: 0;
    border: 0;
    background: none;
    font-weight: 400;
    font-size: 12px;
    text-decoration: underline;
  }
  .in-and-out a:not(.other) {
    justify-content: center;
    border-color: ${t.edge};
    background: ${t.paper};
    font-weight: 600;
  }
  a {
    display: flex;
    justify-content: space-between;
    gap: 8px;
    padding: 7px 10px;
    border: 1px solid transparent;
    border-radius: ${t.corner};
    color: inherit;
    text-decoration: none;
  }
  a.active {
    border-color: ${t.pine};
    background: #fff;
    font-weight: 600;
  }
  a span {
    color: ${t.ink2};
    font-weight: 400;
  }
`;

const day = dateFormat('en-GB', { day: 'numeric', month: 'long' });

/** Where products come in from a file, and go out into one. */
function InAndOut() {
  const last = useImportState().data?.last;
  return (
    <div className="in-and-out">
      {last && (
        <p>
          Last import on {day.format(new Date(last.writtenAt))}: {counted(last.products, 'product')}
        </p>
      )}
      <NavLink to="/catalogue/import">Import</NavLink>
      <LinkButton href={exportGoods.path} download>
        Export
      </LinkButton>
      <a className="other" href={exportGoodsLines.path} download>
        as JSON Lines
      </a>
      <NavLink className="other" to="/catalogue/whole-store">
        Whole store
      </NavLink>
    </div>
  );
}

/** What the store has, so that shelves have something true to show. */
export default function Catalogue() {
  const counts = usePictureCounts();
  const goods = useGoodsCounts();
  const { tree, vocabulary } = useStudio();
  const groupings: Partial<Record<GroupingOf, number>> = {
    category: tree.all.length,
    collection: vocabulary.collections.length,
    brand: vocabulary.brands.length,
    tag: vocabulary.tags.length,
    field: vocabulary.fields.length,
    option: vocabulary.options.length,
  };
  return (
    <Ground>
      <VisuallyHidden elementType="h1">Catalogue</VisuallyHidden>
      <Strip aria-label="Catalogue">
        <NavLink to="/catalogue/products">
          Products <span>{goods?.all}</span>
        </NavLink>
        {listedKinds.map(({ of, many, title }) => (
          <NavLink key={of} to={`/catalogue/${many}`}>
            {title} <span>{groupings[of]}</span>
          </NavLink>
        ))}
        <NavLink to="/catalogue/journal">
          Journal <span>{vocabulary.entries.length}</span>
        </NavLink>
        <NavLink to="/catalogue/pictures">
          Pictures <span>{counts?.all}</span>
        </NavLink>
        <NavLink to="/catalogue/unused">
          Not used <span>{counts?.unused}</span>
        </NavLink>
        <InAndOut />
      </Strip>
      <Routes>
        <Route path="products/:productId?" element={<Products />} />
        {listedKinds.map(({ of, many }) => (
          <Route key={of} path={`${many}/:groupingId?/:heldId?`} element={<Groupings key={of} of={of} />} />
        ))}
        <Route
          path="journal/:entryId?"
          element={
            <Suspense fallback={<Notice>Opening the journal…</Notice>}>
              <Journal />
            </Suspense>
          }
        />
        <Route path="pictures/:pictureId?" element={<Pictures key="all" which="all" />} />
        <Route path="unused/:pictureId?" element={<Pictures key="unused" which="unused" />} />
        <Route path="whole-store" element={<WholeStore />} />
        <Route path="import" element={<ImportPlace />} />
        <Route path="*" element={<Navigate to="/catalogue/products" replace />} />
      </Routes>
    </Ground>
  );
}

import styled from 'styled-components';
import { pageKind, pagePath } from '../../../core/pages/index.ts';
import type { Page } from '../../../core/plan/page.ts';
import type { PageView } from '../../../core/view/view.ts';
import type { LineId } from '../../../core/settings/setting.ts';
import { LineSettings, type LineSettingsProps } from '../../settings/LineSettings.tsx';
import { t } from '../../ui/theme.ts';
import type { About } from './about.ts';

const Panel = styled.section`
  grid-area: spec;
  background: ${t.paper};
  border-inline-end: 1px solid ${t.line};
  padding: 13px 16px;
  min-height: 0;
  overflow: auto;
  display: flex;
  flex-direction: column;
  gap: 14px;
  h2 {
    font: 600 16px/1.25 ${t.names};
  }
  p {
    color: ${t.ink2};
  }
`;

/** The page itself, and below it what holds for the whole store. */
export function PageSpec({ page, about, view }: { page: Page; about: readonly About[]; view: PageView }) {
  const kind = pageKind(page.kind);
  const [ofPage, ofStore] = about;
  const common = { bands: view.bands, of: null, view: null, page: view, bayId: '', wanted: null };
  return (
    <Panel aria-label="Spec">
      <div>
        <h2>{kind.edge ? `${page.name} settings` : 'Page settings'}</h2>
        <p>At {kind.many && page.slug ? pagePath(kind, page.slug) : kind.at}</p>
      </div>
      {ofPage && <LineSettings line="page" {...ofPage} {...common} />}
      {ofPage && <LineSettings line="style" {...ofPage} {...common} />}
      <p>Choose a bay at the left, or press one in a frame, to arrange it.</p>
      {!kind.edge && <OfStore {...{ ofStore, common }} />}
    </Panel>
  );
}

/** What is set here of the whole store. */
function OfStore({
  ofStore,
  common,
}: {
  ofStore: About | undefined;
  common: Omit<LineSettingsProps, 'line' | keyof About>;
}) {
  if (!ofStore) return null;
  return (
    <>
      <div>
        <h2>The whole store</h2>
        <p>These hold on every page.</p>
      </div>
      {OF_STORE.map((line) => (
        <LineSettings key={line} line={line} {...ofStore} {...common} />
      ))}
    </>
  );
}

const OF_STORE: readonly LineId[] = ['store', 'selling', 'groups', 'labels', 'swatches', 'pictures'];
